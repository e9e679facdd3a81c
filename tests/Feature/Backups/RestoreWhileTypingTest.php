<?php

declare(strict_types=1);

use App\UseCases\Backups\BackupFile;
use App\UseCases\Backups\Restore;
use App\UseCases\Backups\WritingGate;
use App\UseCases\Backups\WritingStopped;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;
use Tests\Feature\ShopOnDisk;

beforeEach(function (): void {
    $this->shop = new ShopOnDisk($this);
});

afterEach(fn () => $this->shop->close());

it('loses nothing that was acknowledged while four people type through a restore', function (): void {
    $monday = $this->shop->backups->make();
    DB::disconnect('shop');
    $typists = [];
    foreach ([['front', 'alone'], ['rear', 'alone'], ['front', 'dropped'], ['rear', 'dropped']] as [$field, $station]) {
        $typists[] = Process::env(['DB_DATABASE' => $this->shop->database, 'APP_ENV' => 'testing'])
            ->timeout(120)
            ->start([PHP_BINARY, __DIR__.'/typist.php', $field, $station, "{$this->shop->folder}/enough"]);
    }
    for ($tries = 0; $tries < 1200 && DB::table('readings')->count() < 20; $tries++) {
        usleep(50_000);
    }
    app(Restore::class)->prepare($monday, "{$this->shop->folder}/prepared", '');
    $kept = app(Restore::class)->apply("{$this->shop->folder}/prepared", ['file' => 'monday']);
    for ($tries = 0; $tries < 1200 && DB::table('readings')->count() < 8; $tries++) {
        usleep(50_000);
    }
    touch("{$this->shop->folder}/enough");
    $said = implode('', array_map(static fn ($typist): string => $typist->wait()->output(), $typists));

    preg_match_all('/^saved (.+)$/m', $said, $acknowledged);
    BackupFile::open($kept)->unpack("{$this->shop->folder}/kept.sqlite", '');
    $keptCopy = new SQLite3("{$this->shop->folder}/kept.sqlite", SQLITE3_OPEN_READONLY);
    $before = [];
    for (
        $rows = $keptCopy->query('SELECT stance || axle || typed AS reading FROM readings');
        is_array($row = $rows->fetchArray());

    ) {
        $before[] = $row['reading'];
    }
    $keptCopy->close();
    $now = DB::table('readings')->selectRaw('stance || axle || typed AS reading')->pluck('reading')->all();
    $inBoth = array_intersect($before, $now);
    expect(count($acknowledged[1]))
        ->toBe(count($before) + count($now), "what was acknowledged, and what is kept: {$said}")
        ->and($inBoth)
        ->toBe([])
        ->and(count($before))
        ->toBeGreaterThanOrEqual(20)
        ->and(count($now))
        ->toBeGreaterThan(3, 'typing went on')
        ->and(DB::scalar('PRAGMA integrity_check'))
        ->toBe('ok');
});

it('waits for whoever writes, lets nobody begin, and opens again', function (): void {
    $gate = new WritingGate();
    $inside = 'nothing';
    expect($gate->write(fn (): string => 'written'))->toBe('written');
    $gate->closed(function () use ($gate, &$inside): void {
        try {
            $gate->write(fn (): bool => true);
        } catch (WritingStopped) {
            $inside = 'stopped';
        }
    });
    expect($inside)->toBe('stopped')->and($gate->write(fn (): string => 'written'))->toBe('written');

    touch("{$this->shop->database}.restoring", time());
    $this->post("/jobs/{$this->shop->job->id}/alone/tape", ['typed' => ['front' => '950']])
        ->assertStatus(503)
        ->assertHeader('Retry-After', '5')
        ->assertSee('A backup is being restored.');
    $this->postJson("/jobs/{$this->shop->job->id}/alone/tape", ['typed' => ['front' => '950']])
        ->assertStatus(503)
        ->assertJsonPath('message', fn (string $says): bool => str_contains($says, 'Nothing was saved'));
    $this->get('/')->assertOk();
    touch("{$this->shop->database}.restoring", time() - 3600);
    $this->postJson("/jobs/{$this->shop->job->id}/alone/tape", ['typed' => ['front' => '950']])->assertOk();
});
