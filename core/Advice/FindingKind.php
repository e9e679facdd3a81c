<?php

declare(strict_types=1);

namespace Yoke\Advice;

/** What can be wrong with a rig as it is hooked up, the most dangerous first; the value is its key in words. */
enum FindingKind: string
{
    case OverRestored = 'over_restored';
    /** A setting that breaks a rating or a clearance. */
    case Broken = 'broken';
    case NoseUp = 'nose_up';
    case SlackBars = 'slack_bars';
    case LightFront = 'light_front';
    case FarNoseDown = 'far_nose_down';
}
