<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Internal;

use Yoke\Foundation\Probability\Matrix;
use Yoke\Measuring\Estimation\Reading\Residual;

/**
 * The likeliest parameters for readings that count by their weights, and what goes with them. About them the model is a
 * straight line, so that another story of the readings is a small correction (docs/model.md, More than one story).
 *
 * @internal
 */
final class Fit
{
    /** @var array<int, array<int, float>> by observation: how the likeliest parameters follow its pull */
    private array $follows = [];

    /** @var array<int, array<int, float>> */
    private array $columns = [];

    /**
     * @param  array<int, float>  $weights  by observation; 1 counts in full
     * @param  array<int, float>  $at  by parameter, in prior deviations
     * @param  array<int, array<int, float>>  $slopes  by parameter, then by observation
     * @param  array<int, array<int, float>>  $covariance
     * @param  array<int, float>  $precision  of each observation alone
     * @param  array<int, float>  $pulls  by observation: the precision of all, times what was read less what is
     *     predicted
     */
    public function __construct(
        public readonly array $weights,
        public readonly array $at,
        public readonly array $slopes,
        public readonly array $covariance,
        public readonly array $precision,
        public readonly array $pulls,
        public readonly float $cost,
        private readonly Evidence $evidence,
    ) {
    }

    /** @return list<Residual> */
    public function residuals(): array
    {
        return $this->evidence->judge($this);
    }

    /**
     * Of an observation, given all others: its precision as the others and the prior predict it, together with its own
     * doubt.
     */
    public function ownPrecision(int $i): float
    {
        return $this->column($i)[$i];
    }

    /**
     * A column of the precision of what is read, the rig being known no better than by its prior: P − P·J·Σ·Jᵀ·P.
     *
     * @return array<int, float> by observation
     */
    public function column(int $i): array
    {
        return $this->columns[$i] ??= $this->precisionTimes($this->unit($i));
    }

    /**
     * @param  array<int, float>  $vector  by observation
     * @return array<int, float>
     */
    public function precisionTimes(array $vector): array
    {
        $scaled = $this->evidence->shared->times($vector, $this->precision);
        $moves = Matrix::times($this->covariance, $this->parametersOf($scaled));
        $explained = [];
        foreach ($this->precision as $j => $_) {
            $sum = 0.0;
            foreach ($this->slopes as $parameter => $slope) {
                $sum += $slope[$j] * $moves[$parameter];
            }
            $explained[$j] = $sum;
        }
        $explained = $this->evidence->shared->times($explained, $this->precision);
        foreach ($scaled as $j => $value) {
            $scaled[$j] = $value - $explained[$j];
        }

        return $scaled;
    }

    /**
     * What a vector over the observations comes to in parameters: Jᵀ·v.
     *
     * @param  array<int, float>  $vector
     * @return array<int, float>
     */
    public function parametersOf(array $vector): array
    {
        $parameters = [];
        foreach ($this->slopes as $slope) {
            $sum = 0.0;
            foreach ($slope as $j => $value) {
                $sum += $value * $vector[$j];
            }
            $parameters[] = $sum;
        }

        return $parameters;
    }

    /**
     * How the parameters follow the pull of an observation.
     *
     * @return array<int, float>
     */
    public function follows(int $i): array
    {
        return $this->follows[$i] ??= $this->parametersOf($this->column($i));
    }

    /** Logarithm of the evidence by Laplace, but for a constant that all fits of the same readings share. */
    public function logEvidence(): float
    {
        return 0.5 *
            (Matrix::logDeterminant($this->covariance) +
                $this->evidence->shared->logDeterminant($this->precision) -
                $this->cost);
    }

    /** @return array<int, float> 1 at an observation, else 0 */
    private function unit(int $i): array
    {
        $unit = array_map(static fn (): float => 0.0, $this->precision);
        $unit[$i] = 1.0;

        return $unit;
    }
}
