<?php

declare(strict_types=1);

namespace App\Screens\Garage;

/** Where a part of the garage is kept. */
enum Shelves
{
    case AtHand;
    case Away;
}
