<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\Shop;

/** Whether a shop tapes the four heights of the bars before anything is coupled. The value is its key in figures. */
enum HowTaped: string
{
    case NotTaped = 'untaped';
    case Taped = 'taped';
}
