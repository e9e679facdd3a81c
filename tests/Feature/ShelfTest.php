<?php

declare(strict_types=1);

use App\Models\Hitch;
use App\Models\Job;
use App\Models\Rig;
use App\Models\Trailer;
use App\Models\Vehicle;
use App\UseCases\Garage\PartModels;
use Yoke\Rig\Specification\RigPart;

beforeEach(function (): void {
    $this->person();
    $this->actingAs(App\Models\User::query()->sole());
});

it('takes a part in that no job knows yet, and lists it unpaired', function (RigPart $part, array $typed): void {
    $this->get("/garage/{$part->value}")
        ->assertOk()
        ->assertSee("No {$part->value} is here yet");
    $this->get("/garage/{$part->value}/new")
        ->assertOk()
        ->assertSee("New {$part->value}");
    $this->post("/garage/{$part->value}/new", $typed)
        ->assertRedirect("/garage/{$part->value}/1")
        ->assertSessionHas('saved');

    $this->get("/garage/{$part->value}")
        ->assertOk()
        ->assertSee($typed['name'])
        ->assertSee('not paired yet')
        ->assertSee('<polygon', false);
})->with([
    'vehicle' => [
        RigPart::Vehicle,
        [
            'name' => 'Drover',
            'body' => 'pick-up',
            'wheelbase_mm' => '145',
            'overhang_mm' => '52',
            'front_suspension' => 'coil',
            'rear_suspension' => 'leaf',
        ],
    ],
    'trailer' => [
        RigPart::Trailer,
        [
            'name' => 'Dome',
            'body' => 'box',
            'axles' => '2',
            'ball_to_axle_mm' => '5100 mm',
            'gross_weight_kg' => '3100 kg',
            'trailer_tyre_kpa' => '65',
        ],
    ],
    'hitch' => [RigPart::Hitch, ['name' => 'Chains', 'bar_arm_mm' => '28 1/2', 'head_bolts_nm' => '150']],
]);

it('refuses a part without what anybody sees of it, and keeps what was typed', function (
    RigPart $part,
    array $fields,
): void {
    $this->post("/garage/{$part->value}/new", ['name' => 'Half a thing'])
        ->assertRedirect("/garage/{$part->value}/new")
        ->assertSessionHasErrors($fields);

    expect(PartModels::of($part)::query()->count())->toBe(0);
    $this->get("/garage/{$part->value}/new")
        ->assertSee('value="Half a thing"', false)
        ->assertSee('another look');
})->with([
    'vehicle' => [RigPart::Vehicle, ['body', 'front_suspension', 'rear_suspension']],
    'trailer' => [RigPart::Trailer, ['body', 'axles']],
]);

it('keeps a part whose dimensions nobody has measured yet', function (): void {
    $this->post('/garage/hitch/new', ['name' => 'Half a thing'])->assertSessionHasNoErrors();

    expect(PartModels::of(RigPart::Hitch)::query()->sole()->bar_arm_mm)->toBeNull();
    $this->get('/garage/hitch')->assertOk()->assertSee('Half a thing');
});

it('keeps pressures and torques as they were meant, in the person\'s units', function (): void {
    $this->job();
    $this->post('/garage/trailer/1', ['name' => 'Dome', 'trailer_tyre_kpa' => '65']);
    $this->post('/garage/hitch/1', ['name' => 'Chains', 'ball_nut_nm' => '450 lb-ft', 'head_bolts_nm' => 'tight']);

    expect(Trailer::query()->find(1)->sheet['trailer_tyre_kpa'])
        ->toEqualWithDelta(448.159, 1e-3)
        ->and(session('errors')->first('head_bolts_nm'))
        ->toContain('does not read as a torque');
    $this->get('/garage/trailer/1')->assertSee('value="65 psi"', false);
});

