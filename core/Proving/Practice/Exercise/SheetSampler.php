<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Exercise;

use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Proving\Simulation\RandomSource;
use Yoke\Rig\Parts\Hitch;
use Yoke\Rig\Parts\Rig;
use Yoke\Rig\Parts\Suspension;
use Yoke\Rig\Parts\TongueWeightSource;
use Yoke\Rig\Parts\Trailer;
use Yoke\Rig\Parts\TrailerBody;
use Yoke\Rig\Parts\Vehicle;
use Yoke\Rig\Parts\VehicleClass;

/**
 * Draws rigs as their specifications would describe them: a vehicle, a trailer that it would tow, a hitch for its
 * tongue weight.
 */
final readonly class SheetSampler
{
    /** Bars come in these ratings, kg. */
    private const RATINGS = [180.0, 270.0, 360.0, 450.0, 550.0, 640.0];

    private const GROSS_KG = [
        VehicleClass::SmallCrossover->value => [900.0, 1350.0],
        VehicleClass::FamilySuv->value => [1400.0, 2100.0],
        VehicleClass::HalfTon->value => [1900.0, 3200.0],
        VehicleClass::ThreeQuarterTon->value => [2600.0, 4200.0],
    ];

    private const BODIES = [
        VehicleClass::SmallCrossover->value => [TrailerBody::PopUp],
        VehicleClass::FamilySuv->value => [TrailerBody::Caravan, TrailerBody::PopUp],
        VehicleClass::HalfTon->value => [TrailerBody::Box, TrailerBody::Caravan, TrailerBody::Tall],
        VehicleClass::ThreeQuarterTon->value => [TrailerBody::Box, TrailerBody::Tall],
    ];

    private const FAMILIES = ['chain-snap-up', 'cam-bar', 'friction-bracket'];

    private const BY = [TongueWeightSource::TongueScale, TongueWeightSource::Gauge, TongueWeightSource::Estimate];

    /** From here on a trailer stands on two axles, kg. */
    private const TANDEM_KG = 2400.0;

    /** Between the lightest and the heaviest tongue, of what bars are made for. */
    private const LOW_END = 0.6;

    public function __construct(private RandomSource $random, private PriorDoubts $doubts)
    {
    }

    /**
     * @param  list<Fault>  $faults  that the rig will have: its specifications are silent where they would give one
     *     away
     */
    public function draw(Level $level, array $faults): DrawnSheets
    {
        $class = $this->pick(VehicleClass::cases());
        $body = $this->pick(self::BODIES[$class->value]);
        $gross = $this->rounded($this->random->between(...self::GROSS_KG[$class->value]), 10.0);
        $rig = Rig::of(
            Vehicle::of(
                $class->body(),
                $this->about($class->wheelbase()),
                $this->about($class->overhang()),
                Suspension::Coil,
                $class->rearSuspension(),
            ),
            Trailer::of(
                $body,
                $gross > self::TANDEM_KG ? 2 : 1,
                $this->about($body->ballToAxle()),
                Load::ofKilograms($gross),
            ),
            Hitch::of(Length::ofMillimetres($this->rounded($this->random->between(610.0, 780.0), 5.0))),
        );
        $tongue = $this->rounded($gross * $this->random->between(0.108, 0.142), 5.0);
        $by = $level === Level::ClearFigures ? TongueWeightSource::TongueScale : $this->pick(self::BY);
        $coupler = $this->rounded($this->random->between(430.0, 560.0), 5.0);
        $isSilent = $level->faults() > 0 && $this->random->between(0, 2) < 1;

        return new DrawnSheets(
            $rig,
            ['vehicle_class' => $class->value],
            ['tongue_weight_kg' => $tongue, 'tongue_weight_by' => $by->value, 'coupler_height_mm' => $coupler],
            $this->hitch($tongue, $faults),
            $isSilent || in_array(Fault::BallTooLow, $faults, true) ? null : $coupler,
            $this->doubts,
        );
    }

    /**
     * @param  list<Fault>  $faults
     * @return array<string, float|string>
     */
    private function hitch(float $tongue, array $faults): array
    {
        $needsChains = array_filter($faults, static fn (Fault $fault): bool => $fault->needsChains()) !== [];
        $rating = self::RATINGS[count(self::RATINGS) - 1];
        foreach (self::RATINGS as $one) {
            $rating = $one >= 1.05 * $tongue ? min($rating, $one) : $rating;
        }

        return [
            'family' => $needsChains ? self::FAMILIES[0] : $this->pick(self::FAMILIES),
            'pitch_mm' => $this->rounded($this->random->between(25.0, 30.0), 0.5),
            'tilt_deg' => $this->rounded($this->random->between(0.8, 1.2), 0.1),
            'bar_rating_low_kg' => self::LOW_END * $rating,
            'bar_rating_high_kg' => $rating,
        ];
    }

    /** @param  Normal  $usual  mm */
    private function about(Normal $usual): Length
    {
        $drawn = $usual->mean() + $usual->deviation() * $this->random->between(-1.0, 1.0);

        return Length::ofMillimetres($this->rounded($drawn, 10.0));
    }

    private function rounded(float $value, float $step): float
    {
        return round(round($value / $step) * $step, 3);
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    private function pick(array $of): mixed
    {
        return $of[(int) $this->random->between(0, count($of))];
    }
}
