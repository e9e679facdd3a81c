<?php

declare(strict_types=1);

use Tests\Core\Method\Heights;
use Yoke\Method\Band;
use Yoke\Method\Exception\ImpossibleBand;
use Yoke\Method\FrontRestoration;
use Yoke\Method\RestorationTargets;
use Yoke\Method\Verdict;
use Yoke\Probability\Normal;
use Yoke\Readings\Height\HeightDoubt;
use Yoke\Readings\Height\Settling;
use Yoke\Simulation\SeededSource;
use Yoke\Units\Text\Fineness;
use Yoke\Units\Text\LengthPrinter;

function restoration(array $taped, Settling $settling = Settling::Rolled, ?Band $band = null): Yoke\Method\Judgement
{
    return (new FrontRestoration($band ?? Band::usual()))->judge(Heights::of($taped, $settling), new LengthPrinter(Fineness::Millimetre));
}

it('judges by the chances', function (float $dropped, float $carried, Verdict $verdict, string $advice): void {
    $judged = restoration(['alone' => [950], 'dropped' => [$dropped], 'carried' => [$carried]]);

    expect($judged->verdict)->toBe($verdict)
        ->and($judged->advice)->toContain($advice)
        ->and($judged->chances->short + $judged->chances->inBand + $judged->chances->over)->toEqualWithDelta(1.0, 1e-12);
})->with([
    'bars off' => [980, 980, Verdict::Short, 'More tension: bring the front down about 23 mm, to 958 mm'],
    'a fifth back' => [980, 974, Verdict::Short, 'never below 950 mm'],
    'three quarters back' => [980, 957, Verdict::InBand, 'between full return, 950 mm, and the edge of the band, 965 mm'],
    'past alone' => [980, 944, Verdict::Over, 'Less tension: let the front rise about 14 mm, to 958 mm. The front axle is never to carry more'],
    'on the lower edge' => [980, 965, Verdict::CannotTell, 'short 50 %, in band 50 %, over 0 %'],
    'on full return' => [980, 950, Verdict::CannotTell, 'over 50 %'],
]);

it('gives the share with its doubt', function (): void {
    $judged = restoration(['alone' => [950], 'dropped' => [980], 'carried' => [957.5]]);
    $one = hypot(0.9, 0.5);

    expect($judged->value->mean())->toEqualWithDelta(0.75, 1e-12)
        ->and($judged->value->deviation())->toEqualWithDelta($one * sqrt(0.25 ** 2 + 1 + 0.75 ** 2) / 30, 1e-12)
        ->and($judged->printed)->toBe('75 % ± 5 points');
});

it('agrees with a hundred thousand tapes', function (float $dropped, float $carried): void {
    $random = new SeededSource(5);
    $one = hypot(0.9, 0.5);
    $counts = ['short' => 0, 'over' => 0, 'all' => 0];
    for ($i = 0; $i < 100_000; $i++) {
        [$a, $d, $c] = [950 + $random->normal($one), $dropped + $random->normal($one), $carried + $random->normal($one)];
        if ($d > $a) {
            $counts['all']++;
            $counts['short'] += $d - $c < 0.5 * ($d - $a) ? 1 : 0;
            $counts['over'] += $c < $a ? 1 : 0;
        }
    }
    $chances = restoration(['alone' => [950], 'dropped' => [$dropped], 'carried' => [$carried]])->chances;

    expect($chances->short)->toEqualWithDelta($counts['short'] / $counts['all'], 0.006)
        ->and($chances->over)->toEqualWithDelta($counts['over'] / $counts['all'], 0.006);
})->with([
    'a good rise' => [970, 958],
    'a small rise' => [953, 951.5],
    'a rise that may be none' => [951, 950.5],
    'past alone' => [958, 949],
]);

it('cannot tell from a rise too small for the tape, and says what would', function (): void {
    $judged = restoration(['alone' => [950], 'dropped' => [952], 'carried' => [951]]);

    expect($judged->verdict)->toBe(Verdict::CannotTell)
        ->and($judged->value)->toBeNull()
        ->and($judged->advice)->toContain('Cannot tell')->toContain('moved only 2 mm')
        ->and($judged->advice)->toMatch('/short \d+ %, in band \d+ %, over \d+ %/')
        ->and($judged->advice)->toContain('weighbridge');
});

it('says over where the front is surely below alone, however small its rise was', function (): void {
    $judged = restoration(['alone' => [950], 'dropped' => [951], 'carried' => [940]]);

    expect($judged->verdict)->toBe(Verdict::Over)->and($judged->value)->toBeNull()->and($judged->advice)->toContain('Less tension');
});

it('names the one reading that would settle it', function (): void {
    $rolled = fn (float $mm) => (new HeightDoubt)->reading(Yoke\Units\Length::ofMillimetres($mm), Yoke\Rig\Suspension::Coil, Settling::Rolled);
    $heights = Heights::of(['alone' => [950], 'dropped' => [966], 'carried' => [956.9]], Settling::NotRolled)
        ->with(Yoke\Rig\Stance::Alone, Yoke\Rig\Axle::Front, $rolled(950))
        ->with(Yoke\Rig\Stance::Dropped, Yoke\Rig\Axle::Front, $rolled(966));
    $judged = (new FrontRestoration(Band::usual()))->judge($heights, new LengthPrinter(Fineness::Millimetre));

    expect($judged->verdict)->toBe(Verdict::CannotTell)
        ->and($judged->advice)->toContain('tape the front carried again: that one may settle it');
});

