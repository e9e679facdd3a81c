<?php

declare(strict_types=1);

use App\Interchange\Job\JobFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;
use Tests\Feature\ShopOnDisk;

beforeEach(function (): void {
    $this->shop = new ShopOnDisk($this);
});

afterEach(fn () => $this->shop->close());

it('takes a file with a thousand people in, and lets others save meanwhile', function (): void {
    $shop = $this->shop;
    $work = $shop->job;
    $this->tape($work, 'alone', ['front' => '950 mm', 'rear' => '985 mm'], ['rolled' => '1']);
    $content = json_decode((new JobFile($work))->json(), true);
    for ($number = 0; $number < 999; $number++) {
        $content['people'][] = ['name' => "Person {$number}", 'email' => "person{$number}@quillfeather.example"];
    }
    file_put_contents("{$shop->folder}/many.json", json_encode($content, JobFile::ENCODED));
    DB::disconnect('shop');
    $importing = Process::env(['DB_DATABASE' => $shop->database])->start([
        PHP_BINARY,
        base_path('artisan'),
        'yoke:import',
        "{$shop->folder}/many.json",
        '--if-exists=copy',
    ]);
    $longest = 0.0;
    $other = new SQLite3($shop->database);
    $other->busyTimeout(30_000);
    while ($importing->running()) {
        $began = microtime(true);
        $other->exec('BEGIN IMMEDIATE');
        $longest = max($longest, microtime(true) - $began);
        $other->exec('ROLLBACK');
        usleep(2_000);
    }
    $said = $importing->wait();
    $other->close();

    expect($said->exitCode())
        ->toBe(0, $said->errorOutput().$said->output())
        ->and(DB::table('users')->count())
        ->toBe(1000)
        ->and($longest)
        ->toBeLessThan(0.5)
        ->toBeGreaterThan(0.001);
});
