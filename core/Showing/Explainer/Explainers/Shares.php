<?php

declare(strict_types=1);

namespace Yoke\Showing\Explainer\Explainers;

use Yoke\Foundation\Units\Load;
use Yoke\Job\Shop\ShopRules;
use Yoke\Showing\Explainer\ExampleRig;
use Yoke\Showing\Explainer\Explainer;
use Yoke\Showing\Explainer\Figure;
use Yoke\Showing\Explainer\Frame;
use Yoke\Showing\Explainer\Hold;
use Yoke\Showing\Explainer\Knob;
use Yoke\Showing\Explainer\KnobValues;
use Yoke\Showing\Explainer\Quantity;

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
                self::gain('front_gain', $carried->frontLoad(), $dropped->frontLoad()),
                self::gain('rear_gain', $carried->rearLoad(), $dropped->rearLoad()),
                self::gain('trailer_gain', $carried->trailerLoad(), $dropped->trailerLoad()),
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

    private static function gain(string $key, Load $carried, Load $dropped): Figure
    {
        return new Figure($key, $carried->minus($dropped)->kilograms(), Quantity::LoadChange);
    }
}
