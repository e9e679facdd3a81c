<?php

declare(strict_types=1);

namespace Yoke\Judgement\Method;

/** The schools of judging a carried rig; the value is what is stored. */
enum Criterion: string
{
    case FrontRestoration = 'front_restoration';
    case EqualSquat = 'equal_squat';
    case CouplerHeight = 'coupler_height';
    case BallLoad = 'ball_load';
    case AxleScale = 'axle_scale';

    /** Whether its quantity is the restored share itself. */
    public function isShare(): bool
    {
        return $this === self::FrontRestoration || $this === self::AxleScale;
    }
}
