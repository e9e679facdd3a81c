<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Act;

use Yoke\Proving\Practice\Exercise\Exercise;
use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Proving\Practice\Exercise\Place;
use Yoke\Rig\Parts\Stance;

/** What somebody saw who looked at a place. */
final readonly class Sight
{
    /**
     * @param  list<Fault>  $faults  that showed; none where all is in order
     * @param  float|null  $figure  of the bars, how far they are bent, mm; of the coupler, how far the ball stands over
     *     where it should, mm; null elsewhere
     */
    public function __construct(
        public Place $place,
        public Stance $stance,
        public array $faults,
        public ?float $figure,
    ) {
    }

    /** Whether the figure is nothing to speak of: bars that look straight, a ball where it should be. */
    public function isSmall(): bool
    {
        return $this->figure !== null &&
            abs($this->figure) <= ($this->place === Place::Bars ? Exercise::STRAIGHT_MM : Exercise::LOW_MM);
    }
}
