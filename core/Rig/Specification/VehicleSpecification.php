<?php

declare(strict_types=1);

namespace Yoke\Rig\Specification;

use Yoke\Rig\Parts\Levelling;
use Yoke\Rig\Parts\LiftUse;
use Yoke\Rig\Parts\Suspension;
use Yoke\Rig\Parts\Vehicle;
use Yoke\Rig\Parts\VehicleBody;
use Yoke\Rig\Parts\VehicleClass;

/** What a tow vehicle's placards and makers say, beyond its dimensions. */
final class VehicleSpecification
{
    /** What a vehicle cannot be described without. */
    public static function dimensions(): FieldGroup
    {
        return new FieldGroup('dimensions', [
            Field::choice('body', ...array_column(VehicleBody::cases(), 'value')),
            Field::length('wheelbase_mm', ...Vehicle::WHEELBASE_MM),
            Field::length('overhang_mm', ...Vehicle::OVERHANG_MM),
            Field::choice('front_suspension', ...array_column(Suspension::cases(), 'value')),
            Field::choice('rear_suspension', ...array_column(Suspension::cases(), 'value')),
        ]);
    }

    /** @return non-empty-list<FieldGroup> */
    public static function groups(): array
    {
        return [
            new FieldGroup('class_and_levelling', [
                Field::choice('vehicle_class', ...array_column(VehicleClass::cases(), 'value')),
                Field::choice('levelling', ...array_column(Levelling::cases(), 'value')),
                Field::rate('air_rate_kg_per_mm', 0, 40),
                Field::length('air_lift_mm', 0, 150),
                Field::choice('lift_use', ...array_column(LiftUse::cases(), 'value')),
            ]),
            new FieldGroup('weighed_alone', [
                Field::load('front_axle_kg', 200, 5000),
                Field::load('rear_axle_kg', 200, 6000),
                Field::load('aboard_kg', 0, 4000),
            ]),
            new FieldGroup('placards', [
                Field::load('front_gawr_kg', 300, 6000),
                Field::load('rear_gawr_kg', 300, 8000),
                Field::load('vehicle_gvwr_kg', 600, 12_000),
                Field::load('gcwr_kg', 1000, 30_000),
                Field::load('payload_kg', 50, 6000),
            ]),
            new FieldGroup('tyres', [
                Field::pressure('front_tyre_kpa'),
                Field::load('front_tyre_kg', 200, 3000),
                Field::pressure('rear_tyre_kpa'),
                Field::load('rear_tyre_kg', 200, 3000),
            ]),
            new FieldGroup('receiver', [
                Field::load('receiver_carrying_kg', 30, 2000),
                Field::load('receiver_distributing_kg', 30, 2500),
                Field::length('receiver_height_mm', 200, 1000),
                Field::length('tailgate_mm', 200, 1500),
                Field::length('tail_underside_mm', 150, 1200),
            ]),
            new FieldGroup('maker', [
                Field::choice('maker_says', 'silent', 'forbidden', 'required', 'band'),
                Field::load('maker_from_kg', 100, 10_000),
                Field::number('maker_band_low', 0, 100),
                Field::number('maker_band_high', 0, 100),
            ]),
        ];
    }
}
