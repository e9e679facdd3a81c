<?php

declare(strict_types=1);

namespace App\Screens\View;

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Measuring\Readings\Height\StanceHeights;
use Yoke\Rig\Parts\Hitch;
use Yoke\Rig\Parts\Rig;
use Yoke\Rig\Parts\Suspension;
use Yoke\Rig\Parts\Trailer;
use Yoke\Rig\Parts\TrailerBody;
use Yoke\Rig\Parts\Vehicle;
use Yoke\Rig\Parts\VehicleBody;
use Yoke\Showing\Drawing\Elevation;

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
