<?php

declare(strict_types=1);

use Yoke\Foundation\Units\Torque;
use Yoke\Workshop\Service\TorqueDone;
use Yoke\Workshop\Service\TorqueFinding;

it('holds a wrench against the data sheet: over-tight is as bad as loose', function (
    float $sheet,
    float $wrench,
    TorqueFinding $finding,
): void {
    $done = new TorqueDone(Torque::ofNewtonMetres($sheet), Torque::ofNewtonMetres($wrench));

    expect($done->finding())
        ->toBe($finding)
        ->and($done->isRight())
        ->toBe($finding === TorqueFinding::Right);
})->with([
    'to the mark' => [205.0, 205.0, TorqueFinding::Right],
    'within a wrench\'s doubt' => [205.0, 190.0, TorqueFinding::Right],
    'above, within it' => [205.0, 220.0, TorqueFinding::Right],
    'loose' => [205.0, 180.0, TorqueFinding::Loose],
    'not tightened at all' => [205.0, 0.0, TorqueFinding::Loose],
    'over-tight' => [205.0, 240.0, TorqueFinding::OverTight],
]);
