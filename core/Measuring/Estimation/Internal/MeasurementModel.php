<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Internal;

use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Mechanics\Statics\Attitude;

/**
 * What an instrument reads of a rig as it stands, as a change from alone; and what stood there alone already.
 *
 * @internal
 */
final class MeasurementModel
{
    /** @param  float  $tension  of the bars' setting, mm */
    public static function of(Observed $observed, Attitude $attitude, float $tension): float
    {
        return match ($observed) {
            Observed::FrontHeight => $attitude->frontRise()->millimetres(),
            Observed::RearHeight => $attitude->rearRise()->millimetres(),
            Observed::CouplerRise => $attitude->ballRise()->millimetres(),
            Observed::NoseRise, Observed::NoseSeen => $attitude->trailerPitch * $attitude->rig()->trailer()->ballToAxle,
            Observed::VehicleRise, Observed::PitchSeen => $attitude
                ->frontRise()
                ->minus($attitude->rearRise())
                ->millimetres(),
            Observed::BendSeen => $attitude->barBend()->millimetres(),
            Observed::BallLoad => $attitude->ballLoad()->kilograms(),
            Observed::FrontLoad => $attitude->frontLoad()->kilograms(),
            Observed::RearLoad => $attitude->rearLoad()->kilograms(),
            Observed::TrailerLoad => -$attitude->load,
            Observed::VehicleLoad => $attitude->load,
            Observed::RearAndTrailerLoad => -$attitude->frontLoad()->kilograms(),
            Observed::TongueWeight => $attitude->rig()->trailer()->tongueWeight,
            Observed::BarBend => $tension +
                $attitude->rig()->bars()->arm * ($attitude->vehiclePitchAngle()->radians() - $attitude->trailerPitch),
        };
    }

    /** @return list<string> what of it stands alone already: nuisances that it adds up */
    public static function standsAlone(Observed $observed): array
    {
        return match ($observed) {
            Observed::FrontHeight => ['FrontAlone'],
            Observed::RearHeight => ['RearAlone'],
            Observed::CouplerRise => ['CouplerLevel'],
            Observed::FrontLoad => ['FrontLoadAlone'],
            Observed::RearLoad => ['RearLoadAlone'],
            Observed::TrailerLoad => ['GrossTrailer'],
            Observed::VehicleLoad => ['FrontLoadAlone', 'RearLoadAlone'],
            Observed::RearAndTrailerLoad => ['RearLoadAlone', 'GrossTrailer'],
            default => [],
        };
    }
}
