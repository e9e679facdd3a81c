<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

use Yoke\Rig\Adjuster\Role;

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

    /** What of the hitch puts it right; null where nothing of it does: less load, or other parts. */
    public function putRightBy(): ?Role
    {
        return match ($this) {
            self::NoseUp, self::FarNoseDown => Role::HeadHeight,
            self::OverRestored, self::SlackBars, self::LightFront => Role::Tension,
            self::Broken => null,
        };
    }
}
