<?php

declare(strict_types=1);

namespace Yoke\Rig\Parts;

/** The shape of the tow vehicle; its value is its name on a label. */
enum VehicleBody: string
{
    case PickUp = 'pick-up';
    case Suv = 'SUV or van';
    case Crossover = 'crossover';
}
