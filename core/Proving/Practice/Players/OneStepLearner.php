<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Players;

use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Proving\Practice\Exercise\Exercise;
use Yoke\Proving\Practice\Reading\TakenHeight;
use Yoke\Proving\Practice\Run\Run;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Parts\Stance;

/** The habit by hand: the front fender, one link at a time, nothing looked at besides. */
final readonly class OneStepLearner
{
    private const MOST_HOOK_UPS = 12;

    public function __construct(private Fineness $fineness)
    {
    }

    public function play(Exercise $exercise): Run
    {
        $hands = new Hands(new Run($exercise), $this->fineness);
        foreach ([Stance::Alone, Stance::Dropped] as $stance) {
            $hands->stand($stance);
            $hands->tapeFront();
        }
        [$alone, $dropped] = array_map(static fn (TakenHeight $height): float => $height->read, $hands->run->heights());
        $place = $exercise->start;
        $key = $this->takeUp($exercise);
        $range = $exercise->adjusters->get($key)->range;
        $band = $exercise->goal()->band;
        do {
            $hands->hookUp($place);
            $hands->tapeFront();
            $heights = $hands->run->heights();
            $carried = $heights[count($heights) - 1]->read;
            $seen = $dropped > $alone ? ($dropped - $carried) / ($dropped - $alone) : 0.0;
            $step = $place->setting->step($key) + ($seen < $band->from ? 1.0 : ($seen > $band->ceiling() ? -1.0 : 0.0));
            $isDone = $step === $place->setting->step($key) || ! $range->holds($step);
            $place = $isDone ? $place : $place->at($place->setting->with($key, $step));
        } while (! $isDone && count($hands->run->hookUps()) < self::MOST_HOOK_UPS);
        $hands->driveOff();

        return $hands->run;
    }

    private function takeUp(Exercise $exercise): string
    {
        foreach ($exercise->adjusters->all() as $adjuster) {
            if ($adjuster->role === Role::Tension) {
                return $adjuster->key;
            }
        }

        return $exercise->adjusters->all()[0]->key;
    }
}
