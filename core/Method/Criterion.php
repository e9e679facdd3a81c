<?php

declare(strict_types=1);

namespace Yoke\Method;

use Yoke\Statics\Attitude;
use Yoke\Statics\CoupledRig;

/** What the governing method wants of a setting: its quantity, a straight line in the tension of taut bars, between bounds. */
enum Criterion: string
{
    case FrontRestoration = 'front_restoration';
    case EqualSquat = 'equal_squat';
    case CouplerHeight = 'coupler_height';
    case BallLoad = 'ball_load';
    case AxleScale = 'axle_scale';

    /** Tolerances of the schools: mm, mm, and a share of the target load. */
    private const SQUAT_MM = 13.0;

    private const COUPLER_MM = 6.0;

    private const BALL_LOAD = 0.04;

    public function inWords(): string
    {
        return str_replace('_', ' ', $this->value);
    }

    public function quantity(Attitude $carried, Band $band): float
    {
        return match ($this) {
            self::FrontRestoration, self::AxleScale => $carried->frontRestored(),
            self::EqualSquat => $carried->frontRise() - $carried->rearRise(),
            self::CouplerHeight => $carried->ballRise(),
            self::BallLoad => $carried->ballLoad() / self::ballLoadTarget($carried->rig(), $band) - 1.0,
        };
    }

    /** @return array{float, float} between which the quantity is in band */
    public function bounds(Band $band): array
    {
        return match ($this) {
            self::FrontRestoration, self::AxleScale => [$band->from, $band->to],
            self::EqualSquat => [-self::SQUAT_MM, self::SQUAT_MM],
            self::CouplerHeight => [-self::COUPLER_MM, self::COUPLER_MM],
            self::BallLoad => [-self::BALL_LOAD, self::BALL_LOAD],
        };
    }

    /** Force between ball and coupler for the middle of the band, TW·(1 + ρ·a·(L − b)/(b·(L + a))), kg. */
    public static function ballLoadTarget(CoupledRig $rig, Band $band): float
    {
        [$overhang, $length, $arm] = [$rig->vehicle()->overhang, $rig->trailer()->ballToAxle, $rig->bars()->arm];

        return $rig->trailer()->tongueWeight * (1 + $band->middle() * $overhang * ($length - $arm) / ($arm * ($length + $overhang)));
    }
}