it('copies a part with its whole sheet, and leaves the first as it was', function (): void {
    $this->job();
    $this->post('/garage/trailer/1', ['name' => 'Dome', 'tongue_weight_kg' => '900']);
    $this->post('/garage/trailer/1/copy')->assertRedirect('/garage/trailer/2');
    $this->post('/garage/trailer/2', ['name' => 'Dome with shelves', 'tongue_weight_kg' => '990']);

    [$first, $copy] = [Trailer::query()->find(1), Trailer::query()->find(2)];
    expect($copy->gross_weight_kg)
        ->toBe($first->gross_weight_kg)
        ->and($copy->sheet['tongue_weight_kg'])
        ->toBeGreaterThan($first->sheet['tongue_weight_kg'])
        ->and($copy->mark)
        ->not->toBe($first->mark)
        ->and($copy->name)
        ->toBe('Dome with shelves')
        ->and($first->name)
        ->toBe('Dome');
});

it('puts a part away and brings it back, and its jobs never miss it', function (): void {
    $job = $this->job();
    $this->post('/garage/vehicle/1/away', ['_from' => '/garage/vehicle?find=dro'])
        ->assertRedirect('/garage/vehicle?find=dro')
        ->assertSessionHas('saved');

    $this->get('/garage/vehicle')->assertSee('No vehicle is here yet');
    $this->get('/jobs/new')->assertDontSee('<option value="1" >Drover', false);
    $this->get("/jobs/{$job->id}/brief")
        ->assertOk()
        ->assertSee('Drover');
    $this->get('/garage/away')->assertOk()->assertSee('Drover')->assertSee('Restore');
    $this->get('/garage/away')->assertSee('name="_from" value="/garage/away"', false);
    $this->post('/garage/vehicle/1/back', ['_from' => '/garage/away'])->assertRedirect('/garage/away');
    $this->get('/garage/vehicle')->assertSee('1 rig, 1 job');
    $this->get('/garage/away')->assertSee('Nothing is archived');
    expect(Vehicle::query()->count())->toBe(1);
});

it('has no way to delete what a job used', function (): void {
    $this->job();
    foreach (['/garage/vehicle/1', '/garage/rig/1', '/jobs/1'] as $address) {
        expect($this->delete($address)->getStatusCode())->toBeIn([404, 405]);
    }
    foreach ([Vehicle::query()->sole(), Rig::query()->sole()] as $used) {
        expect(fn () => $used->delete())->toThrow(Illuminate\Database\QueryException::class);
    }
    expect(Job::query()->count())->toBe(1);
});

it('pairs what stands in the garage, once, and says what cannot be paired', function (): void {
    $this->job();
    $copy = Hitch::query()->create(['name' => 'Long bars', 'bar_arm_mm' => 1100]);
    Trailer::query()->create([
        'name' => 'Barrow',
        'body' => 'box',
        'axles' => 1,
        'ball_to_axle_mm' => 1000,
        'gross_weight_kg' => 400,
    ]);

    $this->post('/garage/pair', ['vehicle' => '1', 'trailer' => '1', 'hitch' => (string) $copy->id])
        ->assertRedirect('/garage')
        ->assertSessionHas('saved');
    $this->post('/garage/pair', ['vehicle' => '1', 'trailer' => '1', 'hitch' => (string) $copy->id]);
    expect(Rig::query()->count())->toBe(2);
    $this->post('/garage/pair', [
        'vehicle' => '1',
        'trailer' => '2',
        'hitch' => (string) $copy->id,
    ])->assertSessionHasErrors(['bar_arm' => 'Expected a bar arm shorter than the length from ball to trailer axle.']);
    $this->post('/garage/pair', ['vehicle' => 'any', 'trailer' => '99', 'hitch' => '1'])->assertSessionHasErrors([
        'vehicle',
        'trailer',
    ]);
    expect(Rig::query()->count())->toBe(2);
});

it('puts a pair away without its parts, and pairing again brings it back', function (): void {
    $this->job();
    $this->post('/garage/rig/1/away')->assertRedirect('/garage');
    $this->get('/garage')->assertSee('No rig is paired yet');
    $this->get('/garage/vehicle')->assertSee('Drover');
    $this->get('/garage/away')->assertSee('Restore Drover with Dome');
    $this->post('/garage/pair', ['vehicle' => '1', 'trailer' => '1', 'hitch' => '1']);
    $this->get('/garage')->assertSee('Archive Drover with Dome');

    expect(Rig::query()->sole()->archived_at)->toBeNull();
});
