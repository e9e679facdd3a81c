<?php

declare(strict_types=1);

namespace Yoke\Rig\Family;

/** What of a hitch holds a trailer back from swinging. The value is its key. */
enum SwayControl: string
{
    /** Friction of the bars on their brackets. */
    case Bracket = 'bracket';

    /** Friction of the bars on pads. */
    case Pads = 'pads';

    /** The load of the bars in the head's sockets. */
    case Head = 'head';

    /** Cams under the bars' crown: they restore. */
    case Cam = 'cam';

    /** A cone turned by tensioned chains. */
    case Cone = 'cone';

    /** None of its own; a separate friction bar at the most. */
    case Separate = 'separate';

    /** Whether it grows with the load of the bars. */
    public function isFedByBars(): bool
    {
        return $this !== self::Cone && $this !== self::Separate;
    }

    /** Whether the bars rub where they hook up, `b` behind the ball. */
    public function rubsAtHookUp(): bool
    {
        return $this === self::Bracket || $this === self::Pads;
    }
}
