<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Internal;

use Yoke\Foundation\Probability\Matrix;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Residual;

/**
 * Readings against a model of them: what a set of parameters costs, which way they pull, how far the likeliest are
 * known. Parameters are in prior deviations. Readings of one stance and hook-up share a part of their doubt.
 *
 * @internal
 */
final readonly class Evidence
{
    private const STEPS = 12;

    private const HALVINGS = 6;

    private const SETTLED = 1e-4;

    /** Slopes are worked out anew in so many steps; after that only where a step did not help. */
    private const NEW_SLOPES = 2;

    /** Slopes hold where no parameter stands farther off than so many prior deviations. */
    private const NEAR = 0.15;

    /** No rate or weight is looked for farther from its prior, in deviations. */
    private const FARTHEST = 12.0;

    public SharedPrecision $shared;

    /** @param  list<Observation>  $observations */
    public function __construct(public Predictions $predictions, public array $observations)
    {
        $this->shared = new SharedPrecision($observations);
    }

    /**
     * @param  array<int, float>  $at
     * @return array<int, array<int, float>> by parameter, then by observation
     */
    public function slopes(array $at): array
    {
        return $this->observations === [] ? array_fill(0, count($at), []) : $this->predictions->slopes($at);
    }

    /**
     * One straight step from what was known before anything was read.
     *
     * @param  array<int, float>  $weights
     */
    public function beforehand(array $weights): Fit
    {
        $precision = $this->shared->ofEach($weights);
        $start = array_fill(0, $this->predictions->parameters(), 0.0);
        $slopes = $this->slopes($start);
        $covariance = $this->covariance($slopes, $precision);
        $off = $this->off($start);
        $at = Matrix::times($covariance, self::pulled($start, $slopes, $this->shared->times($off, $precision)));
        foreach ($slopes as $parameter => $slope) {
            foreach ($slope as $i => $value) {
                $off[$i] -= $value * $at[$parameter];
            }
        }

        return new Fit(
            $weights,
            $at,
            $slopes,
            $covariance,
            $precision,
            $this->shared->times($off, $precision),
            0.0,
            $this,
        );
    }

    /**
     * Gauss and Newton's steps from there to where nothing pulls any more.
     *
     * @param  array<int, float>  $at
     * @param  array<int, float>  $weights
     * @param  array<int, array<int, float>>  $known  slopes there, where they were drawn before; else none
     */
    public function settle(array $at, array $weights, array $known = []): Fit
    {
        $precision = $this->shared->ofEach($weights);
        $off = $this->off($at);
        $cost = $this->costOf($at, $off, $precision);
        [$slopes, $covariance, $drawnAt] = [[], [], $at];
        for ($step = 0; $step < self::STEPS; $step++) {
            if ($slopes === [] || $step < self::NEW_SLOPES) {
                $slopes = $step === 0 && $known !== [] ? $known : $this->slopes($at);
                $covariance = $this->covariance($slopes, $precision);
                $drawnAt = $at;
            }
            $move = Matrix::times($covariance, self::pulled($at, $slopes, $this->shared->times($off, $precision)));
            [$next, $there, $better] = [$at, $off, $cost];
            for ($share = 1.0, $tries = 0; $tries < self::HALVINGS; $share /= 2, $tries++) {
                $next = self::moved($at, $move, $share);
                $there = $this->off($next);
                $better = $this->costOf($next, $there, $precision);
                if ($better <= $cost) {
                    break;
                }
            }
            $isSettled = ! ($better < $cost - self::SETTLED);
            if ($better <= $cost) {
                [$at, $off, $cost] = [$next, $there, $better];
            }
            if ($isSettled && self::areNear($at, $drawnAt)) {
                break;
            }
            if ($isSettled || $tries > 0) {
                $slopes = [];
            }
        }
        if ($slopes === []) {
            $slopes = $this->slopes($at);
            $covariance = $this->covariance($slopes, $precision);
        }

        return new Fit(
            $weights,
            $at,
            $slopes,
            $covariance,
            $precision,
            $this->shared->times($off, $precision),
            $cost,
            $this,
        );
    }

    /**
     * Twice the negative logarithm of the posterior, but for a constant.
     *
     * @param  array<int, float>  $at
     * @param  array<int, float>  $off  what was read less what is predicted there
     * @param  array<int, float>  $precision
     */
    private function costOf(array $at, array $off, array $precision): float
    {
        $cost = 0.0;
        foreach ($at as $deviations) {
            $cost += $deviations * $deviations;
        }
        foreach ($this->shared->times($off, $precision) as $i => $pull) {
            $cost += $pull * $off[$i];
        }

        return $cost;
    }

    /**
     * @param  array<int, float>  $at
     * @param  array<int, array<int, float>>  $slopes
     * @param  array<int, float>  $pulls  by observation
     * @return array<int, float> by parameter
     */
    private static function pulled(array $at, array $slopes, array $pulls): array
    {
        $pull = [];
        foreach ($slopes as $parameter => $slope) {
            $sum = -$at[$parameter];
            foreach ($slope as $i => $value) {
                $sum += $value * $pulls[$i];
            }
            $pull[] = $sum;
        }

        return $pull;
    }

    /**
     * @param  array<int, float>  $at
     * @param  array<int, float>  $move
     * @return array<int, float>
     */
    private static function moved(array $at, array $move, float $share): array
    {
        $next = [];
        foreach ($at as $i => $value) {
            $there = $value + $share * $move[$i];
            $next[] = $i < RigParameter::Tension->value ? max(-self::FARTHEST, min(self::FARTHEST, $there)) : $there;
        }

        return $next;
    }

    /**
     * Whether slopes drawn at one place hold at the other.
     *
     * @param  array<int, float>  $at
     * @param  array<int, float>  $drawnAt
     */
    private static function areNear(array $at, array $drawnAt): bool
    {
        foreach ($at as $i => $value) {
            if (abs($value - $drawnAt[$i]) > self::NEAR) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  array<int, array<int, float>>  $slopes
     * @param  array<int, float>  $precision
     * @return array<int, array<int, float>>
     */
    private function covariance(array $slopes, array $precision): array
    {
        $matrix = [];
        foreach ($slopes as $row => $one) {
            $scaled = $this->shared->times($one, $precision);
            for ($column = 0; $column <= $row; $column++) {
                $other = $slopes[$column];
                $sum = $row === $column ? 1.0 : 0.0;
                foreach ($scaled as $i => $value) {
                    $sum += $value * $other[$i];
                }
                $matrix[$row][$column] = $sum;
                $matrix[$column][$row] = $sum;
            }
        }

        return Matrix::inverse($matrix);
    }

    /**
     * Each reading against what all the others predict: leave-one-out.
     *
     * @return list<Residual>
     */
    public function judge(Fit $fit): array
    {
        $judged = [];
        foreach ($this->observations as $i => $observation) {
            $own = max(1e-12, $fit->ownPrecision($i));
            $variance = 1.0 / $own + $observation->deviation ** 2 - 1.0 / max(1e-12, $fit->precision[$i]);
            $judged[] = new Residual($observation, $fit->pulls[$i] / $own, sqrt(max(1e-9, $variance)));
        }

        return $judged;
    }

    /**
     * @param  array<int, float>  $at
     * @return array<int, float> what was read less what is predicted, by observation
     */
    private function off(array $at): array
    {
        $off = [];
        foreach ($this->predictions->at($at) as $i => $predicted) {
            $off[$i] = $this->observations[$i]->value - $predicted;
        }

        return $off;
    }
}
