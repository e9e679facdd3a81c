<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Weighing;

/** What is wrong between the tickets of one rig. */
enum MismatchKind: string
{
    case AloneHeavierThanCoupled = 'alone_heavier_than_coupled';
    case KilogramsForPounds = 'kilograms_for_pounds';
    case PoundsForKilograms = 'pounds_for_kilograms';
    case HeavierCarried = 'heavier_carried';
    case LighterCarried = 'lighter_carried';
    case FrontLostLoad = 'front_lost_load';
    case FrontUnchanged = 'front_unchanged';
    case GainsOutOfProportion = 'gains_out_of_proportion';
}
