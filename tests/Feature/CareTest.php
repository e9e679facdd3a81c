<?php

declare(strict_types=1);

use App\Models\CareRecord;
use App\Models\Rig;
use Illuminate\Support\Facades\Date;
use Sabre\VObject\Reader;

beforeEach(function (): void {
    $this->person('Ibby Marsh', '1 mm');
    $this->actingAs(App\Models\User::query()->sole());
    $this->work = $this->job();
    $this->rig = Rig::query()->sole();
    $this->rig->hitch->update(['sheet' => ['family' => 'chain-snap-up', 'retorque_km' => 80, 'service_km' => 8000]]);
    $this->at = "/log/{$this->rig->id}/care";
    $this->write = fn (string $task, string $driven = '') => $this->from($this->at)->post(
        $this->at,
        compact('task', 'driven'),
    );
    Date::setTestNow('2026-05-04 09:00:00');
    $this->handOver = fn () => $this->post("/jobs/{$this->work->id}/hand-over/close");
});

afterEach(fn () => Date::setTestNow());

it('begins at the hand-over, counts by distance or date, and shows in the yard what presses', function (): void {
    $this->get($this->at)->assertOk()->assertSee('Nothing falls due before the rig is handed over');
    ($this->handOver)();
    ($this->write)('distance', '41200 km')->assertRedirect($this->at)->assertSessionHasNoErrors();
    $this->get($this->at)
        ->assertSeeInOrder([
            'Torque again after the first run',
            'once, 80 km or 14 days after a set-up',
            'set up 4 May 2026',
            'in 80 km, or by 18 May 2026',
        ])
        ->assertSee('Ball, head sockets.')
        ->assertSee('every 8000 km or 12 months');
    $this->get('/')->assertSeeInOrder(['Due', 'Drover with Dome', 'Torque again after the first run, due soon']);

    Date::setTestNow('2026-05-07 18:00:00');
    ($this->write)('distance', '41300');
    $this->get('/')->assertSee('Torque again after the first run, overdue: 20 km over its distance');
    ($this->write)('retorque')->assertSessionHasNoErrors();
    $this->get('/')->assertDontSee('Torque again');
    expect($this->rig->fresh()->care_due_on->toDateString())->toBe('2026-11-03');

    Date::setTestNow('2026-10-25 09:00:00');
    $this->get('/')->assertSee('Grease, due soon: by 3 Nov 2026');
});

it('begins every interval anew with the next set-up, once for each day', function (): void {
    ($this->handOver)();
    ($this->write)('retorque');
    $this->post("/jobs/{$this->work->id}/hand-over/open");
    ($this->handOver)();
    expect(CareRecord::query()->where('task', 'set-up')->count())->toBe(1);
    Date::setTestNow('2026-09-01 09:00:00');
    ($this->handOver)();

    expect(CareRecord::query()->where('task', 'set-up')->count())
        ->toBe(1, 'a closed station stays as it was handed over')
        ->and($this->post("/jobs/{$this->work->id}/hand-over/open")->status())
        ->toBe(302);
    ($this->handOver)();
    expect(CareRecord::query()->where('task', 'set-up')->count())->toBe(2);
    $this->get($this->at)->assertSee('Torque again after the first run');
});

it('refuses a distance that cannot be, keeps it in the field, and writes nothing', function (
    string $typed,
    string $says,
): void {
    ($this->handOver)();
    ($this->write)('distance', '41200 km');
    ($this->write)('grease', $typed)->assertRedirect($this->at)->assertSessionHasErrorsIn('care', 'driven');
    $this->get($this->at)
        ->assertSee($says)
        ->assertSee('value="'.e($typed).'"', false);
    ($this->write)('coffee', '')->assertNotFound();

    expect(CareRecord::query()->count())->toBe(2);
})->with([
    'lower than last time' => ['39 000'.'', 'Expected the distance on the vehicle'],
    'lower, and it reads' => ['41100 km', 'Expected at least 41200 km, as it was read last: 41100 km is lower.'],
    'in miles' => ['25000 mi', '40234 km is lower'],
    'words' => ['far', 'Expected the distance on the vehicle, such as 48200 km.'],
    'scripts' => ['<b>1</b>', 'Expected the distance'],
]);

it('takes a line back and keeps it', function (): void {
    ($this->handOver)();
    ($this->write)('distance', '99999 km');
    $this->post("{$this->at}/2/withdraw")->assertRedirect($this->at);
    ($this->write)('distance', '41200 km')->assertSessionHasNoErrors();

    $this->get($this->at)->assertSeeInOrder(['41200 km = 41200 km', '99999 km', 'undone 4 May']);
    $this->post('/log/1/care/77/withdraw')->assertNotFound();
});

