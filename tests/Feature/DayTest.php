<?php

declare(strict_types=1);

use App\Models\CalendarLink;
use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Sabre\VObject\Reader;

beforeEach(function (): void {
    Date::setTestNow('2026-06-02 09:00:00');
    $this->person('Wren Tallow', '1 mm');
    $this->actingAs(User::query()->sole());
    $this->work = $this->job();
    $this->work->update(['booked_on' => '2026-06-02']);
    $this->put = fn (array $typed, ?Job $job = null) => $this->post('/day/'.($job ?? $this->work)->id, $typed);
});

afterEach(function (): void {
    Date::setTestNow();
});

it('puts a job at a time, in a bay, with a person, and draws it', function (): void {
    $this->get('/day')
        ->assertOk()
        ->assertSee('no time yet')
        ->assertSee('text-anchor="end">19', false)
        ->assertDontSee('class="slot', false);
    ($this->put)(['at' => '10:30', 'bay' => '2', 'person' => (string) User::query()->sole()->id])
        ->assertRedirect('/day/2026-06-02')
        ->assertSessionHas('saved');
    $job = $this->work->fresh();

    expect([$job->starts_minute, $job->bay, $job->person_id])
        ->toBe([630, '2', User::query()->sole()->id])
        ->and($job->planned_minutes)
        ->toBeGreaterThan(60);
    $this->get('/day')
        ->assertSee('class="slot"', false)
        ->assertSee('data-at="10:30" data-bay="2"', false)
        ->assertSee('Next: ');
    $this->get('/')->assertSee('class="slot"', false)->assertSee('Line of the day');
});

it('says what runs late and what clashes', function (): void {
    $other = $this->job();
    $other->update(['booked_on' => '2026-06-02', 'title' => 'Bell tower']);
    ($this->put)(['at' => '08:00', 'bay' => '1']);
    ($this->put)(['at' => '08:30', 'bay' => '1'], $other);
    $this->get('/day')
        ->assertSee('runs late')
        ->assertSee('stand in one bay')
        ->assertSee('is-late', false)
        ->assertSee('is-clash', false);
    $this->get('/day/2026-06-03')->assertOk()->assertDontSee('runs late')->assertSee('No job is booked for this day.');
});

it('says what was expected, and keeps what was typed', function (array $typed, string $says): void {
    ($this->put)($typed)->assertRedirect();
    $page = $this->get('/day/2026-06-02')->assertSee($says);
    foreach ($typed as $field => $value) {
        $page->assertSee($field === 'person' ? '' : 'value="'.e($value).'"', false);
    }
    expect($this->work->fresh()->starts_minute)->toBeNull();
})->with([
    'no time' => [['at' => 'noon'], 'Expected a time such as 13:45'],
    'no such hour' => [['at' => '25:00'], 'Expected a time such as 13:45'],
    'a bay of signs' => [['at' => '10:00', 'bay' => '<1>'], 'Expected a bay of 1 to 20 letters'],
]);

it('refuses nobody and no day', function (array $typed, string $field): void {
    ($this->put)($typed)->assertSessionHasErrors([$field], null, "slot-{$this->work->id}");
})->with([
    'nobody' => [['person' => '77'], 'person'],
    'no day' => [['day' => '2026-02-31'], 'day'],
    'rubbish' => [['day' => 'soon'], 'day'],
]);

it('moves a job to another day, and takes its time from it', function (): void {
    ($this->put)(['at' => '10:30', 'bay' => '1', 'day' => '2026-06-04'])->assertRedirect('/day/2026-06-04');
    ($this->put)(['at' => '', 'bay' => '', 'day' => '2026-06-04']);
    $job = $this->work->fresh();

    expect($job->booked_on->toDateString())
        ->toBe('2026-06-04')
        ->and([$job->starts_minute, $job->bay, $job->planned_minutes])
        ->toBe([null, null, null]);
    $this->get('/day/2026-02-31')->assertOk();
    $this->get('/day/tomorrow')->assertNotFound();
});

it('gives a person\'s jobs at a private address that can be revoked, by the clock on the wall', function (): void {
    ($this->put)(['at' => '10:30', 'bay' => '2', 'person' => (string) User::query()->sole()->id]);
    $this->post('/calendar')->assertRedirect('/calendar');
    $link = CalendarLink::query()->sole();
    $address = (string) session('address');
    $this->get('/calendar')->assertSee($address);
    $this->get('/calendar')->assertDontSee($address);
    expect(json_encode(DB::table('calendar_links')->get()))->not->toContain(basename($address, '.ics'));
    auth()->logout();
    $feed = $this->get($address)->assertOk();
    $event = Reader::read((string) $feed->getContent())->VEVENT;

    expect((string) $event->DTSTART)
        ->toBe('20260602T103000')
        ->and((string) $event->SUMMARY)
        ->toContain('bay 2')
        ->and($feed->headers->get('Content-Type'))
        ->toStartWith('text/calendar');
    Date::setTestNow('2026-06-02 23:00:00');
    $this->get('/calendar/'.str_repeat('a', 48).'.ics')->assertStatus(410);
    $this->actingAs(User::query()->sole());
    $this->post("/calendar/{$link->id}/revoke")->assertRedirect('/calendar');
    $this->get($address)->assertStatus(410);
});

it('shows nobody another\'s calendar addresses', function (): void {
    $this->post('/calendar');
    $link = CalendarLink::query()->sole();
    $address = (string) session('address');
    $other = $this->person('Ash Fenn', '1 mm');
    $this->flushSession();
    $this->actingAs(User::query()->find($other->id));
    $this->get('/calendar')->assertDontSee(basename($address, '.ics'));
    $this->post("/calendar/{$link->id}/revoke")->assertNotFound();
});

it('lists who is to be called, and rests after a call', function (): void {
    $rig = $this->work->rig;
    $rig->careRecords()->create([
        'task' => 'set-up',
        'user_id' => User::query()->sole()->id,
        'done_at' => '2025-01-01',
    ]);
    (new App\UseCases\Service\RigCare($rig->load(['hitch', 'careRecords'])))->look();
    $this->get('/calls')->assertOk()->assertSee($rig->title())->assertSee('No customer is kept');
    $this->post("/calls/{$rig->id}", ['outcome' => 'no_answer'])->assertRedirect('/calls');
    $this->get('/calls')->assertDontSee($rig->title());
    Date::setTestNow('2026-06-04 09:00:00');
    $this->get('/calls')->assertSee($rig->title())->assertSee('No answer, Wren Tallow');
    $this->post("/calls/{$rig->id}", ['outcome' => 'shouted'])->assertStatus(422);
});
