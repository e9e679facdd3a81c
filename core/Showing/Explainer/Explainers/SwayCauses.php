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
use Yoke\Workshop\Sway\FrictionMoment;

/**
 * Where sway comes from, in the order to look: a light tongue, a nose that stands up, a light front axle; and what
 * friction of the bars holds. Never a safe speed.
 */
final readonly class SwayCauses implements Explainer
{
    public function knobs(): array
    {
        return [
            new Knob('tongue', 0.05, 0.17, 0.01, 0.08, Quantity::Share, Hold::Ball),
            new Knob('hole', -3.0, 3.0, 1.0, 0.0, Quantity::Holes, Hold::Head),
            new Knob('link', 0.0, 7.0, 0.5, 3.0, Quantity::Links, Hold::BarEnd),
        ];
    }

    public function frame(KnobValues $at): Frame
    {
        $rig = (new ExampleRig(
            $at->at('tongue') * ExampleRig::WEIGHT,
            ballOffset: $at->at('hole') * ExampleRig::HOLE,
        ))->coupled();
        $carried = $rig->carried(ExampleRig::tension($at->at('link')));
        $pitch = $carried->trailerPitchAngle();

        return new Frame(
            $rig->dropped(),
            $carried,
            [
                new Figure('share', $at->at('tongue'), Quantity::Share),
                new Figure('pitch', $pitch->degrees(), Quantity::Degrees),
                new Figure('front_load', $carried->frontLoad()->kilograms(), Quantity::LoadChange),
                new Figure('friction', (new FrictionMoment())->of($carried)->newtonMetres(), Quantity::Torque),
            ],
            [
                TongueRange::of($at->at('tongue')),
                ...ShopRules::usual()->tolerances->isNoseUp($pitch) ? ['nose_up'] : [],
                ...$carried->frontRestored() > 1.0 ? ['over'] : [],
            ],
        );
    }
}
