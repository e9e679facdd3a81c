<?php

declare(strict_types=1);

use App\Models\RoadDrive;
use Yoke\Workshop\Road\Feel;

beforeEach(function (): void {
    $this->person('Wren Tallow');
    $this->actingAs(App\Models\User::query()->sole());
    $this->work = $this->job();
    $this->drive = fn (array $felt): Illuminate\Testing\TestResponse => $this->post(
        "/jobs/{$this->work->id}/road-tests",
        $felt + [
            'speed' => '55',
            'distance' => '12',
            ...array_column(
                array_map(fn (Feel $feel): array => [$feel->value, $feel->answers()[0]], Feel::cases()),
                1,
                0,
            ),
        ],
    );
});

it('keeps what was felt, and leads back to a station', function (): void {
    $this->get("/jobs/{$this->work->id}/road-test")
        ->assertOk()
        ->assertSee('Record what was felt')
        ->assertSee('No speed is called safe');
    ($this->drive)(['steering' => 'light', 'note' => 'gusts on the quay'])->assertRedirect(
        "/jobs/{$this->work->id}/road-test",
    );

    $this->get("/jobs/{$this->work->id}/road-test")
        ->assertSee('12 mi, up to 55 mph')
        ->assertSee('Front axle light')
        ->assertSee('gusts on the quay')
        ->assertSee("/jobs/{$this->work->id}/bars-up");
    expect(RoadDrive::query()->sole()->speed_kmh)
        ->toEqualWithDelta(88.5, 0.1)
        ->and(RoadDrive::query()->sole()->typed['speed'])
        ->toBe('55');
});

it('counts sway on the road as evidence at the sway station, until another setting is on', function (): void {
    $worked = $this->work->rig_as_worked;
    $worked['hitch']['sheet'] = ['family' => 'chain-snap-up'];
    $this->work->update(['rig_as_worked' => $worked]);
    $this->post("/jobs/{$this->work->id}/bars-up/rounds", ['steps' => ['link' => 4, 'washer' => 3, 'head' => 2]]);
    $this->tape($this->work, 'bars-up', ['front' => '37 1/2']);
    ($this->drive)(['sway' => 'few']);
    $this->get("/jobs/{$this->work->id}/sway-control")->assertSee('Sway was felt on the road');
    $this->post("/jobs/{$this->work->id}/bars-up/rounds", ['steps' => ['link' => 5, 'washer' => 3, 'head' => 2]]);

    $this->get("/jobs/{$this->work->id}/sway-control")->assertDontSee('Sway was felt on the road');
});

it('refuses in words, keeps what was typed', function (array $typed, string $field): void {
    ($this->drive)($typed)->assertSessionHasErrorsIn('road', $field);
    expect(RoadDrive::query()->count())->toBe(0);
    $this->get("/jobs/{$this->work->id}/road-test")->assertSee('value="'.($typed[$field] ?? '').'"', false);
})->with([
    'a speed in words' => [['speed' => 'fast'], 'speed'],
    'a speed of a rocket' => [['speed' => '500'], 'speed'],
    'no distance' => [['distance' => ''], 'distance'],
]);
