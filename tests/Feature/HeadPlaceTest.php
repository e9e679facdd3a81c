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

it('takes the hole that is really used, in halves too, and reckons the ball from it', function (
    string $turned,
    string $typed,
    float $hole,
    float $ball,
): void {
    $job = jobWithShank($this->job());
    $worked = $job->rig_as_worked;
    $worked['hitch']['sheet']['shank_rise_mm'] = 40;
    unset($worked['vehicle']['sheet']['tailgate_mm']);
    $job->update(['rig_as_worked' => $worked]);
    $this->post("/jobs/{$job->id}/head-place", ['turned' => $turned, 'hole' => $typed, 'because' => 'as it came'])
        ->assertSessionHasNoErrors();

    // Receiver 520 mm, first hole 30 mm over it in drop and 40 over in rise, 32 mm from hole to hole.
    expect($job->fresh()->head_place['hole'])
        ->toEqual($hole)
        ->and($job->fresh()->ballInItsHole())
        ->toEqual($ball);
    $this->get("/jobs/{$job->id}/head")->assertSee("Bolted in {$turned}, hole ".($typed === '1 1/2' ? '1.5' : strtr($typed, [',' => '.'])));
    $this->get("/jobs/{$job->id}/card")->assertOk();
})->with([
    'between two, in drop' => ['drop', '2.5', 2.5, 520 + 30 - 1.5 * 32],
    'with a comma' => ['drop', '1,5', 1.5, 520 + 30 - 0.5 * 32],
    'with a fraction' => ['drop', '1 1/2', 1.5, 520 + 30 - 0.5 * 32],
    'the last' => ['drop', '5', 5.0, 520 + 30 - 4 * 32],
    'in rise' => ['rise', '3', 3.0, 520 + 40 + 2 * 32],
]);

it('refuses a hole that there is not, keeping what was typed', function (string $typed, string $says): void {
    $job = jobWithShank($this->job());
    $this->post("/jobs/{$job->id}/head-place", ['turned' => 'drop', 'hole' => $typed, 'because' => 'so'])
        ->assertRedirect("/jobs/{$job->id}/head")
        ->assertSessionHasErrors('hole', null, 'head')
        ->assertSessionHasInput('hole', $typed);
    expect(session('errors')->getBag('head')->first('hole'))
        ->toContain($says)
        ->and($job->fresh()->head_place)
        ->toBeNull();
})->with([
    'past the sheet' => ['6', 'Expected a hole from 1 to 5: by the data sheet this shank has no hole 6.'],
    'none' => ['0', 'whole or half ones'],
    'a third' => ['2.3', 'whole or half ones'],
    'words' => ['second', 'whole or half ones'],
    'nothing' => ['', 'whole or half ones'],
    'far too many' => ['1e9', 'whole or half ones'],
]);

it('takes a hole where no sheet tells the shank, and lets the tape say where the ball stands', function (): void {
    $job = jobWithShank($this->job());
    $worked = $job->rig_as_worked;
    unset($worked['hitch']['sheet']['shank_drop_mm'], $worked['hitch']['sheet']['head_holes']);
    $job->update(['rig_as_worked' => $worked]);
    $this->post("/jobs/{$job->id}/head-place", ['turned' => 'rise', 'hole' => '7.5', 'because' => ''])
        ->assertSessionHasNoErrors();

    expect($job->fresh()->ballInItsHole())->toBeNull();
    $this->get("/jobs/{$job->id}/head")->assertSee('Bolted in rise, hole 7.5')->assertSee('tape it');
    foreach (['bars-up', 'brackets', 'prove', 'card', 'plan'] as $page) {
        $this->get("/jobs/{$job->id}/{$page}")->assertOk();
    }
    $this->get("/jobs/{$job->id}/card")->assertSee('shank in rise, hole 7.5; the ball was not taped');

    $this->post("/jobs/{$job->id}/head/facts/hitch/ball_height_mm", ['ball_height_mm' => '505 mm']);
    expect($job->fresh()->ballInItsHole())->toEqual(505.0);
    $this->get("/jobs/{$job->id}/card")->assertSee('hole 7.5')->assertDontSee('was not taped');
});
