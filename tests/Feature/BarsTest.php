<?php

declare(strict_types=1);

use App\Models\BarTaping;
use App\Models\Job;
use App\UseCases\Analysis\AnalysedJob;
use App\UseCases\Analysis\JobAnalyses;
use Illuminate\Support\Facades\DB;
use Tests\FeatureCase;

/**
 * Wren signed in, with a job whose hitch has such a specification.
 *
 * @param  array<string, string|int>  $sheet
 */
function barsJob(FeatureCase $test, array $sheet): Job
{
    $job = $test->job();
    $worked = $job->rig_as_worked;
    $worked['hitch']['sheet'] = $sheet;
    $job->update(['rig_as_worked' => $worked]);

    return $job;
}

beforeEach(function (): void {
    $this->actingAs($this->person());
    $this->work = barsJob($this, [
        'family' => 'chain-snap-up',
        'bar_rating_low_kg' => 360,
        'bar_rating_high_kg' => 545,
    ]);
    $this->at = "/jobs/{$this->work->id}/bars";
    $this->four = [
        'ball' => '500 mm',
        'bar' => '312 mm',
        'seat' => '480 mm',
        'rest' => '470 mm',
        'chain' => '150 mm',
        'step_washer' => '3',
    ];
});

/** The job as it is analysed now, nothing of an earlier question kept. */
function analysedNow(Job $job): AnalysedJob
{
    return app()
        ->make(JobAnalyses::class)
        ->of(Job::query()->findOrFail($job->id));
}

it('offers to tape the bars at Brackets, and says what skipping costs', function (): void {
    $this->get("/jobs/{$this->work->id}/brackets")
        ->assertOk()
        ->assertSee('Tape the bars')
        ->assertSee('likely to be in range')
        ->assertSee('Skip');
    $this->get($this->at)
        ->assertOk()
        ->assertSeeInOrder([
            'Ball',
            'Ground to the top of the ball',
            'Bar, hanging',
            'Coupler',
            'Chain hook',
            'Free chain',
        ])
        ->assertSee('In the head now: washers')
        ->assertSee('Where the tape goes')
        ->assertSee('Keep feet and hands from under the bar');
});

it('takes four heights, plans the first setting from them, and says what they were worth', function (): void {
    $before = analysedNow($this->work)->recommendation()->forecast->chance;
    $this->post($this->at, $this->four)->assertRedirect("/jobs/{$this->work->id}/brackets");
    $analysed = analysedNow($this->work);
    $taping = $this->work->barTapings()->sole();

    expect($taping->only('ball_mm', 'bar_mm', 'seat_mm', 'rest_mm', 'chain_mm', 'lifted_mm'))
        ->toBe([
            'ball_mm' => 500.0,
            'bar_mm' => 312.0,
            'seat_mm' => 480.0,
            'rest_mm' => 470.0,
            'chain_mm' => 150.0,
            'lifted_mm' => null,
        ])
        ->and($taping->typed['rest'])
        ->toBe('470 mm')
        ->and($taping->setting)
        ->toMatchArray(['link' => 0.0, 'washer' => 3.0])
        ->and($analysed->described->ballOverCoupler()?->millimetres())
        ->toBe(20.0)
        ->and(
            $analysed->tensionOffset($analysed->settingOf($taping->setting)) +
                $analysed->described->prior()->valueAt(Yoke\Measuring\Estimation\Prior\RigParameter::Tension->value, 0.0),
        )
        ->toEqualWithDelta(28.0, 1e-6)
        ->and($analysed->recommendation()->forecast->chance)
        ->toBeGreaterThan($before);
    $this->get("/jobs/{$this->work->id}/brackets")
        ->assertSee('Taped by Wren Tallow')
        ->assertSee('Without the tape it would be')
        ->assertSee('The ball stands')
        ->assertDontSee('The bars\' tension is not measured');
});

it('asks for the free chain of a hitch once', function (): void {
    $this->post($this->at, $this->four);
    $other = barsJob($this, ['family' => 'cam-bar']);
    $this->work->rig->hitch->refresh();

    expect($this->work->rig->hitch->sheet['free_chain_mm'])->toEqual(150);
    $this->post("/jobs/{$this->work->id}/bars/undo");
    $this->get($this->at)->assertSee('value="5 7/8', false);
    $this->get("/jobs/{$other->id}/bars")->assertDontSee('value="5 7/8', false);
});

it('asks for no chain where the bars lie on brackets, and for no washers where there are none', function (): void {
    $bracket = barsJob($this, ['family' => 'screw-jack-gauge']);
    $this->get("/jobs/{$bracket->id}/bars")
        ->assertOk()
        ->assertSee('Bracket')
        ->assertDontSee('Free chain')
        ->assertDontSee('washers');
    $this->post("/jobs/{$bracket->id}/bars", array_diff_key($this->four, ['chain' => 1]))->assertRedirect(
        "/jobs/{$bracket->id}/brackets",
    );

    expect($bracket->barTapings()->sole()->heights()?->tension(0.0)->mean())->toEqualWithDelta(178.0, 1e-9);
});

