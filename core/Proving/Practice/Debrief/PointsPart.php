<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Debrief;

/** What points are given for; a hundred in all. */
enum PointsPart: string
{
    case Range = 'range';
    case Level = 'level';
    case Faults = 'faults';
    case Reading = 'reading';
    case Time = 'time';

    public function most(): int
    {
        return match ($this) {
            self::Range => 35,
            self::Level => 10,
            self::Faults => 20,
            self::Reading => 20,
            self::Time => 15,
        };
    }
}
