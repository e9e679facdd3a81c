<?php

declare(strict_types=1);

use App\Interchange\Job\JobFile;
use App\Models\ApiRight;
use App\Models\ApiToken;
use App\Models\Job;
use App\Models\Round;
use App\Models\User;
use App\UseCases\Analysis\JobAnalyses;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Residual;
use Yoke\Rig\Parts\Stance;

/** Links counted, washers not: the share is what was read, the move leaves the washers, and they can be counted later. */
beforeEach(function (): void {
    $this->actingAs($this->person('Wren Tallow', '1 mm'));
    $this->work = $this->job();
    $worked = $this->work->rig_as_worked;
    $worked['trailer']['sheet'] = ['tongue_weight_kg' => 390, 'tongue_weight_by' => 'tongue_scale'];
    $worked['hitch']['sheet'] = ['family' => 'chain-snap-up', 'bar_rating_high_kg' => 500];
    $this->work->update(['rig_as_worked' => $worked]);
    $this->tape($this->work, 'alone', ['front' => '950 mm', 'rear' => '985 mm'], ['rolled' => '1']);
    $this->tape($this->work, 'dropped', ['front' => '965 mm', 'rear' => '925 mm'], ['rolled' => '1']);
});

/** @param  array<string, float|string|null>  $steps */
function hookedUpAt(object $test, array $steps): void
{
    $test->post('/jobs/1/bars-up/rounds', ['steps' => $steps])->assertSessionHasNoErrors();
    $test->tape(Job::query()->sole(), 'bars-up', ['front' => '962 mm', 'rear' => '933 mm'], ['rolled' => '1']);
}

function halfKnownPage(object $test, string $path): string
{
    $html = (string) $test
        ->get($path)
        ->assertOk()
        ->getContent();

    return (string) preg_replace('/\s+/', ' ', html_entity_decode($html));
}

/** @return array{float, list<float>} what a link is worth, and the tensions of the hook-ups that the fit takes, mm */
function tensionsFitted(): array
{
    $told = app(JobAnalyses::class)->of(Job::query()->sole());
    $carried = array_filter(
        array_map(static fn (Residual $one): Observation => $one->observation, $told->posterior()->readings),
        static fn (Observation $one): bool => $one->context->stance === Stance::Carried,
    );

    return [
        $told->adjusters->get('link')->pitch,
        array_values(array_unique(
            array_map(static fn (Observation $one): float => round($one->context->tensionOffset, 3), $carried),
        )),
    ];
}

function figureOnPage(string $html, string $name): string
{
    return preg_match('/data-figure="'.$name.'"[^>]*>([^<]*)</', $html, $found) === 1 ? trim($found[1]) : '';
}

it('offers washers that nobody knows, and links only counted', function (): void {
    $html = halfKnownPage($this, '/jobs/1/bars-up');

    expect($html)
        ->toMatch('#name="steps\[washer\]"[^>]*><option value="" aria-label="washers not known">\?</option>#')
        ->toMatch('#name="steps\[head\]"[^>]*><option value="" aria-label="head hole not known">\?</option>#')
        ->not->toMatch('#name="steps\[link\]"[^>]*><option value=""#');
});

it('says what is not known, plans with the links alone, and says the same on every page', function (): void {
    hookedUpAt($this, ['link' => 4, 'washer' => '', 'head' => 2]);
    $bench = halfKnownPage($this, '/jobs/1/bars-up');

    expect(Round::query()->sole()->setting)
        ->toBe(['link' => 4, 'washer' => null, 'head' => 2])
        ->and($bench)
        ->toContain('On now: link 4, washers not known')
        ->toContain('Count them when you can see them')
        ->and(figureOnPage($bench, 'move'))
        ->toMatch('/link 5|tighter/')
        ->not->toMatch('/[0-9] washer/');
    foreach (['diagnosis', 'prove', 'card', 'loads', 'take-over'] as $page) {
        expect(halfKnownPage($this, "/jobs/1/{$page}"))->not->toMatch('/[0-9] washers?\b/', $page);
    }
    expect(halfKnownPage($this, '/jobs/1/card'))
        ->toContain('washers not known')
        ->and(halfKnownPage($this, '/jobs/1/hand-over'))
        ->toContain('The setting that is on: Washers not known.');
});

