<?php

declare(strict_types=1);

use App\Models\ApiRight;
use App\Models\ApiToken;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Owner\OwnersTable;
use App\Words\AdviceWords;
use App\Words\SettingWords;
use App\Words\VerdictWords;
use Database\Seeders\DemoSeeder;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Tests\Feature\AskTwice\Answers;
use Tests\Feature\AskTwice\DrawnJob;
use Tests\Feature\AskTwice\Hands;
use Tests\Feature\AskTwice\Told;
use Yoke\Judgement\Method\Verdict;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Workshop\Trip\TripOutcome;

/* Whatever two pages, a card, a file or the interface say of one job is the same. */

const WHERE_ONE_LOOKS = [
    'bars-up?show=rig',
    'bars-up?show=methods',
    'diagnosis',
    'take-over',
    'weigh',
    'loads',
    'brief',
    'plan',
    'card',
    'prove',
    'dropped',
    'tongue',
];

/** Asks every page, the card, the file and the interface about a job. */
function answersOf(Tests\FeatureCase $case, Job $job, string $token): Answers
{
    $answers = new Answers();
    $get = static function (string $page, array $headers = []) use ($case): string {
        app()->forgetScopedInstances();

        return (string) $case->get($page, $headers)->assertOk()->getContent();
    };
    foreach (WHERE_ONE_LOOKS as $page) {
        $html = $get("/jobs/{$job->id}/{$page}");
        $answers->page($page, $html);
        $text = html_entity_decode(strip_tags((string) preg_replace('#<(script|style).*?</\\1>#s', '', $html)));
        // The load planner tells of other loads than the one that stands there.
        expect($page === 'loads' ? [] : Hands::pulledApart($html))->toBe([], "{$page} of {$job->title}");
        // No sentence ends twice, and no abbreviation begins small.
        expect($text)->not->toMatch('/\w\.\.(?!\.)/')->not->toMatch('/\b[a-z][A-Z]{3}\b/');
    }
    $answers->page('yard', $get('/'), $job->id);
    $answers->page('history', $get("/log/{$job->rig_id}"), $job->id);
    $answers->page('day', $get("/day/{$job->booked_on->toDateString()}"), $job->id);
    $file = json_decode($get("/jobs/{$job->id}/job.json"), true, flags: JSON_THROW_ON_ERROR)['analysis'];
    $json = json_decode(
        $get("/api/v1/jobs/{$job->id}", ['Authorization' => "Bearer {$token}"]),
        true,
        flags: JSON_THROW_ON_ERROR,
    )['data'];
    app()->forgetScopedInstances();
    $analysed = app(JobAnalyses::class)->of($job->fresh());
    $person = User::query()->firstOrFail();
    $says = new AdviceWords(new SettingWords($analysed->described->sheets), $person);
    $told = new Told($answers, $person);
    $told->by('file', $file, $says);
    $told->by('interface', $json['analysis'], $says);
    if ($json['verdict'] !== null) {
        $answers->take('interface, verdict', 'verdict', VerdictWords::verdict(Verdict::from($json['verdict']['verdict'])));
    }
    if (isset($json['next']) && $json['next']['setting'] !== $file['move']['setting']) {
        $answers->take('interface, next', 'next setting', json_encode($json['next']['setting']));
        $answers->take('file', 'next setting', json_encode($file['move']['setting']));
    }
    $on = $analysed->described->sheets->isPlainBall() ? Setting::of([]) : $analysed->current()?->setting;
    if ($on !== null && ($analysed->adjusters !== null || $analysed->described->sheets->isPlainBall())) {
        $towed = $analysed->described->sheets->isPlainBall() ? 'dropped' : 'carried';
        $isOver = array_filter(
            $file['ratings'],
            static fn (array $line): bool => $line['state'] === 'over' && ! str_ends_with(
                $line['part'],
                $towed === 'carried' ? '.dropped' : '.carried',
            ),
        ) !== [];
        $entry = OwnersTable::answers($analysed, $on)->of(LoadChange::between([], []));
        $answers->take('owner', 'anything over', json_encode($entry->outcome === TripOutcome::OverRating));
        $answers->take('file', 'anything over', json_encode($isOver));
    }

    return $answers;
}

beforeEach(function (): void {
    $this->travelTo('2026-12-01 12:00:00');
    $this->as = function (User $person): string {
        $this->actingAs($person);

        return ApiToken::issue($person, 'Asks twice', ApiRight::cases());
    };
});

it('says of each demo job one figure of each thing, on every page, card, file and interface', function (): void {
    $this->seed(DemoSeeder::class);
    $token = ($this->as)(User::query()->where('email', DemoSeeder::EMAIL)->sole());
    $differing = [];
    $asked = 0;
    foreach (Job::query()->get() as $job) {
        $answers = answersOf($this, $job, $token);
        $asked += $answers->askedTwice();
        array_push(
            $differing,
            ...array_map(static fn (string $pair): string => "{$job->title}, {$pair}", $answers->differing()),
        );
    }

    expect($differing)->toBe([])->and($asked)->toBeGreaterThan(30);
});

it('says one figure of each thing of jobs drawn at random, whatever was read of them', function (string $state): void {
    $token = ($this->as)($this->person('Wren Tallow', '1/16 in'));
    $random = new Randomizer(new Xoshiro256StarStar(crc32($state)));
    $differing = [];
    for ($drawn = 1; $drawn <= 4; $drawn++) {
        app()->forgetScopedInstances();
        $job = (new DrawnJob($this, $random))->in($state);
        array_push(
            $differing,
            ...array_map(
                static fn (string $pair): string => "{$state} {$drawn}, {$pair}",
                answersOf($this, $job, $token)->differing(),
            ),
        );
    }

    expect($differing)->toBe([]);
})->with(DrawnJob::STATES);
