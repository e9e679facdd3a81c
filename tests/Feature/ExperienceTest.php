<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\JobEvidence;
use App\Models\User;
use App\UseCases\Experience\ShopExperience;
use App\Words\SettingsWords;
use Illuminate\Support\Facades\DB;
use Yoke\Job\Experience\Source;
use Yoke\Job\Shop\ShopSettings;

/** A finished job of a rig whose readings hang together: about three quarters restored at the middle setting. */
beforeEach(function (): void {
    $this->person('Wren Tallow', '1 mm');
    $this->actingAs(User::query()->sole());
    $this->finish = function (Job $job, string $carried = '955 mm', string $rear = '947 mm'): void {
        foreach (['alone' => ['950 mm', '985 mm'], 'dropped' => ['970 mm', '930 mm']] as $station => [$front, $back]) {
            $this->tape($job, $station, ['front' => $front, 'rear' => $back], ['rolled' => '1'])->assertOk();
        }
        $this->post("/jobs/{$job->id}/bars-up/rounds", ['steps' => ['link' => 4, 'washer' => 3, 'head' => 2]]);
        $this->tape($job, 'bars-up', ['front' => $carried, 'rear' => $rear], ['rolled' => '1'])->assertOk();
        $this->post("/jobs/{$job->id}/hand-over/close")->assertRedirect();
    };
    $this->chains = function (): Job {
        $job = $this->job();
        $worked = $job->rig_as_worked;
        $worked['hitch']['sheet'] = [
            'family' => 'chain-snap-up',
            'bar_rating_low_kg' => 250,
            'bar_rating_high_kg' => 500,
        ];
        $worked['trailer']['sheet'] = ['tongue_weight_kg' => 380, 'tongue_weight_by' => 'tongue_scale'];
        $job->update(['rig_as_worked' => $worked]);
        $job->rig->hitch->update(['sheet' => $worked['hitch']['sheet']]);
        $job->rig->trailer->update(['sheet' => $worked['trailer']['sheet']]);

        return $job;
    };
});

it('learns from a job when it is handed over, and starts the next of that rig from it', function (): void {
    $job = ($this->chains)();
    ($this->finish)($job);
    $told = JobEvidence::query()->where('job_id', $job->id)->pluck('source')->all();
    expect($told)->toContain(Source::Tension->value);

    $learned = app(ShopExperience::class)->for($job->rig)->rows();
    expect($learned)
        ->toHaveKey('tension')
        ->and($learned['tension']['jobs'])
        ->toBe(1)
        ->and($learned['tension']['own'])
        ->toBe(1)
        ->and($learned['tension']['deviation'])
        ->toBeLessThan(25.0)
        ->toBeGreaterThan(8.0);
});

it('keeps with a job what it started from, whatever is learned later', function (): void {
    $job = ($this->chains)();
    ($this->finish)($job);
    $this->post('/jobs', [
        'title' => 'Next',
        'vehicle' => (string) $job->rig->vehicle_id,
        'trailer' => (string) $job->rig->trailer_id,
        'hitch' => (string) $job->rig->hitch_id,
    ])->assertSessionHasNoErrors();
    $next = Job::query()->latest('id')->firstOrFail();
    $kept = $next->rig_as_worked['experience'] ?? [];
    expect($next->id)->not->toBe($job->id)->and($kept)->toHaveKey('tension');
    $this->get("/jobs/{$next->id}/plan")->assertOk();
    $this->get("/jobs/{$next->id}/brief")
        ->assertOk()
        ->assertSee("From the shop's own jobs")
        ->assertSee('Tension of the middle setting');

    JobEvidence::query()->delete();
    expect($next->refresh()->rig_as_worked['experience'])->toBe($kept);
});

it('counts a job again when it is handed over again, and none that is open', function (): void {
    $job = ($this->chains)();
    ($this->finish)($job);
    $before = JobEvidence::query()->count();
    $this->post("/jobs/{$job->id}/hand-over/open");
    expect(app(ShopExperience::class)->experience()->groups(Source::Tension))->toBe([]);
    $this->post("/jobs/{$job->id}/hand-over/close");
    expect(JobEvidence::query()->count())
        ->toBe($before)
        ->and(app(ShopExperience::class)->experience()->groups(Source::Tension))
        ->toBe(['chain-snap-up']);
});

it('learns nothing from a job that was never hooked up, or whose readings do not hang together', function (): void {
    $job = ($this->chains)();
    $this->tape($job, 'alone', ['front' => '950 mm', 'rear' => '985 mm'], ['rolled' => '1']);
    $this->post("/jobs/{$job->id}/hand-over/close");
    $odd = ($this->chains)();
    ($this->finish)($odd, '990 mm', '1010 mm');

    expect(JobEvidence::query()->pluck('source')->unique()->values()->all())
        ->toBe([JobEvidence::NOTHING])
        ->and(app(ShopExperience::class)->for($odd->rig)->rows())
        ->not->toHaveKey('tension');
});

