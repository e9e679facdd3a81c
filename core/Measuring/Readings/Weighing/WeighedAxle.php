<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Weighing;

/** What stands on a platform; the value is its word on a ticket. */
enum WeighedAxle: string
{
    case Front = 'front';
    case Rear = 'rear';
    case Trailer = 'trailer';
}