it('has nothing to tape without bars, or before the family is known', function (?string $family): void {
    $job = barsJob($this, $family === null ? [] : ['family' => $family]);
    $this->get("/jobs/{$job->id}/bars")
        ->assertOk()
        ->assertSee(
            $family === null
                ? 'This hitch has no bars to tape, or its family is not known yet.'
                : 'This hitch has nothing to tape here.',
        );
    $this->get("/jobs/{$job->id}/brackets")
        ->assertOk()
        ->assertDontSee('Tape the bars');
    $this->post("/jobs/{$job->id}/bars", $this->four)->assertNotFound();
})->with(['tension-chain', null]);

it('refuses what does not read or cannot be, keeps what was typed, and saves nothing', function (
    array $typed,
    string $field,
    string $says,
): void {
    $this->post($this->at, [...$this->four, ...$typed])
        ->assertRedirect($this->at)
        ->assertSessionHasErrors($field);
    $page = $this->get($this->at)->assertSee($says);
    foreach ($typed as $text) {
        $page->assertSee($text);
    }

    expect(BarTaping::query()->count())->toBe(0);
})->with([
    'words for a height' => [['ball' => 'knee high'], 'ball', 'does not read as a length'],
    'nothing for the bar' => [['bar' => ''], 'bar', 'Expected a length'],
    'no free chain' => [['chain' => ''], 'chain', 'Expected a length'],
    'a coupler as high as a roof' => [['seat' => '1900 mm'], 'seat', 'up to 1500 mm'],
    'a chain longer than its hook stands high' => [['chain' => '480 mm'], 'chain', 'shorter than its hook'],
    'a lifted bar below the hanging one' => [['lifted' => '300 mm'], 'lifted', 'no lower than the hanging one'],
    'washers that the head has not' => [['step_washer' => '40'], 'setting', 'washer'],
]);

it('answers while one types: the effect, cautions, and problems of what was typed only', function (): void {
    $preview = fn (array $typed): Illuminate\Testing\TestResponse => $this->postJson(
        "{$this->at}/preview",
        $typed,
    )->assertOk();

    expect($preview(['ball' => '500 mm'])->json('problems'))
        ->toBe([])
        ->and($preview(['ball' => 'high'])->json('problems.ball'))
        ->toContain('Expected')
        ->and($preview($this->four)->json('parts.effect'))
        ->toContain('First hook-up at')
        ->toContain('Without the tape it would be')
        ->and($preview([...$this->four, 'bar' => '520 mm'])->json('parts.effect'))
        ->toContain('The bar hangs higher than the ball')
        ->and(BarTaping::query()->count())
        ->toBe(0);
});

it('skips in one tap, and undoes: what stood before counts again', function (): void {
    $this->post("{$this->at}/skip")->assertRedirect("/jobs/{$this->work->id}/brackets");
    $this->get("/jobs/{$this->work->id}/brackets")->assertSee('Skipped by Wren Tallow');
    $untaped = analysedNow($this->work)->recommendation()->forecast->chance;
    $this->post($this->at, $this->four);
    $taped = analysedNow($this->work)->recommendation()->forecast->chance;
    $this->post("{$this->at}/undo");

    expect($taped)
        ->toBeGreaterThan($untaped)
        ->and(analysedNow($this->work)->recommendation()->forecast->chance)
        ->toBe($untaped)
        ->and(DB::table('bar_tapings')->whereNotNull('withdrawn_at')->count())
        ->toBe(1);
    $this->get("/jobs/{$this->work->id}/brackets")->assertSee('Skipped by Wren Tallow');
});

it('answers still where the hitch\'s family changed after the bars were taped', function (): void {
    $this->post($this->at, $this->four);
    $worked = $this->work->refresh()->rig_as_worked;
    $worked['hitch']['sheet']['family'] = 'friction-bracket';
    $this->work->update(['rig_as_worked' => $worked]);

    $this->get("/jobs/{$this->work->id}/brackets")->assertOk();
    $this->get($this->at)->assertOk()->assertSee('Bracket');
    expect(analysedNow($this->work)->recommendation())->not->toBeNull();
});

it('keeps nobody else in: signed out, none of it opens', function (): void {
    auth()->forgetUser();
    foreach (['', '/preview', '/skip', '/undo'] as $path) {
        $this->post($this->at.$path, $this->four)->assertRedirect('/sign-in');
    }
    expect(BarTaping::query()->count())->toBe(0);
});

it('keeps a refusal for its page, though an answer while typing was asked in between', function (): void {
    $this->post($this->at, [...$this->four, 'seat' => '1900 mm'])->assertSessionHasErrors('seat');
    $this->postJson("{$this->at}/preview", $this->four)->assertOk();

    $this->get($this->at)->assertSee('up to 1500 mm')->assertSee('1900 mm');
});

it('offers the step no more once something is hooked up untaped', function (): void {
    foreach (
        ['alone' => ['950', '985'], 'dropped' => ['965', '925'], 'bars-up' => ['956', '944']] as $station => [$front, $rear]
    ) {
        $this->tape($this->work, $station, ['front' => "{$front} mm", 'rear' => "{$rear} mm"], ['rolled' => '1']);
    }

    $this->get("/jobs/{$this->work->id}/brackets")
        ->assertOk()
        ->assertDontSee('Tape the bars');
});
