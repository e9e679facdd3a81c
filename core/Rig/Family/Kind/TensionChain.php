<?php

declare(strict_types=1);

namespace Yoke\Rig\Family\Kind;

use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Family\FamilyFacts;
use Yoke\Rig\Family\Handwork;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Family\HitchMeasures;
use Yoke\Rig\Family\Suits;
use Yoke\Rig\Family\SwayControl;
use Yoke\Rig\Family\TakeUp;
use Yoke\Rig\Family\Want;

/** Chains tensioned by nuts over a friction cone: little distribution, no bars. */
final readonly class TensionChain implements HitchFamily
{
    public function key(): string
    {
        return 'tension-chain';
    }

    public function facts(): FamilyFacts
    {
        return new FamilyFacts(
            new HitchMeasures(2.0, 20),
            SwayControl::Cone,
            swayChecks: ['threads', 'plate', 'cone'],
            handwork: new Handwork(
                barsOn: ['raise', 'stretch', 'plate_on', 'lower'],
                barsOff: ['raise', 'pull_pin', 'weight_back'],
                change: ['raise', 'blocks', 'turn_nuts', 'count', 'blocks_out', 'bars_on.lower'],
            ),
            takeUp: TakeUp::StretchedChains,
            suits: [
                Want::Reversing->value => Suits::Well,
                Want::Tailgate->value => Suits::Well,
                Want::Obstructions->value => Suits::Well,
                Want::Quiet->value => Suits::Well,
                Want::SwayControl->value => Suits::Well,
            ],
        );
    }

    public function hasBars(): bool
    {
        return false;
    }

    public function adjusters(HitchMeasures $measures): Adjusters
    {
        return Adjusters::of($measures->tension('thread', minutes: 5)->withHalfSteps(), $measures->head());
    }
}
