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

    /** Whether it may be left so, and is not as it should be. */
    public function isCaution(): bool
    {
        return $this === self::NoseDown;
    }

    /** Whether it is the trailer's attitude. */
    public function isAttitude(): bool
    {
        return match ($this) {
            self::Level, self::NoseDown, self::NoseUp, self::FarNoseDown => true,
            default => false,
        };
    }

    /** Whether it is how far the bars are bent. */
    public function isBend(): bool
    {
        return $this === self::Bent || $this === self::NotBent;
    }
}
