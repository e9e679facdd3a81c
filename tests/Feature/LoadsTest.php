<?php

declare(strict_types=1);

use App\Models\LoadState;

beforeEach(function (): void {
    $this->person('Ibby Marsh', '1 mm');
    $this->actingAs(App\Models\User::query()->sole());
    $this->work = $this->job();
    $worked = $this->work->rig_as_worked;
    $worked['vehicle']['sheet'] = [
        'front_axle_kg' => 1460,
        'rear_axle_kg' => 1190,
        'rear_gawr_kg' => 1800,
        'levelling' => 'rear',
    ];
    $worked['trailer']['sheet'] = [
        'tongue_weight_kg' => 390,
        'tongue_weight_by' => 'tongue_scale',
        'coupler_height_mm' => 480,
        'fresh_tank_kg' => 150,
        'fresh_tank_ahead_mm' => 1700,
        'waste_tank_kg' => 150,
        'waste_tank_ahead_mm' => -1700,
    ];
    $worked['hitch']['sheet'] = ['family' => 'chain-snap-up', 'bar_rating_high_kg' => 500, 'ball_height_mm' => 500];
    $this->work->update(['rig_as_worked' => $worked]);
    $this->at = "/jobs/{$this->work->id}/loads";
    $this->row = fn (string $name, string $weight, string $on, string $place): array => compact(
        'name',
        'weight',
        'on',
        'place',
    );
});

it('plans a load beside the one as weighed, and keeps it with a setting', function (): void {
    $this->get($this->at)
        ->assertOk()
        ->assertSee('What was aboard when the rig was weighed')
        ->assertSee('390 kg ± ')
        ->assertSee('12.6 %');
    $this->post("{$this->at}/weighed", [
        'name' => 'As weighed',
        'fills' => ['fresh' => '100', 'waste' => '0'],
    ])->assertSessionHasNoErrors();
    $this->post("{$this->at}/weighed/copy")->assertRedirect("{$this->at}/2");
    $this->post("{$this->at}/2", [
        'name' => 'Homeward',
        'fills' => ['fresh' => '0', 'waste' => '100'],
        'items' => [($this->row)('friend', '75 kg', 'vehicle', '2000 mm')],
    ])->assertSessionHas('saved');
    $this->get("{$this->at}/2")
        ->assertSeeInOrder(['As weighed', 'Homeward'])
        ->assertSeeInOrder(['Tongue weight, level', '390 kg ± ', '290 kg ± '])
        ->assertSeeInOrder(['12.6 %', '9.4 %', 'invites sway'])
        ->assertSee('When self-levelling takes over')
        ->assertSee('moves no load forward');
    $this->post("{$this->at}/2/setting", ['steps' => ['link' => 4, 'washer' => 3, 'head' => 2]])->assertSessionHas(
        'saved',
    );

    expect(LoadState::query()->find(2)->items)
        ->toEqual([['name' => 'friend', 'kg' => 75.0, 'on' => 'vehicle', 'mm' => 2000.0]])
        ->and(LoadState::query()->find(2)->setting)
        ->toEqual(['link' => 4, 'washer' => 3, 'head' => 2]);
    $this->get("{$this->at}/2")
        ->assertSee('Saved for Homeward')
        ->assertSee('link 4, 3 washers');
    $this->post("{$this->at}/2/copy");
    $this->get("{$this->at}/3?beside=2")
        ->assertSeeInOrder(
            ['<th scope="col">Homeward</th>', '<th scope="col">Load 3</th>', '290 kg ± ', '290 kg ± '],
            false,
        )
        ->assertSee('Saved for Homeward: link 4, 3 washers');
    $this->post("{$this->at}/2/away");
    $this->get($this->at)->assertDontSee('Homeward');
    expect(LoadState::query()->count())->toBe(3);
});

it('answers while one types, drags, puts aboard and leaves out, and saves nothing of it', function (): void {
    LoadState::query()->create([
        'rig_id' => $this->work->rig_id,
        'name' => 'As weighed',
        'as_weighed' => true,
        'user_id' => 1,
    ]);
    LoadState::query()->create(['rig_id' => $this->work->rig_id, 'name' => 'Trip', 'user_id' => 1]);
    $preview = fn (array $form) => $this->postJson("{$this->at}/2/preview", ['name' => 'Trip', ...$form])->assertOk();
    $gas = ($this->row)('gas', '30 kg', 'trailer', '4400 mm');

    expect($preview(['items' => [$gas]])->json('parts.columns'))
        ->toContain('415 kg ±')
        ->and(
            $preview(['items' => [$gas + ['drawn' => (string) (3700 + 1300 + 5100 + 1700)]], 'rows' => '1'])->json(
                'parts.rows',
            ),
        )
        ->toContain('value="-1700 mm"')
        ->and($preview(['items' => [$gas], 'add' => 'bikes_on_tongue', 'rows' => '1'])->json('parts.rows'))
        ->toContain('bikes on the tongue')
        ->toContain('35 kg')
        ->and(
            $preview([
                'items' => [$gas, ($this->row)('stove', '12 kg', 'trailer', '0 mm')],
                'drop' => '0',
                'rows' => '1',
            ])->json('parts.rows'),
        )
        ->toContain('stove')
        ->not->toContain('gas"')
        ->and(
            $preview(['items' => [($this->row)('boulders', '1500 kg', 'trailer', '-3000 mm')]])->json('parts.columns'),
        )
        ->toContain('the tongue lifts off the ball')
        ->and(LoadState::query()->find(2)->items)
        ->toBe([]);
});

