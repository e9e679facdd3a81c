<?php

declare(strict_types=1);

use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Counting;
use Yoke\Rig\Adjuster\Exception\ImpossibleSetting;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Adjuster\StepRange;
use Yoke\Rig\Family\Exception\UnknownFamily;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Family\HitchMeasures;

function chainHitch(): Adjusters
{
    return Adjusters::of(
        Adjuster::of('link', Role::Tension, 28.0, new StepRange(0, 8), 6)->withHalfSteps()->counted(Counting::Working),
        Adjuster::of('washer', Role::Tilt, deg2rad(1.0), new StepRange(0, 6), 30),
        Adjuster::of('head', Role::HeadHeight, 31.75, new StepRange(0, 2), 30),
    );
}

it('has a setting for each way to stand', function (): void {
    expect(chainHitch()->settings())
        ->toHaveCount(17 * 7 * 3)
        ->and(chainHitch()->middle()->steps())
        ->toBe(['link' => 4.0, 'washer' => 3.0, 'head' => 1.0]);
});

it('is worth its pitch, its tilt times the bar arm, and nothing for the head', function (
    array $to,
    float $tension,
    float $height,
    int $minutes,
): void {
    $hitch = chainHitch();
    $from = $hitch->setting(['link' => 4.0, 'washer' => 3.0, 'head' => 1.0]);
    $there = $hitch->setting([...$from->steps(), ...$to]);

    expect($hitch->tensionBetween($from, $there, 700.0))
        ->toEqualWithDelta($tension, 1e-9)
        ->and($hitch->tensionBetween($there, $from, 700.0))
        ->toEqualWithDelta(-$tension, 1e-9)
        ->and($hitch->ballHeightBetween($from, $there)->millimetres())
        ->toEqualWithDelta($height, 1e-9)
        ->and($hitch->minutesBetween($from, $there))
        ->toBe($minutes)
        ->and($from->changesTo($there))
        ->toBe(array_keys($to))
        ->and($from->equals($there))
        ->toBe($to === []);
})->with([
    'nothing changed' => [[], 0.0, 0.0, 0],
    'a link up' => [['link' => 5.0], 28.0, 0.0, 6],
    'half a link down' => [['link' => 3.5], -14.0, 0.0, 6],
    'a washer out' => [['washer' => 2.0], (-700.0 * M_PI) / 180, 0.0, 30],
    'a link and a washer at once' => [['link' => 5.0, 'washer' => 4.0], 28.0 + (700.0 * M_PI) / 180, 0.0, 30],
    'the head up a hole' => [['head' => 2.0], 0.0, 31.75, 30],
]);

it('never mixes up the two ways of counting links', function (): void {
    $working = chainHitch()->get('link');
    $takenUp = $working->counted(Counting::TakenUp);
    foreach ($working->range->all() as $step) {
        expect($working->meant($working->said($step)))->toBe($step)->and($takenUp->said($step))->toBe($step);
    }
    expect($working->said(6.0))->toBe(2.0)->and($working->said(6.5))->toBeLessThan($working->said(6.0));
});

it('refuses a setting that cannot be, and names the adjuster', function (
    array $steps,
    string $adjuster,
    string $sentence,
): void {
    try {
        chainHitch()->setting($steps);
    } catch (ImpossibleSetting $impossible) {
        expect($impossible->adjuster())
            ->toBe($adjuster)
            ->and($impossible->getMessage())
            ->toStartWith("setting.{$sentence}");

        return;
    }
    throw new LogicException('It was set.');
})->with([
    'beyond the last link' => [
        ['link' => 8.5, 'washer' => 3.0, 'head' => 1.0],
        'link',
        'out_of_range adjuster=link from=0 to=8',
    ],
    'below the first' => [
        ['link' => -1.0, 'washer' => 3.0, 'head' => 1.0],
        'link',
        'out_of_range adjuster=link from=0 to=8',
    ],
    'a quarter of a link' => [
        ['link' => 4.25, 'washer' => 3.0, 'head' => 1.0],
        'link',
        'out_of_range adjuster=link from=0 to=8 step=4.25',
    ],
    'half a washer' => [['link' => 4.0, 'washer' => 2.5, 'head' => 1.0], 'washer', 'out_of_range adjuster=washer'],
    'no washer said' => [['link' => 4.0, 'head' => 1.0], 'washer', 'missing adjuster=washer'],
    'a hole it has not' => [
        ['link' => 4.0, 'washer' => 3.0, 'head' => 1.0, 'hole' => 1.0],
        'hole',
        'unknown adjuster=hole',
    ],
]);

