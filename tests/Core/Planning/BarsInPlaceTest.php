<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\Term;
use Yoke\Job\Planning\Check;
use Yoke\Job\Planning\CheckKind;
use Yoke\Job\Planning\Proof;
use Yoke\Judgement\Advice\Advisor;
use Yoke\Judgement\Advice\HitchSettings;
use Yoke\Judgement\Advice\Recommendation;
use Yoke\Judgement\Advice\SettingForecast;
use Yoke\Judgement\Constraint\BarRating;
use Yoke\Judgement\Constraint\Exclusion;
use Yoke\Judgement\Constraint\TipClearance;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Judgement\Method\Tolerances;
use Yoke\Measuring\Bars\BarHang;
use Yoke\Measuring\Bars\BracketPlace;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchMeasures;
use Yoke\Rig\Specification\SpecificationSheet;

function chains(): Adjusters
{
    return Families::get('chain-snap-up')->adjusters(new HitchMeasures(pitchMm: 28.0));
}

/** Bars as they hang under the planetarium's frame, with some of it not taped. */
function hang(array $without = [], array $with = []): BarHang
{
    $taped = array_diff_key(
        [
            ...['hang_mm' => 212.0, 'head_gap_mm' => 60.0, 'bar_length_mm' => 722.0, 'tip_clearance_mm' => 150.0],
            ...$with,
        ],
        array_flip($without),
    );

    return BarHang::of(
        chains(),
        Length::ofMillimetres(720),
        new SpecificationSheet(in_array('frame_height_mm', $without, true) ? [] : ['frame_height_mm' => 402.0]),
        new SpecificationSheet($taped),
    );
}

function carriedRig(float $share = 0.75): Attitude
{
    $rig = Priors::rig()->likelyRig();

    return $rig->carried($rig->tensionFor($share));
}

it('hangs the bars a pitch higher for each link taken up, and tilt leaves them', function (): void {
    $setting = chains()->middle();
    $at = fn (float $link): float => hang()->hang($setting->with('link', $link))->millimetres();

    expect($at(0.0))
        ->toBe(212.0)
        ->and($at(3.0))
        ->toEqualWithDelta(128.0, 1e-9)
        ->and($at(3.5))
        ->toEqualWithDelta(114.0, 1e-9)
        ->and(hang()->hang($setting->with('washer', 0.0)))
        ->toEqual(hang()->hang($setting->with('washer', 6.0)))
        ->and(hang()->fromParallel($setting->with('link', 5.0))->degrees())
        ->toEqualWithDelta(-rad2deg(atan(12 / 720)), 1e-9)
        ->and(hang()->fromParallel($setting->with('link', 6.0))->isNegative())
        ->toBeFalse();
});

it('derives the bar-tip clearance from terms that add up, higher for more links', function (): void {
    foreach ([0.0, 2.5, 5.0] as $link) {
        $setting = chains()->middle()->with('link', $link);
        $clearance = hang()->clearance($setting, carriedRig());
        $terms = hang()->clearanceTerms($setting, carriedRig());

        expect(array_sum(array_map(fn (Term $term): float => $term->comesTo->millimetres(), $terms)))
            ->toEqualWithDelta($clearance->millimetres(), 1e-9)
            ->and(hang()->clearance($setting->with('link', $link + 1), carriedRig())->isGreaterThan($clearance))
            ->toBeTrue();
    }
});

it('says nothing of what nobody taped', function (string $missing, array $told): void {
    $hang = hang([$missing]);
    $setting = chains()->middle();
    $bracket = Length::ofMillimetres(720);
    $answers = [
        $hang->fromParallel($setting),
        $hang->clearance($setting, carriedRig()),
        $hang->chainLean($setting, carriedRig(), $bracket),
    ];

    expect(array_map(fn (?object $answer): bool => $answer !== null, $answers))->toBe($told);
})->with([
    'the chain' => ['hang_mm', [false, false, false]],
    'the head' => ['head_gap_mm', [false, true, false]],
    'the frame' => ['frame_height_mm', [true, false, true]],
    'the bar' => ['bar_length_mm', [true, true, false]],
]);

it('squares the chains where the bracket stands over the bar\'s eye', function (): void {
    $setting = chains()->middle();
    $eye = hang()->bar($setting, carriedRig())->eyeDistance();
    $lean = fn (float $bracket): float => hang()
        ->chainLean($setting, carriedRig(), Length::ofMillimetres($bracket))
        ->degrees();

    expect($lean($eye))
        ->toEqualWithDelta(0.0, 1e-9)
        ->and($lean($eye + 10))
        ->toBeGreaterThan(4.0)
        ->and($lean($eye - 10))
        ->toBeLessThan(-4.0);
});

