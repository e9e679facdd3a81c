<?php

declare(strict_types=1);

use Yoke\Foundation\Units\Bounds;
use Yoke\Mechanics\Loading\TongueShare;
use Yoke\Workshop\Trip\HeightCheck;
use Yoke\Workshop\Trip\HeightFinding;
use Yoke\Workshop\Trip\TripEntry;
use Yoke\Workshop\Trip\TripOutcome;

function checkOf(float $front, float $rear): HeightCheck
{
    return new HeightCheck(
        new TripEntry(TripOutcome::Stays, [], 0.0, 0.9, 0.75, new TongueShare(0.12), $front, $rear, []),
    );
}

it('says what two heights mean, by where each stands', function (int $front, int $rear, HeightFinding $finding): void {
    expect(HeightFinding::of($front, $rear))->toBe($finding);
})->with([
    'as they should' => [0, 0, HeightFinding::Fits],
    'front high' => [1, 0, HeightFinding::TooLittle],
    'front high, rear low' => [1, -1, HeightFinding::TooLittle],
    'front low' => [-1, 0, HeightFinding::TooMuch],
    'front low, rear high' => [-1, 1, HeightFinding::TooMuch],
    'rear low' => [0, -1, HeightFinding::MoreWeight],
    'both low' => [-1, -1, HeightFinding::MoreWeight],
    'rear high' => [0, 1, HeightFinding::LessWeight],
    'both high' => [1, 1, HeightFinding::Otherwise],
]);

it('holds heights against those that the load should give, not against the card', function (
    float $front,
    float $rear,
    HeightFinding $finding,
): void {
    // With this load the front should stand 4 mm higher than on the card, the rear 12 mm lower.
    expect(checkOf(4.0, -12.0)->finding($front, $rear))->toBe($finding);
})->with([
    'just so' => [4.0, -12.0, HeightFinding::Fits],
    'within the doubt of an owner\'s tape' => [9.9, -17.9, HeightFinding::Fits],
    'as on the card' => [0.0, 0.0, HeightFinding::LessWeight],
    'front 7 higher' => [11.0, -12.0, HeightFinding::TooLittle],
    'front 7 lower' => [-3.0, -12.0, HeightFinding::TooMuch],
    'rear 7 lower' => [4.0, -19.0, HeightFinding::MoreWeight],
]);

it('gives the bounds that a page compares with, and they say the same', function (): void {
    $check = checkOf(4.0, -12.0);
    [$low, $high] = [$check->front()->low, $check->front()->high];
    foreach ([[$low - 0.01, -1], [$low, 0], [$high, 0], [$high + 0.01, 1]] as [$front, $place]) {
        expect($check->finding($front, -12.0))->toBe(HeightFinding::of($place, 0));
    }
    expect($check->rear())->toEqual(new Bounds(-18.0, -6.0));
});
