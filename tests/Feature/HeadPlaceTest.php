<?php

declare(strict_types=1);

use App\Models\Job;

beforeEach(function (): void {
    $this->person();
    $this->actingAs(App\Models\User::query()->sole());
});

/** A job whose receiver, coupler, shank and tailgate are measured. */
function jobWithShank(Job $job): Job
{
    $worked = $job->rig_as_worked;
    $worked['vehicle']['sheet'] = ['receiver_height_mm' => 520, 'tailgate_mm' => 610, 'front_tyre_kpa' => 240];
    $worked['trailer']['sheet'] = [
        'coupler_height_mm' => 480,
        'fore_mark_mm' => 1600,
        'aft_mark_mm' => 1400,
        'fresh_tank_kg' => 150,
        'fresh_tank_ahead_mm' => 1700,
        'tray_from_mm' => 750,
        'tray_to_mm' => 1000,
    ];
    $worked['hitch']['sheet'] = [
        'family' => 'chain-snap-up',
        'shank_drop_mm' => -30,
        'head_hole_mm' => 32,
        'head_holes' => 5,
        'head_bolts_nm' => 205,
        'hang_mm' => 212,
        'head_gap_mm' => 60,
        'bar_length_mm' => 740,
        'bracket_from_mm' => 690,
        'bracket_to_mm' => 760,
    ];
    $job->update(['rig_as_worked' => $worked]);

    return $job;
}

it('records where the head was bolted, and plans with the ball there', function (): void {
    $job = jobWithShank($this->job());
    expect($job->rigAsWorked()->described(Yoke\Job\Shop\ShopRules::usual()->priors)->ballOverCoupler())->toBeNull();

    $this->post("/jobs/{$job->id}/head-place", ['place' => 'drop-2', 'because' => ''])
        ->assertRedirect("/jobs/{$job->id}/head")
        ->assertSessionHasNoErrors();
    $bolted = $job->fresh();
    expect($bolted->head_place['ball_height_mm'])
        ->toEqual(518.0)
        ->and($bolted->head_place['by'])
        ->toBe('Wren Tallow')
        ->and($bolted->rigAsWorked()->described(Yoke\Job\Shop\ShopRules::usual()->priors)->ballOverCoupler()?->millimetres())
        ->toEqual(38.0)
        ->and($bolted->rig_as_worked)
        ->toBe($job->rig_as_worked);
    $this->get("/jobs/{$job->id}/head")
        ->assertSee('Bolted in drop, hole 2')
        ->assertSee('by Wren Tallow')
        ->assertSee('Where these heights come from');
});

it('asks for the reason of a compromise, and writes it down', function (string $place, string $against): void {
    $job = jobWithShank($this->job());
    $this->get("/jobs/{$job->id}/head")->assertSee($against);
    $this->post("/jobs/{$job->id}/head-place", ['place' => $place, 'because' => ' '])->assertSessionHasErrors(
        'because',
        null,
        'head',
    );
    expect($job->fresh()->head_place)->toBeNull();
    $this->get("/jobs/{$job->id}/head")->assertSee('Expected the reason for this place');

    $this->post("/jobs/{$job->id}/head-place", [
        'place' => $place,
        'because' => 'The owner opens the gate uncoupled.',
    ])->assertSessionHasNoErrors();
    $this->get("/jobs/{$job->id}/head")->assertSee('Because: The owner opens the gate uncoupled.');
    $this->get("/jobs/{$job->id}/plan")->assertSee('The owner opens the gate uncoupled.');
})->with([
    'the tailgate' => ['drop-1', 'The open tailgate meets the head'],
    'below the coupler' => ['drop-4', 'The ball stands below the level coupler'],
]);

it('refuses a place that is none, and a reason with markup', function (array $typed, string $field): void {
    $job = jobWithShank($this->job());
    $this->post("/jobs/{$job->id}/head-place", $typed)->assertSessionHasErrors($field, null, 'head');
    expect($job->fresh()->head_place)
        ->toBeNull()
        ->and(session('errors')->getBag('head')->first($field))
        ->toContain('Expected');
})->with([
    'nowhere' => [['place' => 'drop-9', 'because' => ''], 'place'],
    'nothing' => [[], 'place'],
    'markup' => [['place' => 'drop-2', 'because' => '<b>so</b>'], 'because'],
    'a novel' => [['place' => 'drop-2', 'because' => str_repeat('so ', 90)], 'because'],
]);

it('puts the plan on one sheet of paper, in words and figures', function (): void {
    $job = jobWithShank($this->job());
    $this->get("/jobs/{$job->id}/plan")
        ->assertOk()
        ->assertSeeInOrder(
            [
                'Plan: A dome',
                'Shank in',
                'drop, hole',
                'Hook up at',
                'link',
                'clear of what is in the way',
                'Head bolts',
                '151 lb·ft',
                'front, pressure',
                '35 psi',
                'Ratings, as predicted',
                'An aid to measuring, not a certificate',
            ],
            false,
        );
});

it('shows pressures at Ground, tanks at Brief, brackets and chains at Brackets', function (): void {
    $job = jobWithShank($this->job());
    $this->get("/jobs/{$job->id}/ground")
        ->assertSee('Vehicle, front, pressure')
        ->assertSee('35 psi');
    $this->get("/jobs/{$job->id}/alone")->assertSee('name="marks_apart" value="118 1/8 in"', false);
    $this->get("/jobs/{$job->id}/brief")
        ->assertSee('Fresh tank')
        ->assertSee('+110 lb');
    $this->get("/jobs/{$job->id}/brackets")
        ->assertSee('27 3/4 in behind the ball')
        ->assertSee('9/16 in forward of the data sheet')
        ->assertSee('to the front at the top')
        ->assertSee('Where this chance comes from');
});

it('tells the drawing\'s figures in a table behind it', function (): void {
    $job = jobWithShank($this->job());
    $page = (string) $this->get("/jobs/{$job->id}/brief")->getContent();

    expect($page)
        ->toContain('<caption>The rig as the model has it')
        ->toContain('Trailer axles</th>')
        ->toContain('class="load-arrow"')
        ->and(substr_count(explode('class="close-up"', $page)[0], 'part-hole'))
        ->toBe(6)
        ->and($page)
        ->toContain('Close-up of the hitch, the place in use marked. Planned: ');
});
