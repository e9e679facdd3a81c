<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\World;

use Yoke\Mechanics\Statics\TowedTrailer;

/**
 * A rig as it truly is, with full rotations: it rests where its potential energy has no slope. Nothing of the closed
 * form
 * is in it, so that advice is tried on something that it was not made from (docs/model.md, The harder world).
 */
final class TrueRig
{
    private const STEPS = 60;

    /** At rest nothing pulls by more, kg. */
    private const REST_KG = 1e-7;

    /** For the slope of what pulls: mm. */
    private const APART_MM = 1e-3;

    /**
     * Pitch is counted as the rise of the coupler over the axles, so that all three unknowns are lengths: no step
     * farther, mm.
     */
    private const FARTHEST_MM = 40.0;

    /** How far behind the front axle somebody in the cab sits, as a share of the wheelbase. */
    private const SEAT = 0.45;

    /** Where the bars' eyes hang below the ball, mm. */
    private const EYE_MM = 100.0;

    /** Where the tongue jack stands behind the ball, mm. */
    private const JACK_MM = 300.0;

    private ?float $droppedFront = null;

    public function __construct(
        private readonly TrueVehicle $vehicle,
        private readonly TowedTrailer $trailer,
        private readonly TrueHitch $hitch,
    ) {
    }

    public function vehicle(): TrueVehicle
    {
        return $this->vehicle;
    }

    public function trailer(): TowedTrailer
    {
        return $this->trailer;
    }

    public function alone(Disturbance $disturbance = new Disturbance()): Stand
    {
        return $this->settle(
            fn (array $at): array => [...$this->ofVehicle($at, $disturbance), $at[2]],
            $disturbance,
            null,
        );
    }

    public function dropped(Disturbance $disturbance = new Disturbance()): Stand
    {
        return $this->settle(fn (array $at): array => $this->pulls($at, $disturbance, null), $disturbance, null);
    }

    /** @param  float  $tension  how far the bar tips would be bent with vehicle and trailer at their datum, mm */
    public function carried(float $tension, Disturbance $disturbance = new Disturbance()): Stand
    {
        return $this->settle(
            fn (array $at): array => $this->pulls($at, $disturbance, $tension),
            $disturbance,
            $tension,
        );
    }

    /** Share of the front axle load lost by coupling that the bars put back, settled on flat ground. */
    public function restored(float $tension): float
    {
        $this->droppedFront ??= $this->dropped()->frontLoad;

        return 1.0 - $this->carried($tension)->frontLoad / $this->droppedFront;
    }

    /**
     * Newton's steps to where nothing pulls.
     *
     * @param  \Closure(array{float, float, float}): array{float, float, float}  $pulls  slope of the energy along each
     *     unknown
     */
    private function settle(\Closure $pulls, Disturbance $disturbance, ?float $tension): Stand
    {
        $at = [$disturbance->front, $disturbance->rear, 0.0];
        for ($step = 0; $step < self::STEPS; $step++) {
            $pull = $pulls($at);
            if (max(abs($pull[0]), abs($pull[1]), abs($pull[2])) < self::REST_KG) {
                break;
            }
            $columns = [];
            foreach ([0, 1, 2] as $i) {
                $moved = $at;
                $moved[$i] += self::APART_MM;
                $there = $pulls($moved);
                $columns[] = [
                    ($there[0] - $pull[0]) / self::APART_MM,
                    ($there[1] - $pull[1]) / self::APART_MM,
                    ($there[2] - $pull[2]) / self::APART_MM,
                ];
            }
            $move = self::solved($columns, $pull);
            $share = min(1.0, self::FARTHEST_MM / max(abs($move[0]), abs($move[1]), abs($move[2]), 1e-12));
            $at = [$at[0] - $share * $move[0], $at[1] - $share * $move[1], $at[2] - $share * $move[2]];
        }

        return new Stand(
            $at[0],
            $at[1],
            asin($at[2] / $this->trailer->ballToAxle),
            $this->vehicle->front->force($disturbance->front - $at[0]),
            $this->vehicle->rear->force($disturbance->rear - $at[1]),
            $tension === null ? 0.0 : $this->hitch->pull($this->stretch($at, $tension)[0]),
        );
    }

    /**
     * Slopes of the energy of the vehicle alone along the rise of its fenders, kg.
     *
     * @param  array{float, float, float}  $at
     * @return array{float, float}
     */
    private function ofVehicle(array $at, Disturbance $disturbance): array
    {
        $vehicle = $this->vehicle;
        $sine = ($at[0] - $at[1]) / $vehicle->wheelbase;
        $tips =
            ($vehicle->weight *
                $vehicle->cgAboveAxle *
                (tan($disturbance->slope) + $sine / sqrt(1.0 - $sine * $sine))) /
            $vehicle->wheelbase;

        return [
            -$vehicle->front->force($disturbance->front - $at[0]) -
            $tips +
            $disturbance->cabKg * (1.0 - self::SEAT),
            -$vehicle->rear->force($disturbance->rear - $at[1]) + $tips + $disturbance->cabKg * self::SEAT,
        ];
    }

