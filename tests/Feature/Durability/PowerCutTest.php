<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;
use Tests\Feature\Durability\DiskTrace;
use Tests\Feature\ShopOnDisk;

const READINGS = 25;

beforeEach(function (): void {
    $this->shop = new ShopOnDisk($this);
    DB::disconnect('shop');
});

afterEach(fn () => $this->shop->close());

/** Saves readings in a process of its own that is killed at the end; what it did with the write-ahead log. */
function savedUnderTrace(ShopOnDisk $shop, string $with = ''): DiskTrace
{
    $trace = "{$shop->folder}/trace";
    Process::env(['DB_DATABASE' => $shop->database])
        ->timeout(120)
        ->run([
            'sh',
            '-c',
            '"$@" ; true',
            'sh',
            'strace',
            '-f',
            '-y',
            '-s',
            '32',
            '-o',
            $trace,
            '-e',
            'trace=write,pwrite64,fsync,fdatasync',
            PHP_BINARY,
            __DIR__.'/saver.php',
            (string) READINGS,
            $with,
        ]);

    return new DiskTrace((string) file_get_contents($trace), realpath($shop->database).'-wal');
}

/** How many readings the shop has after the power was cut when so much of its log was on the disk. */
function readingsAfterPowerCut(ShopOnDisk $shop, int $bytesOfLog, string $restOfSector = ''): int
{
    $copy = "{$shop->folder}/after.sqlite";
    copy($shop->database, $copy);
    @unlink("{$copy}-shm");
    file_put_contents(
        "{$copy}-wal",
        substr((string) file_get_contents("{$shop->database}-wal"), 0, $bytesOfLog).$restOfSector,
    );
    $found = new SQLite3($copy);
    $readings = (int) $found->querySingle('SELECT count(*) FROM readings');
    $whole = $found->querySingle('PRAGMA integrity_check');
    $found->close();

    return $whole === 'ok' ? $readings : -1;
}

it('has every acknowledged reading on the disk before it says so', function (): void {
    $trace = savedUnderTrace($this->shop);

    expect($trace->atWord)
        ->toHaveCount(READINGS)
        ->and($trace->syncs)
        ->toBeGreaterThanOrEqual(READINGS);
    foreach (range(1, READINGS) as $acknowledged) {
        $onDisk = $trace->atWord["saved {$acknowledged}"];
        expect(readingsAfterPowerCut($this->shop, $onDisk))
            ->toBeGreaterThanOrEqual($acknowledged, "of {$acknowledged} acknowledged readings some were lost")
            ->and(readingsAfterPowerCut($this->shop, $onDisk, str_repeat("\xA5", 3000)))
            ->toBeGreaterThanOrEqual($acknowledged, 'a log that ends in rubbish lost a reading');
    }
});

it('would lose readings if it did not wait for the disk, so that this test can fail', function (): void {
    $trace = savedUnderTrace($this->shop, 'NORMAL');

    expect($trace->atWord)
        ->toHaveCount(READINGS)
        ->and(readingsAfterPowerCut($this->shop, $trace->atWord['saved '.READINGS]))
        ->toBeLessThan(READINGS);
});
