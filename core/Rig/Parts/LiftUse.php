<?php

declare(strict_types=1);

namespace Yoke\Rig\Parts;

/** Whether levelling or helper air lifts the rear once the bars are on; the value is its key in files. */
enum LiftUse: string
{
    /** Switched on, or pumped up, before the rig goes on the road. */
    case OnTheRoad = 'on_the_road';

    /** Switched off for good; air stays down while the bars are on. */
    case StaysOff = 'stays_off';
}
