<?php

declare(strict_types=1);

use Yoke\Service\Recheck;
use Yoke\Service\TorqueDone;
use Yoke\Units\Torque;
use Yoke\Units\TorqueUnit;

it('holds a wrench against the sheet: over-tight is as bad as loose', function (float $sheet, float $wrench, string $says): void {
    $done = new TorqueDone(Torque::ofNewtonMetres($sheet), Torque::ofNewtonMetres($wrench));

    expect($done->isRight())->toBe($says === '')->and(str_starts_with($done->says(TorqueUnit::NewtonMetre), $says))->toBeTrue()
        ->and($done->says(TorqueUnit::PoundFoot) === '')->toBe($says === '');
})->with([
    'to the mark' => [205.0, 205.0, ''],
    'within a wrench\'s doubt' => [205.0, 190.0, ''],
    'above, within it' => [205.0, 220.0, ''],
    'loose' => [205.0, 180.0, 'Loose: 180 N·m, the sheet asks for 205 N·m.'],
    'not tightened at all' => [205.0, 0.0, 'Loose: 0 N·m'],
    'over-tight' => [205.0, 240.0, 'Over-tight, as bad as loose: 240 N·m'],
]);

it('says what is looked at again, and when, and tells no distance of its own', function (): void {
    $all = Recheck::all();

    expect(count($all))->toBeGreaterThan(4)->and(array_unique(array_column($all, 'what')))->toBe(array_column($all, 'what'))
        ->and(implode(' ', array_column($all, 'when')))->toContain('hitch\'s sheet')->toContain('trailer\'s load change')->not->toMatch('/\d/');
});
