<?php

declare(strict_types=1);

namespace Yoke\Rig;

/** The two axles of the tow vehicle. */
enum Axle: string
{
    case Front = 'front';
    case Rear = 'rear';
}
