<?php

declare(strict_types=1);

namespace Yoke\Procedure;

/** What a procedure asks where the sheets are silent: the answer changes the steps that follow. The value is what is stored. */
enum Question: string
{
    case Ground = 'ground';
    case Brakes = 'brakes';
    case Jack = 'jack';
    case BarsOffToReverse = 'bars_off_to_reverse';
    case FrictionBar = 'friction_bar';

    public function asks(): string
    {
        return match ($this) {
            self::Ground => 'What does the jack stand on?',
            self::Brakes => 'Has the trailer brakes of its own?',
            self::Jack => 'How is the tongue jack driven?',
            self::BarsOffToReverse => 'Does the hitch\'s sheet want the bars off before reversing?',
            self::FrictionBar => 'Is there a separate friction bar?',
        };
    }

    /** @return non-empty-array<string, string> what is stored, and how it is said */
    public function answers(): array
    {
        return match ($this) {
            self::Ground => ['firm' => 'Firm ground', 'soft' => 'Soft ground'],
            self::Brakes => ['yes' => 'Yes', 'no' => 'No'],
            self::Jack => ['manual' => 'By crank', 'electric' => 'Electric'],
            self::BarsOffToReverse, self::FrictionBar => ['yes' => 'Yes', 'no' => 'No'],
        };
    }
}