it(
    'shows what was learned against the textbook, to the owner alone, and lets a source be switched off',
    function (): void {
        $this->get('/experience')->assertOk()->assertSee('Nothing was learned yet');
        $job = ($this->chains)();
        ($this->finish)($job);
        $this->get('/experience')
            ->assertOk()
            ->assertSee('Tension of the middle setting')
            ->assertSee('chain and snap-up bracket')
            ->assertSee('25 mm')
            ->assertDontSee('Not used');

        $form = ['experience-tension' => 'off'];
        foreach (ShopSettings::all() as $key => $setting) {
            $form += [
                str_replace('.', '-', $key) => is_string($setting->default)
                    ? $setting->default
                    : SettingsWords::number($setting, $setting->default),
            ];
        }
        $this->post('/settings', $form)->assertSessionHasNoErrors();
        expect(DB::table('shop_settings')->pluck('value', 'key')->all())->toBe(['experience.tension' => '"off"']);
        app()->forgetScopedInstances();
        $this->get('/experience')->assertOk()->assertSee('Not used');
    },
);

it('lists each vehicle, hitch and trailer by itself, and none of a source that is switched off', function (): void {
    $job = ($this->chains)();
    ($this->finish)($job);
    $page = $this->get('/experience')->assertOk()->assertSee('Each vehicle, hitch and trailer by itself');
    $rows = fn (string $html): array => preg_match_all(
        '~<th scope="row">(Drover|Dome|Chains)</th><td>([^<]+)</td><td>(\d+)</td><td>([^<]+)</td>~',
        $html,
        $found,
        PREG_SET_ORDER,
    ) > 0
        ? array_map(fn (array $row): array => array_slice($row, 1), $found)
        : [];
    $listed = $rows((string) $page->getContent());

    expect(array_unique(array_column($listed, 0)))
        ->toContain('Drover')
        ->toContain('Chains')
        ->and(array_unique(array_column($listed, 2)))
        ->toBe(['1'])
        ->and(
            array_filter($listed, fn (array $row): bool => $row[0] === 'Chains' && str_starts_with($row[1], 'Tension')),
        )
        ->toHaveCount(1);

    DB::table('shop_settings')->insert([
        'key' => 'experience.tension',
        'value' => '"off"',
        'user_id' => 1,
        'set_at' => now(),
    ]);
    app()->forgetScopedInstances();
    expect(
        array_filter(
            $rows((string) $this->get('/experience')->getContent()),
            fn (array $row): bool => str_starts_with($row[1], 'Tension'),
        ),
    )->toBe([]);
});

it('catches up with jobs that were finished before it learned', function (): void {
    $job = ($this->chains)();
    ($this->finish)($job);
    JobEvidence::query()->delete();
    $shop = app(ShopExperience::class);

    expect($shop->catchUp(5))
        ->toBe(1)
        ->and($shop->catchUp(5))
        ->toBe(0)
        ->and(JobEvidence::query()->count())
        ->toBeGreaterThan(0);
});

it('reads how well a person repeats a height, and takes their tape for that on the next job', function (): void {
    $job = ($this->chains)();
    foreach (['950 mm', '953 mm', '947 mm', '952 mm', '946 mm', '953 mm'] as $front) {
        $this->tape($job, 'alone', ['front' => $front], ['rolled' => '1', 'again' => '1']);
        $this->post("/jobs/{$job->id}/alone/rounds");
    }
    ($this->finish)($job);
    $repeats = app(ShopExperience::class)->repeats();
    $person = (string) User::query()->sole()->id;

    expect($repeats->of($person))
        ->toBeGreaterThan(3)
        ->and($repeats->readers()[$person])
        ->toBeGreaterThan(0.9)
        ->and(app(ShopExperience::class)->for($job->rig)->rows()["reader.{$person}"]['off'])
        ->toBeGreaterThan(0.0);
});

it(
    'learns nothing from a job that leaves one reading in doubt above a tenth, though most likely all are right',
    function (string $front, bool $learns): void {
        $job = ($this->chains)();
        ($this->finish)($job, $front);
        $suspects = app()->make(App\UseCases\Analysis\JobAnalyses::class)->of($job->fresh())->posterior()->suspects;
        $most = max([0.0, ...array_map(static fn ($suspect): float => $suspect->chance, $suspects)]);

        expect($most > 0.1)
            ->toBe(! $learns)
            ->and($most)
            ->toBeLessThan(0.6)
            ->and(JobEvidence::query()->where('job_id', $job->id)->where('source', '!=', 'none')->exists())
            ->toBe($learns);
    },
)->with(['two in ten' => ['949 mm', false], 'six in ten' => ['945 mm', false], 'none' => ['955 mm', true]]);
