<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Act;

/** What ends an exercise at once: at a real rig somebody could be hurt. */
enum SafetyViolation: string
{
    /** Bars hooked up or let go under load. */
    case Fingers = 'fingers';
    /** Uncoupled, or the pair jacked up, with nothing that keeps it from rolling. */
    case NotChocked = 'not_chocked';
    /** Underneath while the tongue jack holds the rig. */
    case UnderJackedRig = 'under_jacked_rig';
    /** Driven off with the front axle heavier than alone. */
    case OverRestoredOnTheRoad = 'over_restored_on_the_road';
}
