<?php

declare(strict_types=1);

namespace Yoke\Showing\Explainer\Explainers;

use Yoke\Mechanics\Statics\LevellingLoss;
use Yoke\Showing\Explainer\ExampleRig;
use Yoke\Showing\Explainer\Explainer;
use Yoke\Showing\Explainer\Figure;
use Yoke\Showing\Explainer\Frame;
use Yoke\Showing\Explainer\Hold;
use Yoke\Showing\Explainer\Knob;
use Yoke\Showing\Explainer\KnobValues;
use Yoke\Showing\Explainer\Quantity;

/** Why bars are set with levelling off, and what it takes back once it is switched on. */
final readonly class LevellingAndAir implements Explainer
{
    public function knobs(): array
    {
        return [
            new Knob('link', 0.0, 7.0, 0.5, ExampleRig::MIDDLE_LINK, Quantity::Links, Hold::BarEnd),
            new Knob('levelling', 0.0, 1.0, 1.0, 0.0, Quantity::Switched),
            new Knob('air', 0.0, 40.0, 5.0, 0.0, Quantity::Length),
        ];
    }

    public function frame(KnobValues $at): Frame
    {
        $off = (new ExampleRig)->coupled();
        $tension = ExampleRig::tension($at->at('link'));
        $loss = $at->isOn('levelling') ? LevellingLoss::ofTheRear() : LevellingLoss::ofAir(0.0, $at->at('air'));
        $on = $loss->on($off);
        $dropped = $on->dropped();
        $carried = $on->carried($tension);

        return new Frame($dropped, $carried, [
            new Figure('front_lost', $dropped->frontLoad()->kilograms(), Quantity::LoadChange),
            new Figure('rear_rise', $carried->rearRise()->millimetres(), Quantity::HeightChange),
            new Figure('share_off', $off->carried($tension)->frontRestored(), Quantity::Share),
            new Figure('share_on', $carried->frontRestored(), Quantity::Share),
            new Figure('lost', $loss->lost($off, $tension), Quantity::Share),
        ], [$at->isOn('levelling') ? 'levelled' : ($at->at('air') > 0.0 ? 'air' : 'off')]);
    }
}
