<?php

declare(strict_types=1);

namespace Yoke\Showing\Explainer\Explainers;

use Yoke\Showing\Explainer\ExampleRig;
use Yoke\Showing\Explainer\Explainer;
use Yoke\Showing\Explainer\Figure;
use Yoke\Showing\Explainer\Frame;
use Yoke\Showing\Explainer\Hold;
use Yoke\Showing\Explainer\Knob;
use Yoke\Showing\Explainer\KnobValues;
use Yoke\Showing\Explainer\Quantity;

/** What coupling does: a load behind the rear axle presses the rear down and lifts the front, as a lever does. */
final readonly class Coupling implements Explainer
{
    public function knobs(): array
    {
        return [
            new Knob('tongue', 100.0, 500.0, 10.0, ExampleRig::TONGUE, Quantity::Load, Hold::Ball),
            new Knob('overhang', 900.0, 1700.0, 50.0, 1300.0, Quantity::Length),
        ];
    }

    public function frame(KnobValues $at): Frame
    {
        $dropped = (new ExampleRig($at->at('tongue'), $at->at('overhang')))->coupled()->dropped();

        return new Frame($dropped, null, [
            new Figure('front_load', $dropped->frontLoad()->kilograms(), Quantity::LoadChange),
            new Figure('rear_load', $dropped->rearLoad()->kilograms(), Quantity::LoadChange),
            new Figure('front_rise', $dropped->frontRise()->millimetres(), Quantity::HeightChange),
            new Figure('rear_rise', $dropped->rearRise()->millimetres(), Quantity::HeightChange),
            new Figure('lever', $at->at('overhang') / ExampleRig::WHEELBASE, Quantity::Share),
        ]);
    }
}
