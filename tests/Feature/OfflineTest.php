<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\ProcedureRun;
use App\Models\User;
use Illuminate\Support\Facades\Date;
use Yoke\Workshop\Procedure\StepOutcome;

beforeEach(function (): void {
    $this->person('Wren Tallow', '1 mm');
    $this->actingAs(User::query()->sole());
    $this->work = $this->job();
    $worked = $this->work->rig_as_worked;
    $worked['hitch']['sheet'] = ['family' => 'chain-snap-up'];
    $this->work->update(['rig_as_worked' => $worked]);
});

it(
    'lists the yard, and the benches and procedures of the open jobs, each with a mark that changes when it does',
    function (): void {
        $pages = $this->get('/offline.json')->assertOk()->json('pages');
        $id = $this->work->id;

        expect($pages)->toHaveKeys([
            '/',
            '/no-connection',
            "/jobs/{$id}",
            "/jobs/{$id}/brief",
            "/jobs/{$id}/bars-up",
            "/jobs/{$id}/hand-over",
            "/jobs/{$id}/plan",
            "/jobs/{$id}/procedures/unhitch/list",
        ]);
        foreach (array_keys($pages) as $page) {
            $this->followingRedirects()->get($page)->assertOk();
        }
        $this->tape($this->work, 'alone', ['front' => '731 mm']);
        $after = $this->get('/offline.json')->json('pages');
        expect($after["/jobs/{$id}/alone"])
            ->not->toBe($pages["/jobs/{$id}/alone"])
            ->and($after['/no-connection'])
            ->toBe($pages['/no-connection']);
    },
);

it('lists no job that was handed over, and nothing to whoever is not signed in', function (): void {
    $this->work->update(['handed_over_at' => Date::now()]);
    expect(array_keys($this->get('/offline.json')->json('pages')))->toBe(['/no-connection', '/']);
    auth()->logout();
    $this->get('/offline.json')->assertRedirect('/sign-in');
    $this->get('/no-connection')->assertRedirect('/sign-in');
});

it('hands out its worker for the whole shop, never from a browser\'s cache', function (): void {
    $answer = $this->get('/worker.js')->assertOk();
    expect($answer->headers->get('Content-Type'))
        ->toStartWith('text/javascript')
        ->and($answer->headers->get('Cache-Control'))
        ->toContain('no-cache');
})->skip(! is_file(dirname(__DIR__, 2).'/public/build/worker.js'), 'The front end is not built.');

/** The steps that the page lists, ticked but for some; every question answered by its first answer. */
function ticked(object $test, array $but = []): array
{
    $page = (string) $test
        ->get("/jobs/{$test->work->id}/procedures/unhitch/list")
        ->assertOk()
        ->getContent();
    preg_match_all('/name="steps\[\]" value="([^"]+)"/', $page, $steps);
    preg_match_all('/name="answers\[([^"]+)\]" value="([^"]+)"/', $page, $answers);

    return ['steps' => array_values(array_diff($steps[1], $but)), 'answers' => array_combine($answers[1], $answers[2])];
}

it('takes a procedure that was ticked off, whole, once', function (): void {
    $sent = ticked($this) + ['_once' => '0a1b2c3d-0000-4000-8000-0123456789ab'];
    $this->post("/jobs/{$this->work->id}/procedures/unhitch/ticked", $sent)->assertRedirect(
        "/jobs/{$this->work->id}/procedures/unhitch",
    );
    $this->post("/jobs/{$this->work->id}/procedures/unhitch/ticked", $sent);
    $run = ProcedureRun::query()->sole();

    expect($run->finished_at)
        ->not->toBeNull()
        ->and($run->answers)
        ->not->toBe([])
        ->and($run->steps->pluck('outcome')->unique()->all())
        ->toBe([StepOutcome::Done]);
});

it('stops before a step that must be done and was not ticked, and says which', function (): void {
    $must = (string) collect(ticked($this)['steps'])->first(fn (string $key): bool => str_contains($key, 'chock'));
    expect($must)->not->toBe('');
    $this->post("/jobs/{$this->work->id}/procedures/unhitch/ticked", ticked($this, [$must]))
        ->assertRedirect("/jobs/{$this->work->id}/procedures/unhitch/list")
        ->assertSessionHasErrors(['step']);

    expect(ProcedureRun::query()->first()?->finished_at)
        ->toBeNull()
        ->and(ProcedureRun::query()->first()?->steps->pluck('step')->all() ?? [])
        ->not->toContain($must);
    $this->get("/jobs/{$this->work->id}/procedures/unhitch/list")->assertSee('Not ticked yet');
});

it('takes nothing where nothing was ticked, or rubbish', function (mixed $steps): void {
    $this->post("/jobs/{$this->work->id}/procedures/unhitch/ticked", ['steps' => $steps])->assertRedirect();
    expect(ProcedureRun::query()->whereNotNull('finished_at')->count())
        ->toBe(0)
        ->and(Job::query()->count())
        ->toBe(1);
})->with(['nothing' => [[]], 'a text' => ['all'], 'unknown' => [['dance']], 'nested' => [[['x']]]]);
