<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\TongueWeighing;
use App\Models\WeighTicket;
use Illuminate\Support\Facades\Date;

beforeEach(function (): void {
    $this->work = $this->job();
    $this->ibby = $this->person('Ibby Marsh', '1/16 in', Role::Fitter);
    $this->actingAs($this->ibby);
    $this->post('/account/tokens', [
        'name' => 'The gate',
        'rights' => ['jobs:read', 'readings:write'],
        'days' => '30',
        'password_now' => 'tape-in-hand',
    ]);
    $token = (string) session('token');
    auth()->forgetGuards();
    $this->flushSession();
    $this->send = fn (string $to, array $sent) => $this->postJson("/api/v1/jobs/{$this->work->id}/{$to}", $sent, [
        'Authorization' => "Bearer {$token}",
    ]);
    $this->read = fn () => $this->getJson("/api/v1/jobs/{$this->work->id}", [
        'Authorization' => "Bearer {$token}",
    ])->json('data');
});

it('takes a number without a unit as kilograms and millimetres, whoever the token belongs to', function (): void {
    ($this->send)('tongue-weights', [
        'way' => 'tongue_scale',
        'read' => '340',
        'hitch_height' => '480',
    ])->assertCreated();
    ($this->send)('tongue-weights', ['way' => 'tongue_scale', 'read' => '340 lb'])->assertCreated();
    ($this->send)('tickets', ['stance' => 'alone', 'ticket' => 'front 1450, rear 1180'])->assertCreated();
    [$bare, $pounds] = TongueWeighing::query()->orderBy('id')->get()->all();

    expect($bare->read_kg)
        ->toBe(340.0)
        ->and($bare->hitch_height_mm)
        ->toBe(480.0)
        ->and($pounds->read_kg)
        ->toEqualWithDelta(154.221, 0.001)
        ->and(WeighTicket::query()->sole()->platforms[0]['kg'])
        ->toEqual(1450.0);
});

it('keeps the time that a ticket says of itself', function (): void {
    Date::setTestNow(Date::now()->setTime(16, 0));
    ($this->send)('tickets', ['stance' => 'alone', 'ticket' => "front 1450\nrear 1180\ntime 14:20"])->assertCreated();
    expect(WeighTicket::query()->sole()->weighed_at->format('H:i'))->toBe('14:20');
});

it('refuses whole what somebody else has saved in part: no row of it is written', function (): void {
    $this->actingAs($this->person());
    $this->tape($this->work, 'alone', ['front_left' => '950 mm']);
    $this->tape($this->work, 'alone', ['front' => '950 mm']);
    auth()->forgetGuards();
    $before = $this->work->readings()->count();
    $answer = ($this->send)('heights', [
        'stance' => 'alone',
        'front' => '961',
        'rear' => '985',
        'rolled' => true,
    ])->assertStatus(409);

    expect($this->work->readings()->count())
        ->toBe($before)
        ->and($answer->json('error.fields'))
        ->toHaveKey('front')
        ->and($answer->json('error.fields'))
        ->not->toHaveKey('rear');
});

it('takes the same heights sent once more as sent before', function (): void {
    $sent = ['stance' => 'alone', 'front' => '954', 'rear' => '37 1/2 in', 'rolled' => true];
    ($this->send)('heights', $sent)->assertCreated();
    ($this->send)('heights', $sent)->assertCreated();
    expect($this->work->readings()->count())->toBe(2);
    ($this->send)('heights', ['rolled' => false] + $sent)->assertStatus(409);
});

it('hands out no ticket and no tongue weight that was withdrawn', function (): void {
    $ticket = ($this->send)('tickets', ['stance' => 'alone', 'ticket' => 'front 1450, rear 1180'])->json('data.id');
    $tongue = ($this->send)('tongue-weights', ['way' => 'tongue_scale', 'read' => '340'])->json('data.id');
    expect(($this->read)()['tickets'])->toHaveCount(1)->and(($this->read)()['tongue_weights'])->toHaveCount(1);
    WeighTicket::query()
        ->whereKey($ticket)
        ->update(['withdrawn_at' => now()]);
    TongueWeighing::query()
        ->whereKey($tongue)
        ->update(['withdrawn_at' => now()]);

    expect(($this->read)()['tickets'])->toBe([])->and(($this->read)()['tongue_weights'])->toBe([]);
});

it('keeps the step of the display in kilograms as it was said', function (): void {
    ($this->send)('tickets', [
        'stance' => 'alone',
        'ticket' => 'front 1450, rear 1180',
        'step_kg' => '20',
    ])->assertCreated();
    ($this->send)('tickets', ['stance' => 'alone', 'ticket' => 'front 1450, rear 1180'])->assertCreated();
    expect(WeighTicket::query()->pluck('step_kg')->all())->toBe([20.0, 10.0]);
});
