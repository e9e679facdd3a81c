<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\Body;

use Yoke\Rig\Parts\TrailerBody;
use Yoke\Rig\Parts\VehicleBody;

/** Which silhouette stands for which shape. */
final class Profiles
{
    public static function ofVehicle(VehicleBody $body): VehicleProfile
    {
        return match ($body) {
            VehicleBody::PickUp => new PickUp,
            VehicleBody::Suv => new Suv,
            VehicleBody::Crossover => new Crossover,
        };
    }

    public static function ofTrailer(TrailerBody $body): TrailerProfile
    {
        return match ($body) {
            TrailerBody::Box => new Box,
            TrailerBody::Caravan => new Caravan,
            TrailerBody::PopUp => new PopUp,
            TrailerBody::Tall => new Tall,
        };
    }
}
