<?php

declare(strict_types=1);

namespace Yoke\Foundation\Probability;

/**
 * Symmetric positive definite matrices as lists of rows: what a fit of a dozen parameters needs of linear algebra.
 *
 * @internal
 */
final class Matrix
{
    /**
     * The inverse, by Cholesky's factors.
     *
     * @param  array<int, array<int, float>>  $matrix
     * @return array<int, array<int, float>>
     */
    public static function inverse(array $matrix): array
    {
        $size = count($matrix);
        $lower = self::factor($matrix, $size);
        $inverse = [];
        for ($column = 0; $column < $size; $column++) {
            $solved = [];
            for ($i = 0; $i < $size; $i++) {
                $sum = $i === $column ? 1.0 : 0.0;
                for ($k = $column; $k < $i; $k++) {
                    $sum -= $lower[$i][$k] * $solved[$k];
                }
                $solved[$i] = $i < $column ? 0.0 : $sum / $lower[$i][$i];
            }
            for ($i = $size - 1; $i >= 0; $i--) {
                $sum = $solved[$i];
                for ($k = $i + 1; $k < $size; $k++) {
                    $sum -= $lower[$k][$i] * $solved[$k];
                }
                $solved[$i] = $sum / $lower[$i][$i];
            }
            $inverse[] = $solved;
        }

        return $inverse;
    }

    /**
     * @param  array<int, array<int, float>>  $matrix
     * @param  array<int, float>  $vector
     * @return array<int, float>
     */
    public static function times(array $matrix, array $vector): array
    {
        $product = [];
        foreach ($matrix as $row) {
            $sum = 0.0;
            foreach ($row as $i => $value) {
                $sum += $value * $vector[$i];
            }
            $product[] = $sum;
        }

        return $product;
    }

    /**
     * vᵀ·M·v
     *
     * @param  array<int, array<int, float>>  $matrix
     * @param  array<int, float>  $vector  may be shorter than the matrix
     */
    public static function quadratic(array $matrix, array $vector): float
    {
        $total = 0.0;
        foreach ($vector as $i => $one) {
            if ($one !== 0.0) {
                $row = $matrix[$i];
                $sum = 0.0;
                foreach ($vector as $j => $other) {
                    $sum += $row[$j] * $other;
                }
                $total += $one * $sum;
            }
        }

        return $total;
    }

    /**
     * uᵀ·M·v
     *
     * @param  array<int, array<int, float>>  $matrix
     * @param  array<int, float>  $one  may be shorter than the matrix, as the other
     * @param  array<int, float>  $other
     */
    public static function between(array $matrix, array $one, array $other): float
    {
        $total = 0.0;
        foreach ($one as $i => $value) {
            $row = $matrix[$i];
            $sum = 0.0;
            foreach ($other as $j => $with) {
                $sum += $row[$j] * $with;
            }
            $total += $value * $sum;
        }

        return $total;
    }

    /** @param  array<int, array<int, float>>  $matrix */
    public static function logDeterminant(array $matrix): float
    {
        $sum = 0.0;
        foreach (self::factor($matrix, count($matrix)) as $i => $row) {
            $sum += 2.0 * log($row[$i]);
        }

        return $sum;
    }

    /**
     * @param  array<int, array<int, float>>  $matrix
     * @return array<int, array<int, float>>
     */
    private static function factor(array $matrix, int $size): array
    {
        $lower = [];
        for ($i = 0; $i < $size; $i++) {
            for ($j = 0; $j <= $i; $j++) {
                $sum = $matrix[$i][$j];
                for ($k = 0; $k < $j; $k++) {
                    $sum -= $lower[$i][$k] * $lower[$j][$k];
                }
                $lower[$i][$j] = $i === $j ? sqrt(max($sum, 1e-12)) : $sum / $lower[$j][$j];
            }
        }

        return $lower;
    }
}
