<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Internal;

use Yoke\Measuring\Estimation\Reading\Observation;

/**
 * How much readings count that share a part of their doubt: those of one kind in one stance and hook-up. The inverse of
 * a
 * diagonal and a block of ones a group, by Sherman and Morrison.
 *
 * @internal
 */
final readonly class SharedPrecision
{
    /** @var list<array{non-empty-list<int>, float}> observations that share a doubt, and its variance */
    private array $groups;

    /** @param  list<Observation>  $observations */
    public function __construct(private array $observations)
    {
        $groups = [];
        foreach ($observations as $i => $observation) {
            if ($observation->shared > 0.0) {
                $group = $observation->group();
                $groups[$group] ??= [[], $observation->shared ** 2];
                $groups[$group][0][] = $i;
            }
        }
        $this->groups = array_values($groups);
    }

    /**
     * Of each observation alone, without what it shares.
     *
     * @param  array<int, float>  $weights
     * @return array<int, float>
     */
    public function ofEach(array $weights): array
    {
        $precision = [];
        foreach ($this->observations as $i => $observation) {
            $precision[$i] = $weights[$i] / $observation->deviation ** 2;
        }

        return $precision;
    }

    /**
     * The precision of all, times a vector.
     *
     * @param  array<int, float>  $vector  by observation
     * @param  array<int, float>  $precision  of each alone
     * @return array<int, float>
     */
    public function times(array $vector, array $precision): array
    {
        $scaled = [];
        foreach ($precision as $i => $one) {
            $scaled[$i] = $one * $vector[$i];
        }
        foreach ($this->groups as [$indices, $variance]) {
            [$all, $sum] = [0.0, 0.0];
            foreach ($indices as $i) {
                $all += $precision[$i];
                $sum += $scaled[$i];
            }
            $less = ($variance / (1.0 + $variance * $all)) * $sum;
            foreach ($indices as $i) {
                $scaled[$i] -= $precision[$i] * $less;
            }
        }

        return $scaled;
    }

    /**
     * Logarithm of the determinant.
     *
     * @param  array<int, float>  $precision  of each alone
     */
    public function logDeterminant(array $precision): float
    {
        $sum = 0.0;
        foreach ($precision as $one) {
            $sum += log($one);
        }
        foreach ($this->groups as [$indices, $variance]) {
            $all = 0.0;
            foreach ($indices as $i) {
                $all += $precision[$i];
            }
            $sum -= log(1.0 + $variance * $all);
        }

        return $sum;
    }
}
