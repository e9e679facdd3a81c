<?php

declare(strict_types=1);

use App\Models\ApiRight;
use App\Models\ApiToken;
use App\Models\Role;
use App\Models\Round;
use Yoke\Rig\Parts\Stance;

/* What the pages can write the HTTP interface can send, corrected and repeated alike, and what was sent can be read back. */

beforeEach(function (): void {
    $this->wren = $this->person('Wren Tallow', '1/16 in');
    $this->work = $this->job();
    $worked = $this->work->rig_as_worked;
    $worked['hitch']['sheet'] = ['family' => 'chain-snap-up'];
    $this->work->update(['rig_as_worked' => $worked]);
    $token = ApiToken::issue($this->wren, 'The gate', ApiRight::cases());
    $this->send = fn (string $to, array $body, array $headers = []) => $this->withHeaders([
        'Authorization' => "Bearer {$token}",
        'Accept' => 'application/json',
        ...$headers,
    ])->postJson("/api/v1/jobs/{$this->work->id}/{$to}", $body);
    $this->read = fn (string $of): array => $this->withHeaders(['Authorization' => "Bearer {$token}"])
        ->getJson("/api/v1/jobs/{$this->work->id}")
        ->json("data.{$of}");
});

it('takes a hook-up with its setting, the same stance again, and a second count', function (): void {
    ($this->send)('hook-ups', ['setting' => ['link' => 4, 'washer' => 3, 'head' => 2]])
        ->assertCreated()
        ->assertJson(['data' => ['stance' => 'carried', 'round' => 1]]);
    ($this->send)('heights', ['stance' => 'carried', 'front' => '958', 'rear' => '947'])->assertCreated();
    ($this->send)('hook-ups', ['again' => true, 'stance' => 'carried'])
        ->assertCreated()
        ->assertJson(['data' => ['round' => 2]]);
    ($this->send)('hook-ups/count', ['setting' => ['link' => 3]])
        ->assertCreated()
        ->assertJson(['data' => ['setting' => ['link' => 3]]]);

    expect(array_column(($this->read)('hook_ups'), 'setting', 'round'))
        ->toBe([1 => ['link' => 3, 'washer' => 3, 'head' => 2], 2 => ['link' => 3, 'washer' => 3, 'head' => 2]])
        ->and(array_column(($this->read)('hook_ups'), 'counted'))
        ->toBe([true, true])
        ->and(Round::query()->where('stance', Stance::Carried)->pluck('user_id')->unique()->all())
        ->toBe([$this->wren->id]);
});

it('refuses a setting that the hitch has not, as the page does', function (array $setting): void {
    $said = ($this->send)('hook-ups', ['setting' => $setting])
        ->assertStatus(422)
        ->json('error.fields.setting');
    $this->actingAs($this->wren)->post("/jobs/{$this->work->id}/bars-up/rounds", ['steps' => $setting]);
    expect(session('errors')->getBag('round')->first('setting'))
        ->toBe($said)
        ->and($said)
        ->toMatch('/Expected|has no/')
        ->and(Round::query()->count())
        ->toBe(0);
})->with([
    'too many links' => [['link' => 40, 'washer' => 3, 'head' => 2]],
    'half a washer' => [['link' => 4, 'washer' => 2.5, 'head' => 2]],
    'another adjuster' => [['turn' => 4]],
    'none' => [[]],
]);

it('takes what else was read, in millimetres and kilograms, and reads it back', function (): void {
    ($this->send)('measures', [
        'stance' => 'dropped',
        'coupler' => 480,
        'ball_load' => '860 lb',
        'trailer_angle' => '-0.5',
    ])->assertCreated();
    $read = array_column(($this->read)('measures'), 'value', 'kind');
    expect($read['coupler'])
        ->toEqual(480.0)
        ->and($read['ball_load'])
        ->toEqualWithDelta(390.09, 0.01)
        ->and($read['trailer_angle'])
        ->toEqual(-0.5);

    $fields = ($this->send)('measures', ['stance' => 'dropped', 'coupler' => '500', 'ball_load' => 'heavy'])
        ->assertStatus(422)
        ->json('error.fields');
    expect($fields)
        ->toHaveKeys(['ball_load'])
        ->and(array_column(($this->read)('measures'), 'value', 'kind')['coupler'])
        ->toEqual(480.0);
    ($this->send)('measures', ['stance' => 'alone', 'coupler' => '480'])->assertStatus(422);
});

