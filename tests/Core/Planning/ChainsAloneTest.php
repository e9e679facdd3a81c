<?php

declare(strict_types=1);

use Tests\Core\Planning\Described;
use Yoke\Job\Planning\CheckKind;
use Yoke\Job\Planning\Proof;
use Yoke\Job\Planning\RigPlan;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Judgement\Ratings\RatedPart;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Specification\HitchSpecification;

function chained(): SpecifiedRig
{
    return Described::of(
        [],
        ['tongue_weight_kg' => 400, 'tongue_weight_by' => 'tongue_scale'],
        ['family' => 'tension-chain', 'bar_rating_high_kg' => 545],
    );
}

it('plans no more for tension chains than they can restore, and says how much that is', function (): void {
    $plan = new RigPlan(chained(), usualGoal(), new Yoke\Judgement\Advice\StoppingRules());
    $rig = chained()->prior()->likelyRig();

    // By hand: 40 mm of thread and the sag of the dropped rig, against the moment that restores all.
    $bend = 40.0 + 720.0 * ($rig->dropped()->vehiclePitchAngle()->radians() - $rig->dropped()->trailerPitch);
    $all = $rig->taut($rig->tensionFor(1.0))->barMoment;
    $stiff = (2 * (400.0 / 300.0) * 720.0 * $bend) / $all;

    expect($plan->mostRestored())
        ->toBeGreaterThan(0.1)
        ->toBeLessThan(0.4)
        ->toBeLessThan($stiff)
        ->and($plan->mostRestored())
        ->toBeGreaterThan(0.75 * $stiff)
        ->and($plan->carried()->frontRestored())
        ->toEqualWithDelta($plan->mostRestored(), 1e-9)
        ->and(
            (new RigPlan(
                Described::of([], [], ['family' => 'cam-bar']),
                usualGoal(),
                new Yoke\Judgement\Advice\StoppingRules(),
            ))->mostRestored(),
        )
        ->toBeNull();
});

it('has no bar in ledger and checks of a hitch without bars', function (): void {
    $plan = new RigPlan(chained(), usualGoal(), new Yoke\Judgement\Advice\StoppingRules());
    $adjusters = chained()->sheets->adjusters();
    $proof = new Proof(
        (new Estimation(chained()->prior(), []))->posterior(),
        new CurrentSetting($adjusters->middle(), 0.0, 0.0, 1),
        null,
        null,
        new Yoke\Judgement\Method\Tolerances(),
        chained()->sheets->family(),
    );

    expect(array_filter($plan->ledger(), fn ($line): bool => $line->part === RatedPart::OneBar))
        ->toBe([])
        ->and(array_column($proof->checks(), 'kind'))
        ->not->toContain(CheckKind::Bent)
        ->not->toContain(CheckKind::NotBent)
        ->and(chained()->inPlace()->barRating())
        ->toBeNull()
        ->and(
            Described::of([], [], ['family' => 'cam-bar', 'bar_rating_high_kg' => 545])
                ->inPlace()
                ->barRating()
                ->kilograms(),
        )
        ->toBe(545.0);
});

it('asks of each family only what it has', function (string $family, array $has, array $hasNot): void {
    foreach ([...array_fill_keys($has, true), ...array_fill_keys($hasNot, false)] as $field => $is) {
        expect(HitchSpecification::isOf($field, Families::get($family)))->toBe($is, $field);
    }
    expect(HitchSpecification::isOf($hasNot[0], null))->toBeTrue();
})->with([
    [
        'tension-chain',
        ['pitch_mm', 'bar_rating_high_kg'],
        ['bar_length_mm', 'tilt_deg', 'counting', 'crown_mm', 'holes_showing', 'friction'],
    ],
    [
        'cam-bar',
        ['crown_mm', 'cam_mm', 'counting', 'tilt_deg', 'free_chain_mm'],
        ['friction', 'holes_showing', 'maker_ball_load_kg'],
    ],
    ['screw-jack-gauge', ['maker_ball_load_kg', 'friction', 'holes_showing'], ['tilt_deg', 'counting', 'crown_mm']],
    [
        'friction-bracket',
        ['holes_showing', 'bracket_plate_mm', 'tilt_steps', 'friction'],
        ['free_chain_mm', 'maker_ball_load_kg'],
    ],
    ['chain-rotating-latch', ['counting', 'bar_length_mm'], ['tilt_deg', 'start_washers_low', 'holes_showing']],
]);
