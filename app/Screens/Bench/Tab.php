<?php

declare(strict_types=1);

namespace App\Screens\Bench;

use App\Words\Text;

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
        return Text::of("screen.tab.{$this->value}");
    }
}
