<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Round;
use App\Models\User;
use Yoke\Measuring\Readings\Height\SetBy;

beforeEach(function (): void {
    $this->person();
    $this->actingAs(User::query()->sole());
    $this->work = $this->job();
    $worked = $this->work->rig_as_worked;
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
    $this->work->update(['rig_as_worked' => $worked]);
    $this->tape($this->work, 'alone', ['front' => '950 mm', 'rear' => '985 mm'], ['rolled' => '1']);
    $this->tape($this->work, 'dropped', ['front' => '965 mm', 'rear' => '925 mm'], ['rolled' => '1']);
});

/** @param  array<string, float>  $steps */
function putOn(object $test, Job $job, array $steps = []): void
{
    $test
        ->post("/jobs/{$job->id}/bars-up/rounds", ['steps' => ['link' => 4, 'washer' => 3, 'head' => 2, ...$steps]])
        ->assertRedirect();
}

function barsUp(object $test, Job $job): string
{
    return html_entity_decode(
        (string) $test
            ->get("/jobs/{$job->id}/bars-up")
            ->assertOk()
            ->getContent(),
    );
}

it('asks how the bars were put on, and remembers it for the next hook-up of that person', function (): void {
    expect(barsUp($this, $this->work))->not->toContain('Bars put on by');
    putOn($this, $this->work);
    expect(barsUp($this, $this->work))->toContain('Bars put on by')->not->toContain('aria-pressed="true"');

    $this->post("/jobs/{$this->work->id}/hook-up/set-by", ['set_by' => 'lever'])->assertRedirect(
        "/jobs/{$this->work->id}/bars-up",
    );
    expect(Round::query()->sole()->set_by)
        ->toBe(SetBy::Lever)
        ->and(barsUp($this, $this->work))
        ->toMatch('/value="lever" aria-pressed="true"/');

    $this->tape($this->work, 'bars-up', ['front' => '960 mm', 'rear' => '938 mm'], ['rolled' => '1']);
    putOn($this, $this->work, ['link' => 5]);
    expect(Round::query()->where('number', 2)->sole()->set_by)
        ->toBe(SetBy::Lever)
        ->and(Round::lastSetBy(User::query()->sole()->id))
        ->toBe(SetBy::Lever);
});

it('keeps how they were put on while the same hook-up is read again', function (): void {
    putOn($this, $this->work);
    $this->post("/jobs/{$this->work->id}/hook-up/set-by", ['set_by' => 'jack']);
    $this->tape($this->work, 'bars-up', ['front' => '958 mm', 'rear' => '940 mm'], ['rolled' => '1']);
    $this->post("/jobs/{$this->work->id}/bars-up/rounds", ['again' => '1']);
    $this->post("/jobs/{$this->work->id}/hook-up/set-by", ['set_by' => 'lever']);

    expect(Round::query()->orderBy('number')->get()->map(fn (Round $round): ?SetBy => $round->set_by)->all())->toBe([
        SetBy::Lever,
        SetBy::Lever,
    ]);
});

it('reads a levered hook-up otherwise than a jacked one', function (): void {
    putOn($this, $this->work);
    $this->tape($this->work, 'bars-up', ['front' => '957 mm', 'rear' => '944 mm'], ['rolled' => '1']);
    $share = function (string $setBy): string {
        $this->post("/jobs/{$this->work->id}/hook-up/set-by", ['set_by' => $setBy]);
        preg_match('/data-restored>([^<]+)</', barsUp($this, $this->work), $found);

        return trim($found[1] ?? '');
    };

    expect($share('jack'))->not->toBe('')->not->toBe($share('lever'));
});

it('refuses a way that there is none, and a job that has no setting', function (): void {
    putOn($this, $this->work);
    $this->post("/jobs/{$this->work->id}/hook-up/set-by", ['set_by' => 'crane'])->assertStatus(422);
    $this->post("/jobs/{$this->work->id}/hook-up/set-by", [])->assertStatus(422);
    expect(Round::query()->sole()->set_by)->toBeNull();
});

it(
    'has the links counted before it moves away, and takes what was counted for all that was read there',
    function (): void {
        putOn($this, $this->work, ['link' => 3]);
        $this->tape($this->work, 'bars-up', ['front' => '963 mm', 'rear' => '931 mm'], ['rolled' => '1']);
        $this->post("/jobs/{$this->work->id}/bars-up/rounds", ['again' => '1']);
        $this->tape($this->work, 'bars-up', ['front' => '963 mm', 'rear' => '930 mm'], ['rolled' => '1']);
        expect(barsUp($this, $this->work))
            ->toContain('Count the setting again')
            ->toContain('That is what I count')
            ->toContain('Go on without it');

        $this->post("/jobs/{$this->work->id}/hook-up/count", ['steps' => ['link' => 4]])
            ->assertRedirect("/jobs/{$this->work->id}/bars-up")
            ->assertSessionHasNoErrors();
        $rounds = Round::query()->where('stance', 'carried')->get();

        expect($rounds)
            ->toHaveCount(2)
            ->and(
                $rounds->every(
                    fn (Round $round): bool => $round->is_counted &&
                        (float) $round->setting['link'] === 4.0 &&
                        (float) $round->setting['washer'] === 3.0,
                ),
            )
            ->toBeTrue()
            ->and(barsUp($this, $this->work))
            ->not->toContain('Count the setting again')
            ->toContain('link 4, 3 washers');
    },
);