it('waits for each stance by name, and wants no rear fender', function (array $taped, string $missing): void {
    $judged = restoration($taped);

    expect($judged->verdict)->toBe(Verdict::Waiting)
        ->and($judged->advice)->toBe("Tape the front fender {$missing}.");
})->with([
    'nothing' => [[], 'alone'],
    'carried first, as a rig comes in' => [['carried' => [950, 960]], 'alone'],
    'no dropped' => [['alone' => [950], 'carried' => [955]], 'dropped'],
    'no carried' => [['alone' => [950], 'dropped' => [970]], 'carried'],
]);

it('gives no share where the front fell on coupling', function (): void {
    $judged = restoration(['alone' => [970], 'dropped' => [950], 'carried' => [960]]);

    expect($judged->verdict)->toBe(Verdict::CannotTell)
        ->and($judged->value)->toBeNull()
        ->and($judged->advice)->toContain('did not rise')->toContain('jack right up');
});

it('follows the band of the shop', function (): void {
    $taped = ['alone' => [950], 'dropped' => [980], 'carried' => [962]];

    expect(restoration($taped)->verdict)->toBe(Verdict::InBand)
        ->and(restoration($taped, band: Band::of(0.75, 1.0))->verdict)->toBe(Verdict::Short)
        ->and(restoration($taped, band: Band::of(0.2, 0.45))->verdict)->toBe(Verdict::Over);
});

it('refuses a band past full return', function (float $from, float $to): void {
    Band::of($from, $to);
})->with([[0.5, 1.1], [0.8, 0.5], [-0.1, 1.0], [0.5, 0.5], [NAN, 1.0]])->throws(ImpossibleBand::class, 'never goes above its alone load');

it('doubts a rig that was not rolled more', function (): void {
    $taped = ['alone' => [950], 'dropped' => [970], 'carried' => [957]];

    expect(restoration($taped, Settling::NotRolled)->value->deviation())
        ->toBeGreaterThan(1.5 * restoration($taped)->value->deviation());
});

it('says chances that sum to a hundred, whatever rounding leaves', function (float $short, float $over, string $words, Verdict $verdict): void {
    $chances = Yoke\Method\Chances::ofOutside($short, $over);

    expect($chances->inWords())->toBe($words)->and($chances->verdict())->toBe($verdict);
})->with([
    'thirds' => [1 / 3, 1 / 3, 'short 33 %, in band 34 %, over 33 %', Verdict::CannotTell],
    'just sure' => [0.75, 0.125, 'short 74 %, in band 13 %, over 13 %', Verdict::Short],
    'not quite sure' => [0.7499, 0.0, 'short 75 %, in band 25 %, over 0 %', Verdict::CannotTell],
    'surely over' => [0.0, 1.0, 'short 0 %, in band 0 %, over 100 %', Verdict::Over],
    'a hair beyond one' => [1.0000001, 0.0000001, 'short 100 %, in band 0 %, over 0 %', Verdict::Short],
]);

it('sets the targets between dropped and full return', function (): void {
    $targets = RestorationTargets::from(Heights::exact(950, 980, 965));

    expect($targets->halfway()->millimetres())->toBe(965.0)
        ->and($targets->fullReturn()->millimetres())->toBe(950.0)
        ->and($targets->at(0.0)->millimetres())->toBe(980.0)
        ->and(RestorationTargets::from(Heights::exact(980, 950, 965)))->toBeNull();
});

it('never advises a front below its alone height', function (): void {
    $random = new SeededSource(31);
    for ($i = 0; $i < 600; $i++) {
        $dropped = 950 + $random->between(-5, 40);
        $judged = restoration(['alone' => [950], 'dropped' => [$dropped], 'carried' => [$dropped - $random->between(-5, 60)]]);
        if ($judged->verdict === Verdict::Short) {
            expect($judged->advice)->toContain('never below 950 mm');
            $aim = preg_match('/to (\d+) mm for the middle/', $judged->advice, $target) === 1 ? (int) $target[1] : 950;
            expect($aim)->toBeGreaterThanOrEqual(950);
        }
        expect($judged->chances === null || $judged->verdict === $judged->chances->verdict())->toBeTrue();
    }
});

it('gives a restored share its chances in a band', function (float $share, float $doubt, Verdict $verdict): void {
    $chances = Band::of(0.5, 1.0)->chances(Normal::of($share, $doubt));

    expect($chances->verdict())->toBe($verdict)->and($chances->short + $chances->inBand + $chances->over)->toEqualWithDelta(1.0, 1e-12);
})->with([[0.75, 0.05, Verdict::InBand], [0.3, 0.05, Verdict::Short], [1.2, 0.05, Verdict::Over], [0.5, 0.1, Verdict::CannotTell], [0.75, 0.0, Verdict::InBand]]);
