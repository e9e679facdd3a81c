<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\CloseUp;

/** The sheet that a hitch's close-up is laid on, in its own units, y up; the close-up is a scheme, not to scale. */
final class CloseUpSheet
{
    public const WIDTH = 240.0;

    public const HEIGHT = 190.0;

    /** The underside of the trailer's frame. */
    public const FRAME = 160.0;

    /** Along the frame: where chain or bracket stands. */
    public const HOOK = 184.0;

    /** The lowest place that anything drawn reaches down to. */
    public const FLOOR = 6.0;

    /** Numbers nearer to each other than this cannot be read. */
    public const LEAST_APART = 11.0;
}
