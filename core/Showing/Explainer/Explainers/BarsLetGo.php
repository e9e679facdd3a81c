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
                new Figure('bend', $carried->barBend()->millimetres(), Quantity::Length),
                new Figure('bar_load', $carried->barLoad()->kilograms() / 2.0, Quantity::Load),
                new Figure('share', $carried->frontRestored(), Quantity::Share),
                new Figure('link', ExampleRig::LINK, Quantity::Length),
                new Figure('bends_more', $next->barBend()->minus($carried->barBend())->millimetres(), Quantity::Length),
                new Figure('worth', $next->frontRestored() - $carried->frontRestored(), Quantity::Share),
            ],
            $carried->barLoad()->kilograms() > 0.0 ? [] : ['slack'],
        );
    }
}
