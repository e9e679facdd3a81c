<?php

declare(strict_types=1);

use Yoke\Foundation\Probability\Normal;
use Yoke\Judgement\Advice\ExpectedHookUps;
use Yoke\Workshop\Day\DayLine;
use Yoke\Workshop\Day\DaySlot;
use Yoke\Workshop\Day\ForeseenTime;
use Yoke\Workshop\Day\SlotState;
use Yoke\Workshop\Day\StationTimes;
use Yoke\Workshop\Day\WorkedTime;
use Yoke\Workshop\Procedure\Station;

function foreseen(float $chance = 0.5, float $pace = 0.0, float $doubt = 0.2): ForeseenTime
{
    return ForeseenTime::of(
        [Station::Dropped, Station::BarsUp, Station::HandOver],
        ExpectedHookUps::from($chance),
        6,
        Normal::of($pace, $doubt),
    );
}

function slot(
    string $job,
    ?int $start,
    string $bay = '1',
    ?string $person = null,
    SlotState $state = SlotState::Waiting,
    ?int $planned = 60,
): DaySlot {
    return new DaySlot($job, $start, $bay, $person, foreseen(), $state, $planned);
}

it('foresees more the less likely the first hook-up is, and the slower the shop works', function (): void {
    $stations =
        StationTimes::usual(Station::Dropped) +
        StationTimes::usual(Station::BarsUp) +
        StationTimes::usual(Station::HandOver);
    $sure = foreseen(1.0, 0.0, 0.0);

    expect($sure->mean)
        ->toEqualWithDelta($stations + StationTimes::hookUp(6), 1e-9)
        ->and([$sure->least, $sure->most])
        ->toEqualWithDelta([$sure->mean, $sure->mean], 1e-9)
        ->and(foreseen(0.3)->mean)
        ->toBeGreaterThan(foreseen(0.9)->mean)
        ->and(foreseen(0.3)->most - foreseen(0.3)->least)
        ->toBeGreaterThan(foreseen(0.9)->most - foreseen(0.9)->least)
        ->and(foreseen(0.5, log(1.5))->mean)
        ->toEqualWithDelta(1.5 * foreseen(0.5)->mean, 1e-9)
        ->and(foreseen(0.5)->least)
        ->toBeLessThan(foreseen(0.5)->mean)
        ->and(foreseen(0.5)->most)
        ->toBeGreaterThan(foreseen(0.5)->mean);
});

it('foresees nothing where nothing is left', function (): void {
    $over = ForeseenTime::of([], null, 6, Normal::of(0.3, 0.2));

    expect([$over->mean, $over->least, $over->most])->toBe([0.0, 0.0, 0.0]);
});

it('tells what is late, what is next, and what clashes', function (): void {
    $begun = slot('1', 540, '1', 'Wren', SlotState::Begun);
    $waits = slot('2', 600, '1', 'Ash');
    $later = slot('3', 840, '2', 'Wren');
    $done = slot('4', 480, '2', 'Wren', SlotState::Done);
    $open = slot('5', null, '2');
    $line = new DayLine([$begun, $waits, $later, $done, $open], 615);

    expect(array_map($line->isLate(...), $line->slots))
        ->toBe([true, true, false, false, false])
        ->and($line->next()?->job)
        ->toBe('2')
        ->and($line->expectedEnd($begun))
        ->toBeGreaterThan(615)
        ->and($line->expectedEnd($done))
        ->toBeNull()
        ->and($line->expectedEnd($open))
        ->toBeNull()
        ->and($line->clashesOf($later))
        ->toBe([])
        ->and((new DayLine([$waits], 605))->isLate($waits))
        ->toBeFalse()
        ->and((new DayLine([$waits], null))->isLate($waits))
        ->toBeFalse()
        ->and((new DayLine([], 600))->next())
        ->toBeNull();
});

it('clashes in one bay or for one person at one time, and not otherwise', function (
    DaySlot $other,
    bool $clashes,
): void {
    $one = slot('1', 600, '1', 'Wren');

    expect($one->clashesWith($other))->toBe($clashes)->and($other->clashesWith($one))->toBe($clashes);
})->with([
    'the same bay' => [slot('2', 610, '1', 'Ash'), true],
    'the same person' => [slot('2', 610, '2', 'Wren'), true],
    'another bay and person' => [slot('2', 610, '2', 'Ash'), false],
    'one after the other' => [slot('2', 900, '1', 'Wren'), false],
    'handed over' => [slot('2', 610, '1', 'Wren', SlotState::Done), false],
    'without a time' => [slot('2', null, '1', 'Wren'), false],
]);

it('reckons the time worked from what was entered, long pauses left out', function (
    array $minutes,
    ?float $worked,
): void {
    expect(WorkedTime::minutes(array_map(static fn (int $minute): int => 60 * $minute, $minutes)))->toBe($worked);
})->with([
    'in one go' => [[0, 10, 20, 35], 40.0],
    'in any order' => [[35, 0, 20, 10], 40.0],
    'lunch between' => [[0, 10, 100, 110], 50.0],
    'too little' => [[0, 10], null],
    'nothing' => [[], null],
]);

it('counts no hour that a clock set forward or back, or another zone, put between two entries', function (
    int $shift,
): void {
    $moments = array_map(static fn (int $i): int => 300 * $i, range(0, 12));
    $shifted = array_map(
        static fn (int $moment, int $i): int => $i < 6 ? $moment : $moment + $shift,
        $moments,
        array_keys($moments),
    );
    [$plain, $changed] = [WorkedTime::minutes($moments), WorkedTime::minutes($shifted)];

    expect($plain)
        ->toBe(65.0)
        ->and($changed)
        ->toBeGreaterThan(30.0)
        ->toBeLessThanOrEqual($plain + 25.0);
})->with([
    'an hour forward' => 3600,
    'an hour back' => -3600,
    'from another continent' => 9 * 3600,
    'a clock that lost its battery' => -20 * 365 * 86_400,
]);

it(
    'expects the end of a job that waits from its time on, or from now where that is past, and of one that has begun from now on',
    function (): void {
        $takes = (int) round(foreseen()->mean);
        $ends = fn (?int $now, ?int $start, SlotState $state): ?int => (new DayLine(
            [slot('1', $start, state: $state)],
            $now,
        ))->expectedEnd(slot('1', $start, state: $state));

        expect($ends(600, 660, SlotState::Waiting))
            ->toBe(660 + $takes)
            ->and($ends(700, 660, SlotState::Waiting))
            ->toBe(700 + $takes)
            ->and($ends(null, 660, SlotState::Waiting))
            ->toBe(660 + $takes)
            ->and($ends(700, 600, SlotState::Begun))
            ->toBe(700 + $takes)
            ->and($ends(590, 600, SlotState::Begun))
            ->toBe(590 + $takes)
            ->and($ends(null, 600, SlotState::Begun))
            ->toBe(600 + $takes)
            ->and($ends(700, null, SlotState::Begun))
            ->toBe(700 + $takes)
            ->and($ends(700, null, SlotState::Waiting))
            ->toBeNull()
            ->and($ends(700, 600, SlotState::Done))
            ->toBeNull();
    },
);

it('has minutes for every station, and for one that nobody timed yet', function (): void {
    foreach (Station::cases() as $station) {
        expect(StationTimes::usual($station))->toBeGreaterThanOrEqual(5.0)->toBeLessThanOrEqual(20.0);
    }
    expect(StationTimes::usual(Station::Road))->toBe(20.0)->and(StationTimes::minutes('polish'))->toBe(8.0);
});
