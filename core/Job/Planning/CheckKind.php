<?php

declare(strict_types=1);

namespace Yoke\Job\Planning;

/** What is looked at before a setting is left alone, and how it stands; the value is its key in words. */
enum CheckKind: string
{
    case Level = 'level';
    case NoseDown = 'nose_down';
    case NoseUp = 'nose_up';
    case FarNoseDown = 'far_nose_down';
    case Bent = 'bent';
    case NotBent = 'not_bent';
    case BarsInRating = 'bars_in_rating';
    case BarsPastRating = 'bars_past_rating';
    case TipsClear = 'tips_clear';
    case TipsTooLow = 'tips_too_low';

    public function holds(): bool
    {
        return match ($this) {
            self::NoseUp, self::FarNoseDown, self::NotBent, self::BarsPastRating, self::TipsTooLow => false,
            default => true,
        };
    }
}
