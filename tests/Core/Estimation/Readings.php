<?php

declare(strict_types=1);

namespace Tests\Core\Estimation;

use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Reading\ReadingContext;
use Yoke\Measuring\Estimation\Reading\ReadingIdentity;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Proving\Simulation\RandomSource;
use Yoke\Rig\Parts\Stance;

/** Readings of a rig whose truth is known: exact, or with a normal error. */
final class Readings
{
    public const FRONT_MM = 950.0;

    public const REAR_MM = 985.0;

    public const FRONT_KG = 1420.0;

    public const REAR_KG = 1180.0;

    public function __construct(
        private CoupledRig $truth,
        private float $tension,
        private ?RandomSource $random = null,
        private float $doubt = 1.0,
    ) {
    }

    /** Both fenders of a situation. @return list<Observation> */
    public function heights(ReadingContext $situation): array
    {
        return [$this->one($situation, Observed::FrontHeight), $this->one($situation, Observed::RearHeight)];
    }

    /** @return list<Observation> alone, dropped and one carried setting */
    public function threeStances(float $tensionOffset = 0.0): array
    {
        return [
            ...$this->heights(ReadingContext::alone()),
            ...$this->heights(ReadingContext::dropped()),
            ...$this->heights(ReadingContext::carried($tensionOffset)),
        ];
    }

    public function one(ReadingContext $situation, Observed $observed, ?float $doubt = null): Observation
    {
        $doubt ??= $this->doubt;

        return new Observation(
            $situation,
            $observed,
            $this->truly($situation, $observed) + ($this->random?->normal($doubt) ?? 0.0),
            $doubt,
            ReadingIdentity::named("{$situation->stance->value}.{$observed->name}"),
        );
    }

    private function truly(ReadingContext $situation, Observed $observed): float
    {
        $tension = $this->tension + $situation->tensionOffset;
        $attitude = match ($situation->stance) {
            Stance::Alone => null,
            Stance::Dropped => $this->truth->dropped(),
            Stance::Carried => $this->truth->carried($tension),
        };

        return match ($observed) {
            Observed::FrontHeight => self::FRONT_MM + ($attitude?->frontRise()->millimetres() ?? 0.0),
            Observed::RearHeight => self::REAR_MM + ($attitude?->rearRise()->millimetres() ?? 0.0),
            Observed::FrontLoad => self::FRONT_KG + ($attitude?->frontLoad()->kilograms() ?? 0.0),
            Observed::RearLoad => self::REAR_KG + ($attitude?->rearLoad()->kilograms() ?? 0.0),
            Observed::VehicleLoad => self::FRONT_KG + self::REAR_KG + ($attitude?->load ?? 0.0),
            default => $attitude === null ? NAN : $this->coupled($observed, $attitude, $tension),
        };
    }

    private function coupled(Observed $observed, Attitude $attitude, float $tension): float
    {
        return match ($observed) {
            Observed::CouplerRise => $attitude->ballRise()->millimetres(),
            Observed::NoseRise => $attitude->trailerPitch * $this->truth->trailer()->ballToAxle,
            Observed::BallLoad => $attitude->ballLoad()->kilograms(),
            Observed::TongueWeight => $this->truth->trailer()->tongueWeight,
            Observed::RearAndTrailerLoad => self::REAR_KG + $this->truth->trailer()->weight - $attitude->frontLoad()->kilograms(),
            Observed::TrailerLoad => $this->truth->trailer()->weight - $attitude->load,
            default => $tension + $this->truth->bars()->arm * ($attitude->vehiclePitchAngle()->radians() - $attitude->trailerPitch),
        };
    }
}
