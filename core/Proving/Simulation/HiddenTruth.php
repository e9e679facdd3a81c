<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation;

use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Mechanics\Statics\Bars;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\TowedTrailer;
use Yoke\Mechanics\Statics\TowVehicle;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Suspension;

/** What a rig of the simulation truly is, and nobody sees: what tape, scales and gauges read off. */
final readonly class HiddenTruth
{
    /** A rig is drawn within so many deviations of what is usual. */
    private const WITHIN = 1.5;

    /** Springs stick by so many kg: coil, leaf. */
    private const FRICTION_KG = ['coil' => [15.0, 40.0], 'leaf' => [40.0, 110.0]];

    /**
     * @param  float  $tension  of the setting that it is told for, mm
     * @param  array{front: float, rear: float}  $aloneMm  fender heights
     * @param  array{front: float, rear: float}  $aloneKg  axle loads
     * @param  array{front: float, rear: float}  $frictionKg
     */
    public function __construct(
        private CoupledRig $rig,
        public float $tension,
        private array $aloneMm,
        public array $aloneKg,
        private array $frictionKg,
    ) {
    }

    /**
     * One rig that the sheets allow.
     *
     * @param  array{front: float, rear: float}  $aloneMm
     * @param  array{front: float, rear: float}  $aloneKg
     * @param  array{front: Suspension, rear: Suspension}  $springs
     */
    public static function drawn(
        RigPrior $prior,
        array $aloneMm,
        array $aloneKg,
        array $springs,
        RandomSource $random,
    ): self {
        $at = [];
        for ($parameter = 0; $parameter < $prior->count(); $parameter++) {
            $at[$parameter] = $random->between(-self::WITHIN, self::WITHIN);
        }
        $friction = [];
        foreach (Axle::cases() as $axle) {
            $friction[$axle->value] = $random->between(...self::FRICTION_KG[$springs[$axle->value]->value]);
        }

        return new self($prior->rigAt($at, 0.0), $prior->tensionAt($at), $aloneMm, $aloneKg, $friction);
    }

    /**
     * The rig at another setting.
     *
     * @param  float  $tensionOffset  tension over that of the setting it is told for, mm
     * @param  float  $ballOffset  of the ball over it, mm
     */
    public function at(float $tensionOffset, float $ballOffset): SimulatedRig
    {
        $bars = $this->rig->bars();
        $raised = new CoupledRig(
            $this->rig->vehicle(),
            $this->rig->trailer(),
            new Bars($bars->count, $bars->rate, $bars->arm, $bars->ballOverCoupler + $ballOffset),
        );

        return new SimulatedRig($raised, $this->tension + $tensionOffset, $this->aloneMm, $this->frictionKg);
    }

    /** @return array<string, mixed> plain numbers, to be kept */
    public function toArray(): array
    {
        $vehicle = $this->rig->vehicle();
        $trailer = $this->rig->trailer();
        $bars = $this->rig->bars();

        return [
            'vehicle' => [$vehicle->wheelbase, $vehicle->overhang, $vehicle->frontRate, $vehicle->rearRate],
            'trailer' => [
                $trailer->ballToAxle,
                $trailer->weight,
                $trailer->tongueWeight,
                $trailer->cgAboveAxle,
            ],
            'axles' => $trailer->axles,
            'bars' => [$bars->rate, $bars->arm, $bars->ballOverCoupler],
            'tension' => $this->tension,
            'alone_mm' => $this->aloneMm,
            'alone_kg' => $this->aloneKg,
            'friction_kg' => $this->frictionKg,
        ];
    }

    /**
     * @param  array{vehicle: array{float, float, float, float}, trailer: array{float, float, float, float},
     *     axles: non-empty-list<array{offset: float, rate: float}>, bars: array{float, float, float}, tension: float,
     *     alone_mm: array{front: float, rear: float}, alone_kg: array{front: float, rear: float},
     *     friction_kg: array{front: float, rear: float}}  $kept
     */
    public static function ofArray(array $kept): self
    {
        return new self(
            new CoupledRig(
                new TowVehicle(...$kept['vehicle']),
                new TowedTrailer(...[...$kept['trailer'], $kept['axles']]),
                new Bars(2, ...$kept['bars']),
            ),
            $kept['tension'],
            $kept['alone_mm'],
            $kept['alone_kg'],
            $kept['friction_kg'],
        );
    }
}
