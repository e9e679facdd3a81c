<?php

declare(strict_types=1);

use App\Models\ProcedureRun;
use Illuminate\Support\Facades\Date;

beforeEach(function (): void {
    $this->person('Ibby Marsh', '1 mm');
    $this->actingAs(App\Models\User::query()->sole());
    $this->work = $this->job();
    $worked = $this->work->rig_as_worked;
    $worked['hitch']['sheet'] = ['family' => 'chain-snap-up'];
    $this->work->update(['rig_as_worked' => $worked]);
    $this->at = "/jobs/{$this->work->id}/procedures/hook-up";
    $this->take = fn (string $step, array $with = []) => $this->post("{$this->at}/take", ['step' => $step, ...$with]);
});

it('begins with the first step, says why, and keeps who took it when', function (): void {
    Date::setTestNow(Date::now()->startOfSecond());
    $this->get($this->at)->assertOk()->assertSee('Chock the trailer')->assertSee('Step 1 of')->assertDontSee('Skip');
    ($this->take)('chocks')->assertRedirect($this->at);
    Date::setTestNow(Date::now()->addSeconds(75));
    ($this->take)('ground', ['answer' => 'soft']);
    $this->get($this->at)->assertSee('Lay a broad pad')->assertSee('done at 1:15');

    expect(ProcedureRun::query()->sole()->answers)->toBe(['ground' => 'soft']);
    Date::setTestNow();
});

it('refuses a step out of turn, and one left out that must be done', function (): void {
    ($this->take)('couple')->assertSessionHasErrors('step');
    ($this->take)('chocks', ['outcome' => 'left out'])->assertSessionHasErrors([
        'step' => 'This step is never left out.',
    ]);
    ($this->take)('chocks', ['outcome' => 'pretended'])->assertStatus(422);
    expect(ProcedureRun::query()->count())->toBe(0);
    ($this->take)('chocks');
    ($this->take)('chocks')->assertSessionHasErrors('step');
    ($this->take)('ground', ['answer' => 'swamp'])->assertStatus(422);

    expect(ProcedureRun::query()->sole()->steps->pluck('step')->all())->toBe(['chocks']);
});

it('waits where it was interrupted, goes a step back, and is left half done for good', function (): void {
    foreach ([['chocks'], ['ground', ['answer' => 'firm']], ['jack', ['answer' => 'manual']]] as $step) {
        ($this->take)(...$step);
    }
    $this->get($this->at)->assertSee('Put the head in the receiver');
    $this->post("{$this->at}/undo");
    $this->get($this->at)->assertSee('How is the tongue jack driven?');
    ($this->take)('jack', ['answer' => 'electric']);
    $this->post("{$this->at}/give-up");
    $this->get($this->at)->assertSee('Chock the trailer')->assertSee('Stopped');

    expect(ProcedureRun::query()->sole()->answers['jack'])
        ->toBe('electric')
        ->and(ProcedureRun::query()->sole()->steps)
        ->toHaveCount(3);
});

it('runs to the end, then begins anew', function (): void {
    $steps = 0;
    while ($steps++ < 60 && ! session('finished')) {
        preg_match('/name="step" value="([^"]+)"/', (string) $this->get($this->at)->getContent(), $found);
        ($this->take)($found[1], [
            'answer' => ['ground' => 'firm', 'jack' => 'manual', 'friction-asks' => 'no', 'brakes' => 'yes'][$found[1]] ?? '',
        ]);
    }
    $this->get($this->at)->assertSee('All steps done')->assertSee('Run again');
    $this->get($this->at)->assertSee('Step 1 of')->assertSee('Finished');

    expect(ProcedureRun::query()->sole()->finished_at)->not->toBeNull();
});

it('prints all steps, with the marked setting', function (): void {
    $this->post("/jobs/{$this->work->id}/bars-up/rounds", ['steps' => ['link' => 5, 'washer' => 3, 'head' => 2]]);

    $this->get("{$this->at}/paper")
        ->assertOk()
        ->assertSee('link 5, 3 washers')
        ->assertSeeInOrder([
            'Chock the trailer',
            'Back the ball',
            'Cross the safety chains',
            'Never to the safety chains',
        ])
        ->assertSee('(Yes / No)');
});

