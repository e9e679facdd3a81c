<?php

declare(strict_types=1);

namespace Yoke\Specification;

use Yoke\Rig\Levelling;
use Yoke\Rig\Suspension;
use Yoke\Rig\Vehicle;
use Yoke\Rig\VehicleBody;
use Yoke\Rig\VehicleClass;

/** What a tow vehicle's placards and makers say, beyond its dimensions. */
final class VehicleSpecification
{
    /** What a vehicle cannot be described without. */
    public static function dimensions(): FieldGroup
    {
        $springs = [Suspension::Coil->value => 'Coil', Suspension::Leaf->value => 'Leaf'];

        return new FieldGroup('Dimensions', [
            Field::choice('body', 'Shape', array_column(array_map(static fn (VehicleBody $body): array => [$body->value, ucfirst($body->value)], VehicleBody::cases()), 1, 0)),
            Field::length('wheelbase_mm', 'Wheelbase', ...Vehicle::WHEELBASE_MM, hint: 'Axle to axle'),
            Field::length('overhang_mm', 'Overhang', ...Vehicle::OVERHANG_MM, hint: 'Rear axle to ball'),
            Field::choice('front_suspension', 'Front springs', $springs),
            Field::choice('rear_suspension', 'Rear springs', $springs),
        ]);
    }

    /** @return non-empty-list<FieldGroup> */
    public static function groups(): array
    {
        return [
            new FieldGroup('Class and levelling', [
                Field::choice('vehicle_class', 'Class', array_column(array_map(static fn (VehicleClass $class): array => [$class->value, ucfirst($class->value)], VehicleClass::cases()), 1, 0), 'For what is usual until readings tell better'),
                Field::choice('levelling', 'Self-levelling', [Levelling::None->value => 'None', Levelling::Rear->value => 'Rear', Levelling::AllCorners->value => 'All corners']),
                Field::number('air_rate_kg_per_mm', 'Helper air springs add, kg/mm', 0, 40, 'At the pressure they travel with'),
                Field::length('air_lift_mm', 'They lift the rear by', 0, 150, 'From their minimum, vehicle alone'),
            ]),
            new FieldGroup('Weighed alone, loaded as for travel', [
                Field::load('front_axle_kg', 'Front axle', 200, 5000),
                Field::load('rear_axle_kg', 'Rear axle', 200, 6000),
                Field::load('aboard_kg', 'Aboard: people, cargo, hitch', 0, 4000, 'What the payload placard counts'),
            ]),
            new FieldGroup('Placards', [
                Field::load('front_gawr_kg', 'Front GAWR', 300, 6000),
                Field::load('rear_gawr_kg', 'Rear GAWR', 300, 8000),
                Field::load('vehicle_gvwr_kg', 'GVWR', 600, 12_000),
                Field::load('gcwr_kg', 'GCWR', 1000, 30_000),
                Field::load('payload_kg', 'Payload', 50, 6000),
            ]),
            new FieldGroup('Tyres', [
                Field::pressure('front_tyre_kpa', 'Front, pressure'),
                Field::load('front_tyre_kg', 'Front, one may carry', 200, 3000),
                Field::pressure('rear_tyre_kpa', 'Rear, pressure'),
                Field::load('rear_tyre_kg', 'Rear, one may carry', 200, 3000),
            ]),
            new FieldGroup('Receiver and tail', [
                Field::load('receiver_carrying_kg', 'Tongue rating, weight-carrying', 30, 2000),
                Field::load('receiver_distributing_kg', 'Tongue rating, weight-distributing', 30, 2500),
                Field::length('receiver_height_mm', 'Height, ground to centre', 200, 1000),
                Field::length('tailgate_mm', 'Open tailgate, ground to lowest edge', 200, 1500, 'Left out where nothing swings down'),
                Field::length('tail_underside_mm', 'Bumper or spare wheel, ground to underside', 150, 1200),
            ]),
            new FieldGroup('What its maker says about distribution', [
                Field::choice('maker_says', 'Distribution', ['silent' => 'Nothing', 'forbidden' => 'Forbidden', 'required' => 'Required above a trailer weight', 'band' => 'A band of its own']),
                Field::load('maker_from_kg', 'Required above', 100, 10_000),
                Field::number('maker_band_low', 'Band from, %', 0, 100),
                Field::number('maker_band_high', 'Band to, %', 0, 100),
            ]),
        ];
    }
}
