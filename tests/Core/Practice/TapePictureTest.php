<?php

declare(strict_types=1);

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Foundation\Units\Text\LengthPrinter;
use Yoke\Proving\Practice\Tape\Eye;
use Yoke\Proving\Practice\Tape\TapeMark;
use Yoke\Proving\Practice\Tape\TapePicture;
use Yoke\Proving\Simulation\SeededSource;

it('draws every graduation where its height is, and the edge at the height it shows', function (
    Fineness $fineness,
    float $step,
): void {
    $random = new SeededSource(5);
    for ($i = 0; $i < 200; $i++) {
        $picture = TapePicture::of($random->between(500, 1100), Eye::Level, $random->between(0, 9));
        $marks = $picture->marks($fineness);
        $heights = array_map(static fn (TapeMark $mark): float => $mark->height, $marks);
        foreach ($marks as $n => $mark) {
            expect(abs($mark->height / $step - round($mark->height / $step)))->toBeLessThan(1e-9);
            if ($n > 0) {
                expect($mark->height - $heights[$n - 1])->toEqualWithDelta($step, 1e-9);
            }
            if ($mark->number !== null) {
                expect($mark->number * ($fineness === Fineness::Millimetre ? 1.0 : 25.4))->toEqualWithDelta(
                    $mark->height,
                    1e-9,
                );
            }
        }
        // Counting marks from the number below the edge comes to what the tape shows, to the nearest mark.
        $below = array_values(
            array_filter(
                $marks,
                static fn (TapeMark $mark): bool => $mark->number !== null && $mark->height <= $picture->shown,
            ),
        );
        $from = $below[count($below) - 1];
        $counted = $from->height + $step * round(($picture->shown - $from->height) / $step);
        expect($picture->nearest($fineness)->millimetres())
            ->toEqualWithDelta($counted, 1e-9)
            ->and((new LengthPrinter($fineness))->nearest(Length::ofMillimetres($counted)))
            ->toBe((new LengthPrinter($fineness))->nearest(Length::ofMillimetres($picture->stood)))
            ->and($picture->shown)
            ->toBe($picture->stood);
    }
})->with([
    'sixteenths' => [Fineness::Sixteenth, 25.4 / 16],
    'eighths' => [Fineness::Eighth, 25.4 / 8],
    'thirty-seconds' => [Fineness::ThirtySecond, 25.4 / 32],
    'millimetres' => [Fineness::Millimetre, 1.0],
]);

it('has the longest marks at whole units, shorter ones at halves, quarters, eighths and sixteenths', function (): void {
    $reach = static fn (int $sixteenths): float => TapeMark::of(33 * 16 + $sixteenths, Fineness::Sixteenth)->reach;

    expect([
        $reach(0) > $reach(8),
        $reach(8) > $reach(4),
        $reach(4) > $reach(2),
        $reach(2) > $reach(1),
        $reach(12) === $reach(4),
        $reach(3) === $reach(1),
    ])
        ->toBe([true, true, true, true, true, true])
        ->and(TapeMark::of(840, Fineness::Millimetre)->number)
        ->toBe(840)
        ->and(TapeMark::of(845, Fineness::Millimetre)->number)
        ->toBeNull()
        ->and(TapeMark::of(845, Fineness::Millimetre)->reach)
        ->toBeGreaterThan(TapeMark::of(846, Fineness::Millimetre)->reach);
});

it(
    'shows an eye that looks down a mark too high, the more so the farther the tape stands before the edge',
    function (): void {
        $off = static fn (float $gap, float $stood): float => TapePicture::of($stood, Eye::Standing, $gap)->shown -
            $stood;

        expect($off(0.0, 850.0))
            ->toBe(0.0)
            ->and($off(4.0, 850.0))
            ->toEqualWithDelta((4.0 * (1620.0 - 850.0)) / 850.0, 1e-9)
            ->and($off(8.0, 850.0))
            ->toBe(2.0 * $off(4.0, 850.0))
            ->and($off(8.0, 950.0))
            ->toBeLessThan($off(8.0, 850.0));
    },
);
