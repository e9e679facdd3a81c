<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** Points the application at another database file. */
function useDatabase(string $path, array $options = []): void
{
    config([
        'database.default' => 'other',
        'database.connections.other' => [
            'driver' => 'sqlite',
            'database' => $path,
            'prefix' => '',
            'options' => $options,
        ],
    ]);
    DB::purge('other');
}

beforeEach(function (): void {
    $this->actingAs($this->person());
    $this->file = tempnam(sys_get_temp_dir(), 'yoke');
});

afterEach(function (): void {
    DB::purge('other');
    config(['database.default' => 'sqlite']);
    if (is_file($this->file)) {
        unlink($this->file);
    }
});

it('says in words what is wrong with the database, on a page', function (Closure $break, string $words): void {
    $break($this->file);

    $this->get('/')->assertStatus(503)->assertSee($words)->assertSee('Nothing can be read or saved just now');
    $this->postJson('/jobs/1/alone/tape', ['typed' => ['front' => '38']])
        ->assertStatus(503)
        ->assertJsonPath('message', "{$words} Nothing was saved; what you typed is still on the page.");
})->with([
    'the file is gone' => [fn (string $file) => useDatabase("{$file}.gone"), 'The database file is missing.'],
    'not set up' => [fn (string $file) => useDatabase($file), 'The database is there but not set up.'],
    'a folder' => [fn (string $file) => useDatabase(sys_get_temp_dir()), 'The database file cannot be opened.'],
    'something else' => [
        function (string $file): void {
            file_put_contents($file, str_repeat('this is a letter and not a database ', 60));
            useDatabase($file);
        },
        'The database file is damaged or not a database.',
    ],
]);

it('says so when the file can be read but not written', function (): void {
    useDatabase($this->file);
    Artisan::call('migrate', ['--force' => true]);
    $job = $this->job();
    $this->actingAs($this->person('Ibby Marsh'));
    useDatabase($this->file, [PDO::SQLITE_ATTR_OPEN_FLAGS => PDO::SQLITE_OPEN_READONLY]);

    $this->get("/jobs/{$job->id}/alone")->assertOk();
    $this->tape($job, 'alone', ['front' => '38'])
        ->assertStatus(503)
        ->assertJsonPath(
            'message',
            'The database file can be read but not written. Nothing was saved; what you typed is still on the page.',
        );
});