it('counts a setting that is right without moving anything', function (): void {
    putOn($this, $this->work, ['link' => 3]);
    $this->tape($this->work, 'bars-up', ['front' => '963 mm', 'rear' => '931 mm'], ['rolled' => '1']);
    $this->post("/jobs/{$this->work->id}/hook-up/count", ['steps' => ['link' => 3]]);

    expect(Round::query()->sole()->is_counted)
        ->toBeTrue()
        ->and($this->work->fresh()->settingOf(1)['link'])
        ->toEqual(3.0)
        ->and(barsUp($this, $this->work))
        ->toContain('tighter, to link')
        ->not->toContain('That is what I count');
});

it('takes no count whose left and right differ, and says what uneven sides do', function (): void {
    putOn($this, $this->work, ['link' => 3]);
    $this->tape($this->work, 'bars-up', ['front' => '963 mm', 'rear' => '931 mm'], ['rolled' => '1']);
    expect(barsUp($this, $this->work))
        ->toContain('name="right[link]"')
        ->toContain('Link, left')
        ->toContain('Link, right');
    $this->post("/jobs/{$this->work->id}/hook-up/count", [
        'steps' => ['link' => 4],
        'right' => ['link' => 3],
    ])->assertSessionHasErrorsIn('round', ['setting']);

    expect(barsUp($this, $this->work))
        ->toContain('Left and right are not the same: uneven sides pull the trailer out of line.')
        ->and(Round::query()->where('is_counted', true)->count())
        ->toBe(0)
        ->and($this->work->fresh()->settingOf(1)['link'])
        ->toEqual(3.0);
    $this->post("/jobs/{$this->work->id}/hook-up/count", [
        'steps' => ['link' => 4],
        'right' => ['link' => 4],
    ])->assertSessionHasNoErrors();
    expect(Round::query()->where('is_counted', true)->count())->toBe(1);
});

it('refuses a count that the hitch does not have, and keeps what is recorded', function (mixed $steps): void {
    putOn($this, $this->work, ['link' => 3]);
    $this->post("/jobs/{$this->work->id}/hook-up/count", ['steps' => $steps])->assertRedirect(
        "/jobs/{$this->work->id}/bars-up",
    );

    expect($this->work->fresh()->settingOf(1)['link'])->toEqual(3.0);
})->with([
    'too many' => [['link' => 40]],
    'between two' => [['link' => 3.3]],
    'an unknown adjuster' => [['lever' => 2]],
    'words' => [['link' => 'four']],
    'no list' => ['four'],
]);

it('asks for a count where no setting was recorded in one sentence', function (): void {
    $this->post("/jobs/{$this->work->id}/hook-up/count", ['steps' => ['link' => 3]])->assertSessionHasErrorsIn(
        'round',
        ['setting'],
    );
    expect(Round::query()->where('is_counted', true)->count())->toBe(0);
});

it('lets nobody in who is not signed in', function (): void {
    auth()->logout();
    $this->post("/jobs/{$this->work->id}/hook-up/set-by", ['set_by' => 'jack'])->assertRedirect('/sign-in');
    $this->post("/jobs/{$this->work->id}/hook-up/count", ['steps' => ['link' => 3]])->assertRedirect('/sign-in');
});

it('tells hook-ups apart by their setting, and counts how often each was read', function (): void {
    foreach ([3, 3, 5] as $i => $link) {
        putOn($this, $this->work, ['link' => $link]);
        $this->tape(
            $this->work,
            'bars-up',
            ['front' => (string) (963 - 3 * $i).' mm', 'rear' => (string) (931 + 5 * $i).' mm'],
            ['rolled' => '1'],
        );
    }
    $book = $this->work->fresh()->roundBook();

    expect([$book->hookUpOf(1), $book->hookUpOf(2), $book->hookUpOf(3)])
        ->toBe([1, 1, 2])
        ->and($book->isCounted(1))
        ->toBeFalse()
        ->and($book->setBy(1))
        ->toBeNull();
});

it('measures alone and dropped again where the advice asks, and goes there', function (string $stance): void {
    $this->post("/jobs/{$this->work->id}/{$stance}/rounds", [])->assertRedirect("/jobs/{$this->work->id}/{$stance}");

    expect(Round::query()->where('stance', $stance)->sole()->number)
        ->toBe(2)
        ->and(Round::query()->where('stance', $stance)->sole()->set_by)
        ->toBeNull();
})->with(['alone', 'dropped']);

it('says what may be wrong with its chance, on the bench and in the diagnosis', function (): void {
    putOn($this, $this->work);
    $this->tape($this->work, 'bars-up', ['front' => '957 mm', 'rear' => '944 mm'], ['rolled' => '1']);
    $this->post("/jobs/{$this->work->id}/bars-up/rounds", ['again' => '1']);
    $this->tape($this->work, 'bars-up', ['front' => '970 mm', 'rear' => '944 mm'], ['rolled' => '1']);

    foreach (["/jobs/{$this->work->id}/bars-up", "/jobs/{$this->work->id}/diagnosis"] as $page) {
        expect(html_entity_decode((string) $this->get($page)->getContent()))->toMatch(
            '/Check the front fender, carried \(hook-up \d\) \((over )?\d+ % to be wrong\)/',
        );
    }
});
