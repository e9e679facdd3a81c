<?php

declare(strict_types=1);

use App\Models\Job;
use App\UseCases\Analysis\JobAnalyses;
use Yoke\Workshop\Procedure\Occasion;
use Yoke\Workshop\Procedure\Station;

/** A puppet theatre on a plain ball behind a small crossover: a 1100 mm of 2650, TW 120 kg, front axle 800 kg alone. */
beforeEach(function (): void {
    $this->actingAs($this->person('Wren Tallow', '1 mm'));
    $this->post('/jobs', [
        'title' => 'Puppet theatre',
        'family' => 'plain-ball',
        'vehicle_class' => 'small crossover',
        'wheelbase' => '2650 mm',
        'overhang' => '1100 mm',
        'ball_to_axle' => '3700 mm',
        'gross_weight' => '980 kg',
        'tongue_weight_kg' => '120 kg',
    ])->assertSessionHasNoErrors();
    $this->vehicle = fn (array $typed) => $this->post('/garage/vehicle/1', [
        'name' => 'Sparrow',
        ...$typed,
    ])->assertSessionHasNoErrors();
    $this->work = Job::query()->sole();
});

it('is a valid rig on every page, and asks for no bar, bracket or hook-up', function (): void {
    foreach (
        [
            '/jobs/1/plan',
            '/jobs/1/card',
            '/jobs/1/diagnosis',
            '/jobs/1/weigh',
            '/jobs/1/tongue',
            '/jobs/1/loads',
            '/jobs/1/visit',
            '/jobs/1/files',
            '/jobs/1/job.json',
            '/jobs/1/drawing.svg',
            '/log/1',
            '/new-load/1',
            '/garage/hitch/1',
            '/',
            ...array_map(fn (Station $station): string => "/jobs/1/{$station->value}", Station::cases()),
            ...array_map(fn (Occasion $occasion): string => "/jobs/1/procedures/{$occasion->value}", Occasion::cases()),
        ] as $page
    ) {
        $this->get($page)->assertOk();
    }
    $this->get('/jobs/1/brief')
        ->assertSee('Does this rig need weight distribution?')
        ->assertDontSee('>Brackets<', false)
        ->assertDontSee('Bars up')
        ->assertDontSee('Bar arm')
        ->assertDontSee('Hook up at');
    $this->get('/jobs/1/dropped')
        ->assertSee('Does this rig need weight distribution?')
        ->assertDontSee('likely to be in range')
        ->assertSee('9', false);
    $this->get('/garage/hitch/1')
        ->assertDontSee('Bars rated')
        ->assertDontSee('Bracket')
        ->assertSee('Ball rated for gross');
    $this->get('/jobs/1/card')->assertSee('Plain ball: no weight distribution');
});

it('walks from Dropped to Prove, with no station of bars between', function (): void {
    $this->tape($this->work, 'alone', ['front' => '731 mm', 'rear' => '738 mm'])->assertOk();
    expect(
        $this->tape($this->work, 'dropped', ['front' => '740 mm', 'rear' => '715 mm'])
            ->assertOk()
            ->json('next'),
    )->toEndWith('/jobs/1/prove');
    $this->get('/jobs/1')->assertRedirect('/jobs/1/prove');
    expect(
        array_map(
            fn (Station $station): string => $station->value,
            Station::along(Yoke\Rig\Family\Families::get('plain-ball')),
        ),
    )
        ->not->toContain('brackets')
        ->not->toContain('bars-up')
        ->and(Station::Dropped->next(Yoke\Rig\Family\Families::get('plain-ball')))
        ->toBe(Station::Prove)
        ->and(Station::Prove->before(Yoke\Rig\Family\Families::get('plain-ball')))
        ->toBe(Station::Dropped)
        ->and(Station::Dropped->next())
        ->toBe(Station::BarsUp);
});

