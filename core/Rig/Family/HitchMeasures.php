<?php

declare(strict_types=1);

namespace Yoke\Rig\Family;

use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Rig\Adjuster\Counting;
use Yoke\Rig\Adjuster\LinkSteps;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\StepRange;

/** What is measured or read off the sheet of one hitch; what is not known has the usual value. */
final readonly class HitchMeasures
{
    /** Uncouple, two big bolts, torque. */
    private const UNCOUPLED_MINUTES = 30;

    public function __construct(
        /** One link, bracket hole, screw turn or thread, mm; above 0. */
        public float $pitchMm = 27.5,
        /** Steps of it from least to most tension. */
        public float $steps = 8,
        /** Tilt of one washer, tooth or cam step, degrees; above 0. */
        public float $tiltDegrees = 1.0,
        /** Tilt steps from least to most. */
        public float $tiltSteps = 6,
        /** Hole spacing of the shank, mm; above 0. */
        public float $headHoleMm = 31.75,
        /** Holes the head can be bolted at, less one. */
        public float $headHoles = 4,
        public Counting $counting = Counting::TakenUp,
        /** Null where the sheet does not say: as usual in the family. */
        public ?LinkSteps $linkSteps = null,
    ) {
    }

    /**
     * Chain links, counted as this shop counts them; half links where this hitch has them.
     *
     * @param  LinkSteps  $usual  in the family
     */
    public function link(LinkSteps $usual = LinkSteps::Whole): Adjuster
    {
        $link = $this->tension('link', minutes: 6)->counted($this->counting);

        return ($this->linkSteps ?? $usual) === LinkSteps::Halves ? $link->withHalfSteps() : $link;
    }

    /** What takes up the bar tips, by its pitch. */
    public function tension(string $key, int $minutes): Adjuster
    {
        return Adjuster::of($key, Role::Tension, $this->pitchMm, new StepRange(0, $this->steps), $minutes);
    }

    /** What tilts the head: two big bolts out and in again. */
    public function tilt(string $key): Adjuster
    {
        return Adjuster::of(
            $key,
            Role::Tilt,
            deg2rad($this->tiltDegrees),
            new StepRange(0, $this->tiltSteps),
            self::UNCOUPLED_MINUTES,
        );
    }

    /** The holes of the shank. */
    public function head(): Adjuster
    {
        return Adjuster::of(
            'head',
            Role::HeadHeight,
            $this->headHoleMm,
            new StepRange(0, $this->headHoles),
            self::UNCOUPLED_MINUTES,
        );
    }
}
