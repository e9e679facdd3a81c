<?php

declare(strict_types=1);

namespace Yoke\Showing\Explainer\Explainers;

use Yoke\Foundation\Units\Length;
use Yoke\Job\Shop\ShopRules;
use Yoke\Measuring\Readings\Height\Settling;
use Yoke\Rig\Parts\Suspension;
use Yoke\Showing\Explainer\ExampleRig;
use Yoke\Showing\Explainer\Explainer;
use Yoke\Showing\Explainer\Figure;
use Yoke\Showing\Explainer\Frame;
use Yoke\Showing\Explainer\Knob;
use Yoke\Showing\Explainer\KnobValues;
use Yoke\Showing\Explainer\Quantity;

/** What a tape's error does to the share, and what rolling and reading again are worth. */
final readonly class TapeAndRolling implements Explainer
{
    public function knobs(): array
    {
        return [
            new Knob('off', -6.0, 6.0, 1.0, 2.0, Quantity::HeightChange),
            new Knob('rolled', 0.0, 1.0, 1.0, 0.0, Quantity::Switched),
            new Knob('readings', 1.0, 4.0, 1.0, 1.0, Quantity::Count),
        ];
    }

    public function frame(KnobValues $at): Frame
    {
        $rig = (new ExampleRig())->coupled();
        $carried = $rig->carried(ExampleRig::tension(ExampleRig::MIDDLE_LINK));
        $lost = $rig->dropped()->frontRise()->millimetres();
        $reading = ShopRules::usual()->heights->reading(
            Length::ofMillimetres(900.0),
            Suspension::Coil,
            $at->isOn('rolled') ? Settling::Rolled : Settling::NotRolled,
        );
        $one = $reading->doubt()->millimetres() / sqrt($at->at('readings'));

        return new Frame(
            $rig->dropped(),
            $carried,
            [
                new Figure('front_rise', $lost, Quantity::HeightChange),
                new Figure('truly', $carried->frontRestored(), Quantity::Share),
                new Figure('read', $carried->frontRestored() - $at->at('off') / $lost, Quantity::Share),
                new Figure('doubt', $one, Quantity::Length),
                new Figure(
                    'share_doubt',
                    hypot($one, hypot(1.0 - $carried->frontRestored(), $carried->frontRestored()) * $one) / $lost,
                    Quantity::Share,
                ),
            ],
            [$at->isOn('rolled') ? 'rolled' : 'not_rolled'],
        );
    }
}
