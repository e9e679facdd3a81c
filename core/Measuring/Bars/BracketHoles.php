<?php

declare(strict_types=1);

namespace Yoke\Measuring\Bars;

use Yoke\Foundation\Units\Length;
use Yoke\Rig\Specification\CouplerKind;
use Yoke\Rig\Specification\SpecificationSheet;

/**
 * How many holes of a bolted bracket show above the frame, so that the bar lies on its ledge as high as it stands at
 * the
 * head. The bracket's plate runs from its ledge up past the frame; the hole that bolts it stands just above the frame.
 */
final readonly class BracketHoles
{
    private function __construct(
        /** Ledge to the plate's top hole. */
        private Length $plate,
        /** Between holes; above 0. */
        private Length $spacing,
        /** Depth of the frame's rail. */
        private Length $frame,
        /** Frame's underside to bar, at the head. */
        private Length $atHead,
    ) {
    }

    /** Null where plate, spacing, frame or the bar's height at the head is not known. */
    public static function of(SpecificationSheet $trailer, SpecificationSheet $hitch): ?self
    {
        $frame = $trailer->length('frame_depth_mm');
        $atHead = $frame === null ? null : self::atHead($trailer, $hitch, $frame);

        return $atHead === null ? null : self::withBarAt($trailer, $hitch, $atHead);
    }

    /**
     * The same for a bar that stands so far below the frame's underside at the head; null where plate, spacing or frame
     * is not known.
     */
    public static function withBarAt(SpecificationSheet $trailer, SpecificationSheet $hitch, Length $below): ?self
    {
        $plate = $hitch->length('bracket_plate_mm');
        $spacing = $hitch->length('bracket_hole_mm');
        $frame = $trailer->length('frame_depth_mm');

        return $plate === null || $spacing === null || $frame === null
            ? null
            : new self($plate, $spacing, $frame, $below);
    }

    /**
     * As it was taped; else from ball to bar and from the coupler's seat to the frame: taped, or by the coupler's kind.
     */
    private static function atHead(SpecificationSheet $trailer, SpecificationSheet $hitch, Length $frame): ?Length
    {
        $below = $hitch->length('bar_below_ball_mm');
        $coupler = $trailer->length('coupler_height_mm');
        $underside = $trailer->length('frame_height_mm');
        $kind = CouplerKind::tryFrom((string) $trailer->text('coupler_kind'));
        $seat = match (true) {
            $coupler !== null && $underside !== null => $coupler->minus($underside),
            $kind !== null => $frame->times($kind->seatShare()),
            default => null,
        };

        return $hitch->length('head_gap_mm') ?? ($below === null || $seat === null ? null : $below->minus($seat));
    }

    /** Whole holes above the frame, the nearest to a level bar; 0 or more. */
    public function showing(): int
    {
        return max(0, (int) round($this->above($this->atHead) / $this->spacing->millimetres()) + 1);
    }

    /** How much lower the bar then lies at the bracket than at the head; higher is negative. */
    public function lower(): Length
    {
        return $this->plate
            ->minus($this->spacing->times($this->showing() - 1.0))
            ->minus($this->frame)
            ->minus($this->atHead);
    }

    /** From the top of the frame up to the plate's top hole, its ledge so far below the frame's underside, mm. */
    private function above(Length $hang): float
    {
        return $this->plate->minus($hang)->minus($this->frame)->millimetres();
    }
}
