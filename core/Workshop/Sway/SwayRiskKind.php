<?php

declare(strict_types=1);

namespace Yoke\Workshop\Sway;

/** What invites sway. */
enum SwayRiskKind: string
{
    case Felt = 'felt';
    case TooLittleOnTheTongue = 'too_little_on_the_tongue';
    case NoseUp = 'nose_up';
    case FrontLight = 'front_light';
    case SlackBars = 'slack_bars';
    case ControlOutside = 'control_outside';
    case CamsTooFarForward = 'cams_too_far_forward';
    case CamsTooFarBack = 'cams_too_far_back';
    case FoundOtherwise = 'found_otherwise';
    case NotLookedAt = 'not_looked_at';
}
