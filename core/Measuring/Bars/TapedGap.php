<?php

declare(strict_types=1);

namespace Yoke\Measuring\Bars;

use Yoke\Foundation\Units\Length;
use Yoke\Measuring\Bars\Exception\ImpossibleHeights;

/**
 * The bars' bend from one gap, taped with the rig dropped: bars in the head, not hooked up (docs/model.md, Settings to
 * tension). What a setting leaves free of the gap, it bends the bars by.
 */
final readonly class TapedGap
{
    /** No frame stands so far over its bars. */
    private const MOST_MM = 800.0;

    /** Bends that the loosest setting can force at all: more is a slip. */
    private const BEND_MM = [-200.0, 150.0];

    private function __construct(
        /** Frame's underside to the bar at its hook-up point; above 0. */
        private Length $gap,
        /** Frame's underside to where the loosest setting holds the bar; 0 or more. */
        private Length $loosest,
    ) {
    }

    /** @throws ImpossibleHeights */
    public static function of(Length $gap, Length $loosest): self
    {
        if ($gap->millimetres() <= 0.0 || $gap->millimetres() > self::MOST_MM) {
            throw ImpossibleHeights::gap('gap');
        }
        if ($loosest->millimetres() < 0.0 || $loosest->millimetres() > self::MOST_MM) {
            throw ImpossibleHeights::gap('loosest');
        }

        return new self($gap, $loosest);
    }

    /** How far the loosest setting would bend the bars on the dropped rig; slack below 0. */
    public function bendAtLoosest(): Length
    {
        return $this->gap->minus($this->loosest);
    }

    /** @return list<HeightsCaution> what does not fit together */
    public function cautions(): array
    {
        [$least, $most] = self::BEND_MM;
        $bend = $this->bendAtLoosest()->millimetres();

        return array_values(
            array_filter([
                $bend < $least ? HeightsCaution::FarTooSlack : null,
                $bend > $most ? HeightsCaution::FarTooTight : null,
            ]),
        );
    }
}
