<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation;

use Yoke\Foundation\Units\Length;
use Yoke\Measuring\Readings\Height\Settling;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/**
 * A rig with a hidden truth: the model's stance, the heights it has alone, and the friction that keeps its
 * springs from coming quite to rest.
 */
final readonly class SimulatedRig
{
    /** Share of the friction that is left after rolling forward and back. */
    private const LEFT_AFTER_ROLLING = 0.25;

    /**
     * @param  float  $tension  of the bars' setting, mm
     * @param  array{front: float, rear: float}  $aloneMm  true fender heights alone
     * @param  array{front: float, rear: float}  $frictionKg  friction of each axle's springs
     */
    public function __construct(
        private CoupledRig $truth,
        private float $tension,
        private array $aloneMm,
        private array $frictionKg,
    ) {
    }

    /** The same rig with its bars at another tension, mm. */
    public function at(float $tension): self
    {
        return new self($this->truth, $tension, $this->aloneMm, $this->frictionKg);
    }

    /** Of the setting that is on, mm. */
    public function tension(): float
    {
        return $this->tension;
    }

    /** Where the fender really stands when the rig has come to a stop: another roll, another height. */
    public function height(Stance $stance, Axle $axle, Settling $settling, RandomSource $random): Length
    {
        $stuck = $this->frictionKg[$axle->value] * ($settling === Settling::Rolled ? self::LEFT_AFTER_ROLLING : 1.0);
        $rate = $axle === Axle::Front ? $this->truth->vehicle()->frontRate : $this->truth->vehicle()->rearRate;

        return Length::ofMillimetres(
            $this->aloneMm[$axle->value] + $this->rise($stance, $axle) + $random->between(-$stuck, $stuck) / $rate,
        );
    }

    /**
     * What each axle truly carries, kg; the trailer's only while it is coupled.
     *
     * @param  array{front: float, rear: float}  $aloneKg
     * @return array<string, float> by axle: `front`, `rear`, `trailer`
     */
    public function loads(Stance $stance, array $aloneKg): array
    {
        $attitude = $this->attitude($stance);

        return $attitude === null
            ? $aloneKg
            : [
                'front' => $aloneKg['front'] + $attitude->frontLoad()->kilograms(),
                'rear' => $aloneKg['rear'] + $attitude->rearLoad()->kilograms(),
                'trailer' => $this->truth->trailer()->weight - $attitude->load,
            ];
    }

    /** Between ball and coupler, kg; 0 while nothing is coupled. */
    public function ballLoad(Stance $stance): float
    {
        return $this->attitude($stance)?->ballLoad()->kilograms() ?? 0.0;
    }

    /** Of the trailer level, on its own, kg. */
    public function tongueWeight(): float
    {
        return $this->truth->trailer()->tongueWeight;
    }

    /** Against its pitch alone, degrees, nose-up positive. */
    public function vehiclePitch(Stance $stance): float
    {
        return $this->attitude($stance)?->vehiclePitchAngle()->degrees() ?? 0.0;
    }

    /** Degrees, nose-up positive; 0 while it stands level on its jack. */
    public function trailerPitch(Stance $stance): float
    {
        return $this->attitude($stance)?->trailerPitchAngle()->degrees() ?? 0.0;
    }

    private function rise(Stance $stance, Axle $axle): float
    {
        $attitude = $this->attitude($stance);

        return ($axle === Axle::Front ? $attitude?->frontRise() : $attitude?->rearRise())?->millimetres() ?? 0.0;
    }

    /** Null for the vehicle alone. */
    private function attitude(Stance $stance): ?Attitude
    {
        return match ($stance) {
            Stance::Alone => null,
            Stance::Dropped => $this->truth->dropped(),
            Stance::Carried => $this->truth->carried($this->tension),
        };
    }
}
