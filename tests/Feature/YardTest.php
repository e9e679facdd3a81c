<?php

declare(strict_types=1);

use App\Models\Hitch;
use App\Models\Job;
use App\Models\Rig;
use App\Models\Trailer;
use App\Models\User;
use App\Models\Vehicle;
use Database\Seeders\DemoSeeder;

function jobForm(): array
{
    return [
        'title' => 'Ferry organ, first set-up',
        'vehicle' => '',
        'vehicle_name' => 'Corvane Drover',
        'vehicle_body' => 'pick-up',
        'wheelbase' => '146 1/2',
        'overhang' => '51',
        'front_suspension' => 'coil',
        'rear_suspension' => 'leaf',
        'trailer' => '',
        'trailer_name' => 'Organ wagon',
        'trailer_body' => 'box',
        'axles' => '2',
        'ball_to_axle' => '17\' 2"',
        'gross_weight' => '6800',
        'hitch' => '',
        'hitch_name' => 'Bramblejaw 550',
        'bar_arm' => '28 1/4',
    ];
}

beforeEach(fn () => $this->actingAs($this->person('Tess Lathe')));

it('teaches where there is no job yet', function (): void {
    $this->get('/')->assertOk()->assertSee('No job is open')->assertSee('Start the first one');
});

it('starts a job with everything new, in the person\'s units', function (): void {
    $this->post('/jobs', jobForm())->assertRedirect('/jobs/1/alone');

    $job = Job::query()->sole();
    expect($job->rigAsWorked()->core()->vehicle->wheelbase->millimetres())
        ->toEqualWithDelta(3721.1, 1e-9)
        ->and($job->rigAsWorked()->core()->trailer->ballToAxle->millimetres())
        ->toEqualWithDelta(5232.4, 1e-9)
        ->and($job->rigAsWorked()->core()->trailer->grossWeight->kilograms())
        ->toEqualWithDelta(3084.428116, 1e-6);
    $this->get('/')->assertSee('Ferry organ')->assertSee('Not measured yet');
    $this->get('/jobs/1')->assertRedirect('/jobs/1/alone');
});

it('pairs what is in the garage and makes no second rig of it', function (): void {
    $this->post('/jobs', jobForm());
    $this->post('/jobs', [
        'title' => 'Ferry organ, again',
        'vehicle' => '1',
        'trailer' => '1',
        'hitch' => '1',
    ])->assertRedirect('/jobs/2/alone');

    expect([
        Vehicle::query()->count(),
        Trailer::query()->count(),
        Hitch::query()->count(),
        Rig::query()->count(),
        Job::query()->count(),
    ])->toBe([1, 1, 1, 1, 2]);
});

it('keeps the rig as it was worked when the garage changes', function (): void {
    $this->post('/jobs', jobForm());
    Vehicle::query()->update(['wheelbase_mm' => 3000, 'name' => 'Another']);

    $job = Job::query()->sole();
    expect($job->rigAsWorked()->core()->vehicle->wheelbase->millimetres())
        ->toEqualWithDelta(3721.1, 1e-9)
        ->and($job->rigAsWorked()->vehicleName())
        ->toBe('Corvane Drover');
});

it('says beside each field what was expected, keeps all that was typed and starts nothing', function (
    string $field,
    string $typed,
    string $sentence,
): void {
    $form = [...jobForm(), $field => $typed];

    $this->post('/jobs', $form)->assertRedirect('/jobs/new')->assertSessionHasErrors($field);
    expect(session('errors')->first($field))
        ->toContain('xpected')
        ->toContain($sentence)
        ->and(session('errors')->count())
        ->toBe(1)
        ->and(Job::query()->count() + Vehicle::query()->count())
        ->toBe(0);
    $page = $this->get('/jobs/new')->assertOk()->assertSee('everything you typed is still here');
    expect($page->getContent())->toContain('value="Bramblejaw 550"')->not->toContain('<img');
})->with([
    'no title' => ['title', '', 'a name of 1 to 80 characters'],
    'a title without end' => ['title', str_repeat('a', 81), 'a name of 1 to 80'],
    'HTML in a name' => ['vehicle_name', '<img src=x onerror=alert(1)>', 'without < or >'],
    'a wheelbase of nothing' => ['wheelbase', '0', 'between 1500 and 6500 mm'],
    'a wheelbase below zero' => ['wheelbase', '-146', 'between 1500 and 6500 mm'],
    'an overhang in words' => ['overhang', 'long', '38 1/2'],
    'an improper fraction' => ['overhang', '51 17/16', '17/16'],
    'a length to the axle in words' => ['ball_to_axle', 'far', '978 mm'],
    'a family that nobody makes' => ['family', 'springs', 'one of the list'],
    'bars rated in words' => ['bar_rating_high_kg', 'strong', '6800 lb'],
    'a tongue of a feather' => ['tongue_weight_kg', '3 kg', 'between 10 and 3000 kg'],
    'a weight in words' => ['gross_weight', 'heavy', '6800 lb'],
    'a weight of a feather' => ['gross_weight', '3', 'between 100 and 20000 kg'],
    'an unknown shape' => ['vehicle_body', 'boat', 'one of the shapes'],
    'springs of rubber' => ['rear_suspension', 'rubber', 'coil or leaf'],
    'five axles' => ['axles', '5', 'one, two or three'],
    'a vehicle that is not there' => ['vehicle', '99', 'a vehicle from the list'],
    'a bar arm of nothing' => ['bar_arm', '0', 'between 300 and 1500 mm'],
]);