it('refuses an adjuster that cannot be', function (float $pitch, float $from, float $to, int $minutes): void {
    Adjuster::of('link', Role::Tension, $pitch, new StepRange($from, $to), $minutes);
})
    ->with([[0, 0, 8, 6], [-28, 0, 8, 6], [NAN, 0, 8, 6], [28, 8, 0, 6], [28, 0, 8, -1]])
    ->throws(ImpossibleSetting::class, 'link');

it('has seven families that distribute, and a plain ball that does not', function (): void {
    expect(Families::all())
        ->toHaveCount(8)
        ->and(Families::get('plain-ball')->facts()->takeUp->distributes())
        ->toBeFalse()
        ->and(Families::get('plain-ball')->hasBars())
        ->toBeFalse();
});

it('has seven families, each with something to set', function (): void {
    $families = Families::distributing();
    expect($families)
        ->toHaveCount(7)
        ->and(array_unique(array_map(fn (HitchFamily $family): string => $family->key(), $families)))
        ->toHaveCount(7);
    foreach ($families as $family) {
        expect($family->adjusters(new HitchMeasures())->settings())
            ->not->toBeEmpty()
            ->and($family->facts()->swayChecks)
            ->not->toBeEmpty()
            ->and($family->facts()->handwork->barsOn)
            ->not->toBeEmpty()
            ->and($family->facts()->handwork->barsOff)
            ->not->toBeEmpty()
            ->and($family->facts()->handwork->change)
            ->not->toBeEmpty()
            ->and(Families::get($family->key()))
            ->toEqual($family);
    }
    expect(array_filter($families, fn (HitchFamily $family): bool => ! $family->hasBars()))->toHaveCount(1);
});

it('knows no other family', function (): void {
    Families::get('magnet');
})->throws(UnknownFamily::class, 'family.unknown known=chain-snap-up, chain-rotating-latch');

it('knows what is usual in each family, so that one step is worth what it is', function (HitchFamily $family): void {
    $usual = $family->facts()->usual;
    $adjuster = $family->adjusters($usual)->all()[0];

    expect($adjuster->pitch)
        ->toBe($usual->pitchMm)
        ->and($adjuster->range->to)
        ->toEqual($usual->steps)
        ->and($usual->pitchMm * $usual->steps)
        ->toBeBetween(30, 300)
        ->and($family->hasBars() || $usual->pitchMm < 5.0)
        ->toBeTrue();
})->with(Families::distributing());

it('leaves washers and head alone where only what is small may move', function (): void {
    $adjusters = Families::get('chain-snap-up')->adjusters(Families::get('chain-snap-up')->facts()->usual);
    $stays = $adjusters->middle()->with('washer', 2.0);
    $small = $adjusters->smallAbout($stays)->settings();
    $changed = array_unique(
        array_merge(...array_map(fn (Setting $setting): array => $stays->changesTo($setting), $small)),
    );

    expect($changed)
        ->toBe(['link'])
        ->and(count($small))
        ->toBe(count($adjusters->get('link')->range->all()))
        ->and($adjusters->smallAbout($stays)->tensionBetween($small[0], $small[count($small) - 1], 720.0))
        ->toEqualWithDelta($adjusters->tensionBetween($small[0], $small[count($small) - 1], 720.0), 1e-9);
});

it('takes half links only where the family has them or the sheet says so', function (
    string $family,
    ?string $says,
    float $grain,
): void {
    $hitch = ['family' => $family, ...$says === null ? [] : ['link_steps' => $says]];
    $adjusters = Tests\Core\Planning\Described::of([], [], $hitch)->sheets->adjusters();

    expect($adjusters?->get('link')->range->grain)
        ->toBe($grain)
        ->and($adjusters?->get('link')->range->holds(3.5))
        ->toBe($grain < 1.0);
})->with([
    ['chain-snap-up', null, 0.5],
    ['chain-snap-up', 'whole', 1.0],
    ['chain-rotating-latch', null, 1.0],
    ['chain-rotating-latch', 'halves', 0.5],
    ['cam-bar', null, 0.5],
]);
