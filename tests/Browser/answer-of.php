<?php

declare(strict_types=1);

// answer-of.php TOKEN LOAD : what PHP answers the owner of a link for a load, by the table and worked out by itself.
use App\Models\CardLink;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Owner\OwnersTable;
use App\Words\TripWords;
use Illuminate\Contracts\Console\Kernel;
use Yoke\Workshop\Trip\TripAnswers;
use Yoke\Workshop\Trip\TripEntry;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
[, $token, $load] = $argv;
/** @var array<string, int> $load */
$load = json_decode($load, true, flags: JSON_THROW_ON_ERROR);
$link = CardLink::query()->where('token', $token)->sole();
$job = $app->make(JobAnalyses::class)->of($link->job);
$table = $app->make(OwnersTable::class)->of($job) ?? throw new LogicException('Expected a table.');
$words = new TripWords($job->described, $link->user);
$answers = new TripAnswers(
    $job->described,
    $job->posterior(),
    $job->adjusters,
    $job->reference(),
    $job->current()->setting,
    $job->goal,
    $job->shop->rules->stopping,
    $job->tickets,
);
$said = static fn (TripEntry $entry): array => [
    'headline' => $words->headline($entry),
    'sentences' => $words->sentences($entry),
];
echo json_encode(
    ['table' => $said($table->answer($load)), 'exact' => $said($answers->of($table->grid->change($load)))],
    JSON_THROW_ON_ERROR,
);
