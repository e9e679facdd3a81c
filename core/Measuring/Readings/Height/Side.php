<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Height;

/** Where along an axle a fender was taped. `Both` is one height that stands for the whole axle. */
enum Side: string
{
    case Both = 'both';
    case Left = 'left';
    case Right = 'right';
}
