<?php

declare(strict_types=1);

namespace App\Models;

use Yoke\Rig\Parts\TongueWeightSource;

/** The ways to a tongue weight that the form offers; the value is what is stored. */
enum TongueWay: string
{
    case Gauge = 'gauge';
    case TongueScale = 'tongue_scale';
    case BathroomScale = 'bathroom_scale';
    case Lever = 'lever';
    case Share = 'share';

    public function source(): TongueWeightSource
    {
        return match ($this) {
            self::Gauge => TongueWeightSource::Gauge,
            self::TongueScale => TongueWeightSource::TongueScale,
            self::BathroomScale, self::Lever => TongueWeightSource::BathroomScale,
            self::Share => TongueWeightSource::Estimate,
        };
    }
}
