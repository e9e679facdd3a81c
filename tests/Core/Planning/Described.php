<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Rig\Parts\Hitch;
use Yoke\Rig\Parts\Rig;
use Yoke\Rig\Parts\Suspension;
use Yoke\Rig\Parts\Trailer;
use Yoke\Rig\Parts\TrailerBody;
use Yoke\Rig\Parts\Vehicle;
use Yoke\Rig\Parts\VehicleBody;
use Yoke\Rig\Specification\SpecificationSheet;

/** A tall tandem behind a pick-up, with whatever stands filled ins, for tests. */
final class Described
{
    public static function rig(float $gross = 3180): Rig
    {
        return Rig::of(
            Vehicle::of(
                VehicleBody::PickUp,
                Length::ofMillimetres(3720),
                Length::ofMillimetres(1340),
                Suspension::Coil,
                Suspension::Leaf,
            ),
            Trailer::of(TrailerBody::Tall, 2, Length::ofMillimetres(5150), Load::ofKilograms($gross)),
            Hitch::of(Length::ofMillimetres(720)),
        );
    }

    public static function of(
        array $vehicle = [],
        array $trailer = [],
        array $hitch = [],
        float $gross = 3180,
    ): SpecifiedRig {
        return new SpecifiedRig(
            new \Yoke\Job\Planning\RigSpecification(
                self::rig($gross),
                new SpecificationSheet($vehicle),
                new SpecificationSheet($trailer),
                new SpecificationSheet($hitch),
            ),
            new \Yoke\Measuring\Estimation\Prior\PriorDoubts(),
        );
    }
}
