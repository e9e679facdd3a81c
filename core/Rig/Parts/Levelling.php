<?php

declare(strict_types=1);

namespace Yoke\Rig\Parts;

/** Which axles' heights the vehicle holds by itself. */
enum Levelling: string
{
    case None = 'none';
    case Rear = 'rear';
    case AllCorners = 'all';
}
