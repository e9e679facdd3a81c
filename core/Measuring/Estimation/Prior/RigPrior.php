<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Prior;

use Closure;
use Yoke\Foundation\Probability\LogNormal;
use Yoke\Foundation\Probability\Normal;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Mechanics\Statics\Bars;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\TowedTrailer;
use Yoke\Mechanics\Statics\TowVehicle;

/**
 * A rig as it is known before anything is read: rates, weights, tension, and whatever dimension nobody measured, each
 * with its doubt. Answers what the model makes of that doubt.
 */
final readonly class RigPrior
{
    /** From here on stand the dimensions in doubt, in the order of SharedDoubts. */
    private const DIMENSIONS = 7;

    /** Something always stands on the trailer's own axles. */
    private const MOST_ON_TONGUE = 0.95;

    /** Bars hook up ahead of the trailer's axles, whatever is assumed of either. */
    private const LONGEST_ARM = 0.9;

    /**
     * @param  non-empty-list<LogNormal>  $doubtful  front rate, rear rate, tongue weight, trailer rate, cg height, bar
     *     rate, in the order of RigParameter
     * @param  Normal  $tension  of the reference setting, mm
     * @param  LoadChange|null  $load  what is on board besides
     * @param  TensionSlope|null  $slope  how the tension follows the bars' rate; null where it does not
     */
    public function __construct(
        private KnownRig $known,
        private array $doubtful,
        private Normal $tension,
        private ?LoadChange $load = null,
        private ?TensionSlope $slope = null,
    ) {
    }

    /** The same rig, as well or as badly known, with a change of load on board besides what it had. */
    public function loaded(LoadChange $change): self
    {
        return new self(
            $this->known,
            $this->doubtful,
            $this->tension,
            $this->load === null ? $change : $this->load->plus($change),
            $this->slope,
        );
    }

    /** The same rig with another tension of its reference setting, mm. */
    public function withTension(Normal $tension): self
    {
        return new self($this->known, $this->doubtful, $tension, $this->load);
    }

    /**
     * The same, for a hook-up whose setting nobody knows: it is its own reference, and its tension may be anything.
     *
     * @param  float  $doubt  one deviation, mm
     */
    public function ofUnknownSetting(float $doubt): self
    {
        return $this->withTension(Normal::of($this->likely(RigParameter::Tension->value), $doubt));
    }

    /**
     * The same, for a hook-up whose setting is known in part.
     *
     * @param  float  $doubt  what the rest may do to its tension, one deviation, mm
     */
    public function ofHalfKnownSetting(float $doubt): self
    {
        return $doubt <= 0.0
            ? $this
            : new self(
                $this->known,
                $this->doubtful,
                Normal::of($this->tension->mean(), hypot($this->tension->deviation(), $doubt)),
                $this->load,
                $this->slope,
            );
    }

    /** The same rig with bars of another rate, kg/mm, and another tension of its reference setting, mm. */
    public function withBars(LogNormal $rate, Normal $tension): self
    {
        return new self(
            $this->known,
            [...array_slice($this->doubtful, 0, RigParameter::BarRate->value), $rate],
            $tension,
            $this->load,
        );
    }

    /**
     * What of the rig is known as a value with a share of doubt.
     *
     * @param  RigParameter  $parameter  any but the tension
     */
    public function doubtful(RigParameter $parameter): LogNormal
    {
        return $this->doubtful[$parameter->value];
    }

    /** The same rig with one of its dimensions taken as exact. */
    public function withExact(RigDimension $dimension): self
    {
        return new self(
            $this->known->withExact($dimension),
            $this->doubtful,
            $this->tension,
            $this->load,
            $this->slope,
        );
    }

    public function known(): KnownRig
    {
        return $this->known;
    }

    /** How many parameters it has. */
    public function count(): int
    {
        return self::DIMENSIONS + count($this->known->doubts->inDoubt);
    }

    /** The parameter of a dimension; null where it is exact. */
    public function parameterOf(RigDimension $dimension): ?int
    {
        foreach ($this->known->doubts->inDoubt as $i => [$one]) {
            if ($one === $dimension) {
                return self::DIMENSIONS + $i;
            }
        }

        return null;
    }

    /** The key of a parameter, for words. */
    public function nameOf(int $parameter): string
    {
        return RigParameter::tryFrom($parameter)?->key() ??
            $this->known->doubts->inDoubt[$parameter - self::DIMENSIONS][0]->value;
    }

    /** The likely value of a parameter. */
    public function likely(int $parameter): float
    {
        return $this->valueAt($parameter, 0.0);
    }

    /** @param  Closure(CoupledRig, float): float  $quantity of a rig and the tension of its reference setting, mm */
    public function predict(Closure $quantity, float $ballOffset = 0.0): Normal
    {
        return $this->spread($ballOffset)->predict($quantity);
    }

    /** @param  float  $ballOffset how much higher than known the unloaded ball stands, mm */
    public function spread(float $ballOffset = 0.0): RigSpread
    {
        $variants = [[], []];
        for ($parameter = 0; $parameter < $this->count(); $parameter++) {
            foreach ([1.0, -1.0] as $side => $off) {
                $at = [...$this->likeliest(), $parameter => $off];
                $variants[$side][] = new RigVariant($this->rigAt($at, $ballOffset), $this->tensionAt($at));
            }
        }

        return new RigSpread($this->likelyRig($ballOffset), $this->tension->mean(), ...$variants);
    }

    public function likelyRig(float $ballOffset = 0.0): CoupledRig
    {
        return $this->rigAt($this->likeliest(), $ballOffset);
    }

    /**
     * The rig whose parameters lie so many deviations from their likely values.
     *
     * @param  array<int, float>  $at  in the order of the parameters; more of it is not looked at
     */
    public function rigAt(array $at, float $ballOffset): CoupledRig
    {
        $rig = $this->unloadedAt($at, $ballOffset);

        return $this->load === null ? $rig : $this->load->on($rig);
    }

    /**
     * The tension of the reference setting there, mm.
     *
     * @param  array<int, float>  $at
     */
    public function tensionAt(array $at): float
    {
        $moved = $this->load === null ? 0.0 : $this->load->tension($this->unloadedAt($at, 0.0));

        return $this->tension->mean() +
            $at[RigParameter::Tension->value] * $this->tension->deviation() +
            $this->alongRate($at) +
            $moved;
    }

    /** @param  array<int, float>  $at */
    private function alongRate(array $at): float
    {
        return $this->slope?->at($this->at($at, RigParameter::BarRate)) ?? 0.0;
    }

    /** The same rig, its tension known for bars of a rate and following theirs, so that a share stays as likely. */
    public function withTensionFor(Normal $tension, float $rate, float $share): self
    {
        $rigs = array_map(
            fn (float $off): CoupledRig => $this->rigAt(
                [...$this->likeliest(), RigParameter::BarRate->value => $off],
                0.0,
            ),
            [-1.0, 1.0],
        );
        $doubt = $this->doubtful[RigParameter::BarRate->value]->share;
        $perLogRate =
            $doubt > 0.0 ? ($rigs[1]->tensionFor($share) - $rigs[0]->tensionFor($share)) / (2.0 * $doubt) : 0.0;

        return new self($this->known, $this->doubtful, $tension, $this->load, new TensionSlope($perLogRate, $rate));
    }

    /** A parameter so many deviations from its likely value, in its own unit. */
    public function valueAt(int $parameter, float $deviations): float
    {
        return match (true) {
            $parameter === RigParameter::Tension->value => $this->tension->mean() +
                $deviations * $this->tension->deviation(),
            $parameter < RigParameter::Tension->value => $this->doubtful[$parameter]->at($deviations),
            default => $this->known->at($this->known->doubts->inDoubt[$parameter - self::DIMENSIONS][0], $deviations),
        };
    }

    /** What one prior deviation is worth in the parameter's own unit, about a value. */
    public function worth(int $parameter, float $value): float
    {
        return match (true) {
            $parameter === RigParameter::Tension->value => $this->tension->deviation(),
            $parameter < RigParameter::Tension->value => $this->doubtful[$parameter]->share * $value,
            default => $this->known->doubts->inDoubt[$parameter - self::DIMENSIONS][1],
        };
    }

    /** @param  array<int, float>  $at */
    private function at(array $at, RigParameter $parameter): float
    {
        return $this->doubtful[$parameter->value]->at($at[$parameter->value]);
    }

    /** @param  array<int, float>  $at */
    private function unloadedAt(array $at, float $ballOffset): CoupledRig
    {
        [$ball, $wheelbase, $overhang, $length, $arm, $gross] = $this->dimensionsAt($at);

        return new CoupledRig(
            new TowVehicle(
                $wheelbase,
                $overhang,
                $this->at($at, RigParameter::FrontRate),
                $this->at($at, RigParameter::RearRate),
            ),
            new TowedTrailer(
                $length,
                $gross,
                min($this->at($at, RigParameter::TongueWeight), self::MOST_ON_TONGUE * $gross),
                $this->at($at, RigParameter::CgHeight),
                $this->known->axleGroup->axles($this->at($at, RigParameter::TrailerRate)),
            ),
            new Bars(
                KnownRig::BARS,
                $this->at($at, RigParameter::BarRate),
                min($arm, self::LONGEST_ARM * $length),
                $ball + $ballOffset,
            ),
        );
    }

    /**
     * @param  array<int, float>  $at
     * @return array{float, float, float, float, float, float} in the order of RigDimension
     */
    private function dimensionsAt(array $at): array
    {
        $known = $this->known;
        $dimensions = [
            $known->ballOverCoupler,
            $known->wheelbase,
            $known->overhang,
            $known->ballToAxle,
            $known->barArm,
            $known->grossWeight,
        ];
        foreach ($known->doubts->inDoubt as $i => [$dimension]) {
            $deviations = $at[self::DIMENSIONS + $i] ?? 0.0;
            if ($deviations !== 0.0) {
                $place = match ($dimension) {
                    RigDimension::BallOverCoupler => 0,
                    RigDimension::Wheelbase => 1,
                    RigDimension::Overhang => 2,
                    RigDimension::BallToAxle => 3,
                    RigDimension::BarArm => 4,
                    RigDimension::GrossWeight => 5,
                };
                $dimensions[$place] = $known->at($dimension, $deviations);
            }
        }

        return $dimensions;
    }

    /** @return array<int, float> */
    private function likeliest(): array
    {
        return array_fill(0, $this->count(), 0.0);
    }
}
