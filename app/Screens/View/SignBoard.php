<?php

declare(strict_types=1);

namespace App\Screens\View;

use Yoke\Drawing\Elevation;
use Yoke\Readings\Height\StanceHeights;
use Yoke\Rig\Hitch;
use Yoke\Rig\Rig;
use Yoke\Rig\Suspension;
use Yoke\Rig\Trailer;
use Yoke\Rig\TrailerBody;
use Yoke\Rig\Vehicle;
use Yoke\Rig\VehicleBody;
use Yoke\Units\Length;
use Yoke\Units\Load;

/** The rig on the sign-in page: nobody's, not taped. */
final class SignBoard
{
    public static function elevation(): Elevation
    {
        $rig = Rig::of(
            Vehicle::of(
                VehicleBody::PickUp,
                Length::ofMillimetres(3700),
                Length::ofMillimetres(1300),
                Suspension::Coil,
                Suspension::Leaf,
            ),
            Trailer::of(TrailerBody::Caravan, 2, Length::ofMillimetres(5100), Load::ofKilograms(2600)),
            Hitch::of(Length::ofMillimetres(720)),
        );

        return new Elevation($rig, StanceHeights::none(), 1.0);
    }
}
