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

/**
 * What bars do, and why a link is worth less than bar times link: as they lift the rig it straightens, and lets them
 * go.
 */
final readonly class BarsLetGo implements Explainer
{
    public function knobs(): array
    {
        return [new Knob('link', 0.0, 7.0, 0.5, ExampleRig::MIDDLE_LINK, Quantity::Links, Hold::BarEnd)];
    }

    public function frame(KnobValues $at): Frame
    {
        $rig = (new ExampleRig())->coupled();
        $carried = $rig->carried(ExampleRig::tension($at->at('link')));
        $next = $rig->carried(ExampleRig::tension($at->at('link') + 1.0));

        return new Frame(
            $rig->dropped(),
            $carried,
            [
                new Figure('bend', $carried->barBend(), Quantity::Length),
                new Figure('bar_load', $carried->barLoad() / 2.0, Quantity::Load),
                new Figure('share', $carried->frontRestored(), Quantity::Share),
                new Figure('link', ExampleRig::LINK, Quantity::Length),
                new Figure('bends_more', $next->barBend() - $carried->barBend(), Quantity::Length),
                new Figure('worth', $next->frontRestored() - $carried->frontRestored(), Quantity::Share),
            ],
            $carried->barLoad() > 0.0 ? [] : ['slack'],
        );
    }
}
