<?php

declare(strict_types=1);

namespace Yoke\Specification;

use Yoke\Rig\TongueWeightSource;
use Yoke\Rig\Trailer;
use Yoke\Rig\TrailerBody;

/** What a trailer's placards say and what was weighed of it, beyond its dimensions. */
final class TrailerSpecification
{
    /** What a trailer cannot be described without. */
    public static function dimensions(): FieldGroup
    {
        return new FieldGroup('Dimensions', [
            Field::choice('body', 'Shape', array_column(array_map(static fn (TrailerBody $body): array => [$body->value, ucfirst($body->value)], TrailerBody::cases()), 1, 0)),
            Field::number('axles', 'Axles', 1, 3),
            Field::length('ball_to_axle_mm', 'Ball to axle', ...Trailer::BALL_TO_AXLE_MM, hint: 'To the centre of the axle group'),
            Field::load('gross_weight_kg', 'Gross trailer weight', ...Trailer::GROSS_WEIGHT_KG, hint: 'As it travels'),
        ]);
    }

    /** @return non-empty-list<FieldGroup> */
    public static function groups(): array
    {
        return [
            new FieldGroup('Weights', [
                Field::load('tongue_weight_kg', 'Tongue weight, level', 10, 3000),
                Field::choice('tongue_weight_by', 'How it was got', [
                    TongueWeightSource::Gauge->value => 'Gauge in the head',
                    TongueWeightSource::TongueScale->value => 'Tongue scale',
                    TongueWeightSource::BathroomScale->value => 'Bathroom scale',
                    TongueWeightSource::Estimate->value => 'Estimate',
                ]),
                Field::length('cg_above_axle_mm', 'Centre of gravity above the axles', 0, 2000),
            ]),
            new FieldGroup('Axles', [
                Field::choice('axle_group', 'More than one axle stands', ['equalised' => 'On equalisers', 'own springs' => 'Each on its own springs']),
                Field::length('axle_spacing_mm', 'Between axles', 500, 1600),
                Field::load('one_axle_gawr_kg', 'GAWR of one axle', 100, 8000),
                Field::pressure('trailer_tyre_kpa', 'Tyres, pressure'),
                Field::load('trailer_tyre_kg', 'One tyre may carry', 100, 3000),
            ]),
            new FieldGroup('Frame and tanks', [
                Field::length('fore_mark_mm', 'Fore frame mark, ahead of the axles', 200, 6000),
                Field::length('aft_mark_mm', 'Aft frame mark, behind the axles', 200, 6000),
                Field::length('frame_height_mm', 'Frame at the bars, ground to underside', 200, 1000, 'Trailer level'),
                Field::length('tray_from_mm', 'Tray or jack in the way, from', 200, 2000, 'Behind the ball, along the frame'),
                Field::length('tray_to_mm', 'Tray or jack in the way, to', 200, 2000),
                Field::load('fresh_tank_kg', 'Fresh tank, full', 1, 2000),
                Field::length('fresh_tank_ahead_mm', 'Fresh tank, ahead of the axles', -6000, 6000, 'Behind them: below 0'),
                Field::load('waste_tank_kg', 'Waste tank, full', 1, 2000),
                Field::length('waste_tank_ahead_mm', 'Waste tank, ahead of the axles', -6000, 6000),
            ]),
            new FieldGroup('Brakes and jack', [
                Field::choice('brakes', 'Brakes', ['electric' => 'Electric', 'overrun' => 'Overrun', 'none' => 'None']),
                Field::choice('jack', 'Tongue jack', ['manual' => 'By crank', 'electric' => 'Electric']),
            ]),
            new FieldGroup('Placards', [
                Field::load('trailer_gvwr_kg', 'GVWR', 200, 20_000),
                Field::load('trailer_gawr_kg', 'GAWR, all axles', 200, 20_000),
            ]),
            new FieldGroup('Coupler', [
                Field::length('coupler_ball_mm', 'For a ball of', 40, 80),
                Field::length('coupler_height_mm', 'Height with the trailer level', 200, 1000, 'Ground to the top of the ball\'s seat'),
                Field::load('coupler_gross_kg', 'Rated for gross', 200, 20_000),
                Field::load('coupler_tongue_kg', 'Rated for tongue weight', 20, 3000),
            ]),
        ];
    }
}