it('never advises tips nearer to the ground than the hitch\'s specification allows', function (): void {
    $ranked = function (BarHang $hang): Recommendation {
        $settings = new HitchSettings(chains(), chains()->middle(), [new TipClearance($hang)]);

        return (new Advisor($settings, usualGoal(), new Yoke\Judgement\Advice\StoppingRules()))->advise(
            (new Estimation(Priors::rig(0.1, 15.0), []))->posterior(),
        );
    };
    $strict = hang(with: ['tip_clearance_mm' => 270.0]);
    $low = $ranked($strict);
    $clearance = fn (SettingForecast $forecast): float => $strict
        ->clearance($forecast->setting, $forecast->stance->carried)
        ->millimetres();
    $barred = array_filter(
        $low->ranking,
        fn (SettingForecast $forecast): bool => $forecast->excluded === Exclusion::TipsTooLow,
    );

    expect($ranked(hang())->forecast->excluded)
        ->toBeNull()
        ->and($barred)
        ->not->toBeEmpty()
        ->and($low->forecast->isOpen())
        ->toBeTrue()
        ->and($clearance($low->forecast))
        ->toBeGreaterThanOrEqual(270.0);
    foreach ($barred as $forecast) {
        expect($clearance($forecast))->toBeLessThan(270.0);
    }
});

it('puts the brackets at the sheet\'s distance, or as near as what is in the way allows', function (
    ?array $tray,
    ?float $at,
): void {
    $length = fn (float $millimetres): Length => Length::ofMillimetres($millimetres);
    $place = BracketPlace::choose(
        $length(720),
        $length(680),
        $length(780),
        $tray === null ? null : array_map($length, $tray),
    );

    expect($place->at?->millimetres())
        ->toBe($at)
        ->and($place->moved?->millimetres())
        ->toBe($at === null ? null : $at - 720.0);
})->with([
    'nothing in the way' => [null, 720.0],
    'a tray well behind' => [[900.0, 1200.0], 720.0],
    'a tray that just clears' => [[765.0, 900.0], 720.0],
    'a tray close behind' => [[745.0, 900.0], 700.0],
    'a jack close ahead' => [[500.0, 700.0], 745.0],
    'a tray over all of it' => [[600.0, 900.0], null],
    'a post in the middle' => [[720.0, 722.0], 767.0],
    'a thin post, room behind' => [[690.0, 700.0], 745.0],
]);

it('holds the load of all bars against the rating of one of them times their number', function (): void {
    $carried = carriedRig();
    expect($carried->rig()->bars()->count)->toBe(2);
    $against = fn (float $part): ?Exclusion => (new BarRating(Load::ofKilograms($part * $carried->barLoad()->kilograms())))->against(
        chains()->middle(),
        $carried,
    );
    expect($against(0.51))->toBeNull()->and($against(0.49))->toBe(Exclusion::BarsPastRating);

    $prior = Priors::rig();
    $posterior = (new Estimation($prior, []))->posterior();
    $on = new CurrentSetting(chains()->middle(), 0.0, 0.0);
    $load = $posterior->rig(0.0)->carried($posterior->tension())->barLoad()->kilograms();
    $check = fn (float $part): Check => array_values(
        array_filter(
            (new Proof($posterior, $on, Load::ofKilograms($part * $load), null, new Tolerances()))->checks(),
            fn (Check $one): bool => in_array($one->kind, [CheckKind::BarsInRating, CheckKind::BarsPastRating], true),
        ),
    )[0];
    expect($check(0.8)->kind)
        ->toBe(CheckKind::BarsInRating)
        ->and($check(0.8)->stands)
        ->toEqualWithDelta(0.625, 1e-9)
        ->and($check(0.4)->kind)
        ->toBe(CheckKind::BarsPastRating);
});

it('brings the bar\'s tip nearer the ground where the nose is up: the frame behind the ball sinks', function (): void {
    $carried = carriedRig();
    $with = fn (float $pitch): Attitude => new Attitude(
        $carried->rig(),
        $carried->load,
        $carried->load,
        $carried->barMoment,
        $pitch,
    );
    $setting = chains()->middle();
    $clear = fn (float $pitch): float => hang()->clearance($setting, $with($pitch))->millimetres();

    // The ball stands where it stood: what the pitch moves is the frame 720 mm behind it.
    expect($with(0.02)->ballRise()->millimetres())
        ->toEqualWithDelta($with(-0.02)->ballRise()->millimetres(), 1e-9)
        ->and($clear(0.0) - $clear(0.02))
        ->toEqualWithDelta(14.4, 1e-9)
        ->and($clear(-0.02) - $clear(0.0))
        ->toEqualWithDelta(14.4, 1e-9);
});
