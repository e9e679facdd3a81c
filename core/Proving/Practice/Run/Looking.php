<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Run;

use Yoke\Proving\Practice\Act\Sight;
use Yoke\Proving\Practice\Exercise\Exercise;
use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Proving\Practice\Exercise\Place;
use Yoke\Proving\Practice\Exercise\Situation;
use Yoke\Rig\Parts\Stance;

/** What shows at a rig to somebody who looks. */
final readonly class Looking
{
    public function __construct(private Exercise $exercise, private Situation $now)
    {
    }

    public function at(Place $place): Sight
    {
        $stance = $this->now->stance();

        return new Sight(
            $place,
            $stance,
            array_values(
                array_filter(
                    $this->now->faults,
                    fn (Fault $fault): bool => $fault->place() === $place &&
                        $fault->showsIn($stance) &&
                        $this->isStill($fault),
                ),
            ),
            match (true) {
                $place === Place::Bars && $stance === Stance::Carried => $this->bend(),
                $place === Place::Coupler && $stance !== Stance::Alone => $this->exercise
                    ->ballOff($this->now->hitch)
                    ->millimetres(),
                default => null,
            },
        );
    }

    /** What the setting puts right shows no longer once it did. */
    private function isStill(Fault $fault): bool
    {
        return match ($fault) {
            Fault::BarsStraight => $this->bend() <= Exercise::STRAIGHT_MM,
            Fault::OverRestored => $this->exercise->hidden->share($this->now->hitch, $this->now->faults) > 1.0,
            Fault::BallTooLow => $this->exercise->isBallLow($this->now->hitch),
            default => true,
        };
    }

    /** How far the bars are bent, mm. */
    private function bend(): float
    {
        $bars = $this->exercise->hidden->truth->bars();

        return $this->exercise->hidden->pull($this->now->hitch, $this->now->faults) / ($bars->count * $bars->rate);
    }
}
