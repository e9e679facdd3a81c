<?php

declare(strict_types=1);

namespace Yoke\Workshop\Sway;

/** What may invite sway more than before. */
enum SwayChangeKind: string
{
    case LessOnTheTongue = 'less_on_the_tongue';
    case NoseHigher = 'nose_higher';
    case FrontLighter = 'front_lighter';
    case LessFriction = 'less_friction';
}
