<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Reading;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;

beforeEach(function (): void {
    $this->file = tempnam(sys_get_temp_dir(), 'yoke');
    config([
        'database.default' => 'other',
        'database.connections.other' => [...config('database.connections.sqlite'), 'database' => $this->file],
    ]);
    DB::purge('other');
    Artisan::call('migrate', ['--force' => true]);
});

afterEach(function (): void {
    DB::purge('other');
    config(['database.default' => 'sqlite']);
    array_map(unlink(...), glob("{$this->file}*") ?: []);
});

it('lets one of two hands in at the same moment and tells the other, whoever is first', function (): void {
    $this->person();
    $job = $this->job();
    $write = <<<'PHP'
    require 'vendor/autoload.php';
    $app = require 'bootstrap/app.php';
    $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
    $person = App\Models\User::query()->first();
    $heights = $app->make(App\UseCases\Tape\RecordHeights::class);
    $job = App\Models\Job::query()->first();
    $place = new App\UseCases\Tape\Place(Yoke\Rig\Parts\Stance::Alone, Yoke\Rig\Parts\Axle::Front, Yoke\Measuring\Readings\Height\Side::Both);
    $saved = [];
    for ($i = 0; $i < 40; $i++) {
        $standing = App\Models\Job::query()->first()->liveReadings()->value('id');
        usleep(random_int(0, 2000));
        $entry = App\UseCases\Tape\Entry::read($place, (string) (36 + $i % 3).' '.$argv[1], Yoke\Measuring\Readings\Height\Settling::Rolled, $standing, $person->lengthParser());
        $saved[] = $heights->each($person, $job, [$entry])['front']->saved->value;
    }
    echo json_encode($saved);
    PHP;
    $results = Process::concurrently(
        fn ($pool) => [
            $pool
                ->path(base_path())
                ->env(['DB_DATABASE' => $this->file])
                ->command(['php', '-r', $write, '1/4']),
            $pool
                ->path(base_path())
                ->env(['DB_DATABASE' => $this->file])
                ->command(['php', '-r', $write, '3/4']),
        ],
    );
    $outcomes = [];
    foreach ($results->collect() as $result) {
        expect($result->errorOutput())->toBe('');
        array_push($outcomes, ...json_decode($result->output(), true, flags: JSON_THROW_ON_ERROR));
    }
    $saved = count(array_keys($outcomes, 'saved', true));

    expect(array_unique($outcomes))
        ->each->toBeIn(['saved', 'overtaken', 'unchanged'])
        ->and($outcomes)
        ->toHaveCount(80)
        ->and(Reading::query()->count())
        ->toBe($saved)
        ->and(Reading::query()->whereNull('supersedes_id')->count())
        ->toBe(1)
        ->and(Reading::query()->distinct()->count('supersedes_id'))
        ->toBe($saved - 1)
        ->and(Job::query()->first()->liveReadings()->count())
        ->toBe(1);
});
