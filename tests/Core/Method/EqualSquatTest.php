<?php

declare(strict_types=1);

use Tests\Core\Method\Heights;
use Yoke\Method\EqualSquat;
use Yoke\Method\Judgement;
use Yoke\Method\SquatFloor;
use Yoke\Method\Verdict;
use Yoke\Readings\Height\Settling;
use Yoke\Simulation\SeededSource;
use Yoke\Units\Text\Fineness;
use Yoke\Units\Text\LengthPrinter;

function squat(array $taped, SquatFloor $floor = SquatFloor::AloneHeight): Judgement
{
    return (new EqualSquat($floor))->judge(Heights::of($taped), new LengthPrinter(Fineness::Millimetre));
}

it('judges both ends together', function (array $dropped, array $carried, Verdict $verdict, string $advice): void {
    $judged = squat(['alone' => [950, 980], 'dropped' => $dropped, 'carried' => $carried]);

    expect($judged->verdict)->toBe($verdict)->and($judged->advice)->toContain($advice);
})->with([
    'rear far down, front still up' => [[975, 930], [968, 938], Verdict::Short, 'Not to be met on this rig'],
    'alike within the tolerance' => [[962, 962], [953, 976], Verdict::InBand, 'Leave it: both ends are down alike within 13 mm'],
    'front below alone' => [[975, 930], [944, 970], Verdict::Over, 'below its alone height, 950 mm. Stop at full return'],
    'more tension would do' => [[970, 950], [963, 961], Verdict::Short, 'More tension'],
    'in doubt about the front' => [[962, 962], [950, 972], Verdict::CannotTell, 'tape'],
]);

it('gives the difference of the drops with its doubt', function (): void {
    $judged = squat(['alone' => [950, 980], 'carried' => [955, 960]]);

    expect($judged->value->mean())->toEqualWithDelta(25.0, 1e-12)
        ->and($judged->value->deviation())->toEqualWithDelta(sqrt(2 * (0.9 ** 2 + 0.5 ** 2) + 2 * (0.9 ** 2 + 1.1 ** 2)), 1e-12)
        ->and($judged->printed)->toStartWith('rear 25 mm more than front');
});

it('waits for both ends, and does without dropped', function (): void {
    expect(squat(['alone' => [950, 980], 'carried' => [955]])->advice)->toBe('Tape the rear fender carried.')
        ->and(squat(['alone' => [950, 980], 'carried' => [955, 960]])->verdict)->toBe(Verdict::Short);
});

it('never sends the front below its alone height', function (): void {
    $random = new SeededSource(3);
    $asked = 0;
    for ($i = 0; $i < 500; $i++) {
        $carried = [950 + $random->between(-25, 25), 980 + $random->between(-60, 10)];
        $judged = squat(['alone' => [950, 980], 'dropped' => [975, 925], 'carried' => $carried]);
        if (str_starts_with($judged->advice, 'More tension')) {
            $asked++;
            expect($carried[0])->toBeGreaterThan(950.0)
                ->and($judged->advice)->toContain('Stop when the front is back at its alone height, 950 mm.');
        }
        if ($carried[0] < 950 - 3) {
            expect($judged->verdict)->toBe(Verdict::Over)->and($judged->advice)->toContain('Less tension');
        }
    }
    expect($asked)->toBeGreaterThan(5);
});

it('goes further only where the hitch sheet asks', function (): void {
    $taped = ['alone' => [950, 980], 'dropped' => [975, 925], 'carried' => [944, 950]];

    expect(squat($taped)->verdict)->toBe(Verdict::Over)
        ->and(squat($taped, SquatFloor::HitchSheet)->verdict)->toBe(Verdict::Short)
        ->and(squat($taped, SquatFloor::HitchSheet)->advice)->toContain('hitch sheet');
});

it('agrees with a hundred thousand tapes', function (): void {
    $random = new SeededSource(17);
    [$front, $rear] = [hypot(0.9, 0.5), hypot(0.9, 1.1)];
    $short = $over = 0;
    for ($i = 0; $i < 100_000; $i++) {
        $f = (950 + $random->normal($front)) - (951 + $random->normal($front));
        $r = (980 + $random->normal($rear)) - (968 + $random->normal($rear));
        $over += $f > 0 || $r - $f < -13 ? 1 : 0;
        $short += $f <= 0 && $r - $f > 13 ? 1 : 0;
    }
    $chances = squat(['alone' => [950, 980], 'carried' => [951, 968]])->chances;

    expect($chances->short)->toEqualWithDelta($short / 100_000, 0.006)
        ->and($chances->over)->toEqualWithDelta($over / 100_000, 0.006);
});

it('says which reading to take again', function (): void {
    $heights = Heights::of(['alone' => [950, 980], 'carried' => [960, 956.5]], Settling::NotRolled);
    $judged = (new EqualSquat)->judge($heights, new LengthPrinter(Fineness::Sixteenth));

    expect($judged->verdict)->toBe(Verdict::Short);

    $close = Heights::of(['alone' => [950, 980], 'carried' => [960, 978.2]], Settling::NotRolled);
    $judged = (new EqualSquat)->judge($close, new LengthPrinter(Fineness::Sixteenth));

    expect($judged->verdict)->toBe(Verdict::CannotTell)->and($judged->advice)->toContain('Roll forward and back');
});