it('asks for the family first, and knows no occasion of its own', function (): void {
    $worked = $this->work->rig_as_worked;
    $worked['hitch']['sheet'] = [];
    $this->work->update(['rig_as_worked' => $worked]);

    $this->get($this->at)->assertOk()->assertSee('The family of the hitch is not known yet');
    ($this->take)('chocks')->assertNotFound();
    $this->get("/jobs/{$this->work->id}/procedures/take-off")->assertNotFound();
    $this->get("/jobs/{$this->work->id}/hook-up-checks")
        ->assertOk()
        ->assertSee('Walk round before leaving');
});

it('asks nothing that the sheets say, and tells a levelled rig to switch it off first', function (): void {
    $worked = $this->work->rig_as_worked;
    $worked['vehicle']['sheet'] = ['levelling' => 'rear'];
    $worked['trailer']['sheet'] = ['brakes' => 'none', 'jack' => 'electric'];
    $worked['hitch']['sheet'] = ['family' => 'screw-jack-gauge'];
    $this->work->update(['rig_as_worked' => $worked]);

    $this->get("{$this->at}/paper")
        ->assertSeeInOrder([
            'Set self-levelling to its normal height, then switch it off',
            'Keep the crank at hand',
            'until it shows the target',
            'leave twice the distance to stop',
            'Switch self-levelling on again',
        ])
        ->assertDontSee('Has the trailer brakes')
        ->assertDontSee('How is the tongue jack')
        ->assertDontSee('Breakaway')
        ->assertDontSee('friction bar');
});

it('lets two people go on with one run, and tells the second of a step that was taken', function (): void {
    ($this->take)('chocks');
    $first = App\Models\User::query()->sole();
    $this->actingAs($this->person('Wren Tallow'));
    ($this->take)('ground', ['answer' => 'firm'])->assertSessionHasNoErrors();
    $this->actingAs($first);
    ($this->take)('ground', ['answer' => 'soft'])->assertSessionHasErrors('step');
    $this->get($this->at)
        ->assertSee('somebody has gone on, or back, in the meantime')
        ->assertSee('How is the tongue jack driven?');

    expect(ProcedureRun::query()->sole()->answers)
        ->toBe(['ground' => 'firm'])
        ->and(ProcedureRun::query()->sole()->steps->pluck('user_id')->unique()->count())
        ->toBe(2);
});

it('keeps the runs of each occasion apart', function (): void {
    Date::setTestNow(Date::now());
    ($this->take)('chocks');
    $this->post("/jobs/{$this->work->id}/procedures/departure/take", ['step' => 'inside']);

    $this->get($this->at)->assertSee('Step 2 of');
    $this->get("/jobs/{$this->work->id}/procedures/departure")
        ->assertSee('Check that the load is the one it was set up for')
        ->assertSee('Skip');
    $this->post("/jobs/{$this->work->id}/procedures/departure/take", [
        'step' => 'load',
        'outcome' => 'left out',
    ])->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->work->id}/procedures/departure")->assertSee('skipped at 0:00');
    expect(ProcedureRun::query()->count())->toBe(2);
    Date::setTestNow();
});

it('has a way for somebody alone at every step that needs a helper', function (string $language): void {
    app()->setLocale($language);
    $steps = trans('procedure.steps');
    $seen = 0;
    foreach ($steps as $procedure) {
        foreach ($procedure as $step) {
            if (preg_match('/helper|ayudante/i', ($step['does'] ?? '').($step['why'] ?? '').($step['caution'] ?? '')) === 1) {
                $seen++;
                expect($step['alone'] ?? '')->not->toBe('', $step['does']);
            }
        }
    }
    expect($seen)->toBeGreaterThanOrEqual(6);
})->with(['en', 'es']);

it('names the tools, and a wrench by the torques of the data sheet', function (): void {
    $this->actingAs($this->person());
    $job = $this->job();
    $worked = $job->rig_as_worked;
    $worked['hitch']['sheet'] = ['family' => 'chain-snap-up', 'ball_nut_nm' => 400.0, 'head_bolts_nm' => 203.4];
    $job->update(['rig_as_worked' => $worked]);
    // 400 N·m are 295 lb·ft, 203.4 are 150.
    foreach (['', '/paper'] as $page) {
        $this->get("/jobs/{$job->id}/procedures/change-setting{$page}")
            ->assertOk()
            ->assertSee('Have at hand:')
            ->assertSee('a torque wrench that reads from 150 lb·ft to 295 lb·ft');
    }
    $this->get("/jobs/{$job->id}/procedures/reversing")->assertSee('two marks')->assertDontSee('torque wrench');
});
