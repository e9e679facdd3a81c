<?php

declare(strict_types=1);

use Yoke\Rig\Parts\Stance;
use Yoke\Workshop\Procedure\Station;

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
});
