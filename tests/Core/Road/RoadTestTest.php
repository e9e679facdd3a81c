<?php

declare(strict_types=1);

use Yoke\Foundation\Units\RoadUnit;
use Yoke\Workshop\Procedure\Station;
use Yoke\Workshop\Road\Exception\ImpossibleRoadTest;
use Yoke\Workshop\Road\Feel;
use Yoke\Workshop\Road\RoadFinding;
use Yoke\Workshop\Road\RoadFindingKind;
use Yoke\Workshop\Road\RoadTest;
use Yoke\Workshop\Road\Severity;

/** A road test where nothing was felt, but for what is given. */
function drive(array $felt = [], float $speed = 80.0, float $distance = 12.0): RoadTest
{
    $nothing = array_column(
        array_map(fn (Feel $feel): array => [$feel->value, $feel->answers()[0]], Feel::cases()),
        1,
        0,
    );

    return RoadTest::of($speed, $distance, [...$nothing, ...$felt]);
}

it('points at nothing where nothing was felt', function (): void {
    expect(drive()->findings())
        ->toBe([])
        ->and(drive()->swayed())
        ->toBeFalse()
        ->and(drive(['road' => 'rough', 'wind' => 'strong', 'lorries' => 'felt'])->findings())
        ->toBe([]);
});

it('leads from what was felt to a station', function (
    array $felt,
    RoadFindingKind $kind,
    Station $station,
    Severity $severity,
): void {
    $first = drive($felt)->findings()[0];

    expect($first->station)->toBe($station)->and($first->severity)->toBe($severity)->and($first->kind)->toBe($kind);
})->with([
    'light steering' => [['steering' => 'light'], RoadFindingKind::FrontLight, Station::BarsUp, Severity::SeeTo],
    'heavy steering' => [['steering' => 'heavy'], RoadFindingKind::FrontHeavy, Station::BarsUp, Severity::SeeTo],
    'porpoising that went on' => [
        ['porpoising' => 'much'],
        RoadFindingKind::Porpoising,
        Station::Prove,
        Severity::SeeTo,
    ],
    'a little of it on a rough road' => [
        ['porpoising' => 'some', 'road' => 'rough'],
        RoadFindingKind::PorpoisingOnARoughRoad,
        Station::Prove,
        Severity::Watch,
    ],
    'a little of it on a smooth one' => [
        ['porpoising' => 'some', 'road' => 'smooth'],
        RoadFindingKind::PorpoisingOnASmoothRoad,
        Station::Prove,
        Severity::SeeTo,
    ],
    'pushed by lorries' => [['lorries' => 'pushed'], RoadFindingKind::LorriesPush, Station::Sway, Severity::SeeTo],
    'sway that settled at once in a gale' => [
        ['sway' => 'once', 'wind' => 'strong'],
        RoadFindingKind::SwayInWind,
        Station::Sway,
        Severity::Watch,
    ],
    'the same in calm air' => [
        ['sway' => 'once', 'wind' => 'calm'],
        RoadFindingKind::SwayInCalmAir,
        Station::Sway,
        Severity::SeeTo,
    ],
    'sway that grew, over all else' => [
        ['sway' => 'grew', 'steering' => 'light'],
        RoadFindingKind::SwayGrew,
        Station::Brief,
        Severity::StopHere,
    ],
]);

it('puts what stops the rig first, whatever was felt', function (): void {
    foreach (Feel::Sway->answers() as $sway) {
        foreach (Feel::Porpoising->answers() as $porpoising) {
            foreach (Feel::Steering->answers() as $steering) {
                $order = array_map(
                    fn (RoadFinding $finding): int => (int) array_search(
                        $finding->severity,
                        [Severity::StopHere, Severity::SeeTo, Severity::Watch],
                        true,
                    ),
                    drive(compact('sway', 'porpoising', 'steering'))->findings(),
                );
                $sorted = $order;
                sort($sorted);
                expect($order)->toBe($sorted);
            }
        }
    }
});

it('refuses what no drive can be', function (Closure $drive, string $field): void {
    try {
        $drive();
    } catch (ImpossibleRoadTest $impossible) {
        expect($impossible->field())
            ->toBe($field)
            ->and($impossible->expected()->key)
            ->toBe(in_array($field, ['speed', 'distance'], true) ? "road.{$field}" : 'road.answer');

        return;
    }
    $this->fail('It was taken.');
})->with([
    'standing' => [fn () => drive(speed: 0.0), 'speed'],
    'flying' => [fn () => drive(speed: 400.0), 'speed'],
    'no way at all' => [fn () => drive(distance: 0.0), 'distance'],
    'no number' => [fn () => drive(distance: NAN), 'distance'],
    'an answer of its own' => [fn () => drive(['sway' => 'a bit']), 'sway'],
    'a question left open' => [fn () => RoadTest::of(60.0, 5.0, ['road' => 'smooth']), 'wind'],
]);

it('reads and says speeds and distances in either unit', function (
    string $typed,
    RoadUnit $unit,
    ?float $kilometres,
): void {
    expect($unit->read($typed) === null ? null : round((float) $unit->read($typed), 3))->toBe($kilometres);
})->with([
    ['55', RoadUnit::Mile, 88.514],
    ['55', RoadUnit::Kilometre, 55.0],
    ['55 mph', RoadUnit::Kilometre, 88.514],
    ['88,5 km/h', RoadUnit::Mile, 88.5],
    ['12 miles', RoadUnit::Kilometre, 19.312],
    ['fast', RoadUnit::Mile, null],
    ['', RoadUnit::Mile, null],
    ['-5', RoadUnit::Mile, null],
    ['10 knots', RoadUnit::Mile, null],
]);

it('says what it reads', function (float $miles): void {
    expect(RoadUnit::Mile->read(RoadUnit::Mile->distance($miles * 1.609344)))
        ->toEqualWithDelta($miles * 1.609344, 1e-9)
        ->and(RoadUnit::Kilometre->read(RoadUnit::Kilometre->speed($miles)))
        ->toEqualWithDelta($miles, 1e-9);
})->with([3.0, 55.0, 1243.0]);
