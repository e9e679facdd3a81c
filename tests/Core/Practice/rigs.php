<?php

declare(strict_types=1);

use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Proving\Practice\Exercise\Exercise;
use Yoke\Proving\Practice\Exercise\ExerciseCode;
use Yoke\Proving\Practice\Exercise\ExerciseSampler;
use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Proving\Practice\Exercise\Level;
use Yoke\Proving\Practice\Exercise\Place;
use Yoke\Proving\Practice\Players\Hands;
use Yoke\Proving\Practice\Run\Run;
use Yoke\Rig\Parts\Stance;

function exerciseOf(string $code): Exercise
{
    return (new ExerciseSampler(new Yoke\Measuring\Estimation\Prior\PriorDoubts))->draw(ExerciseCode::parse($code));
}

/** The first exercise that has a fault: with nothing else wrong, or the first of the rigs taken over. */
function exerciseWith(Fault $fault): Exercise
{
    $code = ExerciseCode::of($fault === Fault::OverRestored ? Level::TakenOver : Level::SomethingWrong, 0);
    while (! in_array($fault, ExerciseSampler::faultsOf($code), true)) {
        $code = $code->next();
    }

    return (new ExerciseSampler(new Yoke\Measuring\Estimation\Prior\PriorDoubts))->draw($code);
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
