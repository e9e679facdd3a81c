<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Exercise;

use Yoke\Foundation\Units\Length;
use Yoke\Mechanics\Statics\Bars;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\TowedTrailer;
use Yoke\Proving\Simulation\World\Disturbance;
use Yoke\Proving\Simulation\World\SpringLaw;
use Yoke\Proving\Simulation\World\Stand;
use Yoke\Proving\Simulation\World\TrueHitch;
use Yoke\Proving\Simulation\World\TrueRig;
use Yoke\Proving\Simulation\World\TrueVehicle;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Parts\Suspension;

/**
 * A rig of the practice yard as it truly is: nobody sees it before the debrief. Rests by least energy, with full
 * rotations.
 */
final class HiddenRig
{
    /** A shank turned over stands so much higher, mm. */
    public const SHANK_MM = 95.0;

    /** @var array<string, TrueRig> by ball and faults */
    private array $rigs = [];

    /** @var array<string, Stand> */
    private array $stands = [];

    /**
     * @param  CoupledRig  $truth  without any fault, its ball as at the reference setting
     * @param  float  $tension  of the reference setting, mm
     * @param  array{front: float, rear: float}  $aloneMm  fender heights alone
     * @param  array{front: float, rear: float}  $aloneKg  axle loads alone
     * @param  array{front: float, rear: float}  $frictionKg  of each axle's springs
     * @param  array{front: Suspension, rear: Suspension}  $springs
     */
    public function __construct(
        public readonly CoupledRig $truth,
        public readonly float $tension,
        private readonly Adjusters $adjusters,
        private readonly Setting $reference,
        private readonly array $aloneMm,
        private readonly array $aloneKg,
        private readonly array $frictionKg,
        public readonly array $springs,
    ) {
    }

    /**
     * How the rig rests.
     *
     * @param  list<Fault>  $faults  that are there
     */
    public function stand(Stance $stance, HitchPlace $hitch, array $faults): Stand
    {
        $key = implode(' ', [$stance->value, $hitch->key(), ...array_column($faults, 'value')]);

        return $this->stands[$key] ??= $this->rests(
            $stance,
            $hitch,
            $faults,
            (new FaultEffects($faults))->disturbance($stance, $this->tongueWeight($faults)),
        );
    }

    /**
     * Share of the front axle load that the hitch truly restores on the road: flat ground, jack up, nobody more in the
     * cab.
     *
     * @param  list<Fault>  $faults
     */
    public function share(HitchPlace $hitch, array $faults): float
    {
        $dropped = $this->onTheRoad(Stance::Dropped, $hitch, $faults)->frontLoad;

        return 1.0 - $this->onTheRoad(Stance::Carried, $hitch, $faults)->frontLoad / $dropped;
    }

    /** @param  list<Fault>  $faults */
    public function onTheRoad(Stance $stance, HitchPlace $hitch, array $faults): Stand
    {
        return $this->stands[
            implode(' ', ['road', $stance->value, $hitch->key(), ...array_column($faults, 'value')])
        ] ??= $this->rests($stance, $hitch, $faults, Disturbance::none());
    }

    /**
     * Fender height at rest, mm.
     *
     * @param  list<Fault>  $faults
     */
    public function height(Stance $stance, Axle $axle, HitchPlace $hitch, array $faults): float
    {
        $stand = $this->stand($stance, $hitch, $faults);

        return $this->aloneMm[$axle->value] +
            ($axle === Axle::Front ? $stand->frontRise : $stand->rearRise + (new FaultEffects($faults))->rearAlone());
    }

