<?php

declare(strict_types=1);

namespace App\Devices;

/** What a simulated device can be made to do wrong; the value is its word in the protocol. */
enum Trouble: string
{
    case None = 'none';
    case Off = 'off';
    case Slow = 'slow';
    case Garbled = 'garbled';
    case Absurd = 'absurd';
}
