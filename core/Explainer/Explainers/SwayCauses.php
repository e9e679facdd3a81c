<?php

declare(strict_types=1);

namespace Yoke\Explainer\Explainers;

use Yoke\Explainer\ExampleRig;
use Yoke\Explainer\Explainer;
use Yoke\Explainer\Figure;
use Yoke\Explainer\Frame;
use Yoke\Explainer\Hold;
use Yoke\Explainer\Knob;
use Yoke\Explainer\KnobValues;
use Yoke\Explainer\Quantity;
use Yoke\Shop\ShopRules;
use Yoke\Sway\FrictionMoment;

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
                new Figure('front_load', $carried->frontLoad(), Quantity::LoadChange),
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