    /**
     * @param  list<Fault>  $faults
     * @return array<string, float> what each axle carries, kg; the trailer's only while it is coupled.
     */
    public function loads(Stance $stance, HitchPlace $hitch, array $faults): array
    {
        $stand = $this->stand($stance, $hitch, $faults);
        $vehicle = [
            'front' => $this->aloneKg['front'] + $stand->frontLoad,
            'rear' => $this->aloneKg['rear'] + $stand->rearLoad,
        ];
        $disturbance = (new FaultEffects($faults))->disturbance($stance, $this->tongueWeight($faults));

        return $stance === Stance::Alone
            ? $vehicle
            : [
                ...$vehicle,
                'trailer' => $this->truth->trailer()->weight -
                    $stand->frontLoad -
                    $stand->rearLoad +
                    $disturbance->cabKg -
                    $disturbance->jackKg,
            ];
    }

    /**
     * Level, kg.
     *
     * @param  list<Fault>  $faults
     */
    public function tongueWeight(array $faults): float
    {
        return $this->truth->trailer()->tongueWeight * (new FaultEffects($faults))->tongue();
    }

    /** How far the springs of an axle stick off rest at the most, not rolled, mm. */
    public function sticks(Axle $axle): float
    {
        $vehicle = $this->truth->vehicle();

        return $this->frictionKg[$axle->value] / ($axle === Axle::Front ? $vehicle->frontRate : $vehicle->rearRate);
    }

    /**
     * Of all bars at a setting while nothing is lowered yet: what fingers would meet, kg.
     *
     * @param  list<Fault>  $faults
     */
    public function pull(HitchPlace $hitch, array $faults): float
    {
        return $this->stand(Stance::Carried, $hitch, $faults)->barLoad;
    }

    /** The unloaded ball over the level coupler. */
    public function ballOverCoupler(HitchPlace $hitch): Length
    {
        return $this->adjusters
            ->ballHeightBetween($this->reference, $hitch->setting)
            ->plus(Length::ofMillimetres($this->truth->bars()->ballOverCoupler))
            ->plus(Length::ofMillimetres($hitch->isTurned ? self::SHANK_MM : 0.0));
    }

    /** @param  list<Fault>  $faults */
    private function rests(Stance $stance, HitchPlace $hitch, array $faults, Disturbance $disturbance): Stand
    {
        $rig = $this->rig($hitch, $faults);

        return match ($stance) {
            Stance::Alone => $rig->alone($disturbance),
            Stance::Dropped => $rig->dropped($disturbance),
            Stance::Carried => $rig->carried($this->tensionAt($hitch, $faults), $disturbance),
        };
    }

    /**
     * Tension of a setting, mm.
     *
     * @param  list<Fault>  $faults
     */
    public function tensionAt(HitchPlace $hitch, array $faults): float
    {
        return $this->tension +
            $this->adjusters->tensionBetween($this->reference, $hitch->setting, $this->truth->bars()->arm) +
            (new FaultEffects($faults))->tension($this->adjusters->tensionStep());
    }

    /** @param  list<Fault>  $faults */
    private function rig(HitchPlace $hitch, array $faults): TrueRig
    {
        $ball = $this->ballOverCoupler($hitch)->millimetres();

        return $this->rigs[$ball.implode(' ', array_column($faults, 'value'))] ??= $this->built(
            $ball,
            new FaultEffects($faults),
        );
    }

    private function built(float $ball, FaultEffects $effects): TrueRig
    {
        [$vehicle, $trailer, $bars] = [$this->truth->vehicle(), $this->truth->trailer(), $this->truth->bars()];

        return new TrueRig(
            new TrueVehicle(
                $vehicle->wheelbase,
                $vehicle->overhang,
                SpringLaw::straight($vehicle->frontRate),
                SpringLaw::straight($vehicle->rearRate * $effects->rearRate()),
            ),
            new TowedTrailer(
                $trailer->ballToAxle,
                $trailer->weight,
                $trailer->tongueWeight * $effects->tongue(),
                $trailer->cgAboveAxle,
                $trailer->axles,
            ),
            new TrueHitch(
                new Bars($bars->count, $bars->rate * $effects->barRate(), $bars->arm, $ball),
                unlike: $effects->unlike($this->adjusters->tensionStep()),
            ),
        );
    }
}