    /**
     * Slopes of the energy of the coupled rig along the rise of the fenders and of the coupler over the trailer's
     * axles, kg.
     *
     * @param  array{float, float, float}  $at
     * @return array{float, float, float}
     */
    private function pulls(array $at, Disturbance $disturbance, ?float $tension): array
    {
        [$vehicle, $trailer] = [$this->vehicle, $this->trailer];
        $sine = ($at[0] - $at[1]) / $vehicle->wheelbase;
        $cosine = sqrt(1.0 - $sine * $sine);
        $nose = $at[2] / $trailer->ballToAxle;
        $level = sqrt(1.0 - $nose * $nose);
        $ballAbove = $vehicle->ballAboveAxle;
        $ball = $at[1] - $vehicle->overhang * $sine + $ballAbove * ($cosine - 1.0);
        $group = $ball + $this->hitch->bars->ballOverCoupler - $at[2] - $ballAbove * ($level - 1.0);
        $alongSine = -$vehicle->overhang - ($ballAbove * $sine) / $cosine;
        $ofGroup = [$alongSine / $vehicle->wheelbase, 1.0 - $alongSine / $vehicle->wheelbase];
        $ofNose = -1.0 + ($ballAbove * $nose) / $level / $trailer->ballToAxle;

        $offset = ($trailer->tongueWeight / $trailer->weight) * $trailer->ballToAxle;
        [$lifts, $turns] = [
            $trailer->weight,
            ($trailer->weight * ($offset - ($trailer->cgAboveAxle * $nose) / $level)) / $trailer->ballToAxle,
        ];
        $carried = $trailer->weight - $trailer->tongueWeight;
        $groupRate = $trailer->groupRate();
        foreach ($trailer->axles as $axle) {
            $push =
                ($carried * $axle['rate']) / $groupRate -
                $axle['rate'] * ($group + $axle['offset'] * $nose - $disturbance->trailer);
            $lifts -= $push;
            $turns -= ($push * $axle['offset']) / $trailer->ballToAxle;
        }
        $lifts -= $disturbance->jackKg;
        $turns -= $disturbance->jackKg * (1.0 - self::JACK_MM / $trailer->ballToAxle);
        $slopes = $this->ofVehicle($at, $disturbance);
        $slopes = [
            $slopes[0] + $lifts * $ofGroup[0],
            $slopes[1] + $lifts * $ofGroup[1],
            $turns + $lifts * $ofNose,
        ];
        if ($tension === null) {
            return $slopes;
        }
        [$stretch, $bySine, $byNose] = $this->stretch($at, $tension);
        $pull = $this->hitch->pull($stretch) * (1.0 + $disturbance->rub);

        return [
            $slopes[0] + ($pull * $bySine) / $vehicle->wheelbase,
            $slopes[1] - ($pull * $bySine) / $vehicle->wheelbase,
            $slopes[2] + ($pull * $byNose) / $trailer->ballToAxle,
        ];
    }

    /**
     * How much shorter a chain is than from the bar's eye, unbent, to its bracket; with its slopes along the sines of
     * both
     * pitches, mm.
     *
     * @param  array{float, float, float}  $at
     * @return array{float, float, float}
     */
    private function stretch(array $at, float $tension): array
    {
        $hitch = $this->hitch;
        $arm = $hitch->bars->arm;
        $sine = ($at[0] - $at[1]) / $this->vehicle->wheelbase;
        $cosine = sqrt(1.0 - $sine * $sine);
        $nose = $at[2] / $this->trailer->ballToAxle;
        $level = sqrt(1.0 - $nose * $nose);
        [$back, $above] = [-$arm + $hitch->lean, $hitch->chain + $tension - self::EYE_MM];
        $along = $back * $level - $above * $nose - (-$arm * $cosine + self::EYE_MM * $sine);
        $up = $back * $nose + $above * $level - (-$arm * $sine - self::EYE_MM * $cosine);
        $reach = hypot($along, $up);
        $bySine =
            ($along * -(($arm * $sine) / $cosine + self::EYE_MM) +
                $up * -(-$arm + (self::EYE_MM * $sine) / $cosine)) /
            $reach;
        $byNose =
            ($along * ((-$back * $nose) / $level - $above) + $up * ($back - ($above * $nose) / $level)) /
            $reach;

        return [$reach - $hitch->chain, $bySine, $byNose];
    }

    /**
     * @param  array<int, array{float, float, float}>  $columns
     * @param  array{float, float, float}  $right
     * @return array{float, float, float}
     */
    private static function solved(array $columns, array $right): array
    {
        [$one, $two, $three] = $columns;
        $whole = self::volume($one, $two, $three);

        return [
            self::volume($right, $two, $three) / $whole,
            self::volume($one, $right, $three) / $whole,
            self::volume($one, $two, $right) / $whole,
        ];
    }

    /**
     * a·(b × c)
     *
     * @param  array{float, float, float}  $a
     * @param  array{float, float, float}  $b
     * @param  array{float, float, float}  $c
     */
    private static function volume(array $a, array $b, array $c): float
    {
        return $a[0] * ($b[1] * $c[2] - $b[2] * $c[1]) +
            $a[1] * ($b[2] * $c[0] - $b[0] * $c[2]) +
            $a[2] * ($b[0] * $c[1] - $b[1] * $c[0]);
    }
}
