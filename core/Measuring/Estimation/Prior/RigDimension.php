<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Prior;

/**
 * What of a rig is read off a ruler or a placard, and is a parameter of the fit where nobody did (docs/model.md, What
 * is assumed).
 */
enum RigDimension: string
{
    case BallOverCoupler = 'ball_over_coupler';
    case Wheelbase = 'wheelbase';
    case Overhang = 'overhang';
    case BallToAxle = 'ball_to_axle';
    case BarArm = 'bar_arm';
    case GrossWeight = 'gross_weight';
}
