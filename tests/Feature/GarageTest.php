<?php

declare(strict_types=1);

use App\Models\Trailer;
use App\Models\Vehicle;

beforeEach(function (): void {
    $this->person();
    $this->actingAs(App\Models\User::query()->sole());
});

it('teaches where nothing is paired, and lists the rigs that are', function (): void {
    $this->get('/garage')->assertOk()->assertSee('No rig is paired yet');
    $this->job();
    $this->get('/garage')
        ->assertOk()
        ->assertSee('Drover')
        ->assertSee('0 of '.(count(Yoke\Rig\Specification\RigPart::Vehicle->fields()) - 5).' filled in');
});

it('saves a sheet in the person\'s units and plans the open jobs again', function (): void {
    $job = $this->job();
    $done = $this->job();
    $done->update(['handed_over_at' => now()]);

    $this->post('/garage/trailer/1', [
        'name' => 'Dome',
        'tongue_weight_kg' => '900',
        'tongue_weight_by' => 'gauge',
        'coupler_height_mm' => '19 1/8',
        'gross_weight_kg' => '7000',
    ])
        ->assertRedirect('/garage/trailer/1')
        ->assertSessionHas('saved');

    $trailer = Trailer::query()->find(1);
    expect($trailer->sheet['tongue_weight_kg'])
        ->toEqualWithDelta(408.233133, 1e-6)
        ->and($trailer->sheet['coupler_height_mm'])
        ->toEqualWithDelta(485.775, 1e-9)
        ->and($trailer->gross_weight_kg)
        ->toEqualWithDelta(3175.14659, 1e-5)
        ->and($job->fresh()->rigAsWorked()->described(Yoke\Job\Shop\ShopRules::usual()->priors)->tongueWeight()->value)
        ->toEqualWithDelta(408.233133, 1e-6);
    $this->get("/jobs/{$job->id}/brief")
        ->assertOk()
        ->assertSee('trailer: GVWR');
});

it('corrects how many axles a trailer has, in whole numbers, and plans its open jobs again', function (): void {
    $job = $this->job();
    $this->post('/garage/trailer/1/preview', ['name' => 'Dome', 'axles' => '3'])->assertOk();
    $this->post('/garage/trailer/1', ['name' => 'Dome', 'axles' => '3'])->assertSessionHas('saved');
    expect(Trailer::query()->sole()->axles)
        ->toBe(3)
        ->and($job->fresh()->rigAsWorked()->core()->trailer->axles)
        ->toBe(3);
    $this->get("/jobs/{$job->id}/brief")->assertOk();

    foreach (['2.5', '0', '4', 'two', '1e1'] as $typed) {
        $this->post('/garage/trailer/1', ['name' => 'Dome', 'axles' => $typed])->assertSessionHasErrors('axles');
        $this->post('/garage/trailer/1/preview', ['name' => 'Dome', 'axles' => $typed])
            ->assertOk()
            ->assertJsonPath('problems.axles', session('errors')->first('axles'));
    }
    expect(Trailer::query()->sole()->axles)->toBe(3);
});

it('leaves a job that is handed over as it was worked', function (): void {
    $job = $this->job();
    $job->update(['handed_over_at' => now()]);
    $this->post('/garage/vehicle/1', ['name' => 'Renamed', 'wheelbase_mm' => '150 in']);

    expect(Vehicle::query()->find(1)->name)
        ->toBe('Renamed')
        ->and($job->fresh()->rigAsWorked()->vehicleName())
        ->toBe('Drover')
        ->and($job->fresh()->rigAsWorked()->core()->vehicle->wheelbase->millimetres())
        ->toBe(3700.0);
});

it('keeps a value exactly while its field still says what it showed', function (): void {
    $this->job();
    $page = $this->get('/garage/vehicle/1')->assertOk()->assertSee('value="145 11/16 in"', false);
    $this->post('/garage/vehicle/1', [
        'name' => 'Drover',
        'wheelbase_mm' => '145 11/16 in',
        'overhang_mm' => '51 3/16 in',
    ]);

    expect(Vehicle::query()->find(1)->wheelbase_mm)
        ->toBe(3700.0)
        ->and($page)
        ->not->toBeNull();
});

it('empties a field of the sheet, and never a dimension', function (): void {
    $this->job();
    $this->post('/garage/trailer/1', ['name' => 'Dome', 'tongue_weight_kg' => '900']);
    $this->post('/garage/trailer/1', ['name' => 'Dome', 'tongue_weight_kg' => '']);
    expect(Trailer::query()->find(1)->sheet)->toBe([]);

    $this->post('/garage/trailer/1', ['name' => 'Dome', 'ball_to_axle_mm' => '']);
    expect(Trailer::query()->find(1)->ball_to_axle_mm)->toBeNull();
});

