<?php

declare(strict_types=1);

use Yoke\Method\Band;
use Yoke\Rig\Axle;
use Yoke\Simulation\Contest\AdvisedPlayer;
use Yoke\Simulation\Contest\Benchmark;
use Yoke\Simulation\Contest\Finish;
use Yoke\Simulation\Contest\OneStepPlayer;
use Yoke\Simulation\Contest\PerfectReader;
use Yoke\Simulation\Contest\RigSampler;
use Yoke\Simulation\Contest\SampledRig;
use Yoke\Simulation\Contest\Tally;
use Yoke\Simulation\Contest\TapeReader;
use Yoke\Simulation\Contest\TicketContest;
use Yoke\Simulation\SeededSource;

/** @return list<SampledRig> */
function lots(int $many, int $seed = 5): array
{
    $lottery = new RigSampler(new SeededSource($seed), 0.14);

    return array_map(fn (int $i): SampledRig => $lottery->draw($seed + $i), range(1, $many));
}

it('draws rigs within the ranges that everybody draws from', function (): void {
    foreach (lots(200) as $lot) {
        [$vehicle, $trailer, $bars] = [$lot->truth->vehicle(), $lot->truth->trailer(), $lot->truth->bars()];
        $links = ($lot->truth->tensionFor(0.75) - $lot->tension) / $lot->adjusters->get('link')->pitch;

        expect($vehicle->wheelbase)->toBeBetween(2900, 4100)->and($vehicle->frontRate)->toBeBetween(7, 22)
            ->and($trailer->tongueWeight / $trailer->weight)->toBeBetween(0.1, 0.15)->and($trailer->groupRate())->toBeBetween(32, 80)
            ->and($bars->rate)->toBeBetween(270 / 107, 640 / 66)->and(abs($links))->toBeLessThanOrEqual(2.2)
            ->and($lot->adjusters->settings())->toHaveCount(17 * 7);
    }
    $taped = count(array_filter(lots(600), fn (SampledRig $lot): bool => $lot->isTaped()));
    $own = count(array_filter(lots(600), fn (SampledRig $lot): bool => count($lot->truth->trailer()->axles) === 2));

    expect($taped / 600)->toEqualWithDelta(2 / 3, 0.06)->and($own / 600)->toEqualWithDelta(0.2, 0.05);
});

it('draws the same rigs from the same seed', function (): void {
    expect(lots(3, 9))->toEqual(lots(3, 9))->and(lots(3, 9))->not->toEqual(lots(3, 10));
});

it('reads with the tape\'s errors, in whole millimetres, and now and then with a slip', function (): void {
    $lot = lots(1)[0];
    $reader = new TapeReader(new SeededSource(3));
    $off = [];
    for ($i = 0; $i < 4000; $i++) {
        $read = $reader->read($lot, Axle::Front, null);
        $off[] = $read - $lot->aloneMm['front'];
    }
    $sound = array_filter($off, fn (float $one): bool => abs($one) < 2.9);

    expect(sqrt(array_sum(array_map(fn (float $one): float => $one ** 2, $sound)) / count($sound)))->toBeBetween(0.75, 1.1)
        ->and(count(array_filter($off, fn (float $one): bool => abs($one) > 6.0)) / 4000)->toBeBetween(0.0005, 0.006)
        ->and((new PerfectReader)->read($lot, Axle::Rear, null))->toBe($lot->aloneMm['rear']);
});

it('finishes nearer the truth by the advice than one step at a time, and in fewer hook-ups', function (): void {
    $tallies = (new Benchmark(3))->run(150);
    [$hand, $advised, $perfect] = [$tallies['one step at a time']->figures(), $tallies['advised']->figures(), $tallies['advised, perfect tape']->figures()];

    expect($advised['hook_ups'])->toBeLessThan($hand['hook_ups'] - 0.3)
        ->and($advised['truly_in_band'])->toBeGreaterThan(0.95)->toBeGreaterThan($hand['truly_in_band'] + 0.08)
        ->and($advised['finished_over_restored'])->toBeLessThan(0.02)
        ->and($advised['hook_ups_taped'])->toBeLessThan($advised['hook_ups_not_taped'])
        ->and($perfect['truly_in_band'])->toBeGreaterThan(0.98)
        ->and($perfect['minutes'])->toBeLessThan($advised['minutes']);
})->group('sampled');

it('plays a rig the same way twice', function (): void {
    $lot = lots(1, 4)[0];
    $play = fn ($player): Finish => $player->play($lot, new TapeReader(new SeededSource(8)), Band::usual());

    expect($play(new AdvisedPlayer))->toEqual($play(new AdvisedPlayer))
        ->and($play(new OneStepPlayer))->toEqual($play(new OneStepPlayer))
        ->and($play(new AdvisedPlayer)->hookUps)->toBe(count($play(new AdvisedPlayer)->claims));
});

it('counts what it is told', function (): void {
    $tally = new Tally(Band::usual());
    $lot = lots(1)[0];
    $tally->add($lot, new Finish(1, 2.0, 0.8, 0.8, [[0.9, 0.8]]));
    $tally->add($lot, new Finish(3, 12.0, 1.1, 1.2, [[0.6, 0.3], [0.8, 1.2], [0.92, 1.1]]));
    $figures = $tally->figures();

    expect($figures['hook_ups'])->toBe(2.0)->and($figures['done_at_the_first'])->toBe(0.5)->and($figures['done_by_the_second'])->toBe(0.5)
        ->and($figures['truly_in_band'])->toBe(0.5)->and($figures['finished_over_restored'])->toBe(0.5)->and($figures['ever_over_restored'])->toBe(0.5)
        ->and($figures['minutes'])->toBe(7.0)
        ->and($tally->calibration()['85 to 95'])->toBe(['moves' => 2, 'claimed' => 0.91, 'landed' => 0.5])
        ->and($tally->calibration())->not->toHaveKey('above 95');
});

it('weighs a rig with three tickets: tongue weight and share by themselves, and less doubt beside the tape', function (): void {
    $measured = (new TicketContest(7))->run(80);

    expect($measured['tongue_weight_within_15_kg'])->toBeGreaterThanOrEqual(0.95)
        ->and($measured['share_within_8_points'])->toBeGreaterThanOrEqual(0.95)
        ->and($measured['share_doubt_fused'])->toBeLessThan($measured['share_doubt_heights'] * 2 / 3)
        ->and($measured['doubt_shrinks_by'])->toEqualWithDelta(1 - $measured['share_doubt_fused'] / $measured['share_doubt_heights'], 1e-9);
});

it('tells how far it is after every rig', function (): void {
    $told = [];
    (new Benchmark(3))->run(4, static function (int $played) use (&$told): void {
        $told[] = $played;
    });
    expect($told)->toBe([1, 2, 3, 4]);
});
