<?php

declare(strict_types=1);

namespace Yoke\Rig\Family\Kind;

use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\LinkSteps;
use Yoke\Rig\Family\FamilyFacts;
use Yoke\Rig\Family\Handwork;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Family\HitchMeasures;
use Yoke\Rig\Family\Suits;
use Yoke\Rig\Family\SwayControl;
use Yoke\Rig\Family\TakeUp;
use Yoke\Rig\Family\Want;

/** Chains, with cams under the crown of the bars that centre the trailer. */
final readonly class CamBar implements HitchFamily
{
    public function key(): string
    {
        return 'cam-bar';
    }

    public function facts(): FamilyFacts
    {
        return new FamilyFacts(
            new HitchMeasures(27.5, 8),
            SwayControl::Cam,
            swayChecks: ['cams', 'crowns', 'cam_bolts'],
            handwork: new Handwork(
                barsOn: ['hook', 'close'],
                barsOff: ['open', 'swing_off'],
                change: ['bars_off.open', 'move', 'bars_on.close', 'centre'],
                after: ['change.centre'],
            ),
            takeUp: TakeUp::ChainAndCam,
            suits: [
                Want::Reversing->value => Suits::Well,
                Want::Tailgate->value => Suits::Well,
                Want::Obstructions->value => Suits::Poorly,
                Want::Quiet->value => Suits::Poorly,
                Want::SwayControl->value => Suits::Well,
            ],
        );
    }

    public function hasBars(): bool
    {
        return true;
    }

    public function adjusters(HitchMeasures $measures): Adjusters
    {
        return Adjusters::of($measures->link(LinkSteps::Halves), $measures->tilt('washer'), $measures->head());
    }
}
