<?php

declare(strict_types=1);

/** A pad hitch on a 5 in rail: its plan at Brackets says all that is bolted. */
beforeEach(function (): void {
    $this->actingAs($this->person());
    $this->post('/jobs', [
        'title' => 'Kite museum',
        'family' => 'pad-under-cover',
        'bar_rating_low_kg' => '300 kg',
        'bar_rating_high_kg' => '540 kg',
        'gross_weight' => '2700 kg',
        'tongue_weight_kg' => '340 kg',
        'bar_arm' => '27 in',
        'ball_to_axle' => '5200 mm',
    ]);
    $this->hitch = fn (array $typed) => $this->post('/garage/hitch/1', [
        'name' => 'Pads',
        ...$typed,
    ])->assertSessionHasNoErrors();
    $this->trailer = fn (array $typed) => $this->post('/garage/trailer/1', [
        'name' => 'Trailer',
        ...$typed,
    ])->assertSessionHasNoErrors();
    ($this->hitch)(['hang_mm' => '6 in', 'head_gap_mm' => '2 1/2 in']);
});

it('bolts the brackets by the depth of the frame, and says how the bars then lie', function (
    string $depth,
    string $says,
): void {
    ($this->hitch)(['bracket_plate_mm' => '10 in', 'bracket_hole_mm' => '1 in']);
    ($this->trailer)(['frame_depth_mm' => $depth]);

    $this->get('/jobs/1/brackets')->assertSee($says);
    $this->get('/jobs/1/plan')->assertSee($says);
})->with([
    // 10 in from ledge to top hole, less 2 1/2 in under the frame, less the rail: so many inches above it, a hole at
    // each.
    [
        '5 in',
        'Bolt the brackets with 4 holes showing above the frame: the bars then lie 1/2 in higher than at the head.',
    ],
    ['6 1/2 in', 'Bolt the brackets with 2 holes showing above the frame: the bars then lie as high as at the head.'],
    ['7 1/2 in', 'Bolt the brackets with one hole showing above the frame: the bars then lie as high as at the head.'],
]);

it('lets the data sheet govern the holes, and says beside it what the measures ask for', function (): void {
    ($this->hitch)(['bracket_plate_mm' => '10 in', 'bracket_hole_mm' => '1 in', 'holes_showing' => '3']);
    ($this->trailer)(['frame_depth_mm' => '6 1/2 in']);

    $this->get('/jobs/1/brackets')->assertSee(
        'Bolt the brackets with 3 holes showing above the frame: the data sheet says so. By the measures it would be 2: the bars then lie as high as at the head.',
    );
});

it('moves the brackets past a tray within the range of the data sheet, the same on both sides', function (): void {
    ($this->trailer)(['tray_from_mm' => '25 in', 'tray_to_mm' => '28 in']);
    $this->get('/jobs/1/brackets')->assertSee("No place within the data sheet's range is clear");
    ($this->hitch)(['bracket_from_mm' => '24 in', 'bracket_to_mm' => '31 in']);

    $this->get('/jobs/1/brackets')->assertSee(
        'Brackets 29 3/4 in behind the ball, the same on both sides: 2 3/4 in back of the data sheet',
        false,
    );
});

it('starts with the tooth and the hole that the data sheet names', function (): void {
    ($this->hitch)(['start_step' => '3', 'start_washers_low' => '1', 'start_washers_high' => '5']);

    // 340 kg lies a sixth of the way from 300 to 540 kg: 1 + 4/6, the nearest whole tooth 2.
    $this->get('/jobs/1/brackets')->assertSee(
        'The data sheet starts at height hole 3, 2 teeth; the first setting is planned from there.',
    );
});

it('says how the rest stands against the bar as it hangs at the vehicle', function (string $rest, string $says): void {
    $this->post('/jobs/1/bars', [
        'ball' => '20 in',
        'bar' => '15 1/2 in',
        'seat' => '19 1/4 in',
        'rest' => $rest,
        'lifted' => '',
        'step_tooth' => '3',
    ])->assertSessionHasNoErrors();
    $this->get('/jobs/1/bars')->assertSee($says);
})->with([
    ['15 1/2 in', 'The bar rests as high on the trailer as it hangs at the vehicle.'],
    ['16 3/4 in', 'The bar rests 1 1/4 in higher on the trailer than it hangs at the vehicle.'],
    ['15 in', 'The bar rests 1/2 in lower on the trailer'],
]);

it('has the torque of each bolt in the unit of who turns the wrench, whatever the data sheet wrote', function (): void {
    ($this->hitch)(['head_bolts_nm' => '150 ft lbs', 'bracket_bolts_nm' => '65 ft-lb', 'ball_nut_nm' => '430 N·m']);
    $this->get('/jobs/1/brackets')->assertSee('65 lb·ft');
    $this->get('/jobs/1/head')->assertSee('150 lb·ft')->assertSee('317 lb·ft');
});
