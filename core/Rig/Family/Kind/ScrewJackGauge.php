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

/** A screw on the head tensions the bars; a gauge in it reads the ball load. */
final readonly class ScrewJackGauge implements HitchFamily
{
    public function key(): string
    {
        return 'screw-jack-gauge';
    }

    public function facts(): FamilyFacts
    {
        return new FamilyFacts(
            new HitchMeasures(6.0, 24),
            SwayControl::Bracket,
            swayChecks: ['faces', 'gauge', 'level_bars'],
            handwork: new Handwork(
                barsOn: ['back_off', 'swing_on'],
                barsOff: ['swing_off'],
                change: ['tension.grease', 'turn'],
                tension: ['grease', 'turn_up'],
                slacken: ['turn_back'],
            ),
            takeUp: TakeUp::FixedLedge,
            suits: [
                Want::Reversing->value => Suits::Well,
                Want::Tailgate->value => Suits::Partly,
                Want::Obstructions->value => Suits::Partly,
                Want::Quiet->value => Suits::Partly,
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
        return Adjusters::of(
            $measures->tension('turn', minutes: 1)->withHalfSteps()->turnedLoaded(),
            $measures->head(),
        );
    }
}
