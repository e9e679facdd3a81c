<?php

declare(strict_types=1);

namespace App\Screens\Bench;

/** What the bench's right side shows; the value stands in addresses. */
enum Tab: string
{
    case Next = 'next';
    case Methods = 'methods';
    case Plot = 'plot';
    case Settings = 'settings';
    case Rig = 'rig';

    public function label(): string
    {
        return match ($this) {
            self::Next => 'Why',
            self::Methods => 'Methods',
            self::Plot => 'Plot',
            self::Settings => 'Settings',
            self::Rig => 'This rig',
        };
    }
}
