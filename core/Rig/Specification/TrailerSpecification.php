<?php

declare(strict_types=1);

namespace Yoke\Rig\Specification;

use Yoke\Rig\Parts\TongueWeightSource;
use Yoke\Rig\Parts\Trailer;
use Yoke\Rig\Parts\TrailerBody;

/** What a trailer's placards say and what was weighed of it, beyond its dimensions. */
final class TrailerSpecification
{
    /** Between neighbouring axles of a group. */
    public const AXLE_SPACING_MM = [500.0, 1600.0];

    /** What a trailer cannot be described without. */
    public static function dimensions(): FieldGroup
    {
        return new FieldGroup('dimensions', [
            Field::choice('body', ...array_column(TrailerBody::cases(), 'value')),
            Field::count('axles', 1, 3),
            Field::length('ball_to_axle_mm', ...Trailer::BALL_TO_AXLE_MM),
            Field::load('gross_weight_kg', ...Trailer::GROSS_WEIGHT_KG),
        ]);
    }

    /** @return non-empty-list<FieldGroup> */
    public static function groups(): array
    {
        return [
            new FieldGroup('weights', [
                Field::load('tongue_weight_kg', 10, 3000),
                Field::choice(
                    'tongue_weight_by',
                    TongueWeightSource::Gauge->value,
                    TongueWeightSource::TongueScale->value,
                    TongueWeightSource::BathroomScale->value,
                    TongueWeightSource::Estimate->value,
                ),
                Field::length('cg_above_axle_mm', 0, 2000),
            ]),
            new FieldGroup('axles', [
                Field::choice('axle_group', 'equalised', 'own springs'),
                Field::length('axle_spacing_mm', ...self::AXLE_SPACING_MM),
                Field::load('one_axle_gawr_kg', 100, 8000),
                Field::pressure('trailer_tyre_kpa'),
                Field::load('trailer_tyre_kg', 100, 3000),
            ]),
            new FieldGroup('frame_and_tanks', [
                Field::length('fore_mark_mm', 200, 6000),
                Field::length('aft_mark_mm', 200, 6000),
                Field::length('frame_height_mm', 200, 1000),
                Field::length('frame_depth_mm', 30, 400),
                Field::choice('coupler_kind', ...array_column(CouplerKind::cases(), 'value')),
                Field::length('tray_from_mm', 200, 2000),
                Field::length('tray_to_mm', 200, 2000),
                Field::load('fresh_tank_kg', 1, 2000),
                Field::length('fresh_tank_ahead_mm', -6000, 6000),
                Field::load('waste_tank_kg', 1, 2000),
                Field::length('waste_tank_ahead_mm', -6000, 6000),
            ]),
            new FieldGroup('brakes_and_jack', [
                Field::choice('brakes', 'electric', 'overrun', 'none'),
                Field::choice('jack', 'manual', 'electric'),
            ]),
            new FieldGroup('placards', [
                Field::load('trailer_gvwr_kg', 200, 20_000),
                Field::load('trailer_gawr_kg', 200, 20_000),
            ]),
            new FieldGroup('coupler', [
                Field::length('coupler_ball_mm', 40, 80),
                Field::length('coupler_height_mm', 200, 1000),
                Field::load('coupler_gross_kg', 200, 20_000),
                Field::load('coupler_tongue_kg', 20, 3000),
            ]),
        ];
    }
}