it(
    'gives what falls due as a calendar that another program reads: a day for each task, the same name every time',
    function (): void {
        ($this->handOver)();
        foreach (["{$this->at}.ics", '/care.ics'] as $address) {
            $answer = $this->get($address)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
            $calendar = Reader::read((string) $answer->getContent());
            $events = array_column(
                array_map(
                    static fn ($event): array => [(string) $event->UID, (string) $event->DTSTART],
                    iterator_to_array($calendar->VEVENT, false),
                ),
                1,
                0,
            );

            expect($calendar->validate())
                ->toBe([])
                ->and($events)
                ->toHaveCount(5)
                ->and($events["care-{$this->rig->id}-retorque@ivy-yoke"])
                ->toBe('20260518')
                ->and((string) $calendar->VEVENT[0]->SUMMARY)
                ->toBe('Torque again after the first run: Drover with Dome');
        }
        $this->rig->putAway();
        expect(count(Reader::read((string) $this->get('/care.ics')->getContent())->VEVENT ?? []))->toBe(0);
    },
);

it('speaks miles to who measures in inches, and keeps kilometres', function (): void {
    ($this->handOver)();
    $this->actingAs(tap($this->person('Wren Tallow'), fn ($wren) => $wren->refresh()));
    ($this->write)('distance', '25600')->assertSessionHasNoErrors();
    expect(CareRecord::query()->latest('id')->first()->driven_km)
        ->toEqualWithDelta(25600 * 1.609344, 1e-6)
        ->and(CareRecord::query()->latest('id')->first()->typed)
        ->toBe('25600');
    $this->get($this->at)
        ->assertSee('once, 50 mi or 14 days after a set-up')
        ->assertSee('in 50 mi, or by 18 May 2026')
        ->assertSee('every 4971 mi or 12 months')
        ->assertSee('25600 = 25600 mi');
    ($this->write)('distance', '25600')->assertSessionHasNoErrors();
    ($this->write)('distance', '25500')->assertSessionHasErrorsIn('care', 'driven');
});

it('asks for the distance where the sheet counts one and nobody read it', function (): void {
    ($this->handOver)();
    $this->get($this->at)->assertSee('no distance read then: by date alone')->assertSee('by 18 May 2026');
    ($this->write)('distance', '41200 km');
    $this->get($this->at)->assertDontSee('no distance read then');
});

it('keeps what was found, with a task, with the distance or by itself, and counts nothing anew for a note', function (): void {
    ($this->handOver)();
    $before = $this->rig->fresh()->care_due_on;
    $this->post($this->at, ['task' => 'distance', 'driven' => '', 'found' => 'Rear springs sag 5 mm'])
        ->assertSessionHasNoErrors();
    expect($this->rig->fresh()->care_due_on)->toEqual($before);
    $this->post($this->at, ['task' => 'wear', 'driven' => '41300 km', 'found' => 'Left socket worn']);
    $this->post($this->at, ['task' => 'grease', 'driven' => '']);
    expect(CareRecord::query()->orderBy('id')->get(['task', 'driven_km', 'found'])->toArray())->toBe([
        ['task' => 'set-up', 'driven_km' => null, 'found' => null],
        ['task' => 'note', 'driven_km' => null, 'found' => 'Rear springs sag 5 mm'],
        ['task' => 'wear', 'driven_km' => 41300.0, 'found' => 'Left socket worn'],
        ['task' => 'grease', 'driven_km' => null, 'found' => null],
    ]);
    $this->get($this->at)->assertSeeInOrder(['Left socket worn', 'Note', 'Rear springs sag 5 mm'])
        ->assertSee('Rear springs that sag or have touched their stops.')
        ->assertSeeInOrder(['Grease', 'Check for wear', 'Note', 'Set up and handed over']);
});

it('refuses a note that is too long, or no note and no distance, and keeps what was typed', function (): void {
    ($this->handOver)();
    $long = str_repeat('sag ', 100);
    $this->post($this->at, ['task' => 'wear', 'driven' => '41300', 'found' => $long])
        ->assertSessionHasErrorsIn('care', 'found');
    $this->get($this->at)->assertSee(trim($long))->assertSee('Expected a note of at most 300 letters.');
    $this->post($this->at, ['task' => 'distance', 'driven' => ' ', 'found' => ' '])
        ->assertSessionHasErrorsIn('care', 'driven');
    $this->post($this->at, ['task' => 'distance', 'driven' => 'far', 'found' => 'Springs fine'])
        ->assertSessionHasErrorsIn('care', 'driven');
    $this->get($this->at)->assertSee('Springs fine');
    expect(CareRecord::query()->count())->toBe(1);
});
