<?php

declare(strict_types=1);

namespace Yoke\Family;

use Yoke\Adjuster\Adjusters;

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
            handwork: new Handwork(barsOn: ['hook', 'close'], barsOff: ['open', 'swing_off'], change: ['bars_off.open', 'move', 'bars_on.close', 'centre'], after: ['change.centre']),
            takeUp: TakeUp::ChainAndCam,
        );
    }

    public function hasBars(): bool
    {
        return true;
    }

    public function adjusters(HitchMeasures $measures): Adjusters
    {
        return Adjusters::of($measures->link()->withHalfSteps(), $measures->tilt('washer'), $measures->head());
    }
}
