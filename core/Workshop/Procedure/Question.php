<?php

declare(strict_types=1);

namespace Yoke\Workshop\Procedure;

/**
 * What a procedure asks where the sheets are silent: the answer changes the steps that follow. The value is what is
 * stored.
 */
enum Question: string
{
    case Ground = 'ground';
    case Brakes = 'brakes';
    case Jack = 'jack';
    case BarsOffToReverse = 'bars_off_to_reverse';
    case FrictionBar = 'friction_bar';
    case Plate = 'plate';
    case Change = 'change';

    /** @return non-empty-list<string> what can be answered; what is stored */
    public function answers(): array
    {
        return match ($this) {
            self::Ground => ['firm', 'soft'],
            self::Plate => ['straight', 'turned'],
            self::Change => ['small', 'head'],
            self::Jack => ['manual', 'electric'],
            self::Brakes, self::BarsOffToReverse, self::FrictionBar => ['yes', 'no'],
        };
    }
}
