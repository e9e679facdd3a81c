<?php

declare(strict_types=1);

use Yoke\Procedure\Station;
use Yoke\Rig\Stance;

it('runs from brief to hand over and back', function (): void {
    $station = Station::Brief;
    $passed = [$station];
    while (($station = $station->next()) !== null) {
        expect($station->before())->toBe($passed[count($passed) - 1]);
        $passed[] = $station;
    }

    expect($passed)->toBe(Station::cases())->and(Station::Brief->before())->toBeNull();
});

it('tapes each stance at one station, in order', function (): void {
    foreach (Stance::cases() as $stance) {
        expect(Station::of($stance)->stance())->toBe($stance);
    }
    expect(Station::Alone->nextTaped())->toBe(Station::Dropped)
        ->and(Station::Dropped->nextTaped())->toBe(Station::BarsUp)
        ->and(Station::BarsUp->nextTaped())->toBeNull();
});

it('says at every station what to do and what to mind', function (Station $station): void {
    expect($station->guide()->steps)->not->toBeEmpty()->each->toEndWith('.')
        ->and($station->guide()->caution)->not->toBe('')
        ->and($station->title())->toMatch('/^[A-Z][a-z]+([ -][a-z]+)*$/');
})->with(Station::cases());

it('cautions about stored energy where the bars go up, and about the breakaway cable at hook-up', function (): void {
    expect(Station::BarsUp->guide()->caution)->toContain('Fingers clear')
        ->and(Station::HookUp->guide()->caution)->toContain('never to the chains')
        ->and(Station::Prove->guide()->caution)->toContain('never above its alone load');
});
