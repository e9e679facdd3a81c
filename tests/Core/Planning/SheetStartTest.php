<?php

declare(strict_types=1);

use Tests\Core\Planning\Described;
use Yoke\Job\Planning\RigPlan;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Measuring\Bars\BracketHoles;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Rig\Specification\SpecificationSheet;

/** Bars from 300 to 540 kg on the tall tandem, with what else its data sheet says. */
function startingBy(array $sheet, float $tongue): SpecifiedRig
{
    return Described::of(
        [],
        ['tongue_weight_kg' => $tongue, 'tongue_weight_by' => 'tongue_scale'],
        ['family' => 'chain-snap-up', 'bar_rating_low_kg' => 300, 'bar_rating_high_kg' => 540, ...$sheet],
    );
}

it('starts with the washers that the data sheet gives for the lowest and the highest tongue weight', function (
    float $tongue,
    float $washers,
): void {
    $rig = startingBy(['start_washers_low' => 2, 'start_washers_high' => 5], $tongue);

    expect($rig->sheetStart()->tilt($rig->sheets->adjusters()))->toBe($washers);
})->with([[200.0, 2.0], [300.0, 2.0], [420.0, 4.0], [540.0, 5.0], [700.0, 5.0]]);

it('expects the range at the link that the data sheet starts at, as the shop counts it', function (
    string $counting,
    float $said,
    float $meant,
): void {
    $rig = startingBy(['counting' => $counting, 'start_step' => $said], 400);
    $adjusters = $rig->sheets->adjusters();
    $start = $rig->sheetStart()->setting($adjusters);
    $prior = $rig->prior();
    $atStart = $prior->likely(RigParameter::Tension->value) + $adjusters->tensionBetween($adjusters->middle(), $start, 720.0);

    expect($start->step('link'))
        ->toBe($meant)
        ->and($prior->likelyRig()->carried($atStart)->frontRestored())
        ->toEqualWithDelta(0.75, 1e-6);
})->with([['taken up', 3.0, 3.0], ['working', 3.0, 5.0], ['taken up', 6.5, 6.5], ['taken up', 40.0, 8.0]]);

it('plans the ball within the range of the data sheet, and the model governs where the sheet is silent', function (
    array $sheet,
    ?float $planned,
): void {
    $rig = startingBy($sheet, 400);
    $plan = new RigPlan($rig, usualGoal(), new Yoke\Judgement\Advice\StoppingRules());

    expect($plan->ballPlanned()->millimetres())
        ->toEqualWithDelta($planned ?? $plan->ballAdvised()->mean(), 1e-9)
        ->and($plan->ballAdvised()->mean())
        ->toBeGreaterThan(10.0)
        ->toBeLessThan(60.0)
        ->and($plan->pitchAsPlanned()->degrees() < -1e-6)
        ->toBe($planned !== null && $planned < $plan->ballAdvised()->mean())
        ->and(count($plan->schools()))
        ->toBe($sheet === [] ? 5 : 6);
})->with([
    'silent' => [[], null],
    'lower' => [['ball_over_from_mm' => 0, 'ball_over_to_mm' => 6], 6.0],
    'higher' => [['ball_over_from_mm' => 80, 'ball_over_to_mm' => 90], 80.0],
    'one end alone' => [['ball_over_to_mm' => 3], 3.0],
]);

it('bolts brackets so that their ledge is as near to level with the head as whole holes allow', function (): void {
    // Plate 250, rail 100, bar 60 under the rail at the head: the rail's top is 160 over a level ledge, 90 below the
    // top hole.
    $holes = BracketHoles::of(
        new SpecificationSheet(['frame_depth_mm' => 100]),
        new SpecificationSheet(['bracket_plate_mm' => 250, 'bracket_hole_mm' => 25, 'head_gap_mm' => 60]),
    );

    expect($holes->showing())
        ->toBe(5)
        ->and($holes->lower()->millimetres())
        ->toEqualWithDelta(-10.0, 1e-9);
});

it('shows fewer holes on a deeper rail, and as many more as the coupler stands higher on it', function (): void {
    $showing = static fn (array $trailer): ?int => BracketHoles::of(
        new SpecificationSheet($trailer),
        new SpecificationSheet(['bracket_plate_mm' => 250, 'bracket_hole_mm' => 25, 'bar_below_ball_mm' => 120]),
    )?->showing();

    expect($showing(['frame_depth_mm' => 75, 'coupler_kind' => 'under']))
        ->toBe(3)
        ->and($showing(['frame_depth_mm' => 125, 'coupler_kind' => 'under']))
        ->toBe(1)
        ->and($showing(['frame_depth_mm' => 75, 'coupler_kind' => 'on top']))
        ->toBe(6)
        ->and($showing(['frame_depth_mm' => 75, 'coupler_height_mm' => 480, 'frame_height_mm' => 430]))
        ->toBe(5)
        ->and($showing(['frame_depth_mm' => 400, 'coupler_kind' => 'under']))
        ->toBe(0)
        ->and($showing(['frame_depth_mm' => 75]))
        ->toBeNull()
        ->and($showing(['coupler_kind' => 'under']))
        ->toBeNull();
});