it('starts a job from a title alone: all else is assumed, and asked for by what it is worth', function (): void {
    $seen = [
        'title' => 'Tinker\'s cart',
        'vehicle' => '',
        'vehicle_body' => 'pick-up',
        'front_suspension' => 'coil',
        'rear_suspension' => 'leaf',
        'trailer' => '',
        'trailer_body' => 'box',
        'axles' => '1',
        'hitch' => '',
    ];
    $this->post('/jobs', $seen)->assertRedirect('/jobs/1/alone');
    $job = Job::query()->sole();

    expect($job->rigAsWorked()->assumed())
        ->toHaveCount(5)
        ->and($job->rigAsWorked()->vehicleName())
        ->toBe('Vehicle of Tinker\'s cart');
    foreach (Yoke\Workshop\Procedure\Station::cases() as $station) {
        $this->get("/jobs/1/{$station->value}")->assertOk();
    }
    $this->get('/jobs/1/alone')
        ->assertSee('Next: measure the vehicle alone.')
        ->assertSee('Wheelbase assumed')
        ->assertSee('Which hitch is it?');
    foreach (
        [
            '/jobs/1/diagnosis',
            '/jobs/1/weigh',
            '/jobs/1/tongue',
            '/jobs/1/loads',
            '/jobs/1/plan',
            '/jobs/1/card',
            '/jobs/1/job.json',
            '/garage',
            '/garage/vehicle',
            '/garage/hitch/1',
            '/',
            '/log/1',
        ] as $page
    ) {
        $this->get($page)->assertOk();
    }
});

it('names a setting once the family is chosen at the front door', function (): void {
    $this->post('/jobs', [
        ...jobForm(),
        'family' => 'chain-snap-up',
        'bar_rating_high_kg' => '1200 lb',
        'bar_rating_low_kg' => '800 lb',
        'tongue_weight_kg' => '880',
    ])->assertRedirect('/jobs/1/alone');

    expect(Hitch::query()->sole()->sheet['family'])->toBe('chain-snap-up');
    $this->get('/jobs/1/brief')->assertSee('First setting: link')->assertSee('likely to be in range');
});

it('sees that bars cannot hook up behind the axles', function (): void {
    $this->post('/jobs', [...jobForm(), 'ball_to_axle' => '50', 'bar_arm' => '55'])->assertSessionHasErrors([
        'bar_arm' => 'Expected a bar arm shorter than the length from ball to trailer axle.',
    ]);
});

it('closes a station, says who, and opens it again', function (): void {
    $job = $this->job();
    $this->post("/jobs/{$job->id}/brief/close")->assertRedirect("/jobs/{$job->id}/ground");
    $this->get("/jobs/{$job->id}/brief")->assertSee('Closed by Tess Lathe');
    $this->post("/jobs/{$job->id}/brief/close");
    $this->post("/jobs/{$job->id}/brief/open")->assertRedirect("/jobs/{$job->id}/brief");
    $this->get("/jobs/{$job->id}/brief")->assertDontSee('Closed by');
    $this->post("/jobs/{$job->id}/alone/close")->assertNotFound();
});

it('hands a job over with its last station', function (): void {
    $job = $this->job();
    $this->post("/jobs/{$job->id}/hand-over/close");
    $this->get('/')->assertSeeInOrder(['Handed over', 'A dome']);
    $this->post("/jobs/{$job->id}/hand-over/open");
    expect($job->fresh()->handed_over_at)->toBeNull();
});

it('seeds the demo workshop, the same each time, and every page of it opens', function (): void {
    $this->seed(DemoSeeder::class);
    $planetarium = Job::query()->firstWhere('title', 'Planetarium, new hitch');
    expect($planetarium->readings->pluck('typed')->all())->toBe([
        '37 7/16',
        '38 7/8',
        '38 7/16',
        '37 7/8',
        '36 1/2',
        '37 13/16',
        '36 1/2',
        '37 9/16',
        '37 1/4',
    ]);

    $this->actingAs(User::query()->firstWhere('email', DemoSeeder::EMAIL));
    $this->get('/')
        ->assertOk()
        ->assertSeeInOrder([
            'Bell tower',
            'Too much',
            'Seed library, heavier shelves',
            'Glassblowing stage',
            'Not measured yet',
            'Puppet theatre',
            'Handed over',
            'Planetarium',
            'In range',
        ]);
    foreach (Job::query()->limit(6)->get() as $job) {
        foreach (Yoke\Workshop\Procedure\Station::cases() as $station) {
            $this->get("/jobs/{$job->id}/{$station->value}?height=5")
                ->assertOk()
                ->assertSee(App\Words\StationWords::caution($station, $job->rigAsWorked()->specified()->family()));
        }
        $this->get("/jobs/{$job->id}/tape-log")->assertOk();
    }
});
