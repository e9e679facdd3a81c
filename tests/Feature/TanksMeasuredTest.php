<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\TongueWeighing;
use App\UseCases\Analysis\JobAnalyses;

beforeEach(function (): void {
    $this->actingAs($this->person('Wren Tallow', '1 mm'));
    $this->post('/jobs', [
        'title' => 'Kite museum',
        'family' => 'chain-snap-up',
        'ball_to_axle' => '5000 mm',
        'gross_weight' => '2700 kg',
        'tongue_weight_kg' => '340 kg',
    ]);
    $this->post('/garage/trailer/1', [
        'name' => 'T',
        'coupler_height_mm' => '480 mm',
        'fresh_tank_kg' => '100 kg',
        'fresh_tank_ahead_mm' => '1500 mm',
        'waste_tank_kg' => '80 kg',
        'waste_tank_ahead_mm' => '-1000 mm',
    ])->assertSessionHasNoErrors();
    $this->read = fn (string $load, array $with = []) => $this->post('/jobs/1/tongue', [
        'way' => 'tongue_scale',
        'read' => $load,
        ...$with,
    ])->assertSessionHasNoErrors();
});

it('holds what filling a tank did against its size and place', function (string $after, string $says): void {
    ($this->read)('330 kg', ['fresh' => '0', 'waste' => '0']);
    $this->get('/jobs/1/tongue')->assertDontSee('data-tank', false);
    ($this->read)($after, ['fresh' => '100', 'waste' => '0']);

    // 100 kg at 1500 of 5000 mm: 30 kg.
    $this->get('/jobs/1/tongue')->assertSee('computed +30 kg')->assertSee($says);
})->with([
    'as computed' => ['361 kg', 'They agree.'],
    'far from it' => ['381 kg', 'by this measurement the tank stands 2550 mm ahead of the axles'],
]);

it('adds up two tanks, one ahead and one behind, and says no place where both were filled', function (): void {
    ($this->read)('330 kg', ['fresh' => '0', 'waste' => '0']);
    ($this->read)('337 kg', ['fresh' => '50', 'waste' => '50']);

    // 50 x 1500/5000 - 40 x 1000/5000 = 7 kg.
    $this->get('/jobs/1/tongue')
        ->assertSee('Fresh tank +50 %, waste tank +50 %')
        ->assertSee('computed +7 kg')
        ->assertSee('They agree.');
});

it('draws the curve through the readings with the tanks as they were last', function (): void {
    ($this->read)('330 kg', ['fresh' => '0']);
    ($this->read)('360 kg', ['fresh' => '100']);
    ($this->read)('352 kg', ['fresh' => '100', 'hitch_height' => '560 mm']);
    $analysed = app()
        ->make(JobAnalyses::class)
        ->of(Job::query()->sole());
    $curve = (new App\UseCases\Analysis\TongueReadings($analysed->job, $analysed->described))->curve();

    expect($curve->level()->mean())
        ->toBeGreaterThan(355.0)
        ->toBeLessThan(365.0)
        ->and($curve->isFitted())
        ->toBeTrue()
        ->and(TongueWeighing::query()->count())
        ->toBe(3);
    $this->get('/jobs/1/tongue')
        ->assertSee('fresh tank 0 %')
        ->assertSee('The curve goes through the readings with the tanks as they were last.');
});

it(
    'finds slope and centre of gravity from typed readings at several heights, as a straight line through them has it',
    function (): void {
        // W 2700 kg, L 5000 mm: a slope of -0.06 kg/mm is a centre of gravity 556 mm above the axles: -W h / L^2.
        foreach ([400 => 364.8, 480 => 360.0, 560 => 355.2, 640 => 350.4] as $height => $load) {
            ($this->read)("{$load} kg", ['hitch_height' => "{$height} mm"]);
        }
        $analysed = app()
            ->make(JobAnalyses::class)
            ->of(Job::query()->sole());
        $curve = (new App\UseCases\Analysis\TongueReadings($analysed->job, $analysed->described))->curve();

        expect($curve->slope()->mean())
            ->toBeGreaterThan(-0.075)
            ->toBeLessThan(-0.04)
            ->and($curve->level()->mean())
            ->toEqualWithDelta(360.0, 2.0);
        $this->get('/jobs/1/tongue')
            ->assertSee('At the height in use, coupler at')
            ->assertSee('% of gross')
            ->assertSee('above the axles');
    },
);

it('refuses a tank over full, and keeps what was typed', function (): void {
    $this->post('/jobs/1/tongue', [
        'way' => 'tongue_scale',
        'read' => '330 kg',
        'fresh' => '130',
    ])->assertSessionHasErrors(['fresh' => 'Expected how full the tank is, from 0 to 100 %.']);
    $this->get('/jobs/1/tongue')->assertSee('value="130"', false);
    expect(TongueWeighing::query()->count())->toBe(0);
});
