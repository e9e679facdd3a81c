<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation;

use Closure;
use Yoke\Foundation\Probability\Matrix;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Load;
use Yoke\Measuring\Estimation\Internal\Nuisance;
use Yoke\Measuring\Estimation\Internal\Predictions;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Prior\RigVariant;
use Yoke\Measuring\Estimation\Reading\Residual;
use Yoke\Measuring\Estimation\Stories\Hypothesis;
use Yoke\Measuring\Estimation\Stories\ParameterEstimate;
use Yoke\Measuring\Estimation\Stories\Suspect;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Rig\Parts\Axle;

/**
 * A rig as its readings tell it: likely values with their doubt and what hangs together in it, over all stories of how
 * the readings may have come about.
 */
final readonly class Posterior
{
    private const STEP = 0.05;

    /** @var array<int, float> the mean parameters, in prior deviations */
    private array $at;

    /** @var array<int, array<int, float>> covariance of the same */
    private array $covariance;

    /**
     * @internal made by Estimation
     *
     * @param  non-empty-list<Hypothesis>  $stories  the likeliest first
     * @param  list<Residual>  $readings  by the likeliest story
     * @param  list<Suspect>  $suspects  what may be a mistake, the likeliest first
     */
    public function __construct(
        private RigPrior $prior,
        public array $stories,
        public array $readings,
        public array $suspects,
        private Predictions $predictions,
    ) {
        $together = ParameterEstimate::over($stories);
        [$this->at, $this->covariance] = [$together->at, $together->covariance];
    }

    /** The same as one story has it, no other being thought of. */
    public function by(Hypothesis $story): self
    {
        return new self(
            $this->prior,
            [new Hypothesis($story->mistakes, 1.0, $story->at, $story->covariance)],
            $this->readings,
            $this->suspects,
            $this->predictions,
        );
    }

    /**
     * How far a story's rig lies from the mean, by parameter of RigPrior, in prior deviations.
     *
     * @return list<float>
     */
    public function moves(Hypothesis $story): array
    {
        $moves = [];
        for ($parameter = 0; $parameter < $this->prior->count(); $parameter++) {
            $moves[] = $story->at[$parameter] - $this->at[$parameter];
        }

        return $moves;
    }

    /** The same rig, learnt from the same readings, with a change of load on board. */
    public function loaded(LoadChange $change): self
    {
        return new self(
            $this->prior->loaded($change),
            $this->stories,
            $this->readings,
            $this->suspects,
            $this->predictions,
        );
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

    /**
     * A parameter as it would be if another were known to lie so many prior deviations from its likely value, in the
     * first
     * one's own unit.
     */
    public function given(int $parameter, int $other, float $deviations): Normal
    {
        $together = $this->covariance[$parameter][$other] / max($this->covariance[$other][$other], 1e-12);
        $at = $this->at[$parameter] + $together * ($deviations - $this->at[$other]);
        $variance = max(
            0.0,
            $this->covariance[$parameter][$parameter] - $together * $this->covariance[$parameter][$other],
        );
        $value = $this->prior->valueAt($parameter, $at);

        return Normal::of($value, $this->prior->worth($parameter, $value) * sqrt($variance));
    }

    /** The tension of the reference setting with its doubt, mm. */
    public function tensionTold(): Normal
    {
        $told = $this->predict(static fn (CoupledRig $rig, float $tension): float => $tension);

        return Normal::of($told->mean(), $told->deviation());
    }

    /** The true fender height alone, mm. */
    public function heightAlone(Axle $axle): Normal
    {
        $nuisance = self::aloneOn($axle);
        $parameter = $this->predictions->place($nuisance);

        return Normal::of(
            $this->predictions->alone($nuisance, $this->at[$parameter]),
            $this->predictions->spread($nuisance) * sqrt($this->covariance[$parameter][$parameter]),
        );
    }

    /**
     * The likeliest rig with its reference tension, then the same with each parameter a step up: what slopes are made
     * of.
     *
     * @return non-empty-list<RigVariant>
     */
    public function variants(float $ballOffset = 0.0): array
    {
        $variants = [new RigVariant($this->rig($ballOffset), $this->tension())];
        for ($parameter = 0; $parameter < $this->prior->count(); $parameter++) {
            $moved = $this->at;
            $moved[$parameter] += self::STEP;
            $variants[] = new RigVariant(
                $this->prior->rigAt($moved, $ballOffset),
                $this->prior->tensionAt($moved),
            );
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
        return sqrt(max(0.0, $this->covarianceOf($values, $values)));
    }

    /**
     * How a quantity follows each parameter, from its values at the variants.
     *
     * @param  array<int, float>  $values
     * @return list<float>
     */
    public function slopesOf(array $values): array
    {
        $slopes = [];
        for ($parameter = 0; $parameter < $this->prior->count(); $parameter++) {
            $slopes[] = ($values[$parameter + 1] - $values[0]) / self::STEP;
        }

        return $slopes;
    }

    /**
     * How two quantities hang together, from their values at the variants.
     *
     * @param  array<int, float>  $one
     * @param  array<int, float>  $other
     */
    public function covarianceOf(array $one, array $other): float
    {
        return Matrix::between($this->covariance, $this->slopesOf($one), $this->slopesOf($other));
    }

    /**
     * The same, with one parameter known to a share of its present doubt: its doubt, and what hangs together with it,
     * shrinks.
     */
    public function knowing(int $parameter, float $left): self
    {
        return new self(
            $this->prior,
            array_map(static fn (Hypothesis $story): Hypothesis => $story->knowing($parameter, $left), $this->stories),
            $this->readings,
            $this->suspects,
            $this->predictions,
        );
    }

    /** @param  Closure(CoupledRig, float): float  $quantity of a rig and the tension of its reference setting, mm */
    public function predict(Closure $quantity, float $ballOffset = 0.0): Normal
    {
        $values = $this->along($quantity, $ballOffset);

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
        $values = $this->along($rise, $ballOffset);
        $slopes = array_fill(0, count($this->at), 0.0);
        for ($i = 0; $i < $this->prior->count(); $i++) {
            $slopes[$i] = ($values[$i + 1] - $values[0]) / self::STEP;
        }
        $slopes[$parameter] = $this->predictions->spread($nuisance);

        return Normal::of(
            $this->predictions->alone($nuisance, $this->at[$parameter]) + $values[0],
            sqrt(max(0.0, Matrix::quadratic($this->covariance, $slopes))),
        );
    }

    /**
     * A fender's height carried.
     *
     * @param  float  $tensionOffset  over the reference setting's, mm
     * @param  float  $ballOffset  of the ball over its height at the reference setting, mm
     */
    public function carriedHeight(Axle $axle, float $tensionOffset, float $ballOffset): Normal
    {
        $rise = static function (CoupledRig $rig, float $tension) use ($axle, $tensionOffset): float {
            $carried = $rig->carried($tension + $tensionOffset);

            return $axle === Axle::Front ? $carried->frontRise()->millimetres() : $carried->rearRise()->millimetres();
        };

        return $this->height($axle, $rise, $ballOffset);
    }

    /** Level, kg. */
    public function tongueWeight(): Normal
    {
        return $this->predict(static fn (CoupledRig $rig): float => $rig->trailer()->tongueWeight);
    }

    /** Of the trailer. */
    public function gross(): Load
    {
        return Load::ofKilograms($this->rig()->trailer()->weight);
    }

    /**
     * @param  Closure(CoupledRig, float): float  $quantity
     * @return non-empty-list<float> at each variant
     */
    private function along(Closure $quantity, float $ballOffset): array
    {
        return array_map(
            static fn (RigVariant $variant): float => $quantity($variant->rig, $variant->tension),
            $this->variants($ballOffset),
        );
    }

    private static function aloneOn(Axle $axle): Nuisance
    {
        return $axle === Axle::Front ? Nuisance::FrontAlone : Nuisance::RearAlone;
    }
}
