<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Measure;
use App\Models\Reading;
use App\Models\Round;
use Illuminate\Testing\TestResponse;
use Yoke\Rig\Parts\Stance;

beforeEach(function (): void {
    $this->person();
    $this->actingAs(App\Models\User::query()->sole());
    $this->work = jobToSetUp($this->job());
});

/** A job whose hitch is a chain hitch with links and washers. */
function jobToSetUp(Job $job): Job
{
    $worked = $job->rig_as_worked;
    $worked['trailer']['sheet'] = [
        'tongue_weight_kg' => 390,
        'tongue_weight_by' => 'tongue_scale',
        'coupler_height_mm' => 480,
    ];
    $worked['hitch']['sheet'] = [
        'family' => 'chain-snap-up',
        'bar_rating_high_kg' => 500,
        'ball_height_mm' => 520,
        'hang_mm' => 212,
        'head_gap_mm' => 60,
    ];
    $job->update(['rig_as_worked' => $worked]);

    return $job;
}

/** @param  array<string, float>  $steps */
function hookUp(object $test, Job $job, array $steps): TestResponse
{
    return $test->post("/jobs/{$job->id}/bars-up/rounds", [
        'steps' => [...['link' => 4, 'washer' => 3, 'head' => 2], ...$steps],
    ]);
}

function stances(object $test, Job $job): void
{
    $test->tape($job, 'alone', ['front' => '950 mm', 'rear' => '985 mm'], ['rolled' => '1']);
    $test->tape($job, 'dropped', ['front' => '965 mm', 'rear' => '925 mm'], ['rolled' => '1']);
}

it('names the next thing from the first minute, and the move after each hook-up', function (): void {
    $this->get("/jobs/{$this->work->id}/dropped")->assertSee('Next: measure the vehicle alone.');
    stances($this, $this->work);
    $this->get("/jobs/{$this->work->id}/bars-up")
        ->assertOk()
        ->assertSee('Hook up at link')
        ->assertSee('likely to be in range')
        ->assertSee('Other options:')
        ->assertSee('Ruled out:');

    hookUp($this, $this->work, ['link' => 3])
        ->assertRedirect("/jobs/{$this->work->id}/bars-up")
        ->assertSessionHasNoErrors();
    $this->tape($this->work, 'bars-up', ['front' => '963 mm', 'rear' => '931 mm'], ['rolled' => '1']);
    $this->get("/jobs/{$this->work->id}/bars-up")
        ->assertSee('Count the setting again, on both sides: is it link 3, 3 washers?')
        ->assertSee('That is what I count')
        ->assertSee('tighter, to link')
        ->assertSee('Expect front')
        ->assertSee('This moves about: front axle');

    hookUp($this, $this->work, ['link' => 4.5]);
    $this->get("/jobs/{$this->work->id}/bars-up")->assertSee('data-draft="job-1-carried-2"', false);
    $this->tape($this->work, 'bars-up', ['front' => '955 mm', 'rear' => '947 mm'], ['rolled' => '1']);
    $page = $this->get("/jobs/{$this->work->id}/bars-up")->assertSeeInOrder(
        [
            '<th scope="row">2</th>',
            'link 4.5, 3 washers',
            '1 1/2 links tighter',
            'In range',
            '<th scope="row">1</th>',
            'link 3, 3 washers',
            'Too little',
        ],
        false,
    );

    expect($page->getContent())
        ->toMatch('/(Stop here: leave it at|Measure again at) link 4\.5, 3 washers/')
        ->and(Reading::query()->where('stance', 'carried')->pluck('round')->all())
        ->toBe([1, 1, 2, 2]);
});

it('sets the setting of a round right before it was read, and begins the next one after', function (): void {
    stances($this, $this->work);
    hookUp($this, $this->work, ['link' => 2]);
    hookUp($this, $this->work, ['link' => 3]);
    expect(Round::query()->count())
        ->toBe(1)
        ->and($this->work->fresh()->settingOf(1)['link'])
        ->toEqual(3.0);

    $this->tape($this->work, 'bars-up', ['front' => '960 mm', 'rear' => '940 mm']);
    $this->post("/jobs/{$this->work->id}/bars-up/rounds", ['again' => '1']);
    expect(Round::query()->count())
        ->toBe(2)
        ->and($this->work->fresh()->settingOf(2))
        ->toEqual($this->work->fresh()->settingOf(1));
});

