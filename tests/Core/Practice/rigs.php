<?php

declare(strict_types=1);

use Yoke\Practice\Act\Place;
use Yoke\Practice\Exercise\Exercise;
use Yoke\Practice\Exercise\ExerciseCode;
use Yoke\Practice\Exercise\ExerciseSampler;
use Yoke\Practice\Exercise\Fault;
use Yoke\Practice\Exercise\Level;
use Yoke\Practice\Players\Hands;
use Yoke\Practice\Run\Run;
use Yoke\Rig\Stance;
use Yoke\Units\Text\Fineness;

function exerciseOf(string $code): Exercise
{
    return (new ExerciseSampler(new Yoke\Estimation\PriorDoubts))->draw(ExerciseCode::parse($code));
}

/** The first exercise that has a fault: with nothing else wrong, or the first of the rigs taken over. */
function exerciseWith(Fault $fault): Exercise
{
    $code = ExerciseCode::of($fault === Fault::OverRestored ? Level::TakenOver : Level::SomethingWrong, 0);
    while (! in_array($fault, ExerciseSampler::faultsOf($code), true)) {
        $code = $code->next();
    }

    return (new ExerciseSampler(new Yoke\Estimation\PriorDoubts))->draw($code);
}

/** @return list<Place> where a fault shows to somebody who looks everywhere in every stance */
function placesWhereSeen(Exercise $exercise, Fault $fault): array
{
    $hands = new Hands(new Run($exercise), Fineness::Millimetre);
    $places = [];
    foreach ([Stance::Carried, Stance::Dropped, Stance::Alone] as $stance) {
        $hands->stand($stance);
        foreach (Place::cases() as $place) {
            if (in_array($fault, $hands->look($place)->sight->faults ?? [], true)) {
                $places[] = $place;
            }
        }
    }

    return $places;
}
