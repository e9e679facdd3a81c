<?php

declare(strict_types=1);

use Yoke\Foundation\Units\RoadUnit;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Specification\SpecificationSheet;
use Yoke\Workshop\Service\CareBook;
use Yoke\Workshop\Service\CareDone;
use Yoke\Workshop\Service\CareTask;
use Yoke\Workshop\Service\DueState;
use Yoke\Workshop\Service\DueTask;
use Yoke\Workshop\Service\Exception\ImpossibleDistance;

const SET_UP_DAY = 20_000;

/** @param  list<array{string, int, float|null}>  $lines  task, days after the set-up, km */
function book(
    array $lines,
    array $sheet = ['retorque_km' => 80.0, 'service_km' => 8000.0, 'service_months' => 12.0],
): CareBook {
    return new CareBook(
        CareTask::of(Families::get('chain-snap-up'), new SpecificationSheet($sheet)),
        array_map(static fn (array $line): CareDone => new CareDone($line[0], SET_UP_DAY + $line[1], $line[2]), $lines),
    );
}

function dueOf(CareBook $book, string $task): DueTask
{
    return array_values(array_filter($book->due(), static fn (DueTask $due): bool => $due->task->key === $task))[0];
}

it('has nothing due before a rig is handed over', function (): void {
    expect(book([])->due())
        ->toBe([])
        ->and(book([['distance', 0, 40_000.0], ['grease', 3, null]])->due())
        ->toBe([])
        ->and(book([])->driven())
        ->toBeNull();
});

it('counts by distance or by date, whichever comes first', function (
    array $lines,
    int $today,
    DueState $retorque,
    DueState $service,
): void {
    $book = book($lines);

    expect(dueOf($book, 'retorque')->state(SET_UP_DAY + $today, $book->driven()))
        ->toBe($retorque)
        ->and(dueOf($book, 'service')->state(SET_UP_DAY + $today, $book->driven()))
        ->toBe($service);
})->with([
    'just handed over' => [[['set-up', 0, null], ['distance', 0, 40_000.0]], 0, DueState::Soon, DueState::Later],
    'the first distance driven on the third day' => [
        [['set-up', 0, null], ['distance', 0, 40_000.0], ['distance', 3, 40_080.0]],
        3,
        DueState::Over,
        DueState::Later,
    ],
    'never driven, and two weeks gone' => [
        [['set-up', 0, null], ['distance', 0, 40_000.0], ['distance', 14, 40_000.0]],
        14,
        DueState::Over,
        DueState::Later,
    ],
    'a tenth of the service distance left' => [
        [['set-up', 0, 40_000.0], ['distance', 200, 47_250.0]],
        200,
        DueState::Over,
        DueState::Soon,
    ],
    'a year gone, little driven' => [
        [['set-up', 0, 40_000.0], ['distance', 360, 41_000.0]],
        365,
        DueState::Over,
        DueState::Over,
    ],
    'nobody read a distance' => [[['set-up', 0, null]], 5, DueState::Soon, DueState::Later],
]);

it('does the first re-torque once, the others again and again, and all anew after a set-up', function (): void {
    $keys = static fn (CareBook $book): array => array_map(
        static fn (DueTask $due): string => $due->task->key,
        $book->due(),
    );
    $done = [['set-up', 0, 40_000.0], ['retorque', 6, 40_090.0], ['grease', 100, null], ['grease', 150, null]];

    expect($keys(book([['set-up', 0, null]])))
        ->toContain('retorque')
        ->and($keys(book($done)))
        ->not->toContain('retorque')
        ->toContain('grease')
        ->and(dueOf(book($done), 'grease')->day)
        ->toBe(SET_UP_DAY + 150 + 183)
        ->and(dueOf(book($done), 'wear')->day)
        ->toBe(SET_UP_DAY + 183)
        ->and($keys(book([...$done, ['set-up', 400, null]])))
        ->toContain('retorque')
        ->and(dueOf(book([...$done, ['set-up', 400, null]]), 'grease')->day)
        ->toBe(SET_UP_DAY + 583);
});

it('foresees the day of a distance at the pace so far, and lists the first due first', function (): void {
    $book = book([['set-up', 0, 40_000.0], ['distance', 100, 44_000.0]]);
    $service = dueOf($book, 'service');
    $days = array_map(static fn (DueTask $due): int => $due->firstDay(), $book->due());
    $sorted = $days;
    sort($sorted);

    expect($service->forecast)
        ->toBe(SET_UP_DAY + 200)
        ->and($service->firstDay())
        ->toBe(SET_UP_DAY + 200)
        ->and($service->left(44_000.0))
        ->toBe(4000.0)
        ->and($service->state(SET_UP_DAY + 187, 44_000.0))
        ->toBe(DueState::Soon)
        ->and($service->state(SET_UP_DAY + 185, 44_000.0))
        ->toBe(DueState::Later)
        ->and($days)
        ->toBe($sorted);
});

it('refuses a distance lower than last time, in the unit that was asked for', function (): void {
    $book = book([['set-up', 0, 40_000.0], ['distance', 3, 40_500.0], ['grease', 9, null]]);
    $book->check(40_499.3, RoadUnit::Kilometre); // as it is printed in whole miles

    expect(fn () => $book->check(40_490.0, RoadUnit::Kilometre))
        ->toThrow(ImpossibleDistance::class, 'distance.lower last=40500 km read=40490 km')
        ->and(fn () => $book->check(39_000.0, RoadUnit::Mile))
        ->toThrow(ImpossibleDistance::class, 'distance.lower last=25166 mi')
        ->and(fn () => $book->check(3e6, RoadUnit::Kilometre))
        ->toThrow(ImpossibleDistance::class, 'distance.too_far most=2000000 km')
        ->and(ImpossibleDistance::unreadable(RoadUnit::Mile)->kilometres())
        ->toBeNull();
});

it('takes every distance from the sheet alone, and keeps the family in mind', function (): void {
    foreach (Families::all() as $family) {
        $tasks = array_column(CareTask::of($family, new SpecificationSheet([])), null, 'key');
        expect(array_filter($tasks, static fn (CareTask $task): bool => $task->every->kilometres !== null))
            ->toBe([])
            ->and($tasks['grease']->family)
            ->toBe($family)
            ->and($tasks['service']->every->days)
            ->toBe(365);
    }
});
