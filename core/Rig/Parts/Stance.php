<?php

declare(strict_types=1);

namespace Yoke\Rig\Parts;

/**
 * The three stances of one rig. The job is worked through them in any order.
 */
enum Stance: string
{
    /** Vehicle uncoupled, loaded as for travel. */
    case Alone = 'alone';

    /** Coupled, the whole tongue weight on the ball, bars off. */
    case Dropped = 'dropped';

    /** Bars tensioned, jack up. */
    case Carried = 'carried';
}
