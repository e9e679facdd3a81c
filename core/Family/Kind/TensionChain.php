<?php

declare(strict_types=1);

namespace Yoke\Family\Kind;

use Yoke\Adjuster\Adjusters;
use Yoke\Family\FamilyFacts;
use Yoke\Family\Handwork;
use Yoke\Family\HitchFamily;
use Yoke\Family\HitchMeasures;
use Yoke\Family\Suits;
use Yoke\Family\SwayControl;
use Yoke\Family\TakeUp;
use Yoke\Family\Want;

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
