<?php

declare(strict_types=1);

use Yoke\Job\Shop\ShopRules;
use Yoke\Measuring\Estimation\Stories\ReadingError;
use Yoke\Measuring\Estimation\Stories\Suspect;
use Yoke\Proving\Playing\AdvisedPlayer;
use Yoke\Proving\Simulation\Contest\ContestRig;
use Yoke\Proving\Simulation\Contest\RigSampler;
use Yoke\Proving\Simulation\SeededSource;
use Yoke\Proving\Simulation\World\LastingTrouble;
use Yoke\Proving\Simulation\World\Trouble;
use Yoke\Proving\Simulation\World\World;
use Yoke\Rig\Parts\Stance;

/**
 * Rigs with one trouble each, set up by the advice.
 *
 * @return array{claimed: float, landed: float, over: float, named: float} as shares
 */
function setUpWith(string $trouble, int $rigs, int $seed): array
{
    $usual = ShopRules::usual();
    $sampler = new RigSampler(new SeededSource($seed), $usual->priors, World::Plain, Trouble::named($trouble));
    $found = ['claimed' => 0.0, 'landed' => 0.0, 'over' => 0.0, 'named' => 0.0];
    for ($i = 0; $i < $rigs; $i++) {
        $lot = $sampler->draw($seed + $i);
        $rig = new ContestRig($lot, new SeededSource($lot->seed * 7919), $usual, $usual->range);
        (new AdvisedPlayer())->play($rig);
        $result = $rig->result();
        $found['claimed'] += ($result->claimed ?? 0.0) / $rigs;
        $found['landed'] += $result->finish->isInRange ? 1.0 / $rigs : 0.0;
        $found['over'] += $result->finish->isOver() ? 1.0 / $rigs : 0.0;
        $found['named'] += $result->named === true ? 1.0 / $rigs : 0.0;
    }

    return $found;
}

it('draws each trouble once, and lets it last', function (string $trouble, Closure $is): void {
    for ($seed = 1; $seed <= 30; $seed++) {
        expect($is(LastingTrouble::drawn(Trouble::named($trouble), new SeededSource($seed))))->toBeTrue();
    }
})->with([
    'jack' => ['jack', fn (LastingTrouble $one): bool => $one->onTheJack >= 0.15 && $one->onTheJack <= 0.35],
    'creep' => [
        'creep',
        fn (LastingTrouble $one): bool => $one->off(Stance::Alone, 0)['rear'] === 0.0 &&
            $one->off(Stance::Carried, 12)['rear'] <= -6.0 &&
            $one->off(Stance::Carried, 12)['rear'] >= -30.0 &&
            $one->off(Stance::Carried, 12)['front'] === 0.0,
    ],
    'tyres' => [
        'tyres',
        fn (LastingTrouble $one): bool => $one->off(Stance::Alone, 0)['rear'] === 0.0 &&
            $one->off(Stance::Carried, 3)['rear'] >= 4.0 &&
            $one->off(Stance::Carried, 9) === $one->off(Stance::Carried, 3),
    ],
    'other side' => [
        'other-side',
        fn (LastingTrouble $one): bool => count(array_filter(
            Stance::cases(),
            fn (Stance $stance): bool => $one->off($stance, 1) !== ['front' => 0.0, 'rear' => 0.0],
        )) === 1,
    ],
    'sticky tape' => [
        'sticky-tape',
        fn (LastingTrouble $one): bool => abs($one->off(Stance::Carried, 1)['front']) >= 3.0 &&
            $one->off(Stance::Carried, 1)['front'] === $one->off(Stance::Carried, 1)['rear'],
    ],
    'reversed' => ['reversed', fn (LastingTrouble $one): bool => $one->isReversed],
    'swapped' => ['swapped', fn (LastingTrouble $one): bool => $one->swapped !== null],
    'a plain slip' => ['miscount', fn (LastingTrouble $one): bool => $one->onTheJack === 0.0 && ! $one->isReversed],
]);

it('claims no more than it lands, by ten points, where one cause touches many readings', function (
    string $trouble,
    float $most,
): void {
    $found = setUpWith($trouble, 24, 11);

    expect($found['claimed'] - $found['landed'])
        ->toBeLessThan($most)
        ->and($found['landed'])
        ->toBeGreaterThan(0.75);
})->with([
    'weight on the jack' => ['jack', 0.1],
    'a dip that stays' => ['dip', 0.1],
    'a rear that creeps' => ['creep', 0.1],
    'counted from the other end' => ['reversed', 0.08],
    'front and rear exchanged' => ['swapped', 0.08],
]);

it('names what it was', function (string $trouble, float $least): void {
    expect(setUpWith($trouble, 16, 5)['named'])->toBeGreaterThan($least);
})->with([['jack', 0.5], ['reversed', 0.5], ['swapped', 0.8]]);

it('says of each lasting cause that it is one', function (): void {
    foreach (ReadingError::lasting() as ['error' => $error]) {
        expect($error->isLasting())->toBeTrue();
    }
    expect(ReadingError::HalfInch->isLasting())
        ->toBeFalse()
        ->and(Suspect::setting(2, 0.4, ReadingError::Reversed)->error->isLasting())
        ->toBeTrue();
});
