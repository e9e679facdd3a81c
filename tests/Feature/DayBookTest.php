<?php

declare(strict_types=1);

use App\Models\JobEvidence;
use App\Models\User;
use App\Screens\Day\DayPage;
use App\UseCases\Day\DayBook;
use App\UseCases\Experience\ShopExperience;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Date;
use Yoke\Job\Experience\Source;
use Yoke\Job\Shop\ShopSettings;
use Yoke\Workshop\Procedure\Station;

beforeEach(function (): void {
    Date::setTestNow('2026-06-02 09:00:00');
    $this->person('Wren Tallow', '1 mm');
    $this->actingAs(User::query()->sole());
    $this->work = $this->job();
    $worked = $this->work->rig_as_worked;
    $worked['hitch']['sheet'] = ['family' => 'chain-snap-up'];
    $this->work->update(['rig_as_worked' => $worked, 'booked_on' => '2026-06-02']);
    $this->foreseen = fn (): float => app(DayBook::class)->foreseen($this->work->fresh())->mean;
});

afterEach(function (): void {
    Date::setTestNow();
});

it('foresees less with every station that is closed, and nothing once the job is handed over', function (): void {
    $before = ($this->foreseen)();
    $this->post("/jobs/{$this->work->id}/brief/close");
    $after = ($this->foreseen)();
    $this->work->update(['handed_over_at' => Date::now()]);

    expect($before)
        ->toBeGreaterThan(90.0)
        ->toBeLessThan(260.0)
        ->and($before - $after)
        ->toBeGreaterThan(5.0)
        ->and(($this->foreseen)())
        ->toBe(0.0);
});

it('foresees a hook-up less once the bars are in range, and none on a plain ball', function (): void {
    foreach (['alone' => ['950 mm', '985 mm'], 'dropped' => ['970 mm', '930 mm']] as $station => [$front, $rear]) {
        $this->tape($this->work, $station, ['front' => $front, 'rear' => $rear], ['rolled' => '1']);
    }
    $before = ($this->foreseen)();
    $this->post("/jobs/{$this->work->id}/bars-up/rounds", ['steps' => ['link' => 4, 'washer' => 3, 'head' => 2]]);
    $this->tape($this->work, 'bars-up', ['front' => '955 mm', 'rear' => '947 mm'], ['rolled' => '1']);
    expect(($this->foreseen)())->toBeLessThan($before);

    $ball = $this->job();
    $worked = $ball->rig_as_worked;
    $worked['hitch']['sheet'] = ['family' => 'plain-ball'];
    $ball->update(['rig_as_worked' => $worked]);
    expect(app(DayBook::class)->foreseen($ball->fresh())->mean)->toBeLessThan($before);
});

it('works at the pace that the shop\'s own jobs took', function (): void {
    $usual = ($this->foreseen)();
    for ($i = 0; $i < 6; $i++) {
        $other = $this->job();
        $other->update(['handed_over_at' => Date::now()]);
        JobEvidence::query()->create([
            'job_id' => $other->id,
            'source' => Source::Pace->value,
            'group' => 'jobs',
            'item' => 'chain-snap-up',
            'off' => log(0.6),
            'doubt' => 0.2,
            'told_at' => Date::now(),
        ]);
    }

    expect(($this->foreseen)())
        ->toBeLessThan(0.85 * $usual)
        ->toBeGreaterThan(0.5 * $usual);
});

it(
    'learns how long a job took from what was entered, and nothing of one that was typed in afterwards',
    function (): void {
        $minute = 0;
        foreach (Station::cases() as $station) {
            Date::setTestNow(Date::parse('2026-06-02 09:00:00')->addMinutes($minute += 12));
            if (in_array($station->value, ['alone', 'dropped'], true)) {
                $this->tape($this->work, $station->value, ['front' => '950 mm', 'rear' => '985 mm'], ['rolled' => '1']);
            }
            $this->post("/jobs/{$this->work->id}/{$station->value}/close");
        }
        $pace = JobEvidence::query()->where('source', Source::Pace->value)->sole();
        expect($pace->item)
            ->toBe('chain-snap-up')
            ->and($pace->off)
            ->toBeGreaterThan(-0.6)
            ->toBeLessThan(0.6);

        $quick = $this->job();
        foreach (Station::cases() as $station) {
            $this->post("/jobs/{$quick->id}/{$station->value}/close");
        }
        expect(JobEvidence::query()->where('job_id', $quick->id)->where('source', Source::Pace->value)->count())
            ->toBe(0)
            ->and(app(ShopExperience::class)->pace('chain-snap-up')->mean())
            ->not->toBe(0.0);
    },
);

it('draws a day of its hours and bays, with a cell for every quarter of an hour', function (): void {
    app(DayBook::class)->put($this->work, 8 * 60, '2', null);
    $page = new DayPage(
        Date::today()->toImmutable(),
        app(DayBook::class),
        ShopSettings::of(['day.bays' => 3.0, 'day.from' => 8.0, 'day.to' => 18.0]),
    );
    $drawn = $page->drawn()[0];
    $first = $page->cells()[0];

    expect($page->bays())
        ->toBe(['1', '2', '3'])
        ->and($page->cells())
        ->toHaveCount(3 * 10 * 4)
        ->and([$first['minute'], $first['bay']])
        ->toBe([480, '1'])
        ->and($drawn['x'])
        ->toBe($first['x'])
        ->and($drawn['y'])
        ->toBe($first['y'] + DayPage::ROW)
        ->and($drawn['latest'])
        ->toBeGreaterThanOrEqual($drawn['x'] + $drawn['width'])
        ->and($page->now())
        ->toBe($page->hours()[9])
        ->and((new DayPage(Date::today()->addDay()->toImmutable(), app(DayBook::class), ShopSettings::of([])))->now())
        ->toBeNull();
});

it('lets a simulated shop learn, and prints its figures', function (): void {
    Artisan::call('yoke:bench', ['--stances' => 100, '--shop' => 12, '--seed' => 5, '--json' => true]);
    $shop = json_decode(Artisan::output(), true)['shop'];

    expect($shop['rigs'])
        ->toBe(12)
        ->and($shop['counted'])
        ->toBe(6)
        ->and($shop)
        ->toHaveKeys(['untaped', 'taped'])
        ->and($shop['untaped']['first']['hook_ups'])
        ->toBeGreaterThanOrEqual(1.0)
        ->and($shop['taped']['last']['first_claimed'])
        ->toBeGreaterThan(0.5);
});
