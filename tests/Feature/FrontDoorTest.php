<?php

declare(strict_types=1);

use App\Models\Hitch;
use App\Models\Job;
use App\Models\Trailer;
use App\Models\Vehicle;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchFamily;

beforeEach(function (): void {
    $this->actingAs($this->person('Tess Lathe'));
});

/** @return list<string> the names found by letters */
function foundBy(string $part, string $letters): array
{
    return array_column(
        test()
            ->getJson("/garage/{$part}/find?".http_build_query(['like' => $letters]))
            ->assertOk()
            ->json('found'),
        'name',
    );
}

it('draws seven families and a plain ball to choose from, and asks only for a title', function (): void {
    $page = $this->get('/jobs/new')->assertOk();
    expect(substr_count((string) $page->getContent(), 'class="close-up-picture"'))->toBe(8);
    foreach (Families::all() as $family) {
        $page->assertSee('value="'.$family->key().'"', false);
    }
    $this->post('/jobs', ['title' => 'Kite museum'])->assertRedirect('/jobs/1/alone');
    expect(Vehicle::query()->sole()->name)->toBe('Vehicle of Kite museum');
});

it(
    'starts on the plan with any family: the first setting, what is assumed, and the one field that helps most',
    function (string $family): void {
        $this->post('/jobs', ['title' => 'Kite museum', 'family' => $family])->assertRedirect('/jobs/1/alone');
        $this->get('/jobs/1/brief')
            ->assertOk()
            ->assertSee('First setting:')
            ->assertSee('likely to be in range')
            ->assertSee('Most worth knowing')
            ->assertSee('Assumed, the most useful to know first');
    },
)->with(array_map(static fn (HitchFamily $family): string => $family->key(), Families::distributing()));

it('takes shape and springs from the class, where nobody said them', function (
    string $class,
    string $body,
    string $rear,
): void {
    $this->post('/jobs', ['title' => 'Kite museum', 'vehicle_class' => $class])->assertRedirect();
    $vehicle = Vehicle::query()->sole();
    expect([
        $vehicle->body,
        $vehicle->front_suspension,
        $vehicle->rear_suspension,
        $vehicle->sheet['vehicle_class'],
    ])->toBe([$body, 'coil', $rear, $class]);
})->with([
    'a crossover' => ['small crossover', 'crossover', 'coil'],
    'an SUV' => ['family SUV or van', 'SUV or van', 'coil'],
    'a pick-up' => ['half-ton pick-up', 'pick-up', 'leaf'],
    'a large pick-up' => ['three-quarter-ton pick-up', 'pick-up', 'leaf'],
]);

it(
    'finds parts of the garage by a few letters, those that begin with them first, archived ones never',
    function (): void {
        foreach (['Tall Corvane', 'Corvane Drover', 'corvane hatch', 'Pellin 100%'] as $name) {
            Vehicle::query()->create([
                'name' => $name,
                'body' => 'pick-up',
                'front_suspension' => 'coil',
                'rear_suspension' => 'leaf',
                'sheet' => [],
            ]);
        }
        Vehicle::query()
            ->create([
                'name' => 'Corvane, sold',
                'body' => 'pick-up',
                'front_suspension' => 'coil',
                'rear_suspension' => 'leaf',
                'sheet' => [],
            ])
            ->putAway();

        expect(foundBy('vehicle', 'corv'))
            ->toBe(['Corvane Drover', 'corvane hatch', 'Tall Corvane'])
            ->and(foundBy('vehicle', '100%'))
            ->toBe(['Pellin 100%'])
            ->and(foundBy('vehicle', '%'))
            ->toBe(['Pellin 100%'])
            ->and(foundBy('vehicle', '_'))
            ->toBe([])
            ->and(foundBy('vehicle', ''))
            ->toHaveCount(4)
            ->and(foundBy('trailer', 'corv'))
            ->toBe([]);
        $this->getJson('/garage/vehicle/find?like[]=x')->assertOk();
        $this->getJson('/garage/boat/find')->assertNotFound();
    },
);

it('says of a found part what tells it from another', function (): void {
    Hitch::query()->create(['name' => 'Bramblejaw', 'sheet' => ['family' => 'cam-bar', 'bar_rating_high_kg' => 453.6]]);
    expect($this->getJson('/garage/hitch/find?like=bra')->json('found.0.says'))->toBe('Bar on cam, 1000 lb');
});

it('takes the part of the garage that is called exactly so, but not where a new one is described', function (): void {
    Trailer::query()->create(['name' => 'Organ wagon', 'body' => 'box', 'axles' => 2, 'sheet' => []]);
    $this->post('/jobs', ['title' => 'One', 'trailer_name' => 'organ WAGON', 'axles' => '2']);
    expect(Trailer::query()->count())->toBe(1);
    $this->post('/jobs', ['title' => 'Two', 'trailer_name' => 'Organ wagon', 'gross_weight' => '5000']);
    expect(Trailer::query()->count())->toBe(2);
    $this->post('/jobs', ['title' => 'Three', 'trailer_name' => 'Organ wagon']);
    expect(Trailer::query()->count())->toBe(3);
});

