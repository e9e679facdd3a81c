<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Process;

it('stops in words where it cannot start', function (array $options, array $environment, string $words): void {
    $result = Process::path(base_path())
        ->env(['APP_ENV' => 'local', ...$environment])
        ->timeout(60)
        ->run(['bin/demo', ...$options]);

    expect($result->exitCode())->toBe(1)->and($result->errorOutput())->toContain('Cannot go on: ')->toContain($words);
})->with([
    'an unknown option' => [['--loud'], [], 'unknown option --loud. Expected --host, --port N or --fresh.'],
    'a port in words' => [['--port', 'eighty'], [], 'expected a number after --port'],
    'a database in a folder that is not there' => [
        [],
        ['DB_DATABASE' => '/nowhere/at/all/yoke.sqlite'],
        'the database /nowhere/at/all/yoke.sqlite cannot be made',
    ],
    'a database that is a folder' => [[], ['DB_DATABASE' => '/proc'], 'the database /proc'],
]);
