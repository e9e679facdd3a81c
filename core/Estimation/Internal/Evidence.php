<?php

declare(strict_types=1);

namespace Yoke\Estimation\Internal;

use Yoke\Estimation\Observation;
use Yoke\Estimation\Residual;
use Yoke\Estimation\RigPrior;
use Yoke\Probability\Matrix;

/**
 * Readings against a model of them: what a set of parameters costs, which way they pull, how far the likeliest are
 * known. Parameters are in prior deviations.
 *
 * @internal
 */
final readonly class Evidence
{
    private const STEPS = 12;

    private const HALVINGS = 6;

    private const SETTLED = 1e-4;

    /** No rate or weight is looked for farther from its prior, in deviations. */
    private const FARTHEST = 12.0;

    /** @param  list<Observation>  $observations */
    public function __construct(public Predictions $predictions, public array $observations)
    {
    }

    /**
     * @param  array<int, float>  $at
     * @return array<int, array<int, float>> by parameter, then by observation
     */
    public function slopes(array $at): array
    {
        return $this->predictions->slopes($at);
    }

    /**
     * Everything that goes with parameters for weights.
     *
     * @param  array<int, float>  $weights
     * @param  array<int, float>  $at  where nothing pulls any more
     */
    public function fit(array $weights, array $at): Fit
    {
        $slopes = $this->observations === [] ? array_fill(0, count($at), []) : $this->slopes($at);
        $covariance = $this->covariance($slopes, $weights);

        return new Fit($weights, $at, $slopes, $covariance, $this->judge($at, $slopes, $covariance, $weights), $this->cost($at, $weights));
    }

    /**
     * Gauss and Newton's steps from there to where nothing pulls any more.
     *
     * @param  array<int, float>  $at
     * @param  array<int, float>  $weights
     * @return array<int, float>
     */
    public function settle(array $at, array $weights): array
    {
        $cost = $this->cost($at, $weights);
        for ($step = 0; $step < self::STEPS; $step++) {
            $slopes = $this->predictions->slopes($at);
            $move = Matrix::times($this->covariance($slopes, $weights), $this->pull($at, $slopes, $weights));
            for ($share = 1.0, $tries = 0; $tries < self::HALVINGS; $share /= 2, $tries++) {
                $next = [];
                foreach ($at as $i => $value) {
                    $there = $value + $share * $move[$i];
                    $next[] = $i < RigPrior::TENSION ? max(-self::FARTHEST, min(self::FARTHEST, $there)) : $there;
                }
                $better = $this->cost($next, $weights);
                if ($better <= $cost) {
                    break;
                }
            }
            if (! ($better < $cost - self::SETTLED)) {
                return $better <= $cost ? $next : $at;
            }
            [$at, $cost] = [$next, $better];
        }

        return $at;
    }

    /**
     * Twice the negative logarithm of the posterior, but for a constant.
     *
     * @param  array<int, float>  $at
     * @param  array<int, float>  $weights
     */
    public function cost(array $at, array $weights): float
    {
        $cost = 0.0;
        foreach ($at as $deviations) {
            $cost += $deviations * $deviations;
        }
        foreach ($this->predictions->at($at) as $i => $predicted) {
            $off = ($this->observations[$i]->value - $predicted) / $this->observations[$i]->deviation;
            $cost += $weights[$i] * $off * $off;
        }

        return $cost;
    }

    /**
     * @param  array<int, float>  $at
     * @param  array<int, array<int, float>>  $slopes
     * @param  array<int, float>  $weights
     * @return array<int, float>
     */
    public function pull(array $at, array $slopes, array $weights): array
    {
        $scaled = [];
        foreach ($this->predictions->at($at) as $i => $predicted) {
            $scaled[$i] = $weights[$i] * ($this->observations[$i]->value - $predicted) / $this->observations[$i]->deviation ** 2;
        }
        $pull = [];
        foreach ($slopes as $parameter => $slope) {
            $sum = -$at[$parameter];
            foreach ($slope as $i => $value) {
                $sum += $value * $scaled[$i];
            }
            $pull[] = $sum;
        }

        return $pull;
    }

    /**
     * @param  array<int, array<int, float>>  $slopes
     * @param  array<int, float>  $weights
     * @return array<int, array<int, float>>
     */
    public function covariance(array $slopes, array $weights): array
    {
        $precision = [];
        foreach ($this->observations as $i => $observation) {
            $precision[$i] = $weights[$i] / $observation->deviation ** 2;
        }
        $matrix = [];
        foreach ($slopes as $row => $one) {
            for ($column = 0; $column <= $row; $column++) {
                $other = $slopes[$column];
                $sum = $row === $column ? 1.0 : 0.0;
                foreach ($one as $i => $value) {
                    $sum += $value * $other[$i] * $precision[$i];
                }
                $matrix[$row][$column] = $sum;
                $matrix[$column][$row] = $sum;
            }
        }

        return Matrix::inverse($matrix);
    }

    /**
     * Each reading against what all the others predict: leave-one-out, by its leverage.
     *
     * @param  array<int, float>  $at
     * @param  array<int, array<int, float>>  $slopes
     * @param  array<int, array<int, float>>  $covariance
     * @param  array<int, float>  $weights
     * @return list<Residual>
     */
    public function judge(array $at, array $slopes, array $covariance, array $weights): array
    {
        $judged = [];
        foreach ($this->predictions->at($at) as $i => $predicted) {
            $observation = $this->observations[$i];
            $spread = Matrix::quadratic($covariance, array_map(static fn (array $slope): float => $slope[$i], $slopes));
            $ownPull = min(0.999, $weights[$i] * $spread / $observation->deviation ** 2);
            $withoutIt = $spread / (1 - $ownPull);
            $judged[] = new Residual($observation, ($observation->value - $predicted) / (1 - $ownPull), sqrt($withoutIt + $observation->deviation ** 2));
        }

        return $judged;
    }
}
