<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Internal;

use Yoke\Foundation\Probability\Matrix;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Stories\ParameterEstimate;
use Yoke\Rig\Parts\Stance;

/**
 * Bars that hang slack, or nearly so: what readings of the carried rig say then.
 *
 * @internal
 */
final readonly class SlackBars
{
    /** How far up, twice as far down, and how finely a tension is summed up, in its deviations. */
    private const ALONG = 4.0;

    private const ALONG_STEP = 0.2;

    /** What bars do to a reading shows from so many of its deviations on. */
    private const SHOWN = 4.0;

    public function __construct(private RigPrior $prior, private Evidence $evidence)
    {
    }

    /** @param  array<int, float>  $at */
    public function hangsSlack(array $at): bool
    {
        foreach ($this->evidence->observations as $observation) {
            if ($this->isSlack($at, $observation)) {
                return true;
            }
        }

        return false;
    }

    /**
     * The weights, 0 for readings of the carried rig where the bars do nothing that the reading could show.
     *
     * @param  array<int, float>  $at
     * @param  array<int, float>  $weights
     * @return array<int, float>
     */
    public function withoutNearlySlack(array $at, array $weights): array
    {
        $changes = $this->evidence->predictions->byBars($at);
        [$shows, $keys] = [[], []];
        foreach ($this->evidence->observations as $i => $observation) {
            $context = $observation->context;
            $key = "{$context->stance->value} {$context->tensionOffset} {$context->ballOffset}";
            $shows[$key] = max(
                $shows[$key] ?? 0.0,
                $observation->context->stance === Stance::Carried
                    ? abs($changes[$i]) / $observation->deviation
                    : INF,
            );
            $keys[$i] = $key;
        }
        foreach ($this->evidence->observations as $i => $observation) {
            if (
                $observation->context->stance === Stance::Carried &&
                $observation->observed !== Observed::BarBend &&
                $shows[$keys[$i]] < self::SHOWN
            ) {
                $weights[$i] = 0.0;
            }
        }

        return $weights;
    }

    /**
     * Readings over bars that hang slack or nearly so say that the tension is below something, not what it is: their
     * likelihood is summed up along the line on which the other parameters follow the tension, as the other readings
     * have
     * it.
     *
     * @param  array<int, float>  $at
     * @param  array<int, float>  $weights
     * @param  array<int, float>  $telling  the weights, 0 for those readings
     */
    public function belowSomething(array $at, array $weights, array $telling): ParameterEstimate
    {
        $fit = $this->evidence->settle($at, $telling);
        [$at, $slopes, $covariance] = [$fit->at, $fit->slopes, $fit->covariance];
        $column = $covariance[RigParameter::Tension->value];
        $own = $column[RigParameter::Tension->value];
        $doubts = [];
        foreach ($this->evidence->observations as $i => $observation) {
            if ($telling[$i] !== $weights[$i]) {
                $slope = array_map(static fn (array $one): float => $one[$i], $slopes);
                $alongLine =
                    array_sum(
                        array_map(static fn (float $one, float $with): float => $one * $with, $slope, $column),
                    ) **
                        2 /
                    $own;
                $doubts[$i] =
                    max(0.0, Matrix::quadratic($covariance, $slope) - $alongLine) +
                    $observation->deviation ** 2 / $weights[$i] +
                    $observation->shared ** 2;
            }
        }
        $sums = [0.0, 0.0, 0.0];
        for ($step = -2 * self::ALONG; $step <= self::ALONG; $step += self::ALONG_STEP) {
            $moved = $this->along($at, $column, $step / sqrt($own));
            $off = $step ** 2;
            foreach (
                array_intersect_key($this->evidence->predictions->at($moved), $doubts) as $i => $predicted
            ) {
                $off += ($this->evidence->observations[$i]->value - $predicted) ** 2 / $doubts[$i];
            }
            $likely = exp(-$off / 2);
            $sums = [$sums[0] + $likely, $sums[1] + $likely * $step, $sums[2] + $likely * $step ** 2];
        }
        $mean = $sums[1] / max($sums[0], 1e-300);
        $variance = max($sums[2] / max($sums[0], 1e-300) - $mean ** 2, 1e-4);
        foreach ($column as $i => $one) {
            foreach ($column as $j => $other) {
                $covariance[$i][$j] += (($variance - 1.0) * $one * $other) / $own;
            }
        }

        return new ParameterEstimate($this->along($at, $column, $mean / sqrt($own)), $covariance);
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

    /** @param  array<int, float>  $at */
    private function isSlack(array $at, Observation $observation): bool
    {
        $situation = $observation->context;

        return $situation->stance === Stance::Carried &&
            $this->prior
                ->rigAt($at, $situation->ballOffset)
                ->carried($this->prior->tensionAt($at) + $situation->tensionOffset)->barMoment <= 0.0;
    }
}
