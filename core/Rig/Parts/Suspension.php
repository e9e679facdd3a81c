<?php

declare(strict_types=1);

namespace Yoke\Rig\Parts;

/** The kind of springs at an axle: leaves rub and stick more than coils. */
enum Suspension: string
{
    case Coil = 'coil';
    case Leaf = 'leaf';
}
