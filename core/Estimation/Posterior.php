<?php

declare(strict_types=1);

namespace Yoke\Estimation;

use Closure;
use Yoke\Estimation\Internal\Nuisance;
use Yoke\Estimation\Internal\Predictions;
use Yoke\Loading\LoadChange;
use Yoke\Probability\Matrix;
use Yoke\Probability\Normal;
use Yoke\Rig\Axle;
use Yoke\Statics\CoupledRig;

/** A rig as its readings tell it: likely values with their doubt and what hangs together in it. */
final readonly class Posterior
{
    private const STEP = 0.05;

    /**
     * @internal made by Estimation
     *
     * @param  array<int, float>  $at  the likeliest parameters, in prior deviations
     * @param  array<int, array<int, float>>  $covariance  of the same
     * @param  list<Residual>  $readings
     * @param  list<Suspect>  $suspects  readings that may be mistakes, the likeliest first
     */
    public function __construct(
        private RigPrior $prior,
        private array $at,
        private array $covariance,
        public array $readings,
        public array $suspects,
        private Predictions $predictions,
    ) {
    }

    /** The same rig, learnt from the same readings, with a change of load on board. */
    public function loaded(LoadChange $change): self
    {
        return new self($this->prior->loaded($change), $this->at, $this->covariance, $this->readings, $this->suspects, $this->predictions);
    }

    public function prior(): RigPrior
    {
        return $this->prior;
    }

    /** The likeliest rig. */
    public function rig(float $ballOffset = 0.0): CoupledRig
    {
        return $this->prior->rigAt($this->at, $ballOffset);
    }

    /** The likeliest tension of the reference setting, mm. */
    public function tension(): float
    {
        return $this->prior->tensionAt($this->at);
    }

    /** A parameter of RigPrior in its own unit. */
    public function value(int $parameter): Normal
    {
        $deviation = sqrt($this->covariance[$parameter][$parameter]);
        $value = $this->prior->valueAt($parameter, $this->at[$parameter]);

        return Normal::of($value, $this->prior->worth($parameter, $value) * $deviation);
    }

    /** The true fender height alone, mm. */
    public function heightAlone(Axle $axle): Normal
    {
        $nuisance = self::aloneOn($axle);
        $parameter = $this->predictions->place($nuisance);

        return Normal::of($this->predictions->alone($nuisance, $this->at[$parameter]), $this->predictions->spread($nuisance) * sqrt($this->covariance[$parameter][$parameter]));
    }

    /**
     * The likeliest rig with its reference tension, then the same with each parameter a step up: what slopes are made of.
     *
     * @return non-empty-list<array{CoupledRig, float}>
     */
    public function variants(float $ballOffset = 0.0): array
    {
        $variants = [[$this->rig($ballOffset), $this->tension()]];
        for ($parameter = 0; $parameter < $this->prior->count(); $parameter++) {
            $moved = $this->at;
            $moved[$parameter] += self::STEP;
            $variants[] = [$this->prior->rigAt($moved, $ballOffset), $this->prior->tensionAt($moved)];
        }

        return $variants;
    }

    /**
     * The doubt of a quantity from its values at the variants.
     *
     * @param  array<int, float>  $values
     */
    public function deviationOf(array $values): float
    {
        $slopes = [];
        for ($parameter = 0; $parameter < $this->prior->count(); $parameter++) {
            $slopes[] = ($values[$parameter + 1] - $values[0]) / self::STEP;
        }

        return sqrt(max(0.0, Matrix::quadratic($this->covariance, $slopes)));
    }

    /**
     * Variance of one quantity, covariance of both, variance of the other, from their values at the variants.
     *
     * @param  array<int, float>  $one
     * @param  array<int, float>  $other
     * @return array{float, float, float}
     */
    public function variancesAlong(array $one, array $other): array
    {
        [$slopes, $others] = [[], []];
        for ($parameter = 0; $parameter < $this->prior->count(); $parameter++) {
            $slopes[] = ($one[$parameter + 1] - $one[0]) / self::STEP;
            $others[] = ($other[$parameter + 1] - $other[0]) / self::STEP;
        }
        $covariance = 0.0;
        foreach ($slopes as $i => $slope) {
            foreach ($others as $j => $with) {
                $covariance += $slope * $this->covariance[$i][$j] * $with;
            }
        }

        return [Matrix::quadratic($this->covariance, $slopes), $covariance, Matrix::quadratic($this->covariance, $others)];
    }

    /** The same, with one parameter known to a share of its present doubt: its doubt, and what hangs together with it, shrinks. */
    public function knowing(int $parameter, float $left): self
    {
        $variance = $this->covariance[$parameter][$parameter];
        $gain = $variance > 0.0 ? (1.0 - $left ** 2) / $variance : 0.0;
        $column = array_map(static fn (array $row): float => $row[$parameter], $this->covariance);
        $covariance = array_map(static fn (array $row, float $with): array => array_map(static fn (float $one, float $other): float => $one - $gain * $with * $other, $row, $column), $this->covariance, $column);

        return new self($this->prior, $this->at, $covariance, $this->readings, $this->suspects, $this->predictions);
    }

    /** @param  Closure(CoupledRig, float): float  $quantity of a rig and the tension of its reference setting, mm */
    public function predict(Closure $quantity, float $ballOffset = 0.0): Normal
    {
        $values = array_map(static fn (array $variant): float => $quantity(...$variant), $this->variants($ballOffset));

        return Normal::of($values[0], $this->deviationOf($values));
    }

    /**
     * A fender height, as predicted for one more reading of it without the reading's own doubt.
     *
     * @param  Closure(CoupledRig, float): float  $rise  of the fender, mm
     */
    public function height(Axle $axle, Closure $rise, float $ballOffset = 0.0): Normal
    {
        $nuisance = self::aloneOn($axle);
        $parameter = $this->predictions->place($nuisance);
        $values = array_map(static fn (array $variant): float => $rise(...$variant), $this->variants($ballOffset));
        $slopes = array_fill(0, count($this->at), 0.0);
        for ($i = 0; $i < $this->prior->count(); $i++) {
            $slopes[$i] = ($values[$i + 1] - $values[0]) / self::STEP;
        }
        $slopes[$parameter] = $this->predictions->spread($nuisance);

        return Normal::of($this->predictions->alone($nuisance, $this->at[$parameter]) + $values[0], sqrt(max(0.0, Matrix::quadratic($this->covariance, $slopes))));
    }

    private static function aloneOn(Axle $axle): Nuisance
    {
        return $axle === Axle::Front ? Nuisance::FrontAlone : Nuisance::RearAlone;
    }
}
