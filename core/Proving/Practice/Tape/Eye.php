<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Tape;

/** Where the eye is that reads a tape. */
enum Eye: string
{
    /** As somebody stands: looking down on the edge. */
    case Standing = 'standing';
    /** Bent down to the edge. */
    case Level = 'level';
}