it('names a setting for what was read without one', function (): void {
    stances($this, $this->work);
    $this->tape($this->work, 'bars-up', ['front' => '955 mm', 'rear' => '945 mm']);
    $this->get("/jobs/{$this->work->id}/bars-up")
        ->assertSee('Choose the setting that is on')
        ->assertSee('not recorded');

    hookUp($this, $this->work, []);
    expect(Round::query()->sole()->number)->toBe(1);
    $this->get("/jobs/{$this->work->id}/bars-up")
        ->assertDontSee('Say which setting is on')
        ->assertSee('link 4, 3 washers');
});

it('refuses a setting that the hitch does not have, and says what it has', function (array $steps, string $says): void {
    stances($this, $this->work);
    hookUp($this, $this->work, $steps)->assertSessionHasErrors('setting', null, 'round');
    expect(session('errors')->getBag('round')->first())
        ->toContain($says)
        ->and(Round::query()->count())
        ->toBe(0);
    $this->get("/jobs/{$this->work->id}/bars-up")
        ->assertOk()
        ->assertSee($says);
})->with([
    'off the chain' => [['link' => 40], 'between 0 and 8'],
    'a third of a link' => [['link' => 4.3], 'none of its steps'],
    'an adjuster of another hitch' => [['magnet' => 1], 'has no magnet to set'],
]);

it('pools what is read again, and doubts it less', function (): void {
    stances($this, $this->work);
    $doubt = fn (): string => (string) preg_replace(
        '/.*verdict-value">(.*?)<\/p>.*/s',
        '$1',
        (string) $this->get("/jobs/{$this->work->id}/bars-up")->getContent(),
    );
    hookUp($this, $this->work, []);
    $this->tape($this->work, 'bars-up', ['front' => '955 mm', 'rear' => '945 mm'], ['rolled' => '1']);
    preg_match('/± (\d+)/', $doubt(), $once);
    $this->post("/jobs/{$this->work->id}/bars-up/rounds", ['again' => '1']);
    $this->post("/jobs/{$this->work->id}/dropped/rounds", ['again' => '1']);
    $this->tape($this->work, 'bars-up', ['front' => '955 mm', 'rear' => '945 mm'], ['rolled' => '1']);
    $this->tape($this->work, 'dropped', ['front' => '965 mm', 'rear' => '925 mm'], ['rolled' => '1']);
    preg_match('/± (\d+)/', $doubt(), $twice);

    expect((int) $twice[1])
        ->toBeLessThan((int) $once[1])
        ->and($this->work->fresh()->roundOf(Stance::Dropped))
        ->toBe(2);
    $this->get("/jobs/{$this->work->id}/bars-up")->assertSee('link 4, 3 washers, again');
});

it('gives the same answer in whatever order the stances came', function (): void {
    $reversed = jobToSetUp($this->job());
    $chance = function (Job $job): string {
        preg_match(
            '/(\d+) % likely to be in range/',
            (string) $this->get("/jobs/{$job->id}/bars-up")->getContent(),
            $found,
        );

        return $found[1];
    };
    stances($this, $this->work);
    foreach ([$this->work, $reversed] as $job) {
        hookUp($this, $job, []);
        $this->tape($job, 'bars-up', ['front' => '957 mm', 'rear' => '943 mm'], ['rolled' => '1']);
    }
    $this->tape($reversed, 'dropped', ['front' => '965 mm', 'rear' => '925 mm'], ['rolled' => '1']);
    $this->tape($reversed, 'alone', ['front' => '950 mm', 'rear' => '985 mm'], ['rolled' => '1']);

    expect($chance($reversed))->toBe($chance($this->work));
});

it('catches a mistyped half inch and names it', function (): void {
    stances($this, $this->work);
    hookUp($this, $this->work, []);
    $this->tape($this->work, 'bars-up', ['front' => '956 mm', 'rear' => '945 mm'], ['rolled' => '1']);
    $this->post("/jobs/{$this->work->id}/alone/rounds", ['again' => '1']);
    $this->tape($this->work, 'alone', ['front' => '950 mm', 'rear' => '998 mm'], ['rolled' => '1']);
    foreach (['alone' => ['950 mm', '985 mm'], 'dropped' => ['965 mm', '925 mm']] as $station => [$front, $rear]) {
        $this->post("/jobs/{$this->work->id}/{$station}/rounds", ['again' => '1']);
        $this->tape($this->work, $station, ['front' => $front, 'rear' => $rear], ['rolled' => '1']);
    }

    $this->get("/jobs/{$this->work->id}/bars-up")
        ->assertSee('Check the rear fender, alone (')
        ->assertSee('Perhaps half an inch was misread.');
    expect(Reading::query()->count())->toBe(12);
});

