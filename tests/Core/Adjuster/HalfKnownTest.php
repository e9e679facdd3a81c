<?php

declare(strict_types=1);

use Yoke\Judgement\Advice\HitchSettings;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Exception\ImpossibleSetting;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Family\HitchMeasures;

/** Links, washers and the head's holes of a usual hitch. */
function ofThreeAdjusters(): Adjusters
{
    $usual = new HitchMeasures(28.0);

    return Adjusters::of($usual->link(), $usual->tilt('washer'), $usual->head());
}

it('keeps what is known of a setting apart from what nobody knows', function (): void {
    $setting = ofThreeAdjusters()->recorded(['link' => 4, 'washer' => null, 'head' => 2.0]);

    expect($setting->told())
        ->toBe(['link' => 4.0, 'washer' => null, 'head' => 2.0])
        ->and($setting->steps())
        ->toBe(['link' => 4.0, 'head' => 2.0])
        ->and($setting->unknown())
        ->toBe(['washer'])
        ->and($setting->knows('washer'))
        ->toBeFalse()
        ->and($setting->with('washer', 3.0)->unknown())
        ->toBe([])
        ->and($setting->key())
        ->not->toBe($setting->with('washer', $setting->step('washer'))->key());
});

it('never says that what nobody knows was moved', function (): void {
    $adjusters = ofThreeAdjusters();
    $half = $adjusters->recorded(['link' => 4, 'washer' => null, 'head' => 2]);
    $whole = $adjusters->setting(['link' => 5.0, 'washer' => 6.0, 'head' => 2.0]);

    expect($half->changesTo($whole))->toBe(['link'])->and($whole->changesTo($half))->toBe(['link']);
});

it('refuses a setting without its count of links, one with a step left out, and one that there is not', function (
    array $told,
    string $key,
): void {
    expect(fn (): Setting => ofThreeAdjusters()->recorded($told))->toThrow(
        fn (ImpossibleSetting $impossible) => expect($impossible->expected()->key)
            ->toBe($key)
            ->and($impossible->expected()->text())
            ->not->toBe(''),
    );
})->with([
    'no links' => [['link' => null, 'washer' => 3, 'head' => 2], 'setting.not_counted'],
    'washers left out' => [['link' => 4, 'head' => 2], 'setting.missing'],
    'washers that there are not' => [['link' => 4, 'washer' => 99, 'head' => 2], 'setting.out_of_range'],
    'nothing of this hitch' => [['link' => 4, 'washer' => 3, 'head' => 2, 'turn' => null], 'setting.unknown'],
]);

it('plans with the rest, and leaves what nobody knows where it is', function (): void {
    $adjusters = ofThreeAdjusters();
    $half = $adjusters->recorded(['link' => 4, 'washer' => null, 'head' => 2]);
    $settings = (new HitchSettings($adjusters, $adjusters->middle()))->notKnowing($half->unknown());
    $planned = $settings->withTheHeadOf($half);
    $links = $adjusters->get('link')->range->all();

    expect(array_map(static fn (Setting $one): array => $one->unknown(), $planned))
        ->toBe(array_fill(0, count($links), ['washer']))
        ->and(array_map(static fn (Setting $one): float => $one->step('link'), $planned))
        ->toEqualCanonicalizing($links)
        ->and((new HitchSettings($adjusters, $adjusters->middle()))->notKnowing(['head'])->otherHeads($half))
        ->toBe([])
        ->and($settings->otherHeads($half))
        ->not->toBe([]);
});

it('doubts the tension by what the unknown washers may do, and by nothing where the head alone is unknown', function (): void {
    $adjusters = ofThreeAdjusters();
    $washers = $adjusters->recorded(['link' => 4, 'washer' => null, 'head' => 2]);
    $tilt = $adjusters->get('washer');

    // Any of so many washers, all as likely: their span over the root of twelve, each worth its tilt times the arm.
    expect($adjusters->tensionDoubt($washers, 700.0))
        ->toEqualWithDelta(($tilt->range->to - $tilt->range->from) * $tilt->pitch * 700.0 / sqrt(12), 1e-9)
        ->toBeGreaterThan(5.0)
        ->and($adjusters->tensionDoubt($adjusters->recorded(['link' => 4, 'washer' => 3, 'head' => null]), 700.0))
        ->toBe(0.0)
        ->and($adjusters->tensionDoubt($adjusters->middle(), 700.0))
        ->toBe(0.0);
});
