<?php

declare(strict_types=1);

namespace Yoke\Rig\Sheet;

use Yoke\Rig\TongueWeightSource;
use Yoke\Rig\Trailer;
use Yoke\Rig\TrailerBody;

/** What a trailer's placards say and what was weighed of it, beyond its dimensions. */
final class TrailerSheet
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
            ]),
            new FieldGroup('Placards', [
                Field::load('trailer_gvwr_kg', 'GVWR', 200, 20_000),
                Field::load('trailer_gawr_kg', 'GAWR, all axles', 200, 20_000),
            ]),
            new FieldGroup('Coupler', [
                Field::length('coupler_height_mm', 'Height with the trailer level', 200, 1000, 'Ground to the top of the ball\'s seat'),
                Field::load('coupler_gross_kg', 'Rated for gross', 200, 20_000),
                Field::load('coupler_tongue_kg', 'Rated for tongue weight', 20, 3000),
            ]),
        ];
    }
}