it('shows methods, plot, map and the rig, each on its tab, and tries a setting on the drawing', function (
    string $tab,
    array $sees,
): void {
    stances($this, $this->work);
    hookUp($this, $this->work, []);
    $this->tape($this->work, 'bars-up', ['front' => '956 mm', 'rear' => '945 mm'], ['rolled' => '1']);
    $page = $this->get("/jobs/{$this->work->id}/bars-up?".$tab)->assertOk();
    foreach ($sees as $seen) {
        $page->assertSee($seen, false);
    }
})->with([
    [
        'show=methods',
        [
            'Front restoration',
            'Equal squat',
            'Coupler height',
            'Ball load',
            'Axle scale',
            'Weigh the rig alone, dropped and carried.',
        ],
    ],
    ['show=plot', ['class="stance-plot"', 'region is-equal-squat', 'class="doubt"', 'class="aim"']],
    ['show=settings', ['is-best', 'is-on', 'is-out', 'Chance in range by setting']],
    [
        'show=settings&try[link]=6&try[washer]=3&try[head]=2',
        [
            'Trying: link 6, 3 washers, head hole 3',
            'is-tried',
            'stance is-ghost',
            'Record this hook-up before you type its heights, or undo.',
        ],
    ],
    ['show=settings&try[link]=77&try[washer]=x', ['Chance in range by setting']],
    ['show=rig', ['Front springs', 'lb/in', 'Tongue weight', 'for each 100 lb', 'of gross']],
    ['show=nonsense', ['likely to be in range']],
]);

it('joins gauge, coupler, bar gap and axles to what the tape says', function (): void {
    stances($this, $this->work);
    $tongue = function (): float {
        preg_match(
            '/Tongue weight<\/th><td[^>]*>\d+ lb ± (\d+) lb/',
            (string) $this->get("/jobs/{$this->work->id}/bars-up?show=rig")->getContent(),
            $found,
        );

        return (float) $found[1];
    };
    $before = $tongue();
    $this->post("/jobs/{$this->work->id}/dropped/measures", [
        'ball_load' => '860 lb',
        'coupler' => '17 1/2',
        'bar_gap' => '',
        'front_axle' => '',
        'rear_axle' => '',
        'trailer_axles' => '5950',
    ])->assertSessionHasNoErrors();

    expect($tongue())
        ->toBeLessThan($before)
        ->and(Measure::query()->count())
        ->toBe(3);
    $this->get("/jobs/{$this->work->id}/dropped")->assertSee('value="860 lb"', false);
    $this->post("/jobs/{$this->work->id}/dropped/measures", [
        'ball_load' => '',
        'coupler' => '17 1/2',
        'trailer_axles' => '5950',
    ]);
    expect(Measure::query()->count())
        ->toBe(4)
        ->and($this->work->fresh()->measure(Stance::Dropped, 1, App\Models\MeasureKind::BallLoad))
        ->toBeNull();
});

it('says what another reading was expected to be, keeps it and saves the rest', function (): void {
    stances($this, $this->work);
    $this->post("/jobs/{$this->work->id}/dropped/measures", [
        'ball_load' => 'heavy',
        'coupler' => '-3',
        'front_axle' => '2800',
    ])->assertSessionHasErrors(['ball_load', 'coupler'], null, 'measures');
    expect(Measure::query()->sole()->kind)->toBe(App\Models\MeasureKind::FrontAxle);
    $this->get("/jobs/{$this->work->id}/dropped")
        ->assertSee('does not read as a weight')
        ->assertSee('value="heavy"', false);
    expect(fn () => Measure::query()->update(['value' => 1]))->toThrow(Illuminate\Database\QueryException::class);
});

