<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Measure;
use App\UseCases\Analysis\JobAnalyses;

beforeEach(function (): void {
    $this->actingAs($this->person());
    $this->post('/jobs', [
        'title' => 'Kite museum',
        'family' => 'chain-snap-up',
        'bar_rating_high_kg' => '545 kg',
        'wheelbase' => '3700 mm',
        'overhang' => '1300 mm',
        'ball_to_axle' => '5200 mm',
        'gross_weight' => '2700 kg',
        'tongue_weight_kg' => '340 kg',
        'bar_arm' => '710 mm',
    ]);
    $this->work = Job::query()->sole();
    foreach (['alone' => ['37 7/16', '38 7/8'], 'dropped' => ['38 7/16', '36 1/2']] as $stance => [$front, $rear]) {
        $this->tape($this->work, $stance, ['front' => $front, 'rear' => $rear], ['rolled' => '1']);
    }
    $this->chance = static fn (): float => app()
        ->make(JobAnalyses::class)
        ->of(Job::query()->findOrFail(1))
        ->recommendation()->forecast->chance;
});

it('offers the gap at Dropped with what skipping costs, and a page that shows where the tape goes', function (): void {
    $this->get('/jobs/1/dropped')
        ->assertSee('Tape the gap')
        ->assertSee('Skipping it leaves the bars')
        ->assertDontSee('Frame to bar tip');
    $this->get('/jobs/1/gap')
        ->assertOk()
        ->assertSeeInOrder([
            'Where the tape goes',
            'Frame to bar',
            'Frame to bar, loosest link',
            'Asked once for this hitch',
            'First hook-up at',
        ]);
});

it('takes gap and free hang, keeps the hang with the hitch, and is surer of the first setting', function (): void {
    $before = ($this->chance)();
    $this->post('/jobs/1/gap', ['gap' => '290 mm', 'loosest' => '380 mm'])
        ->assertRedirect('/jobs/1/dropped')
        ->assertSessionHasNoErrors();

    expect(($this->chance)())
        ->toBeGreaterThan($before + 0.15)
        ->and($this->work->rig->hitch->refresh()->sheet['hang_mm'])
        ->toEqual(380)
        ->and(Measure::query()->sole()->only('typed', 'value'))
        ->toBe(['typed' => '290 mm', 'value' => 290.0]);
    $this->get('/jobs/1/dropped')->assertSee('Taped: 11 7/16 in')->assertSee('with it')->assertSee('Tape again');
    $this->post('/jobs/1/gap', ['gap' => '11 1/2', 'loosest' => ''])->assertSessionHasNoErrors();
    expect(Measure::query()->count())->toBe(2);
});

it('follows what is typed, and saves nothing of it', function (): void {
    $answer = $this->postJson('/jobs/1/gap/preview', ['gap' => '290 mm', 'loosest' => '380 mm'])->assertOk();
    expect($answer->json('parts.effect'))
        ->toContain('Without the tape it would be')
        ->and($answer->json('problems'))
        ->toBe([]);
    expect(
        $this->postJson('/jobs/1/gap/preview', ['gap' => '290 mm', 'loosest' => '600 mm'])->json('parts.effect'),
    )->toContain('slack by far');
    expect($this->postJson('/jobs/1/gap/preview', ['gap' => 'wide', 'loosest' => ''])->json('problems'))
        ->toHaveKey('gap')
        ->not->toHaveKey('loosest');
    expect(Measure::query()->count())
        ->toBe(0)
        ->and($this->work->rig->hitch->refresh()->sheet)
        ->not->toHaveKey('hang_mm');
});

it('keeps what does not read, and saves nothing', function (array $typed, string $field, string $sentence): void {
    $this->post('/jobs/1/gap', $typed)->assertRedirect('/jobs/1/gap')->assertSessionHasErrors($field);
    expect(session('errors')->first($field))
        ->toContain($sentence)
        ->and(Measure::query()->count())
        ->toBe(0);
    $this->get('/jobs/1/gap')->assertSee('value="'.e($typed['gap']).'"', false);
})->with([
    'words' => [['gap' => 'wide', 'loosest' => '380 mm'], 'gap', 'does not read as a length'],
    'no hang yet' => [['gap' => '290 mm', 'loosest' => ''], 'loosest', 'Nothing is typed here yet'],
    'below nothing' => [['gap' => '-3', 'loosest' => '380 mm'], 'gap', 'Expected a gap under the frame'],
    'a metre' => [['gap' => '1 m', 'loosest' => '380 mm'], 'gap', 'xpected'],
]);

it('is skipped by one tap, and taped after all', function (): void {
    $this->post('/jobs/1/gap/skip')->assertRedirect('/jobs/1/dropped');
    $this->get('/jobs/1/dropped')->assertSee('Skipped.');
    $this->post('/jobs/1/gap', ['gap' => '290 mm', 'loosest' => '380 mm'])->assertSessionHasNoErrors();
    $this->get('/jobs/1/dropped')->assertSee('Taped: ')->assertDontSee('Skipped.');
});

it('knows no gap on a hitch without bars', function (): void {
    $this->post('/jobs', ['title' => 'Second', 'family' => 'tension-chain']);
    $this->get('/jobs/2/gap')->assertOk()->assertSee('This hitch has nothing to tape here');
    $this->post('/jobs/2/gap', ['gap' => '290 mm', 'loosest' => '380 mm'])->assertNotFound();
    $this->get('/jobs/2/dropped')->assertDontSee('Tape the gap');
});

it('asks for the ledge on a hitch without chains', function (): void {
    $this->post('/jobs', ['title' => 'Third', 'family' => 'friction-bracket']);
    $this->get('/jobs/2/gap')->assertSee('Frame to ledge, loosest hole')->assertDontSee('loosest link');
});

it('hands on in the job file that the gap was skipped, or taped', function (): void {
    $this->post('/jobs/1/gap/skip');
    $file = tempnam(sys_get_temp_dir(), 'job');
    file_put_contents($file, (string) $this->get('/jobs/1/job.json')->assertOk()->getContent());
    expect($this->artisan('yoke:import', ['file' => $file, '--if-exists' => 'copy']))->toBe(0);
    $copy = Job::query()->latest('id')->firstOrFail();
    $this->get("/jobs/{$copy->id}/dropped")->assertSee('Skipped.');

    $this->post("/jobs/{$copy->id}/gap", ['gap' => '290 mm', 'loosest' => '380 mm'])->assertSessionHasNoErrors();
    file_put_contents($file, (string) $this->get("/jobs/{$copy->id}/job.json")->getContent());
    expect($this->artisan('yoke:import', ['file' => $file, '--if-exists' => 'copy']))->toBe(0);
    $this->get('/jobs/'.Job::query()->latest('id')->firstOrFail()->id.'/dropped')->assertSee('Taped: 11 7/16 in');
});
