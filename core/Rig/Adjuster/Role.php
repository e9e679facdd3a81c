<?php

declare(strict_types=1);

namespace Yoke\Rig\Adjuster;

/** What an adjuster moves. */
enum Role: string
{
    /** Bends the bars by its pitch. */
    case Tension = 'tension';

    /** Tilts the head rearward: bends the bars by tilt times bar arm, and lowers their tips. */
    case Tilt = 'tilt';

    /** Raises ball, head and bars together: the trailer's attitude, not the tension. */
    case HeadHeight = 'head height';
}
