<?php

declare(strict_types=1);

namespace Yoke\Measuring\Bars;

use Yoke\Foundation\Units\Angle;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Term;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Mechanics\Statics\BentBar;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Specification\SpecificationSheet;

/** How the bars hang under the frame at a setting, as far as frame, head and chain were taped. */
final readonly class BarHang
{
    private function __construct(
        private Adjusters $adjusters,
        /** Frame's underside to bar at the hook-up point, loosest setting. */
        private ?Length $loosest,
        /** Frame's underside to bar at the head. */
        private ?Length $atHead,
        /** Frame's underside above the ground at the hook-up point, trailer level. */
        private ?Length $frame,
        private ?Length $barLength,
        /** The least bar-tip clearance that the hitch's sheet allows. */
        public ?Length $leastClearance,
        private Length $barArm,
    ) {
    }

    public static function of(
        Adjusters $adjusters,
        Length $barArm,
        SpecificationSheet $trailer,
        SpecificationSheet $hitch,
    ): self {
        return new self(
            $adjusters,
            $hitch->length('hang_mm'),
            $hitch->length('head_gap_mm'),
            $trailer->length('frame_height_mm'),
            $hitch->length('bar_length_mm'),
            $hitch->length('tip_clearance_mm'),
            $barArm,
        );
    }

    /** Frame's underside to bar at the hook-up point; null where it was not taped. */
    public function hang(Setting $setting): ?Length
    {
        $takenUp = 0.0;
        foreach ($this->adjusters->all() as $adjuster) {
            $takenUp += $adjuster->role === Role::Tension ? $adjuster->pitch * $setting->step($adjuster->key) : 0.0;
        }

        return $this->loosest?->minus(Length::ofMillimetres($takenUp));
    }

    /** How far the bar's eye stands below its line at the head; null where the gaps were not taped. */
    public function tipDrop(Setting $setting): ?Length
    {
        $hang = $this->hang($setting);

        return $hang === null || $this->atHead === null ? null : $hang->minus($this->atHead);
    }

    /** From parallel with the frame; tips low is negative. Null where the gaps were not taped. */
    public function fromParallel(Setting $setting): ?Angle
    {
        $drop = $this->tipDrop($setting);

        return $drop === null ? null : Angle::ofRadians(atan2(-$drop->millimetres(), $this->barArm->millimetres()));
    }

    /** Bar tip above the ground; null where frame or chain was not taped. */
    public function clearance(Setting $setting, Attitude $carried): ?Length
    {
        $hang = $this->hang($setting);

        return $hang === null ? null : $this->frame?->plus($this->frameRise($carried))->minus($hang);
    }

    /** @return list<Term> that add up to the clearance */
    public function clearanceTerms(Setting $setting, Attitude $carried): array
    {
        $hang = $this->hang($setting);

        return $hang === null || $this->frame === null
            ? []
            : [
                new Term('clearance.frame', $this->frame),
                new Term('clearance.rises', $this->frameRise($carried)),
                new Term('clearance.bar_hangs', $hang->negated()),
            ];
    }

    /** The bar as it is bent in a stance; null where it was not taped. */
    public function bar(Setting $setting, Attitude $carried): ?BentBar
    {
        $drop = $this->tipDrop($setting);

        return $drop === null || $this->barLength === null
            ? null
            : new BentBar($this->barLength->millimetres(), $drop->millimetres(), $carried->barBend()->millimetres());
    }

    /**
     * How far a chain leans to the rear of square at a bracket so far behind the ball; null where it cannot be told.
     */
    public function chainLean(Setting $setting, Attitude $carried, Length $bracket): ?Angle
    {
        $hang = $this->hang($setting);
        $bar = $this->bar($setting, $carried);

        return $bar === null || $hang === null
            ? null
            : Angle::ofRadians(atan2($bracket->millimetres() - $bar->eyeDistance(), $hang->millimetres()));
    }

    private function frameRise(Attitude $carried): Length
    {
        return $carried->ballRise()->minus($this->barArm->times($carried->trailerPitch));
    }
}
