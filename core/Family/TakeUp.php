<?php

declare(strict_types=1);

namespace Yoke\Family;

/** What holds the tips of a family's bars up. */
enum TakeUp
{
    /** A chain under a hook or latch on the frame. */
    case Chain;

    /** A bracket, pad or ledge that the bar lies on. */
    case Ledge;

    /** Nothing: it has no bars. */
    case None;
}
