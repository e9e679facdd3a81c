<?php

declare(strict_types=1);

namespace Yoke\Workshop\Road;

/** What a road test can point at. */
enum RoadFindingKind: string
{
    case SwayGrew = 'sway_grew';
    case SwayControlSlack = 'sway_control_slack';
    case SwaySettledSlowly = 'sway_settled_slowly';
    case TooLittleOnTheTongue = 'too_little_on_the_tongue';
    case SwayInWind = 'sway_in_wind';
    case SwayInCalmAir = 'sway_in_calm_air';
    case FrontLight = 'front_light';
    case FrontHeavy = 'front_heavy';
    case Porpoising = 'porpoising';
    case PorpoisingOnASmoothRoad = 'porpoising_on_a_smooth_road';
    case PorpoisingOnARoughRoad = 'porpoising_on_a_rough_road';
    case LorriesPush = 'lorries_push';
}
