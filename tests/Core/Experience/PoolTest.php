<?php

declare(strict_types=1);

use Yoke\Foundation\Probability\Normal;
use Yoke\Job\Experience\Evidence;
use Yoke\Job\Experience\Pool;
use Yoke\Job\Experience\Source;
use Yoke\Proving\Simulation\SeededSource;

const TEXTBOOK = 0.3;
const AGAIN = 0.2;

function evidenceOf(string $item, float $off, float $doubt = 0.08): Evidence
{
    return new Evidence(Source::FrontRate, 'half-ton pick-up', $item, $off, $doubt);
}

/** @param  list<Evidence>  $evidence */
function poolOf(array $evidence): Pool
{
    return new Pool($evidence, TEXTBOOK, AGAIN);
}

it('is the textbook where nothing was learned', function (): void {
    $pool = poolOf([]);

    expect($pool->another()->mean())
        ->toBe(0.0)
        ->and($pool->another()->deviation())
        ->toEqualWithDelta(TEXTBOOK, 1e-12)
        ->and($pool->next('anything')->deviation())
        ->toEqualWithDelta(TEXTBOOK, 1e-12)
        ->and($pool->jobs())
        ->toBe(0);
});

it('moves a little by one job, and never far by a vague one', function (): void {
    $one = poolOf([evidenceOf('a', 0.4)]);
    $vague = poolOf([evidenceOf('a', 0.4, 2.0)]);

    expect($one->next('a')->mean())
        ->toBeGreaterThan(0.2)
        ->toBeLessThan(0.4)
        ->and($one->another()->mean())
        ->toBeGreaterThan(0.05)
        ->toBeLessThan(0.25)
        ->and($one->another()->deviation())
        ->toBeGreaterThan(0.8 * TEXTBOOK)
        ->and(abs($vague->next('a')->mean()))
        ->toBeLessThan(0.03)
        ->and($vague->next('a')->deviation())
        ->toBeGreaterThan(0.97 * TEXTBOOK);
});

it('tells each item by itself, between its group and its own evidence', function (): void {
    $pool = poolOf([evidenceOf('7', 0.4), evidenceOf('7', 0.36), evidenceOf('9', -0.1), evidenceOf('11', 0.1)]);
    $each = $pool->each();

    expect(array_keys($each))
        ->toBe([7, 9, 11])
        ->and($each[7]->mean())
        ->toBe($pool->next('7')->mean())
        ->toBeGreaterThan($pool->another()->mean())
        ->toBeLessThan(0.4)
        ->and($each[9]->mean())
        ->toBeLessThan($pool->another()->mean())
        ->toBeGreaterThan(-0.1)
        ->and($each[7]->deviation())
        ->toBeLessThan($each[9]->deviation())
        ->toBeLessThan($pool->another()->deviation())
        ->and(poolOf([])->each())
        ->toBe([]);
});

it('gets surer of an item the more often it came, and never surer than it differs from job to job', function (): void {
    $deviations = array_map(
        static fn (int $many): float => poolOf(array_fill(0, $many, evidenceOf('a', 0.2)))->next('a')->deviation(),
        [1, 2, 4, 8, 50],
    );
    $sorted = $deviations;
    rsort($sorted);

    expect($deviations)
        ->toBe($sorted)
        ->and(end($deviations))
        ->toBeGreaterThanOrEqual(AGAIN * TEXTBOOK);
});

it('learns how far a group is from the textbook, and how far its items spread', function (
    float $off,
    float $spread,
): void {
    $random = new SeededSource(42);
    $evidence = [];
    for ($item = 0; $item < 60; $item++) {
        $own = $off + $random->normal($spread);
        for ($job = 0; $job < 3; $job++) {
            $evidence[] = evidenceOf("item {$item}", $own + $random->normal(hypot(0.08, AGAIN * TEXTBOOK)));
        }
    }
    $another = poolOf($evidence)->another();

    expect($another->mean())
        ->toEqualWithDelta($off, 0.06)
        ->and($another->deviation())
        ->toEqualWithDelta(hypot($spread, AGAIN * TEXTBOOK), 0.05);
})->with(['softer and alike' => [-0.25, 0.06], 'as usual' => [0.0, 0.2], 'stiffer and unlike' => [0.3, 0.3]]);

it('expects what comes with the doubt it claims', function (): void {
    $random = new SeededSource(7);
    [$within, $all] = [0, 0];
    for ($shop = 0; $shop < 60; $shop++) {
        $mean = $random->normal(0.2);
        $evidence = [];
        for ($item = 0; $item < 8; $item++) {
            $own = $mean + $random->normal(0.2);
            for ($job = 0; $job < 4; $job++) {
                $true = $own + $random->normal(AGAIN * TEXTBOOK);
                $next = poolOf($evidence)->next("item {$item}");
                $within += abs($true - $next->mean()) < $next->deviation() ? 1 : 0;
                $all++;
                $evidence[] = evidenceOf("item {$item}", $true + $random->normal(0.08));
            }
        }
    }

    expect($within / $all)->toEqualWithDelta(0.683, 0.05);
});

it('is not bent by one odd job', function (): void {
    $twenty = array_map(
        static fn (int $i): Evidence => evidenceOf('item '.$i % 10, 0.02 * (($i % 5) - 2)),
        range(1, 20),
    );
    $before = poolOf($twenty);
    foreach (['a new item' => evidenceOf('odd', 2.5), 'a known one' => evidenceOf('item 3', 2.5)] as $odd) {
        $after = poolOf([...$twenty, $odd]);
        foreach (['item 1', 'item 7', 'nobody'] as $item) {
            expect(abs($after->next($item)->mean() - $before->next($item)->mean()))->toBeLessThan(
                0.35 * $before->next($item)->deviation(),
            );
        }
        expect(abs($after->next('item 3')->mean() - $before->next('item 3')->mean()))->toBeLessThan(
            3.0 * $before->next('item 3')->deviation(),
        );
    }
});

it('counts jobs and items', function (): void {
    $pool = poolOf([evidenceOf('a', 0.1), evidenceOf('a', 0.2), evidenceOf('b', 0.0)]);

    expect([$pool->jobs(), $pool->items(), $pool->jobsWith('a'), $pool->jobsWith('c')])
        ->toBe([3, 2, 2, 0])
        ->and($pool->next('a'))
        ->toBeInstanceOf(Normal::class);
});
