<?php

declare(strict_types=1);

namespace Yoke\Job\Planning;

use Yoke\Expected;
use Yoke\Rig\Parts\Check\Problems;
use Yoke\Rig\Specification\SpecificationSheet;

/** What the fields of three sheets, each possible alone, cannot be together. */
final readonly class SheetChecks
{
    public function __construct(
        private SpecificationSheet $vehicle,
        private SpecificationSheet $trailer,
        private SpecificationSheet $hitch,
        private float $grossKg,
    ) {
    }

    public function check(Problems $problems): void
    {
        if (($this->trailer->number('tongue_weight_kg') ?? 0.0) >= $this->grossKg) {
            $problems->found('tongue_weight_kg', Expected::of('sheet.tongue_weight'));
        }
        $rises = static fn (SpecificationSheet $sheet, string $low, string $high): bool => ($sheet->number($low) ??
            -INF) <=
            ($sheet->number($high) ?? INF);
        if (! $rises($this->hitch, 'bar_rating_low_kg', 'bar_rating_high_kg')) {
            $problems->found('bar_rating_low_kg', Expected::of('sheet.bar_rating'));
        }
        if (! $rises($this->vehicle, 'maker_band_low', 'maker_band_high')) {
            $problems->found('maker_band_low', Expected::of('sheet.band'));
        }
        if (! $rises($this->hitch, 'bracket_from_mm', 'bracket_to_mm')) {
            $problems->found('bracket_from_mm', Expected::of('sheet.bracket'));
        }
        if (! $rises($this->hitch, 'ball_over_from_mm', 'ball_over_to_mm')) {
            $problems->found('ball_over_from_mm', Expected::of('sheet.ball'));
        }
        if (! $rises($this->hitch, 'start_washers_low', 'start_washers_high')) {
            $problems->found('start_washers_low', Expected::of('sheet.washers'));
        }
        if (! $rises($this->trailer, 'tray_from_mm', 'tray_to_mm')) {
            $problems->found('tray_from_mm', Expected::of('sheet.tray'));
        }
    }
}