it('diagnoses a rig that comes in coupled and set wrong', function (): void {
    $this->get("/jobs/{$this->work->id}/diagnosis")
        ->assertOk()
        ->assertSee('Nothing to diagnose yet');
    hookUp($this, $this->work, ['link' => 6]);
    $this->tape($this->work, 'bars-up', ['front' => '943 mm', 'rear' => '966 mm'], ['rolled' => '1']);
    stances($this, $this->work);

    $this->get("/jobs/{$this->work->id}/diagnosis")
        ->assertOk()
        ->assertSee('Front axle over-restored')
        ->assertSee('Less tension now')
        ->assertSee('looser');
});

it('proves the setting at Prove, and keeps it with the rig once handed over', function (): void {
    stances($this, $this->work);
    hookUp($this, $this->work, []);
    $this->tape($this->work, 'bars-up', ['front' => '955 mm', 'rear' => '946 mm'], ['rolled' => '1']);
    $this->get("/jobs/{$this->work->id}/prove")
        ->assertSee('From all readings, at the current setting')
        ->assertSee('Each bar carries, of its rating')
        ->assertSee('Bars bent at the hook-up point by');
    $this->post("/jobs/{$this->work->id}/hand-over/close");

    expect($this->work->rig->fresh()->found_setting['steps'])->toEqual(['link' => 4.0, 'washer' => 3.0, 'head' => 2.0]);
    $this->get("/jobs/{$this->work->id}/brackets")->assertSee('Handed over last at link 4, 3 washers');
});

it('lets a job choose the method that governs', function (): void {
    stances($this, $this->work);
    hookUp($this, $this->work, []);
    $this->tape($this->work, 'bars-up', ['front' => '956 mm', 'rear' => '945 mm'], ['rolled' => '1']);
    $this->post("/jobs/{$this->work->id}/bars-up/method", ['method' => 'equal_squat'])->assertRedirect(
        "/jobs/{$this->work->id}/bars-up?show=methods",
    );

    expect($this->work->fresh()->method)->toBe(Yoke\Judgement\Method\Criterion::EqualSquat);
    $this->get("/jobs/{$this->work->id}/bars-up")
        ->assertSee('Judged by equal squat.')
        ->assertSee('This is the nearest setting that is allowed.');
    $this->get("/jobs/{$this->work->id}/bars-up?show=methods")->assertSee('Equal squat governs.');
    $this->post("/jobs/{$this->work->id}/bars-up/method", ['method' => 'feeling'])->assertStatus(422);
});

it('says how weak an answer is while dropped is not taped', function (): void {
    $this->tape($this->work, 'alone', ['front' => '950 mm', 'rear' => '985 mm'], ['rolled' => '1']);
    hookUp($this, $this->work, []);
    $this->tape($this->work, 'bars-up', ['front' => '956 mm', 'rear' => '945 mm'], ['rolled' => '1']);

    $this->get("/jobs/{$this->work->id}/bars-up")
        ->assertOk()
        ->assertSee('Dropped is not measured: this rests on what is usual');
});

it('says of a finished job what was handed over, and advises only when asked', function (): void {
    stances($this, $this->work);
    $this->post("/jobs/{$this->work->id}/bars-up/rounds", ['steps' => ['link' => 4, 'washer' => 3, 'head' => 2]]);
    $this->get("/jobs/{$this->work->id}/bars-up")
        ->assertDontSee('Handed over at')
        ->assertDontSee('Show advice');
    $this->work->update(['handed_over_at' => '2026-11-20 16:00']);

    $this->get("/jobs/{$this->work->id}/bars-up")
        ->assertSee('Handed over')
        ->assertSee('on 20 Nov 2026.')
        ->assertSee('<summary class="button is-small">Show advice</summary>', false);
});

it('keeps what is typed in the round that its page was made for, and in none that was not begun', function (): void {
    hookUp($this, $this->work, ['link' => 4]);
    $this->tape($this->work, 'bars-up', ['front' => '955 mm'], ['round' => '1']);
    hookUp($this, $this->work, ['link' => 5]);
    $this->tape($this->work, 'bars-up', ['rear' => '948 mm'], ['round' => '-3']);
    $this->tape($this->work, 'bars-up', ['front' => '953 mm'], ['round' => '9']);

    expect(
        Reading::query()
            ->where('stance', 'carried')
            ->orderBy('id')
            ->get()
            ->map(static fn (Reading $one): string => "{$one->axle->value} {$one->round}")
            ->all(),
    )->toBe(['front 1', 'rear 1', 'front 2']);
});
