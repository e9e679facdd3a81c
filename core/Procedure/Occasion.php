<?php

declare(strict_types=1);

namespace Yoke\Procedure;

/** What a procedure is run for. The value is its name in addresses. */
enum Occasion: string
{
    case HookUp = 'hook-up';
    case Departure = 'departure';
    case Reversing = 'reversing';
    case Arrival = 'arrival';
    case Unhitch = 'unhitch';

    public function title(): string
    {
        return match ($this) {
            self::HookUp => 'Hook up',
            self::Departure => 'Walk round before leaving',
            self::Reversing => 'Reverse',
            self::Arrival => 'Arrive',
            self::Unhitch => 'Unhitch',
        };
    }
}
