<?php

declare(strict_types=1);

namespace Yoke\Fit;

use Yoke\Fit\Internal\Matrix;
use Yoke\Fit\Internal\Predictions;
use Yoke\Rig\Stance;

/**
 * What readings tell of a rig (docs/model.md, What the readings tell): Gauss and Newton's steps to the likeliest
 * parameters, their doubt from the slopes there. A reading that the others contradict counts less; none is dropped.
 */
final readonly class Estimation
{
    private const STEPS = 12;

    private const HALVINGS = 6;

    private const SETTLED = 1e-4;

    /** How often readings are weighed again by what the others say of them. */
    private const WEIGHINGS = 3;

    /** One reading in so many is a slip, and so far off. */
    private const SLIP_CHANCE = 0.005;

    private const SLIP_MM = 8.0;

    /** So many deviations from what rigs of this kind give, a reading waits for the others to speak for it. */
    private const ABSURD = 8.0;

    /** However well the others are known, a deviation counts for no less than this. */
    private const ABSURD_MM = 5.0;

    private const ABSURD_KG = 60.0;

    /** Of a reading that all the others contradict: it is kept, and asked for again. */
    private const LEAST_WEIGHT = 1e-6;

    private const SLIP_KG = 60.0;

    /** How far up, twice as far down, and how finely a tension is summed up, in its deviations. */
    private const ALONG = 4.0;

    private const ALONG_STEP = 0.2;

    /** What bars do to a reading shows from so many of its deviations on. */
    private const SHOWN = 4.0;

    /** Slack bars tell nothing of how slack: the search begins again with them taut by so many deviations. */
    private const SECOND_START = 2.0;

    private Predictions $predictions;

    /** @param  list<Observation>  $observations */
    public function __construct(private RigPrior $prior, private array $observations)
    {
        $this->predictions = new Predictions($prior, $observations);
    }

    public function posterior(): Posterior
    {
        $start = array_fill(0, $this->predictions->parameters(), 0.0);
        $weights = $this->withoutTheAbsurd($start);
        $at = $this->settle($start, $weights);
        if ($this->hangsSlack($at)) {
            $start[RigPrior::TENSION] = self::SECOND_START;
            $other = $this->settle($start, $weights);
            $at = $this->cost($other, $weights) < $this->cost($at, $weights) ? $other : $at;
        }
        $slopes = $this->predictions->slopes($at);
        $covariance = $this->covariance($slopes, $weights);
        for ($i = 0; $i < self::WEIGHINGS; $i++) {
            $weighed = $this->weigh($at, $slopes, $covariance, $weights);
            if (min([1.0, ...$weighed]) > 0.95 && min([1.0, ...$weights]) > 0.95) {
                break;
            }
            $weights = $weighed;
            $at = $this->settle($at, $weights);
            $slopes = $this->predictions->slopes($at);
            $covariance = $this->covariance($slopes, $weights);
        }

        $readings = $this->judge($at, $slopes, $covariance, $weights);
        $telling = $this->withoutNearlySlack($at, $weights);
        if ($telling !== $weights) {
            [$at, $covariance] = $this->belowSomething($at, $weights, $telling);
        }

        return new Posterior($this->prior, $at, $covariance, $readings, $this->predictions);
    }

    /**
     * All readings alike, but for those that no rig of this kind could give: one at a time, the worst first.
     *
     * @param  array<int, float>  $start
     * @return array<int, float>
     */
    private function withoutTheAbsurd(array $start): array
    {
        $weights = array_map(static fn (): float => 1.0, $this->observations);
        $slopes = $this->observations === [] ? [] : $this->predictions->slopes($start);
        for ($i = 0; $i < intdiv(count($weights), 2); $i++) {
            $covariance = $this->covariance($slopes, $weights);
            $move = Matrix::times($covariance, $this->pull($start, $slopes, $weights));
            $there = array_map(static fn (float $value, float $by): float => $value + $by, $start, $move);
            $far = array_map(static fn (Doubted $reading): float => abs($reading->off) / max($reading->deviation, $reading->observation->observed->isLoad() ? self::ABSURD_KG : self::ABSURD_MM), $this->judge($there, $slopes, $covariance, $weights));
            $worst = array_search(max([0.0, ...$far]), $far, true);
            if ($worst === false || $far[$worst] < self::ABSURD || $weights[$worst] < 1.0) {
                break;
            }
            $weights[$worst] = self::LEAST_WEIGHT;
        }

        return $weights;
    }

    /**
     * Readings over bars that hang slack or nearly so say that the tension is below something, not what it is: their
     * likelihood is summed up along the line on which the other parameters follow the tension, as the other readings have
     * it.
     *
     * @param  array<int, float>  $at
     * @param  array<int, float>  $weights
     * @param  array<int, float>  $telling  the weights, 0 for those readings
     * @return array{array<int, float>, array<int, array<int, float>>}
     */
    private function belowSomething(array $at, array $weights, array $telling): array
    {
        $at = $this->settle($at, $telling);
        $slopes = $this->predictions->slopes($at);
        $covariance = $this->covariance($slopes, $telling);
        $column = $covariance[RigPrior::TENSION];
        $own = $column[RigPrior::TENSION];
        $doubts = [];
        foreach ($this->observations as $i => $observation) {
            if ($telling[$i] !== $weights[$i]) {
                $slope = array_map(static fn (array $one): float => $one[$i], $slopes);
                $alongLine = array_sum(array_map(static fn (float $one, float $with): float => $one * $with, $slope, $column)) ** 2 / $own;
                $doubts[$i] = max(0.0, Matrix::quadratic($covariance, $slope) - $alongLine) + $observation->deviation ** 2 / $weights[$i];
            }
        }
        $sums = [0.0, 0.0, 0.0];
        for ($step = -2 * self::ALONG; $step <= self::ALONG; $step += self::ALONG_STEP) {
            $moved = $this->along($at, $column, $step / sqrt($own));
            $off = $step ** 2;
            foreach (array_intersect_key($this->predictions->at($moved), $doubts) as $i => $predicted) {
                $off += ($this->observations[$i]->value - $predicted) ** 2 / $doubts[$i];
            }
            $likely = exp(-$off / 2);
            $sums = [$sums[0] + $likely, $sums[1] + $likely * $step, $sums[2] + $likely * $step ** 2];
        }
        $mean = $sums[1] / max($sums[0], 1e-300);
        $variance = max($sums[2] / max($sums[0], 1e-300) - $mean ** 2, 1e-4);
        foreach ($column as $i => $one) {
            foreach ($column as $j => $other) {
                $covariance[$i][$j] += ($variance - 1.0) * $one * $other / $own;
            }
        }

        return [$this->along($at, $column, $mean / sqrt($own)), $covariance];
    }

    /**
     * The parameters so far along what hangs together with the tension.
     *
     * @param  array<int, float>  $at
     * @param  array<int, float>  $column
     * @return array<int, float>
     */
    private function along(array $at, array $column, float $share): array
    {
        return array_map(static fn (float $value, float $with): float => $value + $with * $share, $at, $column);
    }

    /**
     * The weights, 0 for readings of the carried rig where the bars do nothing that the reading could show.
     *
     * @param  array<int, float>  $at
     * @param  array<int, float>  $weights
     * @return array<int, float>
     */
    private function withoutNearlySlack(array $at, array $weights): array
    {
        $changes = $this->predictions->byBars($at);
        [$shows, $keys] = [[], []];
        foreach ($this->observations as $i => $observation) {
            $key = "{$observation->situation->stance->value} {$observation->situation->more} {$observation->situation->ballRaise}";
            $shows[$key] = max($shows[$key] ?? 0.0, $observation->situation->stance === Stance::Carried ? abs($changes[$i]) / $observation->deviation : INF);
            $keys[$i] = $key;
        }
        foreach ($this->observations as $i => $observation) {
            if ($observation->situation->stance === Stance::Carried && $observation->observed !== Observed::BarBend && $shows[$keys[$i]] < self::SHOWN) {
                $weights[$i] = 0.0;
            }
        }

        return $weights;
    }

    /**
     * @param  array<int, float>  $at
     * @param  array<int, float>  $weights
     * @return array<int, float>
     */
    private function settle(array $at, array $weights): array
    {
        $cost = $this->cost($at, $weights);
        for ($step = 0; $step < self::STEPS; $step++) {
            $slopes = $this->predictions->slopes($at);
            $move = Matrix::times($this->covariance($slopes, $weights), $this->pull($at, $slopes, $weights));
            for ($share = 1.0, $tries = 0; $tries < self::HALVINGS; $share /= 2, $tries++) {
                $next = [];
                foreach ($at as $i => $value) {
                    $next[] = $value + $share * $move[$i];
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
    private function cost(array $at, array $weights): float
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
    private function pull(array $at, array $slopes, array $weights): array
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
    private function covariance(array $slopes, array $weights): array
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

    /** @param  array<int, float>  $at */
    private function hangsSlack(array $at): bool
    {
        foreach ($this->observations as $observation) {
            if ($this->isSlack($at, $observation)) {
                return true;
            }
        }

        return false;
    }

    /** @param  array<int, float>  $at */
    private function isSlack(array $at, Observation $observation): bool
    {
        $situation = $observation->situation;

        return $situation->stance === Stance::Carried
            && $this->prior->rigAt($at, $situation->ballRaise)->carried($this->prior->tensionAt($at) + $situation->more)->barMoment <= 0.0;
    }

    /**
     * How likely each reading is no slip, by how far it lies from what the others predict.
     *
     * @param  array<int, float>  $at
     * @param  array<int, array<int, float>>  $slopes
     * @param  array<int, array<int, float>>  $covariance
     * @param  array<int, float>  $weights
     * @return array<int, float>
     */
    private function weigh(array $at, array $slopes, array $covariance, array $weights): array
    {
        return array_map(static function (Doubted $reading): float {
            $slip = $reading->observation->observed->isLoad() ? self::SLIP_KG : self::SLIP_MM;
            $wide = hypot($reading->deviation, $slip);
            $sound = (1 - self::SLIP_CHANCE) / $reading->deviation * exp(-0.5 * ($reading->off / $reading->deviation) ** 2);
            $slipped = self::SLIP_CHANCE / $wide * exp(-0.5 * ($reading->off / $wide) ** 2);

            return max(self::LEAST_WEIGHT, $sound / max($sound + $slipped, 1e-300));
        }, $this->judge($at, $slopes, $covariance, $weights));
    }

    /**
     * Each reading against what all the others predict: leave-one-out, by its leverage.
     *
     * @param  array<int, float>  $at
     * @param  array<int, array<int, float>>  $slopes
     * @param  array<int, array<int, float>>  $covariance
     * @param  array<int, float>  $weights
     * @return list<Doubted>
     */
    private function judge(array $at, array $slopes, array $covariance, array $weights): array
    {
        $judged = [];
        foreach ($this->predictions->at($at) as $i => $predicted) {
            $observation = $this->observations[$i];
            $spread = Matrix::quadratic($covariance, array_map(static fn (array $slope): float => $slope[$i], $slopes));
            $ownPull = min(0.999, $weights[$i] * $spread / $observation->deviation ** 2);
            $withoutIt = $spread / (1 - $ownPull);
            $judged[] = new Doubted($observation, ($observation->value - $predicted) / (1 - $ownPull), sqrt($withoutIt + $observation->deviation ** 2));
        }

        return $judged;
    }
}
