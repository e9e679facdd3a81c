<?php

declare(strict_types=1);

namespace Yoke\Estimation;

use Closure;
use Yoke\Loading\LoadChange;
use Yoke\Probability\LogNormal;
use Yoke\Probability\Normal;
use Yoke\Statics\Bars;
use Yoke\Statics\CoupledRig;
use Yoke\Statics\TowedTrailer;
use Yoke\Statics\TowVehicle;

/**
 * A rig as it is known before anything is taped: what was measured with a ruler as it is, what is only usual with its
 * doubt. Answers what the model makes of that doubt.
 */
final readonly class RigPrior
{
    public const FRONT_RATE = 0;

    public const REAR_RATE = 1;

    public const TONGUE_WEIGHT = 2;

    public const TRAILER_RATE = 3;

    public const CG_HEIGHT = 4;

    public const BAR_RATE = 5;

    public const TENSION = 6;

    /** The parameters in words, in the order of the constants. */
    public const NAMES = ['front springs', 'rear springs', 'tongue weight', 'trailer springs', 'centre of gravity', 'bar rate', 'tension that nobody taped'];

    private const LIKELIEST = [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0];

    /** Something always stands on the trailer's own axles. */
    private const MOST_ON_TONGUE = 0.95;

    /**
     * @param  non-empty-list<LogNormal>  $doubtful  front rate, rear rate, tongue weight, trailer rate, cg height, bar rate, in the order of the constants
     * @param  Normal  $tension  of the reference setting, mm
     * @param  LoadChange|null  $load  what is on board besides
     */
    public function __construct(private KnownRig $known, private array $doubtful, private Normal $tension, private ?LoadChange $load = null)
    {
    }

    /** The same rig, as well or as badly known, with a change of load on board besides what it had. */
    public function loaded(LoadChange $change): self
    {
        return new self($this->known, $this->doubtful, $this->tension, $this->load === null ? $change : $this->load->plus($change));
    }

    public function known(): KnownRig
    {
        return $this->known;
    }

    /** The likely value of a parameter. */
    public function likely(int $parameter): float
    {
        return $parameter === self::TENSION ? $this->tension->mean() : $this->doubtful[$parameter]->value;
    }

    /** @param  float  $ballRaise how much higher than known the unloaded ball stands, mm */
    public function spread(float $ballRaise = 0.0): RigSpread
    {
        $pairs = [];
        for ($parameter = 0; $parameter <= self::TENSION; $parameter++) {
            [$up, $down] = [self::LIKELIEST, self::LIKELIEST];
            [$up[$parameter], $down[$parameter]] = [1.0, -1.0];
            $pairs[] = [[$this->rigAt($up, $ballRaise), $this->tensionAt($up)], [$this->rigAt($down, $ballRaise), $this->tensionAt($down)]];
        }

        return new RigSpread($this->likelyRig($ballRaise), $this->tension->mean(), $pairs);
    }

    /** @param  Closure(CoupledRig, float): float  $quantity of a rig and the tension of its reference setting, mm */
    public function predict(Closure $quantity, float $ballRaise = 0.0): Normal
    {
        return $this->spread($ballRaise)->predict($quantity);
    }

    public function likelyRig(float $ballRaise = 0.0): CoupledRig
    {
        return $this->rigAt(self::LIKELIEST, $ballRaise);
    }

    /**
     * The rig whose parameters lie so many deviations from their likely values.
     *
     * @param  array<int, float>  $at  in the order of the constants; more of it is not looked at
     */
    public function rigAt(array $at, float $ballRaise): CoupledRig
    {
        $rig = $this->unloadedAt($at, $ballRaise);

        return $this->load === null ? $rig : $this->load->on($rig);
    }

    /** @param  array<int, float>  $at */
    private function unloadedAt(array $at, float $ballRaise): CoupledRig
    {
        $known = $this->known;
        $doubtful = $this->doubtful;

        return new CoupledRig(
            new TowVehicle($known->wheelbase, $known->overhang, $doubtful[self::FRONT_RATE]->at($at[self::FRONT_RATE]), $doubtful[self::REAR_RATE]->at($at[self::REAR_RATE])),
            new TowedTrailer(
                $known->ballToAxle,
                $known->grossWeight,
                min($doubtful[self::TONGUE_WEIGHT]->at($at[self::TONGUE_WEIGHT]), self::MOST_ON_TONGUE * $known->grossWeight),
                $doubtful[self::CG_HEIGHT]->at($at[self::CG_HEIGHT]),
                $known->axleGroup->axles($doubtful[self::TRAILER_RATE]->at($at[self::TRAILER_RATE])),
            ),
            new Bars(KnownRig::BARS, $doubtful[self::BAR_RATE]->at($at[self::BAR_RATE]), $known->barArm, $known->ballOverCoupler + $ballRaise),
        );
    }

    /**
     * The tension of the reference setting there, mm.
     *
     * @param  array<int, float>  $at
     */
    public function tensionAt(array $at): float
    {
        $moved = $this->load === null ? 0.0 : $this->load->tension($this->unloadedAt($at, 0.0));

        return $this->tension->mean() + $at[self::TENSION] * $this->tension->deviation() + $moved;
    }

    /** A parameter so many deviations from its likely value, in its own unit. */
    public function valueAt(int $parameter, float $deviations): float
    {
        return $parameter === self::TENSION ? $this->tension->mean() + $deviations * $this->tension->deviation() : $this->doubtful[$parameter]->at($deviations);
    }

    /** What one prior deviation is worth in the parameter's own unit, about a value. */
    public function worth(int $parameter, float $value): float
    {
        return $parameter === self::TENSION ? $this->tension->deviation() : $this->doubtful[$parameter]->share * $value;
    }
}
