<?php

declare(strict_types=1);

namespace Yoke\Fit;

use Closure;
use Yoke\Balance\Bars;
use Yoke\Balance\CoupledRig;
use Yoke\Balance\TowedTrailer;
use Yoke\Balance\TowVehicle;
use Yoke\Measure\Gaussian;

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

    private const PARAMETERS = 7;

    /**
     * @param  non-empty-list<Likely>  $doubtful  front rate, rear rate, tongue weight, trailer rate, cg height, bar rate, in the order of the constants
     * @param  Gaussian  $tension  of the reference setting, mm
     */
    public function __construct(private KnownRig $known, private array $doubtful, private Gaussian $tension)
    {
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
        for ($parameter = 0; $parameter < self::PARAMETERS; $parameter++) {
            $pairs[] = [
                [$this->rig($parameter, 1.0, $ballRaise), $this->tensionAt($parameter, 1.0)],
                [$this->rig($parameter, -1.0, $ballRaise), $this->tensionAt($parameter, -1.0)],
            ];
        }

        return new RigSpread($this->likelyRig($ballRaise), $this->tension->mean(), $pairs);
    }

    /** @param  Closure(CoupledRig, float): float  $quantity of a rig and the tension of its reference setting, mm */
    public function predict(Closure $quantity, float $ballRaise = 0.0): Gaussian
    {
        return $this->spread($ballRaise)->predict($quantity);
    }

    public function likelyRig(float $ballRaise = 0.0): CoupledRig
    {
        return $this->rig(self::TENSION, 0.0, $ballRaise);
    }

    /** The rig with one parameter off its likely value. */
    private function rig(int $parameter, float $deviations, float $ballRaise): CoupledRig
    {
        $value = fn (int $which): float => $this->doubtful[$which]->at($which === $parameter ? $deviations : 0.0);

        return new CoupledRig(
            new TowVehicle($this->known->wheelbase, $this->known->overhang, $value(self::FRONT_RATE), $value(self::REAR_RATE)),
            new TowedTrailer(
                $this->known->ballToAxle,
                $this->known->grossWeight,
                min($value(self::TONGUE_WEIGHT), 0.95 * $this->known->grossWeight),
                $value(self::CG_HEIGHT),
                $this->known->axleGroup->axles($value(self::TRAILER_RATE)),
            ),
            new Bars(KnownRig::BARS, $value(self::BAR_RATE), $this->known->barArm, $this->known->ballOverCoupler + $ballRaise),
        );
    }

    private function tensionAt(int $parameter, float $deviations): float
    {
        return $this->tension->mean() + ($parameter === self::TENSION ? $deviations * $this->tension->deviation() : 0.0);
    }
}
