<?php

declare(strict_types=1);

namespace Yoke\Showing\Explainer\Explainers;

use Yoke\Job\Shop\ShopRules;
use Yoke\Showing\Explainer\ExampleRig;
use Yoke\Showing\Explainer\Explainer;
use Yoke\Showing\Explainer\Figure;
use Yoke\Showing\Explainer\Frame;
use Yoke\Showing\Explainer\Hold;
use Yoke\Showing\Explainer\Knob;
use Yoke\Showing\Explainer\KnobValues;
use Yoke\Showing\Explainer\Quantity;

/** Two goals and two levers: tension restores the front, the height of the head levels the trailer. */
final readonly class HeadAndTension implements Explainer
{
    public function knobs(): array
    {
        return [
            new Knob('hole', -3.0, 3.0, 1.0, -2.0, Quantity::Holes, Hold::Head),
            new Knob('link', 0.0, 7.0, 0.5, 2.0, Quantity::Links, Hold::BarEnd),
        ];
    }

    public function frame(KnobValues $at): Frame
    {
        $rig = (new ExampleRig(ballOffset: $at->at('hole') * ExampleRig::HOLE))->coupled();
        $carried = $rig->carried(ExampleRig::tension($at->at('link')));
        $pitch = $carried->trailerPitchAngle();
        $tolerances = ShopRules::usual()->tolerances;
        $share = $carried->frontRestored();
        $band = ShopRules::usual()->range;

        return new Frame($rig->dropped(), $carried, [
            new Figure('share', $share, Quantity::Share),
            new Figure('pitch', $pitch->degrees(), Quantity::Degrees),
            new Figure('ball', $carried->ballRise()->millimetres(), Quantity::HeightChange),
        ], [
            $tolerances->isNoseUp($pitch) ? 'nose_up' : ($tolerances->isFarNoseDown($pitch) ? 'nose_down' : 'level'),
            $share > $band->ceiling() ? 'over' : ($share < $band->from ? 'under' : 'in_range'),
        ]);
    }
}
