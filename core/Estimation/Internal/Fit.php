<?php

declare(strict_types=1);

namespace Yoke\Estimation\Internal;

use Yoke\Estimation\Residual;

/**
 * The likeliest parameters for readings that count by their weights, and what goes with them.
 *
 * @internal
 */
final readonly class Fit
{
    /**
     * @param  array<int, float>  $weights  by observation; 1 counts in full
     * @param  array<int, float>  $at  by parameter, in prior deviations
     * @param  array<int, array<int, float>>  $slopes  by parameter, then by observation
     * @param  array<int, array<int, float>>  $covariance
     * @param  list<Residual>  $residuals
     */
    public function __construct(public array $weights, public array $at, public array $slopes, public array $covariance, public array $residuals, public float $cost)
    {
    }
}
