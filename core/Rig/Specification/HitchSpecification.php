<?php

declare(strict_types=1);

namespace Yoke\Rig\Specification;

use Yoke\Rig\Adjuster\Counting;
use Yoke\Rig\Adjuster\LinkSteps;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Family\SwayControl;
use Yoke\Rig\Parts\Hitch;

/** What a hitch's own sheet says, beyond its bar arm. */
final class HitchSpecification
{
    /** From link to link, hole to hole or turn to turn. */
    public const PITCH_MM = [0.5, 80.0];

    /** What a hitch cannot be described without. */
    public static function dimensions(): FieldGroup
    {
        return new FieldGroup('dimensions', [Field::length('bar_arm_mm', ...Hitch::BAR_ARM_MM)]);
    }

    /** Whether a field means anything on a hitch of a family; each does while the family is not known. */
    public static function isOf(string $key, ?HitchFamily $family): bool
    {
        if ($family === null) {
            return true;
        }
        $facts = $family->facts();
        $adjusters = $family->adjusters($facts->usual);

        return match ($key) {
            'counting', 'link_steps', 'free_chain_mm' => $facts->takeUp->isChain(),
            'crown_mm', 'cam_mm' => $facts->control === SwayControl::Cam,
            'friction' => $facts->control->rubsAtHookUp(),
            'maker_ball_load_kg' => $adjusters->turnedLoaded() !== null,
            'bracket_plate_mm', 'bracket_hole_mm', 'bar_below_ball_mm', 'holes_showing' => $family->hasBars() &&
                ! $facts->takeUp->isChain(),
            'bar_arm_mm',
            'bar_rating_low_kg',
            'bar_rating_high_kg',
            'bar_rating_of',
            'maker_restored_percent',
            'bracket_from_mm',
            'bracket_to_mm',
            'bracket_bolts_nm',
            'pitch_mm',
            'steps',
            'start_step' => $facts->takeUp->distributes(),
            'bar_rate_kg_per_mm',
            'bar_length_mm',
            'head_gap_mm',
            'hang_mm',
            'tip_clearance_mm',
            'socket_mm' => $family->hasBars(),
            'tilt_deg', 'tilt_steps', 'start_washers_low', 'start_washers_high' => $adjusters->has(Role::Tilt),
            default => true,
        };
    }

    /** @return non-empty-list<FieldGroup> */
    public static function groups(): array
    {
        return [
            new FieldGroup('family', [
                Field::choice(
                    'family',
                    ...array_map(static fn (HitchFamily $family): string => $family->key(), Families::all()),
                ),
                Field::choice('counting', ...array_column(Counting::cases(), 'value')),
                Field::choice('link_steps', ...array_column(LinkSteps::cases(), 'value')),
            ]),
            new FieldGroup('bars_and_ball', [
                Field::load('bar_rating_low_kg', 0, 2000),
                Field::load('bar_rating_high_kg', 20, 2500),
                Field::choice('bar_rating_of', ...array_column(RatingOf::cases(), 'value')),
                Field::rate('bar_rate_kg_per_mm', 0.2, 40),
                Field::number('maker_restored_percent', 50, 150),
                Field::load('maker_ball_load_kg', 50, 3000),
                Field::load('ball_gross_kg', 200, 20_000),
                Field::length('ball_size_mm', 40, 80),
            ]),
            new FieldGroup('bars_in_place', [
                Field::length('bar_length_mm', 300, 1500),
                Field::length('head_gap_mm', 0, 500),
                Field::length('hang_mm', 0, 800),
                Field::length('free_chain_mm', 0, 800),
                Field::length('tip_clearance_mm', 20, 400),
            ]),
            new FieldGroup('brackets', [
                Field::length('bracket_from_mm', 200, 1500),
                Field::length('bracket_to_mm', 200, 1500),
                Field::length('bracket_plate_mm', 60, 600),
                Field::length('bracket_hole_mm', 5, 100),
                Field::length('bar_below_ball_mm', -100, 400),
                Field::count('holes_showing', 0, 20),
            ]),
            new FieldGroup('start', [
                Field::length('ball_over_from_mm', -50, 150),
                Field::length('ball_over_to_mm', -50, 150),
                Field::count('start_washers_low', 0, 20),
                Field::count('start_washers_high', 0, 20),
                Field::number('start_step', 0, 40),
            ]),
            new FieldGroup('sway_control', [
                Field::number('friction', 0.05, 0.8),
                Field::number('sway_from_percent', 0, 150),
                Field::number('sway_to_percent', 10, 200),
                Field::length('crown_mm', 200, 1500),
                Field::length('cam_mm', 200, 1500),
                Field::length('socket_mm', 20, 300),
            ]),
            new FieldGroup('torques', [
                Field::torque('ball_nut_nm'),
                Field::torque('head_bolts_nm'),
                Field::torque('bracket_bolts_nm'),
            ]),
            new FieldGroup('service', [
                Field::distance('retorque_km', 1, 2000),
                Field::distance('service_km', 100, 100_000),
                Field::number('service_months', 1, 60),
            ]),
            new FieldGroup('adjusters', [
                Field::length('pitch_mm', ...self::PITCH_MM),
                Field::count('steps', 1, 40),
                Field::number('tilt_deg', 0.1, 5),
                Field::count('tilt_steps', 0, 20),
            ]),
            new FieldGroup('shank', [
                Field::length('ball_height_mm', 200, 1000),
                Field::length('shank_drop_mm', -300, 500),
                Field::length('shank_rise_mm', -300, 500),
                Field::length('head_hole_mm', 5, 120),
                Field::count('head_holes', 1, 20),
            ]),
        ];
    }
}