it('is surer of the next setting once the washers are counted, and of the share as it stands it was sure before', function (): void {
    hookedUpAt($this, ['link' => 4, 'washer' => '', 'head' => 2]);
    $before = halfKnownPage($this, '/jobs/1/bars-up');
    $this->post('/jobs/1/hook-up/count', ['steps' => ['washer' => 3]])->assertSessionHasNoErrors();
    $after = halfKnownPage($this, '/jobs/1/bars-up');
    preg_match('/data-restored>([^<]+)</', $before, $half);
    preg_match('/data-restored>([^<]+)</', $after, $whole);

    expect(Round::query()->sole()->setting)
        ->toBe(['link' => 4, 'washer' => 3, 'head' => 2])
        ->and($after)
        ->toContain('On now: link 4, 3 washers')
        ->not->toContain('not known')
        ->and((float) $half[1])
        ->toEqualWithDelta((float) $whole[1], 6.0);
});

it('hooks up again with the washers as they are, and takes both hook-ups together', function (): void {
    hookedUpAt($this, ['link' => 4, 'washer' => '', 'head' => 2]);
    $this->post('/jobs/1/bars-up/rounds', ['steps' => ['link' => 5, 'washer' => '', 'head' => 2]]);
    $this->tape($this->work, 'bars-up', ['front' => '957 mm', 'rear' => '942 mm'], ['rolled' => '1']);
    $bench = halfKnownPage($this, '/jobs/1/bars-up');
    [$step, $tensions] = tensionsFitted();

    // The links between the two hook-ups are known though the washers are not: one pitch apart, both fitted.
    expect($bench)
        ->toContain('link 4, washers not known')
        ->toContain('link 5, washers not known')
        ->and($tensions)
        ->toHaveCount(2)
        ->and(abs($tensions[1] - $tensions[0]))
        ->toEqualWithDelta($step, 0.01);

    // Counted at the second, the first is another setting, nobody knows which: it tells nothing of this one.
    $this->post('/jobs/1/hook-up/count', ['steps' => ['washer' => 3]])->assertSessionHasNoErrors();
    expect(tensionsFitted()[1])->toHaveCount(1);
});

it('refuses a setting without its links, and keeps nothing of it', function (): void {
    $this->post('/jobs/1/bars-up/rounds', ['steps' => ['link' => '', 'washer' => 3, 'head' => 2]])
        ->assertRedirect('/jobs/1/bars-up')
        ->assertSessionHasErrors(['setting'], null, 'round');
    $this->post('/jobs/1/bars-up/rounds', ['steps' => ['link' => 4, 'head' => 2]])
        ->assertSessionHasErrors(['setting'], null, 'round');

    expect(Round::query()->whereNotNull('setting')->count())->toBe(0);
});

it('starts no return visit from washers that nobody knows, and learns nothing of their tension', function (): void {
    hookedUpAt($this, ['link' => 4, 'washer' => '', 'head' => 2]);
    $this->post('/jobs/1/hand-over/close');
    $this->post('/jobs/1/visit', ['state' => '', 'title' => 'Again'])->assertRedirect('/jobs/2');
    $again = Job::query()->latest('id')->first();

    expect($again->start)->toBeNull()->and($again->rig_as_worked['learnt'] ?? null)->toBeNull();
    halfKnownPage($this, "/jobs/{$again->id}/bars-up");
});

it('takes it from another program, gives it back, and keeps it in the file', function (): void {
    $token = ApiToken::issue(User::query()->sole(), 'The gate', ApiRight::cases());
    $send = fn (array $setting) => $this->withHeaders(['Authorization' => "Bearer {$token}"])
        ->postJson('/api/v1/jobs/1/hook-ups', ['setting' => $setting]);
    $send(['link' => 4, 'washer' => null, 'head' => 2])->assertCreated();
    $says = $send(['link' => null, 'washer' => 3, 'head' => 2])
        ->assertStatus(422)
        ->json('error.fields.setting');

    expect($says)
        ->toStartWith('Expected a count for the link')
        ->and($this->getJson('/api/v1/jobs/1')->json('data.hook_ups.0.setting'))
        ->toBe(['link' => 4, 'washer' => null, 'head' => 2])
        ->and((new JobFile($this->work->fresh()))->content()['job']['rounds'][0]['setting'] ?? null)
        ->toBe(['link' => 4, 'washer' => null, 'head' => 2]);
});
