<?php

declare(strict_types=1);

namespace App\Models;

/** What came of a call. The value is its key in words. */
enum CallOutcome: string
{
    case Booked = 'booked';
    case Reached = 'reached';
    case NoAnswer = 'no_answer';

    /** Days until the rig is on the list again. */
    public function rests(): int
    {
        return match ($this) {
            self::Booked => 30,
            self::Reached => 14,
            self::NoAnswer => 1,
        };
    }
}