it('says beside each field what was expected, keeps what was typed in it, and saves the other fields', function (
    string $part,
    string $field,
    string $typed,
    string $sentence,
): void {
    $this->job();
    $before = App\UseCases\Garage\PartModels::find(Yoke\Rig\Specification\RigPart::from($part), 1)->attributesToArray();

    $this->post("/garage/{$part}/1", ['name' => 'Another name', $field => $typed])
        ->assertRedirect("/garage/{$part}/1")
        ->assertSessionHasErrors($field);
    expect(session('errors')->first($field))
        ->toContain('xpected')
        ->toContain($sentence)
        ->and(
            array_diff_key(
                App\UseCases\Garage\PartModels::find(Yoke\Rig\Specification\RigPart::from($part), 1)->attributesToArray(),
                ['updated_at' => 0],
            ),
        )
        ->toBe(array_diff_key([...$before, 'name' => 'Another name', 'sheet' => []], ['updated_at' => 0]));
    $this->get("/garage/{$part}/1")
        ->assertOk()
        ->assertSee('value="Another name"', false)
        ->assertSee('One field needs another look; what you typed in it is still here. Everything else is saved.');
})->with([
    'no wheelbase to speak of' => ['vehicle', 'wheelbase_mm', '0', 'between 1500 and 6500 mm'],
    'a rating in words' => ['vehicle', 'rear_gawr_kg', 'plenty', '6800 lb'],
    'a class nobody knows' => ['vehicle', 'vehicle_class', 'steam', 'one of the list'],
    'a band in words' => ['vehicle', 'maker_band_low', 'half', 'a number'],
    'five axles' => ['trailer', 'axles', '5', 'between 1 and 3'],
    'a tongue of a feather' => ['trailer', 'tongue_weight_kg', '2', 'between 10 and 3000 kg'],
    'a link without length' => ['hitch', 'pitch_mm', '0', 'between 0.5 and 80 mm'],
    'a family nobody knows' => ['hitch', 'family', 'magnet', 'one of the list'],
]);

it('sees what no sheet alone can see, and saves nothing of it', function (): void {
    $this->job();
    Trailer::query()->update(['ball_to_axle_mm' => 1300]);

    $this->post('/garage/hitch/1', ['name' => 'Chains', 'bar_arm_mm' => '1400 mm'])->assertSessionHasErrors([
        'bar_arm_mm' => 'Expected a bar arm shorter than the length from ball to trailer axle.',
    ]);
    expect(App\Models\Hitch::query()->find(1)->bar_arm_mm)->toBe(720.0);
});

it('saves all that reads beside a torque that does not, and beside fields that do not go together', function (): void {
    $this->job();

    $this->post('/garage/hitch/1', [
        'name' => 'Chains',
        'ball_nut_nm' => 'tight',
        'head_bolts_nm' => '150 ft lbs',
        'bar_rating_low_kg' => '550 kg',
        'bar_rating_high_kg' => '270 kg',
        'start_step' => '5',
        'ball_over_from_mm' => '-1/4',
        'ball_over_to_mm' => '1/2',
    ])
        ->assertSessionHasErrors(['ball_nut_nm', 'bar_rating_low_kg'])
        ->assertSessionDoesntHaveErrors(['head_bolts_nm', 'bar_rating_high_kg']);

    expect(App\Models\Hitch::query()->find(1)->sheet)->toEqualWithDelta(
        [
            'head_bolts_nm' => 203.3726925,
            'bar_rating_high_kg' => 270.0,
            'start_step' => 5.0,
            'ball_over_from_mm' => -6.35,
            'ball_over_to_mm' => 12.7,
        ],
        1e-6,
    );
    $this->get('/garage/hitch/1')
        ->assertSee('2 fields need another look; what you typed in them is still here. Everything else is saved.')
        ->assertSee('value="tight"', false)
        ->assertSee('value="550 kg"', false)
        ->assertSee('value="150 lb·ft"', false);
});

it('draws and plans what is typed without saving it', function (): void {
    $this->job();
    $light = $this->postJson('/garage/trailer/1/preview', ['name' => 'Dome', 'gross_weight_kg' => '4000'])
        ->assertOk()
        ->json('parts.plan');
    $heavy = $this->postJson('/garage/trailer/1/preview', ['name' => 'Dome', 'gross_weight_kg' => '9000'])
        ->assertOk()
        ->json('parts.plan');
    $wrong = $this->postJson('/garage/trailer/1/preview', ['name' => '', 'gross_weight_kg' => 'heavy'])->assertOk();

    expect($light)
        ->toContain('Ball over level coupler')
        ->not->toBe($heavy)
        ->and($wrong->json('problems'))
        ->toHaveKeys(['name', 'gross_weight_kg'])
        ->and(Trailer::query()->find(1)->gross_weight_kg)
        ->toBe(3100.0);
});

it('survives dimensions that cannot be while they are being typed', function (): void {
    $this->job();
    $this->postJson('/garage/trailer/1/preview', ['name' => 'Dome', 'ball_to_axle_mm' => '1 in'])
        ->assertOk()
        ->assertJsonPath('problems.ball_to_axle_mm', fn (string $sentence): bool => str_contains($sentence, '1200'));
    $this->get('/garage/boat/1')->assertNotFound();
    $this->get('/garage/vehicle/99')->assertNotFound();
});

