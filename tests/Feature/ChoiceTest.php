<?php

declare(strict_types=1);

use App\Models\Hitch;
use App\Models\Rig;
use Illuminate\Testing\TestResponse;

/** A pick-up before a tandem: TW 320 kg of 2600, a tank of 100 kg well ahead of the axles. */
beforeEach(function (): void {
    $this->actingAs($this->person('Wren Tallow', '1 mm'));
    $this->post('/jobs', [
        'title' => 'Planetarium',
        'family' => 'plain-ball',
        'vehicle_class' => 'half-ton pick-up',
        'wheelbase' => '3600 mm',
        'overhang' => '1300 mm',
        'ball_to_axle' => '5000 mm',
        'gross_weight' => '2600 kg',
        'tongue_weight_kg' => '320 kg',
    ])->assertSessionHasNoErrors();
    $this->post('/garage/vehicle/1', ['name' => 'Drover', 'front_axle_kg' => '1400 kg'])->assertSessionHasNoErrors();
    $this->post('/garage/trailer/1', [
        'name' => 'Dome',
        'tongue_weight_kg' => '320 kg',
        'tongue_weight_by' => 'tongue_scale',
        'fresh_tank_kg' => '100 kg',
        'fresh_tank_ahead_mm' => '1500 mm',
    ])->assertSessionHasNoErrors();
    $this->ask = fn (array $more = []): TestResponse => $this->get(
        '/choose-a-hitch?'.
            http_build_query(['vehicle' => 1, 'trailer' => 1, 'heavy' => ['fresh_tank' => '100'], ...$more]),
    );
});

it('asks first, with the last rig filled in and the tank full in the heaviest load', function (): void {
    $this->get('/choose-a-hitch')
        ->assertOk()
        ->assertSee('Vehicle, trailer and year')
        ->assertSee('Fresh tank, % full')
        ->assertSee('name="heavy[fresh_tank]" value="100"', false)
        ->assertSee('name="light[fresh_tank]" value="0"', false)
        ->assertDontSee('Which bars');
    $this->get('/garage')->assertSee('/choose-a-hitch', false);
    $this->get('/jobs/1/brief')->assertSee('Which hitch would suit');
});

it('answers need, bars, family and hitches side by side', function (): void {
    ($this->ask)(['want' => ['sway_control', 'quiet']])
        ->assertOk()
        ->assertSee('Does this rig need weight distribution?')
        ->assertSee('320 kg')
        ->assertSee('350 kg')
        ->assertSeeInOrder([
            'Which bars',
            'Suggested',
            'Which kind of hitch',
            'Pad under cover',
            'Suggested',
            'Tension chain',
        ])
        ->assertSee('No sway control of its own: it needs a separate friction bar.')
        ->assertDontSee('Nothing comes off before reversing.')
        ->assertSee('Restores')
        ->assertSee('likely to be in range')
        ->assertSee('A hitch raises no rating');
});

it('compares hitches of the garage with usual ones', function (): void {
    $own = Hitch::query()->create([
        'name' => 'Redshank 450',
        'bar_arm_mm' => 700.0,
        'sheet' => ['family' => 'friction-bracket', 'bar_rating_low_kg' => 250.0, 'bar_rating_high_kg' => 450.0],
    ]);
    $page = ($this->ask)(['hitch1' => (string) $own->id, 'hitch2' => 'cam-bar.800', 'hitch3' => 'tension-chain'])
        ->assertOk()
        ->assertSeeInOrder(['data-line', 'Which bars'], false)
        ->assertSeeInOrder(['Side by side', 'Redshank 450', 'Bar on cam, 363 kg bars', 'Tension chain, no bars']);
    preg_match('/<tr data-line="bars">.*?<\/tr>/s', (string) $page->getContent(), $bars);
    preg_match('/<tr data-line="clearance">.*?<\/tr>/s', (string) $page->getContent(), $clearance);

    expect($bars[0] ?? '')
        ->toContain('250 kg to 450 kg')
        ->toContain('181 kg to 363 kg')
        ->toContain('It has no bars.')
        ->and(substr_count($clearance[0] ?? '', 'Not known'))
        ->toBe(3);
});

it('quotes a maker who forbids it, and suggests nothing', function (): void {
    $this->post('/garage/vehicle/1', ['name' => 'Drover', 'maker_says' => 'forbidden'])->assertSessionHasNoErrors();
    ($this->ask)()
        ->assertOk()
        ->assertSee('forbids it')
        ->assertSee('Nothing is suggested')
        ->assertDontSee('Which bars')
        ->assertDontSee('data-line', false);
});

it('says what was expected, and keeps what was typed', function (array $asked, string $sentence, string $kept): void {
    ($this->ask)($asked)->assertOk()->assertSee($sentence)->assertSee($kept, false);
})->with([
    'over full' => [
        ['heavy' => ['fresh_tank' => '140']],
        'Expected how full the tank is, from 0 to 100 %.',
        'value="140"',
    ],
    'too many' => [['light' => ['gas_bottles' => '99']], 'Expected a whole number from 0 to 8.', 'value="99"'],
    'no number' => [['light' => ['gas_bottles' => 'some']], 'Expected a whole number from 0 to 8.', 'value="some"'],
    'no such vehicle' => [['vehicle' => '77'], 'Expected a vehicle from the list.', 'Show answer'],
    'no such trailer' => [['trailer' => ['x']], 'Expected a trailer from the list.', 'Show answer'],
    'no such hitch' => [['hitch2' => 'cam-bar.12'], 'Expected a hitch from the list.', 'Which bars'],
    'a plain ball' => [['hitch2' => 'plain-ball'], 'Expected a hitch from the list.', 'Which bars'],
]);

it('says so where a load lifts the tongue off the ball', function (): void {
    ($this->ask)(['light' => ['bikes_on_trailer' => '8'], 'heavy' => ['bikes_on_trailer' => '8']])->assertOk();
    $this->post('/garage/trailer/1', ['name' => 'Dome', 'tongue_weight_kg' => '60 kg'])->assertSessionHasNoErrors();
    ($this->ask)(['light' => ['bikes_on_trailer' => '8']])
        ->assertOk()
        ->assertSee('the tongue lifts off the ball')
        ->assertDontSee('Which bars');
});

it('writes nothing down', function (): void {
    $count = fn (): array => [Hitch::query()->count(), Rig::query()->count()];
    $before = $count();
    ($this->ask)(['hitch1' => 'cam-bar.800'])->assertOk();

    expect($count())->toBe($before);
});

it('suggests none of the bars where none holds the tongue weight within its rating', function (): void {
    $job = $this->job();
    $job->rig->trailer->update([
        'gross_weight_kg' => 9000,
        'sheet' => ['tongue_weight_kg' => 1500, 'tongue_weight_by' => 'tongue_scale'],
    ]);
    $address = "/choose-a-hitch?vehicle={$job->rig->vehicle_id}&trailer={$job->rig->trailer_id}";
    $this->get($address)->assertOk()->assertSee('None of these')->assertDontSee('is-suggested', false);

    $job->rig->trailer->update([
        'gross_weight_kg' => 3100,
        'sheet' => ['tongue_weight_kg' => 400, 'tongue_weight_by' => 'tongue_scale'],
    ]);
    $this->get($address)->assertOk()->assertDontSee('None of these')->assertSee('is-suggested', false);
});
