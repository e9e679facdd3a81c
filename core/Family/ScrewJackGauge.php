<?php

declare(strict_types=1);

namespace Yoke\Family;

use Yoke\Adjuster\Adjusters;

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
            handwork: new Handwork(barsOn: ['back_off', 'swing_on'], barsOff: ['swing_off'], change: ['tension.grease', 'turn'], tension: ['grease', 'turn_up'], slacken: ['turn_back']),
            takeUp: TakeUp::FixedLedge,
        );
    }

    public function hasBars(): bool
    {
        return true;
    }

    public function adjusters(HitchMeasures $measures): Adjusters
    {
        return Adjusters::of($measures->tension('turn', minutes: 1)->withHalfSteps()->turnedLoaded(), $measures->head());
    }
}
