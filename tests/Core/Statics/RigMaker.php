<?php

declare(strict_types=1);

namespace Tests\Core\Statics;

use Yoke\Mechanics\Statics\Attitude;
use Yoke\Mechanics\Statics\Bars;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\TowedTrailer;
use Yoke\Mechanics\Statics\TowVehicle;
use Yoke\Proving\Simulation\SeededSource;

/** Rigs for tests: from a worked case, or drawn at random within the ranges of real ones. */
final class RigMaker
{
    /** @param  array<string, mixed>  $case */
    public static function fromCase(array $case): CoupledRig
    {
        ['vehicle' => $vehicle, 'trailer' => $trailer, 'hitch' => $hitch] = $case;

        return new CoupledRig(
            new TowVehicle(
                $vehicle['wheelbase_mm'],
                $vehicle['overhang_mm'],
                $vehicle['front_rate_kg_per_mm'] ?? INF,
                $vehicle['rear_rate_kg_per_mm'] ?? INF,
            ),
            new TowedTrailer(
                $trailer['ball_to_axle_mm'],
                $trailer['weight_kg'],
                $trailer['tongue_weight_kg'],
                $trailer['cg_above_axle_mm'],
                array_map(
                    fn (array $axle): array => ['offset' => $axle['offset_mm'], 'rate' => $axle['rate_kg_per_mm']],
                    $trailer['axles'],
                ),
            ),
            new Bars(
                $hitch['bars'],
                $hitch['bar_rate_kg_per_mm'],
                $hitch['bar_arm_mm'],
                $hitch['ball_over_coupler_mm'],
            ),
        );
    }

    /** @return list<array{CoupledRig, float}> rigs with a tension, one in five on an unequalised tandem */
    public static function random(int $count): array
    {
        $random = new SeededSource(20);
        $rigs = [];
        for ($i = 0; $i < $count; $i++) {
            $weight = $random->between(1350, 4300);
            $rate = $random->between(32, 80);
            $spread = $random->between(350, 475);
            $axles =
                $i % 5 === 0
                    ? [['offset' => $spread, 'rate' => $rate / 2], ['offset' => -$spread, 'rate' => $rate / 2]]
                    : [['offset' => 0.0, 'rate' => $rate]];
            $rigs[] = [
                new CoupledRig(
                    new TowVehicle(
                        $random->between(2900, 4100),
                        $random->between(1150, 1750),
                        $random->between(7, 22),
                        $random->between(7, 16),
                    ),
                    new TowedTrailer(
                        $random->between(3800, 6400),
                        $weight,
                        $weight * $random->between(0.1, 0.15),
                        $random->between(200, 760),
                        $axles,
                    ),
                    new Bars(2, $random->between(2.5, 8), $random->between(600, 790), $random->between(0, 45)),
                ),
                $random->between(-60, 80),
            ];
        }

        return $rigs;
    }

    /** @return array<string, float> under the names of the worked cases */
    public static function figures(Attitude $attitude): array
    {
        return [
            'front_rise_mm' => $attitude->frontRise()->millimetres(),
            'rear_rise_mm' => $attitude->rearRise()->millimetres(),
            'ball_rise_mm' => $attitude->ballRise()->millimetres(),
            'front_load_change_kg' => $attitude->frontLoad()->kilograms(),
            'rear_load_change_kg' => $attitude->rearLoad()->kilograms(),
            'trailer_axle_change_kg' => $attitude->trailerLoad()->kilograms(),
            'bar_load_kg' => $attitude->barLoad()->kilograms(),
            'bar_moment_kg_mm' => $attitude->barMoment,
            'ball_load_kg' => $attitude->ballLoad()->kilograms(),
            'vehicle_pitch_deg' => $attitude->vehiclePitchAngle()->degrees(),
            'trailer_pitch_deg' => rad2deg($attitude->trailerPitch),
            'front_restored' => $attitude->frontRestored(),
        ];
    }
}
