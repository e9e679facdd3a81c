<?php

declare(strict_types=1);

namespace Yoke\Specification;

use Yoke\Adjuster\Counting;
use Yoke\Family\Families;
use Yoke\Family\HitchFamily;
use Yoke\Rig\Hitch;

/** What a hitch's own sheet says, beyond its bar arm. */
final class HitchSpecification
{
    /** What a hitch cannot be described without. */
    public static function dimensions(): FieldGroup
    {
        return new FieldGroup('Dimensions', [
            Field::length('bar_arm_mm', 'Bar arm', ...Hitch::BAR_ARM_MM, hint: 'Ball to hook-up point along the frame'),
        ]);
    }

    /** @return non-empty-list<FieldGroup> */
    public static function groups(): array
    {
        return [
            new FieldGroup('Family', [
                Field::choice('family', 'Family', array_column(array_map(static fn (HitchFamily $family): array => [$family->key(), ucfirst($family->wording()->name)], Families::all()), 1, 0)),
                Field::choice('counting', 'Links are counted', [Counting::TakenUp->value => 'From the end: more is tighter', Counting::Working->value => 'As working links: fewer is tighter']),
            ]),
            new FieldGroup('Bars and ball', [
                Field::load('bar_rating_low_kg', 'Bars rated from', 0, 2000),
                Field::load('bar_rating_high_kg', 'Bars rated to', 20, 2500),
                Field::number('bar_rate_kg_per_mm', 'Rate of one bar, kg/mm', 0.2, 40, 'If its sheet gives it'),
                Field::number('maker_restored_percent', 'Maker\'s front axle load restored, up to %', 50, 150, 'If its data sheet asks for more than 100'),
                Field::load('maker_ball_load_kg', 'Maker\'s target for the gauge', 50, 3000, 'Governs where it is entered'),
                Field::load('ball_gross_kg', 'Ball rated for gross', 200, 20_000),
                Field::length('ball_size_mm', 'Ball, across', 40, 80),
            ]),
            new FieldGroup('Bars and brackets in place', [
                Field::length('bar_length_mm', 'Ball centre to the bar\'s hook-up eye', 300, 1500, 'Along the unloaded bar'),
                Field::length('head_gap_mm', 'Frame\'s underside to bar, at the head', 0, 500),
                Field::length('hang_mm', 'Frame\'s underside to bar, loosest setting', 0, 800, 'At the hook-up point'),
                Field::length('tip_clearance_mm', 'Least bar-tip clearance', 20, 400, 'By its sheet, above the ground'),
                Field::length('bracket_from_mm', 'Brackets from', 200, 1500, 'Behind the ball, by its sheet'),
                Field::length('bracket_to_mm', 'Brackets to', 200, 1500),
            ]),
            new FieldGroup('Sway control', [
                Field::number('friction', 'Friction of bar on bracket or pad', 0.05, 0.8, 'If its sheet gives it; 0.25 else'),
                Field::length('crown_mm', 'Ball to the bars\' crown', 200, 1500, 'Along the bent bar, carried'),
                Field::length('cam_mm', 'Ball to the middle of the cams', 200, 1500, 'Along the frame'),
                Field::length('socket_mm', 'Bar sockets, off the centre line', 20, 300),
            ]),
            new FieldGroup('Torques by its sheet', [
                Field::torque('ball_nut_nm', 'Ball nut'),
                Field::torque('head_bolts_nm', 'Head bolts'),
                Field::torque('bracket_bolts_nm', 'Bracket bolts'),
            ]),
            new FieldGroup('Care by its sheet', [
                Field::number('retorque_km', 'Torque again after, km', 1, 2000, 'The first distance after a set-up'),
                Field::number('service_km', 'Service every, km', 100, 100_000),
                Field::number('service_months', 'Service every, months', 1, 60, 'Whichever comes first; 12 else'),
            ]),
            new FieldGroup('Adjusters', [
                Field::length('pitch_mm', 'One link, hole, turn or thread', 0.5, 80),
                Field::number('steps', 'Steps of it', 1, 40),
                Field::number('tilt_deg', 'One washer or cam step, degrees', 0.1, 5),
                Field::number('tilt_steps', 'Washers or cam steps', 0, 20),
            ]),
            new FieldGroup('Shank', [
                Field::length('ball_height_mm', 'Ball height as it stands, unloaded', 200, 1000),
                Field::length('shank_drop_mm', 'First hole in drop, below the receiver', -300, 500),
                Field::length('shank_rise_mm', 'First hole in rise, above the receiver', -300, 500),
                Field::length('head_hole_mm', 'Between holes', 5, 120),
                Field::number('head_holes', 'Positions of the head', 1, 20),
            ]),
        ];
    }
}
