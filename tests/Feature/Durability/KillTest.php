<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;
use Tests\Feature\ShopOnDisk;

const ACKNOWLEDGED = 1000;

beforeEach(function (): void {
    $this->shop = new ShopOnDisk($this);
});

afterEach(fn () => $this->shop->close());

/** Saves until it is killed, at no moment in particular; how many savings it said were done. */
function acknowledgedUntilKilled(ShopOnDisk $shop, int $milliseconds): int
{
    $said = "{$shop->folder}/said";
    $running = Process::env(['DB_DATABASE' => $shop->database])->start(
        [PHP_BINARY, __DIR__.'/saver.php', '100000'],
        function (string $type, string $output) use ($said): void {
            file_put_contents($said, $output, FILE_APPEND);
        },
    );
    while (! is_file($said) && $running->running()) {
        usleep(5_000);
        $running->output();
    }
    usleep($milliseconds * 1000);
    $running->signal(SIGKILL);
    $running->wait();
    $lines = preg_match_all('/^saved \d+$/m', (string) @file_get_contents($said));
    @unlink($said);

    return (int) $lines;
}

it('loses none of a thousand acknowledged readings to kills, and keeps its order', function (): void {
    mt_srand(9);
    [$acknowledged, $kills] = [[], 0];
    while (array_sum($acknowledged) < ACKNOWLEDGED && $kills < 60) {
        $acknowledged[] = acknowledgedUntilKilled($this->shop, mt_rand(40, 900));
        $kills++;
    }
    DB::purge('shop');
    $typed = DB::table('readings')->orderBy('id')->pluck('typed')->all();
    $kept = 0;
    foreach ($acknowledged as $run => $count) {
        for ($number = 1; $number <= $count; $number++) {
            expect($typed[$kept] ?? 'lost')->toBe(900 + $number.' mm', "run {$run}");
            $kept++;
        }
        // The one that was written when the kill came, and not yet acknowledged.
        $kept += ($typed[$kept] ?? '') === 901 + $count.' mm' && $count > 0 ? 1 : 0;
    }

    expect(array_sum($acknowledged))
        ->toBeGreaterThanOrEqual(ACKNOWLEDGED)
        ->and($kills)
        ->toBeGreaterThan(1)
        ->and($kept)
        ->toBe(count($typed))
        ->and(DB::scalar('PRAGMA integrity_check'))
        ->toBe('ok');
});
