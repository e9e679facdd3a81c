<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Device;

/** Whether a device's display has come to rest; the value is its word in the protocol. */
enum Display: string
{
    case Steady = 'steady';
    case Moving = 'moving';
}