it('corrects a height that is named, and none that somebody saved since', function (): void {
    $id = ($this->send)('heights', ['stance' => 'alone', 'front' => '594'])
        ->assertCreated()
        ->json('data.ids.front');
    $next = ($this->send)('heights', ['stance' => 'alone', 'front' => '954', 'based_on' => ['front' => $id]])
        ->assertCreated()
        ->json('data.ids.front');
    ($this->send)('heights', [
        'stance' => 'alone',
        'front' => '960',
        'rear' => '985',
        'based_on' => ['front' => $id],
    ])->assertStatus(409);
    ($this->send)('heights', ['stance' => 'alone', 'front' => '960'])->assertStatus(409);

    expect($next)
        ->toBeGreaterThan($id)
        ->and(array_column(($this->read)('readings'), 'height_mm', 'axle'))
        ->toBe(['front' => 954])
        ->and($this->work->readings()->count())
        ->toBe(2);
});

it('takes what comes again under its key once, and answers as it did first', function (
    string $to,
    array $body,
    string $of,
): void {
    $key = ['Idempotency-Key' => 'gate-7'];
    ($this->send)('hook-ups', ['setting' => ['link' => 4, 'washer' => 3, 'head' => 2]]);
    ($this->send)('heights', ['stance' => 'carried', 'front' => '958']);
    $first = ($this->send)($to, $body, $key)->assertCreated()->assertHeaderMissing('Idempotency-Replayed');
    $many = count(($this->read)($of));
    $again = ($this->send)($to, $body, $key)->assertCreated()->assertHeader('Idempotency-Replayed', 'true');

    expect($again->json())->toBe($first->json())->and(($this->read)($of))->toHaveCount($many);
    ($this->send)($to, [...$body, 'rolled' => 'another body'], $key)->assertStatus(422);
    expect(($this->read)($of))->toHaveCount($many);
})->with([
    'heights' => ['heights', ['stance' => 'alone', 'front' => '954'], 'readings'],
    'a hook-up' => ['hook-ups', ['setting' => ['link' => 3, 'washer' => 3, 'head' => 2]], 'hook_ups'],
    'a ticket' => ['tickets', ['stance' => 'alone', 'ticket' => "front 1450\nrear 1180"], 'tickets'],
    'a tongue weight' => ['tongue-weights', ['way' => 'tongue_scale', 'read' => 380], 'tongue_weights'],
    'what else was read' => ['measures', ['stance' => 'dropped', 'ball_load' => '390'], 'measures'],
]);

it('keeps no key of what was refused, and takes none that is no key', function (): void {
    $key = ['Idempotency-Key' => 'gate-8'];
    ($this->send)('heights', ['stance' => 'alone', 'front' => 'low'], $key)->assertStatus(422);
    ($this->send)('heights', ['stance' => 'alone', 'front' => '954'], $key)->assertCreated();
    ($this->send)(
        'heights',
        ['stance' => 'dropped', 'front' => '960'],
        ['Idempotency-Key' => 'two words'],
    )->assertStatus(422);
    ($this->send)(
        'heights',
        ['stance' => 'dropped', 'front' => '960'],
        ['Idempotency-Key' => str_repeat('k', 101)],
    )->assertStatus(422);
    expect(($this->read)('readings'))->toHaveCount(1);
});

it('withdraws tickets and tongue weights of its job, and of no other', function (): void {
    $other = $this->job();
    $theirs = $other
        ->tickets()
        ->create([
            'stance' => Stance::Alone,
            'round' => 1,
            'typed' => 'front 1',
            'platforms' => [],
            'step_kg' => 10.0,
            'user_id' => $this->wren->id,
            'weighed_at' => now(),
        ]);
    $ticket = ($this->send)('tickets', ['stance' => 'alone', 'ticket' => "front 1450\nrear 1180"])->json('data.id');
    $tongue = ($this->send)('tongue-weights', ['way' => 'tongue_scale', 'read' => '380'])->json('data.id');
    ($this->send)("tickets/{$theirs->id}/withdraw", [])->assertNotFound();
    ($this->send)("tickets/{$ticket}/withdraw", [])->assertCreated();
    ($this->send)("tongue-weights/{$tongue}/withdraw", [])->assertCreated();

    expect(($this->read)('tickets'))
        ->toBe([])
        ->and(($this->read)('tongue_weights'))
        ->toBe([])
        ->and($this->work->tickets()->count())
        ->toBe(1)
        ->and($theirs->refresh()->withdrawn_at)
        ->toBeNull();
});

it('lets no desk write, whatever its token says', function (string $to, array $body): void {
    $this->wren->update(['role' => Role::Desk]);
    ($this->send)($to, $body)->assertForbidden();
})->with([
    ['heights', ['stance' => 'alone', 'front' => '954']],
    ['hook-ups', ['again' => true, 'stance' => 'alone']],
    ['hook-ups/count', ['setting' => ['link' => 3]]],
    ['measures', ['stance' => 'dropped', 'coupler' => '480']],
]);