it('answers whether it needs distribution: by its maker, by a rating that ends, by how light the front gets', function (
    array $vehicle,
    string $answer,
): void {
    ($this->vehicle)($vehicle);
    $this->get('/jobs/1/brief')->assertSee($answer);
    $this->get('/jobs/1/prove')->assertSee($answer);
})->with([
    // 120 kg x 1100/2650 = 50 kg off the front.
    'nothing weighed' => [[], 'Not sure yet: weigh the front axle alone'],
    'a heavy front' => [['front_axle_kg' => '800 kg'], 'Nothing here asks for it.'],
    'a light front' => [
        ['front_axle_kg' => '450 kg'],
        'coupling takes more than a tenth of its load off the front axle',
    ],
    'the maker forbids' => [
        ['maker_says' => 'forbidden', 'front_axle_kg' => '450 kg'],
        'the maker of the vehicle forbids it',
    ],
    'the maker requires' => [
        ['maker_says' => 'required', 'maker_from_kg' => '750 kg', 'front_axle_kg' => '800 kg'],
        'the maker of the vehicle requires it for this trailer',
    ],
    'the receiver ends' => [
        ['receiver_carrying_kg' => '100 kg', 'front_axle_kg' => '800 kg'],
        'on a plain ball something is over its rating',
    ],
]);

it('says the load the front loses, by the lever of the overhang, and what is over', function (): void {
    ($this->vehicle)([
        'front_axle_kg' => '800 kg',
        'receiver_carrying_kg' => '100 kg',
        'rear_axle_kg' => '600 kg',
        'rear_gawr_kg' => '700 kg',
    ]);
    $analysed = app()
        ->make(JobAnalyses::class)
        ->of(Job::query()->sole());
    $need = $analysed->plan()->need();
    $tongue = (-$analysed->plan()->dropped()->frontLoad()->kilograms() * 2650.0) / 1100.0;

    expect($tongue)
        ->toEqualWithDelta(120.0, 2.0)
        ->and($need->frontLostShare())
        ->toEqualWithDelta(($tongue * 1100.0) / 2650.0 / 800.0, 1e-9)
        ->and(array_map(fn ($line): string => $line->part->value, $need->ratingsThatEnd()))
        ->toBe(['receiver_tongue', 'rear_axle']);
    $this->get('/jobs/1/brief')
        ->assertSee('Coupling takes about 50 kg off the front axle, and puts 170 kg more on the rear.')
        ->assertSee('That is 6 % of what the front axle carries alone.')
        ->assertSee('Distribution raises no rating');
});

it('stands the ball so that the trailer ends level with its whole weight on it', function (): void {
    $analysed = app()
        ->make(JobAnalyses::class)
        ->of(Job::query()->sole());
    $plan = $analysed->plan();
    $rig = $analysed->described->prior()->likelyRig($plan->ballAdvised()->mean());

    expect(abs($rig->dropped()->trailerPitch))
        ->toBeLessThan(1e-4)
        ->and($plan->carried()->barLoad()->kilograms())
        ->toBe(0.0)
        ->and($plan->takenBack())
        ->toBe(0.0);
});

it('opens a job of before in which the hitch was bolted to a plain ball later', function (): void {
    $this->post('/jobs', ['title' => 'Second', 'family' => 'chain-snap-up'])->assertSessionHasNoErrors();
    $this->post('/jobs/2/bars-up/rounds', ['steps' => ['link' => 4, 'washer' => 3, 'head' => 2]]);
    $this->tape(Job::query()->find(2), 'bars-up', ['front' => '740 mm', 'rear' => '715 mm']);
    $this->post('/garage/hitch/2', ['name' => 'H', 'family' => 'plain-ball'])->assertSessionHasNoErrors();

    foreach (['brief', 'bars-up', 'prove', 'brackets'] as $station) {
        $this->get("/jobs/2/{$station}")->assertOk();
    }
    $this->get('/jobs/2/card')->assertOk();
});
