<?php

declare(strict_types=1);

namespace Yoke\Rig\Parts;

/** The two axles of the tow vehicle. */
enum Axle: string
{
    case Front = 'front';
    case Rear = 'rear';
}
