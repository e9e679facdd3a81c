<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Reading;

use Yoke\Proving\Practice\Act\Act;
use Yoke\Proving\Practice\Exercise\HitchPlace;
use Yoke\Proving\Practice\Exercise\Situation;
use Yoke\Proving\Practice\Tape\Eye;
use Yoke\Proving\Practice\Tape\TapePicture;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/** One height that a learner read off a tape, beside what stood there. */
final readonly class TakenHeight
{
    /** A height this close was read well, mm. */
    public const CLOSE_MM = 1.2;

    /**
     * @param  int  $hookUp  of the carried stance, from 1; 0 of the others
     * @param  int  $standing  which coming to stand it was read in: those of one were read without the rig being moved
     * @param  float  $read  what the learner read, mm
     * @param  float  $shown  what the tape showed to the eye where it was, mm
     * @param  float  $stood  where the edge stood, its springs stuck as they were, mm
     * @param  float  $rest  where it would stand without friction, mm
     * @param  bool  $isSpoiled  whether something was put right since that had changed it
     */
    private function __construct(
        public Stance $stance,
        public Axle $axle,
        public HitchPlace $hitch,
        public int $hookUp,
        public int $standing,
        public bool $isRolled,
        public Eye $eye,
        public string $typed,
        public float $read,
        public float $shown,
        public float $stood,
        public float $rest,
        public bool $isSpoiled,
    ) {
    }

    /**
     * @param  int  $standing  which coming to stand it was
     * @param  float  $rest  where the edge would stand without friction, mm
     */
    public static function of(
        Act $act,
        Situation $now,
        int $hookUp,
        int $standing,
        TapePicture $tape,
        float $rest,
    ): self {
        return new self(
            $now->stance(),
            $act->axle ?? Axle::Front,
            $now->hitch,
            $hookUp,
            $standing,
            $now->isRolled,
            $tape->eye,
            $act->typed,
            $act->readMm ?? 0.0,
            $tape->shown,
            $tape->stood,
            $rest,
            false,
        );
    }

    public function spoiled(): self
    {
        return new self(
            $this->stance,
            $this->axle,
            $this->hitch,
            $this->hookUp,
            $this->standing,
            $this->isRolled,
            $this->eye,
            $this->typed,
            $this->read,
            $this->shown,
            $this->stood,
            $this->rest,
            true,
        );
    }

    /** How far the learner read off what stood there, mm. */
    public function off(): float
    {
        return $this->read - $this->stood;
    }

    /** Whether it was read as well as a tape can be. */
    public function isClose(): bool
    {
        return abs($this->off()) <= self::CLOSE_MM;
    }

    /** Whether another one is the same edge read in the same standing. */
    public function isSameAs(self $other): bool
    {
        return $this->standing === $other->standing && $this->axle === $other->axle;
    }
}
