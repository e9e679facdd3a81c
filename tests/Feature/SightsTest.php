<?php

declare(strict_types=1);

use App\Models\Measure;
use App\Models\MeasureKind;
use App\Models\Role;
use App\UseCases\Analysis\JobAnalyses;
use Yoke\Judgement\Method\Verdict;
use Yoke\Rig\Parts\Stance;

beforeEach(function (): void {
    $this->ibby = $this->person('Ibby Marsh', '1/16 in');
    $this->actingAs($this->ibby);
    $this->work = sightedJob($this->job());
    $this->tape($this->work, 'alone', ['front' => '950 mm', 'rear' => '985 mm'], ['rolled' => '1']);
    $this->tape($this->work, 'dropped', ['front' => '965 mm', 'rear' => '925 mm'], ['rolled' => '1']);
    $this->see = fn (string $station, array $seen) => $this->post("/jobs/{$this->work->id}/{$station}/measures", [
        'from' => 'seen',
        ...$seen,
    ]);
    $this->analysed = fn () => app(JobAnalyses::class)->of($this->work->fresh());
});

function sightedJob(App\Models\Job $job): App\Models\Job
{
    $worked = $job->rig_as_worked;
    $worked['trailer']['sheet'] = ['tongue_weight_kg' => 390, 'coupler_height_mm' => 480];
    $worked['hitch']['sheet'] = [
        'family' => 'chain-snap-up', 'bar_rating_high_kg' => 500, 'ball_height_mm' => 520, 'hang_mm' => 212,
    ];
    $job->update(['rig_as_worked' => $worked]);

    return $job;
}

function bound(object $test): void
{
    $test->post("/jobs/{$test->work->id}/bars-up/rounds", ['steps' => ['link' => 4, 'washer' => 3, 'head' => 2]]);
}

it('takes what is seen in one tap, shows it pressed, and takes it back with the same tap', function (): void {
    bound($this);
    $this->get("/jobs/{$this->work->id}/bars-up")->assertSee('Slightly bent')->assertSee('A little nose-down');
    ($this->see)('bars-up', ['bars_seen' => 'straight'])->assertRedirect(
        route('bench', [$this->work, 'bars-up']).'#seen',
    );
    $this->get("/jobs/{$this->work->id}/bars-up")->assertSee(
        'name="bars_seen" value="" aria-pressed="true">Straight',
        false,
    );
    ($this->see)('bars-up', ['bars_seen' => '']);

    expect($this->work->fresh()->measure(Stance::Carried, 1, MeasureKind::BarsSeen)?->value)->toBeNull();
    $this->get("/jobs/{$this->work->id}/bars-up")->assertDontSee('aria-pressed="true">Straight', false);
});

it('judges straight bars as too little, names the eye as the evidence, and asks for the tape all the same', function (): void {
    bound($this);
    ($this->see)('bars-up', ['bars_seen' => 'straight']);
    $verdict = ($this->analysed)()->verdict();

    expect($verdict?->verdict)
        ->toBe(Verdict::TooLittle)
        ->and(($this->analysed)()->progress()->isDone(Stance::Carried))
        ->toBeFalse();
    $this->get("/jobs/{$this->work->id}/bars-up")
        ->assertSee('Eye <b>', false)
        ->assertSee('Target range 50 to 100 %')
        ->assertSee('tighter, to link');
});

it('says what was seen against all other readings, and keeps both', function (): void {
    bound($this);
    $this->tape($this->work, 'bars-up', ['front' => '953 mm', 'rear' => '948 mm'], ['rolled' => '1']);
    $this->post("/jobs/{$this->work->id}/bars-up/measures", ['trailer_angle' => '0.9', 'coupler' => '508 mm']);
    ($this->see)('bars-up', ['trailer_seen' => 'nose_well_down']);

    $this->get("/jobs/{$this->work->id}/bars-up")->assertSee('The trailer, by eye: all other readings say otherwise');
    expect(Measure::query()->where('kind', 'trailer_seen')->sole()->typed)
        ->toBe('nose_well_down')
        ->and(Measure::query()->where('kind', 'trailer_angle')->sole()->typed)
        ->toBe('0.9');
});

it('says which end of the frame is up from two heights, and waits for the second', function (): void {
    bound($this);
    $frame = fn (string $front, string $rear) => $this->post("/jobs/{$this->work->id}/bars-up/measures", [
        'frame_front' => $front,
        'frame_rear' => $rear,
    ]);
    $page = fn () => $this->get("/jobs/{$this->work->id}/bars-up");
    $frame('20 in', '');
    $page()->assertSee('Waits for the height at the other end.');
    expect(($this->analysed)()->analysis()->posterior()->readings)->toHaveCount(4);
    $frame('20 in', '19 1/4 in');
    $page()->assertSee('The front end is 3/4 in higher: nose-up.');
    expect(($this->analysed)()->analysis()->posterior()->readings)->toHaveCount(5);
    $frame('19 1/4 in', '19 1/4 in');
    $page()->assertSee('Both ends stand alike: level.');
    $frame('19 in', '19 1/4 in');
    $page()->assertSee('The front end is 1/4 in lower: nose-down.');
});

it('refuses an answer that is none, and one where it cannot be seen', function (): void {
    bound($this);
    ($this->see)('bars-up', ['bars_seen' => 'crooked'])->assertSessionHasErrors('bars_seen', null, 'measures');
    ($this->see)('dropped', ['bars_seen' => 'straight']);
    ($this->see)('alone', ['rear_seen' => 'sags']);

    expect(Measure::query()->count())->toBe(0);
    $this->get("/jobs/{$this->work->id}/dropped")->assertSee('Visibly lower')->assertDontSee('Slightly bent');
    $this->get("/jobs/{$this->work->id}/alone")->assertDontSee('Visibly lower');
});

it('takes it through the interface as well, reads it back, and refuses it with what was expected', function (): void {
    bound($this);
    $this->post('/account/tokens', [
        'name' => 'The gate', 'rights' => ['jobs:read', 'readings:write'], 'days' => '30', 'password_now' => 'tape-in-hand',
    ]);
    $with = ['Authorization' => 'Bearer '.session('token')];
    auth()->forgetGuards();
    $this->flushSession();
    $send = fn (array $sent) => $this->postJson("/api/v1/jobs/{$this->work->id}/measures", $sent, $with);
    $send(['stance' => 'carried', 'bars_seen' => 'slightly_bent', 'trailer_seen' => 'level'])->assertCreated();
    $send(['stance' => 'carried', 'bars_seen' => 'bendy'])
        ->assertUnprocessable()
        ->assertSee('straight, slightly_bent, well_bent');
    $read = $this->getJson("/api/v1/jobs/{$this->work->id}", $with)->json('data.measures');

    expect(array_column($read, 'typed', 'kind'))->toBe(['bars_seen' => 'slightly_bent', 'trailer_seen' => 'level']);
});

it('is the fitter\'s to say, not the desk\'s', function (): void {
    bound($this);
    $this->actingAs($this->person('Odo Fell', '1/16 in', Role::Desk));
    ($this->see)('bars-up', ['bars_seen' => 'straight'])->assertForbidden();
    expect(Measure::query()->count())->toBe(0);
});