it('keeps a picked part through a refusal, and refuses one that is not there', function (): void {
    $hitch = Hitch::query()->create(['name' => 'Bramblejaw 550', 'sheet' => ['family' => 'cam-bar']]);
    $this->post('/jobs', [
        'title' => '',
        'hitch' => (string) $hitch->id,
        'hitch_name' => 'Bramblejaw 550',
    ])->assertSessionHasErrors('title');
    $this->get('/jobs/new')
        ->assertSee('name="hitch" value="'.$hitch->id.'"', false)
        ->assertSee('value="Bramblejaw 550"', false)
        ->assertSee('One field needs another look');
    foreach (['99', '1e1', '-1', '99999999999999999999'] as $id) {
        $this->post('/jobs', ['title' => 'x', 'hitch' => $id])->assertSessionHasErrors('hitch');
    }
    expect(Job::query()->count())->toBe(0);
});

it('takes the one field that helps most where the job asks for it, and plans the job again', function (): void {
    $this->post('/jobs', ['title' => 'Kite museum', 'family' => 'chain-snap-up']);
    $this->post('/jobs/1/brief/facts/vehicle/wheelbase_mm', ['wheelbase_mm' => '146 1/2'])
        ->assertRedirect('/jobs/1/brief')
        ->assertSessionHasNoErrors();
    expect(Vehicle::query()->sole()->wheelbase_mm)
        ->toEqualWithDelta(3721.1, 1e-6)
        ->and(Job::query()->sole()->rigAsWorked()->core()->vehicle->wheelbase->millimetres())
        ->toEqualWithDelta(3721.1, 1e-6);
    $this->get('/jobs/1/brief')->assertDontSee('Wheelbase assumed');
});

it('keeps what does not read beside its field, and saves nothing', function (
    string $part,
    string $field,
    mixed $typed,
    string $sentence,
): void {
    $this->post('/jobs', ['title' => 'Kite museum', 'family' => 'chain-snap-up', 'ball_to_axle' => '3000 mm']);
    $this->post("/jobs/1/brief/facts/{$part}/{$field}", [$field => $typed])->assertRedirect('/jobs/1/brief');
    expect(session('errors')->getBag('fact')->first($field))
        ->toContain($sentence)
        ->and(Hitch::query()->sole()->bar_arm_mm)
        ->toBeNull()
        ->and(Vehicle::query()->sole()->wheelbase_mm)
        ->toBeNull();
})->with([
    'words' => ['vehicle', 'wheelbase_mm', 'long', 'does not read as a length'],
    'nothing' => ['vehicle', 'wheelbase_mm', '', 'The field was empty'],
    'a list' => ['vehicle', 'wheelbase_mm', ['146'], 'The field was empty'],
    'far too short' => ['vehicle', 'wheelbase_mm', '3 in', 'between 1500 and 6500 mm'],
    'no such class' => ['vehicle', 'vehicle_class', 'boat', 'one of the list'],
]);

it('knows no field that no specification has', function (): void {
    $this->post('/jobs', ['title' => 'Kite museum']);
    $this->post('/jobs/1/brief/facts/vehicle/colour', ['colour' => 'ivy'])->assertNotFound();
    $this->post('/jobs/1/brief/facts/boat/wheelbase_mm', [])->assertNotFound();
});

it(
    'keeps heights taped before the family is known, and a setting that another family does not have',
    function (): void {
        $this->post('/jobs', ['title' => 'Kite museum']);
        $job = Job::query()->sole();
        foreach (
            ['alone' => ['37 7/16', '38 7/8'], 'dropped' => ['38 7/16', '36 1/2'], 'bars-up' => ['37 13/16', '37 1/4']] as $station => [$front, $rear]
        ) {
            $this->tape($job, $station, ['front' => $front, 'rear' => $rear]);
        }
        $this->get('/jobs/1/bars-up')->assertOk()->assertSee('value="37 13/16"', false)->assertSee('% ±');
        $this->post('/jobs/1/brief/facts/hitch/family', ['family' => 'chain-snap-up'])->assertSessionHasNoErrors();
        $this->get('/jobs/1/bars-up')->assertSee('value="37 13/16"', false)->assertSee('Record setting');
        $this->post('/jobs/1/bars-up/rounds', [
            'steps' => ['link' => '4', 'washer' => '3', 'head' => '2'],
        ])->assertSessionHasNoErrors();
        $this->get('/jobs/1/bars-up')->assertSee('On now: link 4, 3 washers');

        $this->post('/jobs/1/brief/facts/hitch/family', ['family' => 'friction-bracket'])->assertSessionHasNoErrors();
        $this->get('/jobs/1/bars-up')
            ->assertOk()
            ->assertSee('value="37 13/16"', false)
            ->assertSee('Choose the setting that is on')
            ->assertSee('Bracket hole')
            ->assertDontSee('link 4');
        foreach (['diagnosis', 'card', 'plan', 'brackets', 'gap', 'bars', 'job.json'] as $page) {
            $this->get("/jobs/1/{$page}")->assertOk();
        }
        $this->post('/jobs/1/brief/facts/hitch/family', ['family' => 'chain-snap-up']);
        $this->get('/jobs/1/bars-up')->assertSee('On now: link 4, 3 washers');
    },
);

it('keeps what was said of a refused job while the garage is searched', function (): void {
    $this->post('/jobs', ['title' => '', 'vehicle_name' => 'Corvane']);
    $this->getJson('/garage/vehicle/find?like=Cor')->assertOk();
    $this->get('/jobs/new')->assertSee('One field needs another look')->assertSee('value="Corvane"', false);
});