it('shows the plan at its stations', function (): void {
    $job = $this->job();
    $this->post('/garage/vehicle/1', ['name' => 'Drover', 'levelling' => 'rear', 'receiver_carrying_kg' => '500']);
    $this->post('/garage/hitch/1', [
        'name' => 'Chains',
        'family' => 'chain-snap-up',
        'counting' => 'working',
        'bar_rating_high_kg' => '1200',
    ]);

    $this->get("/jobs/{$job->id}/brief")
        ->assertSee('Outside while the bars are off: tongue weight on the receiver, dropped, 850 lb of 500 lb.')
        ->assertSee('Tongue weight assumed: 12.5 % of gross.');
    $this->get("/jobs/{$job->id}/head")
        ->assertSee('over the level coupler')
        ->assertSee('By tongue weight')
        ->assertSeeInOrder([
            'Where this height comes from',
            'Tongue weight, level and bars off',
            '854 lb',
            'Rear springs of 530 lb/in sink by',
        ])
        ->assertSee('Self-levelling lowers the restored share by about');
    $this->get("/jobs/{$job->id}/brackets")
        ->assertSee('Hook up at link')
        ->assertSee('likely to be in range at the first hook-up');
});

it('sees what fields of one sheet cannot be together', function (
    string $part,
    array $typed,
    string $field,
    string $sentence,
): void {
    $job = $this->job();
    $this->post("/garage/{$part}/1", ['name' => 'Another', ...$typed])->assertSessionHasErrors([$field => $sentence]);
    $this->postJson("/garage/{$part}/1/preview", ['name' => 'Another', ...$typed])
        ->assertOk()
        ->assertJsonPath("problems.{$field}", $sentence);
    $this->get("/jobs/{$job->id}/brief")->assertOk();
})->with([
    'a tongue heavier than its trailer' => [
        'trailer',
        ['tongue_weight_kg' => '2900 kg', 'gross_weight_kg' => '2000 kg'],
        'tongue_weight_kg',
        'Expected a tongue weight below the gross trailer weight.',
    ],
    'a rating range reversed' => [
        'hitch',
        ['bar_rating_low_kg' => '550 kg', 'bar_rating_high_kg' => '270 kg'],
        'bar_rating_low_kg',
        'Expected a rating range that rises: from the lower to the higher tongue weight.',
    ],
    'a band upside down' => [
        'vehicle',
        ['maker_band_low' => '80', 'maker_band_high' => '40'],
        'maker_band_low',
        'Expected a band that rises.',
    ],
]);

it('says first of all when the maker forbids distribution', function (): void {
    $job = $this->job();
    $this->post('/garage/vehicle/1', ['name' => 'Drover', 'maker_says' => 'forbidden']);

    $this->get("/jobs/{$job->id}/bars-up")
        ->assertSeeInOrder(['class="do-next is-over">The vehicle&#039;s maker forbids weight distribution'], false)
        ->assertDontSee('data-move', false);
});

it('lets the maker\'s band govern the verdict, and quotes it', function (): void {
    $job = $this->job();
    $this->post('/garage/vehicle/1', [
        'name' => 'Drover',
        'maker_says' => 'band',
        'maker_band_low' => '20',
        'maker_band_high' => '60',
    ]);
    foreach (
        ['alone' => ['37 7/16', '38 7/8'], 'dropped' => ['38 7/16', '36 1/2'], 'bars-up' => ['37 11/16', '37 1/4']] as $station => [$front, $rear]
    ) {
        $this->tape($job, $station, ['front' => $front, 'rear' => $rear], ['rolled' => '1']);
    }

    $this->get("/jobs/{$job->id}/bars-up")
        ->assertSee('Target range 20 to 60 %')
        ->assertSee('The vehicle&#039;s maker asks for 20 to 60 %', false)
        ->assertSee('Less tension');
    $this->get("/jobs/{$job->id}/brief")->assertSee('The vehicle&#039;s maker asks for 20 to 60 %', false);
});

it('draws the stances to come as they are predicted, until they are taped', function (): void {
    $job = $this->job();
    $ghosts = fn (): int => substr_count(
        (string) $this->get("/jobs/{$job->id}/dropped")->getContent(),
        'stance is-ghost',
    );

    expect($ghosts())->toBe(0);
    $this->tape($job, 'alone', ['front' => '37 7/16', 'rear' => '38 7/8']);
    expect($ghosts())->toBe(2);
    $this->tape($job, 'dropped', ['front' => '38 7/16', 'rear' => '36 1/2']);
    expect($ghosts())->toBe(1);
    $this->tape($job, 'bars-up', ['front' => '37 11/16', 'rear' => '37 1/4']);
    expect($ghosts())->toBe(0);
});

it('asks for the family before it plans a setting', function (): void {
    $this->get("/jobs/{$this->job()->id}/brackets")->assertSee('The family of the hitch is not known yet');
});
