<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Tape;

use Yoke\Foundation\Units\Bounds;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Text\Fineness;

/** A tape held to the edge of a wheel arch, as an eye sees it: which graduations stand where beside the edge. */
final readonly class TapePicture
{
    /** So much of the tape is in sight above and below the edge, mm. */
    private const SIGHT_MM = 44.0;

    /** Where the eye of somebody who stands is, over the ground and from the fender, mm. */
    private const STANDING = [1620.0, 850.0];

    private function __construct(
        /** What the edge covers on the tape for this eye, mm from the ground. */
        public float $shown,
        /** Where the edge stands, mm from the ground. */
        public float $stood,
        public Eye $eye,
    ) {
    }

    /**
     * An eye above the edge sees it against a mark too high up the tape, by how far the tape stands before it.
     *
     * @param  float  $gap  of the tape before the edge, mm, 0 or more
     */
    public static function of(float $stood, Eye $eye, float $gap): self
    {
        [$over, $from] = self::STANDING;

        return new self($eye === Eye::Level ? $stood : $stood + ($gap * ($over - $stood)) / $from, $stood, $eye);
    }

    /** @return list<TapeMark> that are in sight, from the lowest */
    public function marks(Fineness $fineness): array
    {
        $step = $fineness->step()->millimetres();
        $marks = [];
        for (
            $i = (int) ceil(($this->shown - self::SIGHT_MM) / $step);
            $i * $step <= $this->shown + self::SIGHT_MM;
            $i++
        ) {
            $marks[] = TapeMark::of($i, $fineness);
        }

        return $marks;
    }

    /** From the lowest to the highest that is in sight, mm. */
    public function sight(): Bounds
    {
        return Bounds::about($this->shown, self::SIGHT_MM);
    }

    /** What somebody reads off who reads to the nearest mark. */
    public function nearest(Fineness $fineness): Length
    {
        $step = $fineness->step()->millimetres();

        return Length::ofMillimetres(round($this->shown / $step) * $step);
    }
}