it('keeps a weight to the gram that is only looked at in another unit', function (): void {
    LoadState::query()->create([
        'rig_id' => $this->work->rig_id,
        'name' => 'As weighed',
        'as_weighed' => true,
        'user_id' => 1,
        'items' => [['name' => 'sacks', 'kg' => 61.237, 'on' => 'trailer', 'mm' => 913.3]],
    ]);
    $this->post("{$this->at}/weighed", [
        'name' => 'As weighed',
        'items' => [($this->row)('sacks', '61 kg', 'trailer', '913 mm') + ['kg' => '61.237', 'mm' => '913.3']],
    ]);
    expect(LoadState::query()->sole()->items[0])->toEqual([
        'name' => 'sacks',
        'kg' => 61.237,
        'on' => 'trailer',
        'mm' => 913.3,
    ]);
    $this->post("{$this->at}/weighed", [
        'name' => 'As weighed',
        'items' => [($this->row)('sacks', '62 kg', 'trailer', '913 mm') + ['kg' => '61.237', 'mm' => '913.3']],
    ]);
    expect(LoadState::query()->sole()->items[0]['kg'])->toEqual(62.0);
});

it('refuses in words beside its row, and keeps what was typed', function (
    array $form,
    string $field,
    string $says,
): void {
    LoadState::query()->create([
        'rig_id' => $this->work->rig_id,
        'name' => 'As weighed',
        'as_weighed' => true,
        'user_id' => 1,
    ]);
    LoadState::query()->create(['rig_id' => $this->work->rig_id, 'name' => 'Trip', 'user_id' => 1]);
    LoadState::query()->create(['rig_id' => $this->work->rig_id, 'name' => 'Holiday', 'user_id' => 1]);
    $this->post("{$this->at}/2", $form + ['name' => 'Trip'])->assertSessionHasErrors($field);
    expect(session('errors')->first($field))
        ->toContain($says)
        ->and(LoadState::query()->find(2)->items)
        ->toBe([]);
    $typed = $form['items'][0]['weight'] ?? ($form['fills']['fresh'] ?? $form['name']);
    $this->get("{$this->at}/2")
        ->assertSee("value=\"{$typed}\"", false)
        ->assertSee($says);
})->with([
    'outside the vehicle' => [
        ['items' => [['name' => 'bikes', 'weight' => '30 kg', 'on' => 'vehicle', 'place' => '9 m']]],
        'item-0-place',
        'outside the vehicle',
    ],
    'outside the trailer' => [
        ['items' => [['name' => 'bikes', 'weight' => '31 kg', 'on' => 'trailer', 'place' => '-7 m']]],
        'item-0-place',
        'outside the trailer',
    ],
    'no weight' => [
        ['items' => [['name' => 'bikes', 'weight' => 'some', 'on' => 'trailer', 'place' => '0 mm']]],
        'item-0-weight',
        'xpected',
    ],
    'on nothing' => [
        ['items' => [['name' => 'bikes', 'weight' => '32 kg', 'on' => 'boat', 'place' => '0 mm']]],
        'item-0-on',
        'on the vehicle or on the trailer',
    ],
    'a tank past its brim' => [['fills' => ['fresh' => '140']], 'fill-fresh', 'between 0 and 100 %'],
    'a name that is taken' => [['name' => 'Holiday'], 'name', 'Another load state'],
]);

it(
    'says what it needs while the family is not known, plans for chains alone too, and knows no state of another rig',
    function (): void {
        $worked = $this->work->rig_as_worked;
        $worked['hitch']['sheet'] = [];
        $this->work->update(['rig_as_worked' => $worked]);
        $this->get($this->at)->assertOk()->assertSee('needs a hitch whose family is known');
        $worked['hitch']['sheet'] = ['family' => 'tension-chain'];
        $this->work->update(['rig_as_worked' => $worked]);
        $this->get($this->at)->assertOk()->assertDontSee('needs a hitch');
        $this->get("{$this->at}/77")->assertNotFound();
        $this->post("{$this->at}/weighed/away")->assertNotFound();
    },
);
