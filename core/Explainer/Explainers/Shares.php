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

/**
 * Where the load goes: off the rear axle, to the front and to the trailer, always in the same proportion
 * (docs/model.md, Worked consequences).
 */
final readonly class Shares implements Explainer
{
    public function knobs(): array
    {
        return [new Knob('link', 0.0, 7.0, 0.5, ExampleRig::MIDDLE_LINK, Quantity::Links, Hold::BarEnd)];
    }

    public function frame(KnobValues $at): Frame
    {
        $rig = (new ExampleRig())->coupled();
        $dropped = $rig->dropped();
        $carried = $rig->carried(ExampleRig::tension($at->at('link')));
        $share = $carried->frontRestored();

        return new Frame(
            $dropped,
            $carried,
            [
                new Figure('front_gain', $carried->frontLoad() - $dropped->frontLoad(), Quantity::LoadChange),
                new Figure('rear_gain', $carried->rearLoad() - $dropped->rearLoad(), Quantity::LoadChange),
                new Figure('trailer_gain', $carried->trailerLoad() - $dropped->trailerLoad(), Quantity::LoadChange),
                new Figure('share', $share, Quantity::Share),
                new Figure(
                    'ratio',
                    (ExampleRig::BALL_TO_AXLE + ExampleRig::OVERHANG) / ExampleRig::WHEELBASE,
                    Quantity::Times,
                ),
            ],
            match (true) {
                $share > ShopRules::usual()->range->ceiling() => ['over'],
                $share < ShopRules::usual()->range->from => ['under'],
                default => ['in_range'],
            },
        );
    }
}
