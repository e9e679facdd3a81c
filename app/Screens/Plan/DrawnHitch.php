<?php

declare(strict_types=1);

namespace App\Screens\Plan;

use Yoke\Job\Planning\RigPlan;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Showing\Drawing\HitchSet;
use Yoke\Showing\Drawing\Tensioner;

/** What of a plan the drawing of the hitch is made from: the bend of the bars as predicted, the brackets, the shank. */
final readonly class DrawnHitch
{
    public function __construct(private SpecifiedRig $described, private RigPlan $plan)
    {
    }

    /** @param  Attitude  $carried  as it is drawn */
    public function set(Attitude $carried): HitchSet
    {
        $place = $this->plan->headAsBolted();
        [$bend, $drop] = [$carried->barBend()->millimetres(), $this->plan->tipDrop()->millimetres()];
        $bracket = $this->described->inPlace()->bracketPlace()->at?->millimetres();

        $tensioner = match (true) {
            $this->described->sheets->isPlainBall() => Tensioner::Nothing,
            $this->described->sheets->family()?->hasBars() === false => Tensioner::Chains,
            default => Tensioner::SpringBars,
        };

        return $place === null
            ? new HitchSet($bend, $drop, $bracket, tensioner: $tensioner)
            : new HitchSet(
                $bend,
                $drop,
                $bracket,
                $place->receiverOverBall()->millimetres(),
                $place->turned,
                $place->hole,
                $this->described->sheets->headPlaces()->holes(),
                tensioner: $tensioner,
            );
    }
}
