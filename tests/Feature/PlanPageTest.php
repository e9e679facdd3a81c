<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\User;
use App\Screens\Plan\PlanPage;
use App\UseCases\Analysis\AnalysedJob;
use App\UseCases\Analysis\JobAnalyses;
use Illuminate\Support\Facades\DB;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Specification\RigPart;

beforeEach(function (): void {
    $this->person();
    $this->wren = User::query()->sole();
    $this->actingAs($this->wren);
});

/** A job whose hitch has a sheet. */
function jobWithHitch(Job $job, array $sheet): Job
{
    $worked = $job->rig_as_worked;
    $worked['hitch']['sheet'] = $sheet;
    $job->update(['rig_as_worked' => $worked]);

    return $job->load('rig');
}

function analysedJob(Job $job): AnalysedJob
{
    return app(JobAnalyses::class)->of($job);
}

it('plans a first setting for every family, in its own words', function (string $key): void {
    $plan = PlanPage::ofJob(analysedJob(jobWithHitch($this->job(), ['family' => $key])), $this->wren);
    $best = $plan->firstMove()->forecast;
    $tension = Families::get($key)->adjusters(new Yoke\Rig\Family\HitchMeasures())->all()[0]->key;

    expect($plan->setting($best))
        ->toStartWith((new App\Words\FamilyWords(Families::get($key)))->one($tension).' ')
        ->and($plan->setting($best))
        ->not->toContain('head')
        ->and($best->chance)
        ->toBeGreaterThan(0.05);
})->with(array_map(fn (HitchFamily $family): string => $family->key(), Families::distributing()));

it('says the same setting in both ways of counting', function (): void {
    $said = fn (string $counting): string => (function (PlanPage $plan): string {
        return $plan->setting($plan->firstMove()->forecast);
    })(
        PlanPage::ofJob(
            analysedJob(
                jobWithHitch($this->job(), ['family' => 'chain-rotating-latch', 'counting' => $counting, 'steps' => 9]),
            ),
            $this->wren,
        ),
    );
    preg_match('/^link (\d+)/', $said('taken up'), $takenUp);
    preg_match('/^link (\d+)/', $said('working'), $working);

    expect((int) $takenUp[1] + (int) $working[1])->toBe(9);
});

it('prints loads and heights in the person\'s units', function (): void {
    $job = $this->job()->load('rig');
    $metric = PlanPage::ofJob(analysedJob($job), $this->person('Ibby Marsh', '1 mm'));
    $inches = PlanPage::ofJob(analysedJob($job), $this->wren);

    expect($metric->print->load(Yoke\Foundation\Units\Load::ofKilograms(1000)))
        ->toBe('1000 kg')
        ->and($inches->print->load(Yoke\Foundation\Units\Load::ofKilograms(1000)))
        ->toBe('2205 lb')
        ->and($metric->print->height(25.4))
        ->toBe('25 mm')
        ->and($inches->print->change(-25.4))
        ->toBe('−1 in')
        ->and($inches->print->load(null))
        ->toBe('–')
        ->and($inches->print->percent(0.754))
        ->toBe('75 %');
});

it('knows on whose sheet a missing field stands', function (string $key, string $label, RigPart $part): void {
    $plan = PlanPage::ofJob(analysedJob($this->job()), $this->wren);

    expect($plan->ratings()->field($key))
        ->toBe([$label, $part])
        ->and($plan->sheetOf($part))
        ->toEndWith("/garage/{$part->value}/1");
})->with([
    ['receiver_carrying', 'Tongue rating, weight-carrying', RigPart::Vehicle],
    ['trailer_gvwr', 'GVWR', RigPart::Trailer],
    ['ball_height_mm', 'Ball height as it stands, unloaded', RigPart::Hitch],
]);

it('says which way to jack the trailer, and what the coupler will read', function (array $typed, string $answer): void {
    $this->get("/jobs/{$this->job()->id}/alone?".http_build_query($typed))
        ->assertOk()
        ->assertSee($answer);
})->with([
    'nose-down' => [
        ['front_mark' => '19', 'rear_mark' => '20', 'marks_apart' => '120', 'coupler_now' => '17 1/2'],
        'Jack the coupler up by 1 11/16 in. Level, the coupler reads 19 3/16 in.',
    ],
    'nose-up' => [
        ['front_mark' => '20', 'rear_mark' => '19', 'marks_apart' => '120', 'coupler_now' => ''],
        'Jack the coupler down by 1 11/16 in.',
    ],
    'level' => [
        ['front_mark' => '500 mm', 'rear_mark' => '501 mm', 'marks_apart' => '3 m', 'coupler_now' => ''],
        'The trailer is level.',
    ],
    'not asked' => [[], 'Which way to jack'],
]);

it('says what a frame height was expected to be, and keeps what was typed', function (
    string $field,
    string $typed,
    string $sentence,
): void {
    $asked = ['front_mark' => '19', 'rear_mark' => '20', 'marks_apart' => '120', 'coupler_now' => '', $field => $typed];

    $page = $this->get("/jobs/{$this->job()->id}/alone?".http_build_query($asked))
        ->assertOk()
        ->assertSee($sentence)
        ->assertDontSee('Jack the coupler');
    expect($page->getContent())->toContain('value="'.e($typed).'"');
})->with([
    'marks on top of each other' => ['marks_apart', '0', 'between 300 and 12000 mm'],
    'a frame under the ground' => ['front_mark', '-19', 'between 150 and 1800 mm'],
    'a frame in words' => ['rear_mark', 'low', 'does not read as a length'],
    'one mark only' => ['rear_mark', '', 'Nothing is typed here yet'],
]);

it('asks the database no more often for thirty jobs than for three', function (): void {
    $count = function (): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get('/')->assertOk();

        return count(DB::getQueryLog());
    };
    foreach (range(1, 3) as $i) {
        $this->tape($this->job(), 'alone', ['front' => '37 7/16', 'rear' => '38 7/8']);
    }
    $few = $count();
    foreach (range(1, 27) as $i) {
        $this->tape($this->job(), 'alone', ['front' => '37 7/16', 'rear' => '38 7/8']);
    }

    expect($count())
        ->toBeLessThanOrEqual($few)
        ->and($few)
        ->toBeLessThanOrEqual(22)
        ->and($count())
        ->toBeLessThan($few, 'once the cards are drawn');
});
