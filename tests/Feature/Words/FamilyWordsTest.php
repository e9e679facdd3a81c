<?php

declare(strict_types=1);

use App\Words\FamilyWords;
use App\Words\StationWords;
use App\Words\SwayWords;
use Yoke\Family\Families;
use Yoke\Family\HitchFamily;
use Yoke\Family\HitchMeasures;
use Yoke\Family\SwayControl;
use Yoke\Procedure\Station;
use Yoke\Sway\SwayCheck;

dataset('families', fn (): array => array_column(array_map(fn (HitchFamily $family): array => [$family->key(), [$family]], Families::all()), 1, 0));

it('has words for every adjuster of a family, and quirks of its own', function (HitchFamily $family): void {
    $words = new FamilyWords($family);
    foreach ($family->adjusters(new HitchMeasures)->all() as $adjuster) {
        expect($words->one($adjuster->key))->toMatch('/^[a-z ]+$/')->and($words->many($adjuster->key))->not->toBe($words->one($adjuster->key));
    }

    expect($words->name())->toMatch('/^[a-z]/')
        ->and($words->sway())->toMatch('/^[a-z]/')
        ->and($words->quirks())->not->toBeEmpty()->each->toEndWith('.');
})->with('families');

it('counts in the words of the family', function (string $family, string $adjuster, float $steps, string $words): void {
    expect((new FamilyWords(Families::get($family)))->count($adjuster, $steps))->toBe($words);
})->with([
    ['chain-snap-up', 'link', 1.0, '1 link'],
    ['chain-snap-up', 'link', -2.0, '2 links'],
    ['cam-bar', 'link', 0.5, 'half a link'],
    ['cam-bar', 'link', 1.5, '1 1/2 links'],
    ['pad-under-cover', 'tooth', 2.0, '2 teeth'],
    ['tension-chain', 'thread', 3.0, '3 threads'],
    ['screw-jack-gauge', 'turn', 0.0, '0 turns'],
]);

/** All that is said of a family, and said on a hitch of it at every station, in lower case. */
function saidOf(HitchFamily $family): string
{
    $said = [];
    $texts = (array) trans("family/{$family->key()}");
    array_walk_recursive($texts, function (string $text) use (&$said): void {
        $said[] = $text;
    });
    foreach (Station::cases() as $station) {
        array_push($said, StationWords::caution($station, $family), ...StationWords::steps($station, $family));
    }

    return str_replace(['tension chain, no bars', 'safety chain', 'never to the chains', 'separate friction bar'], '', strtolower(implode("\n", $said)));
}

it('speaks of no part that a family has not, at no station', function (HitchFamily $family): void {
    $foreign = match ($family->key()) {
        'tension-chain' => ['bars', 'washer', 'screw', 'pads', 'lift tool'],
        'screw-jack-gauge' => ['chain', 'link', 'washer', 'pads'],
        'friction-bracket', 'pad-under-cover' => ['chain', 'link', 'screw', 'thread'],
        default => ['screw', 'thread', 'pads'],
    };

    foreach ($foreign as $part) {
        expect(str_contains(saidOf($family), $part))->toBeFalse("{$family->key()} speaks of {$part}");
    }
})->with('families');

it('says for each family where no grease goes: wherever something rubs', function (HitchFamily $family): void {
    $rubs = in_array($family->facts()->control, [SwayControl::Bracket, SwayControl::Pads, SwayControl::Cone, SwayControl::Head], true);
    $words = new FamilyWords($family);

    expect($words->grease())->toContain('Ball')
        ->and(str_contains(strtolower($words->grease()), 'no grease'))->toBe($rubs)
        ->and($words->wear())->toContain('coupler pin');
})->with('families');

it('has a remedy for every sway check', function (HitchFamily $family): void {
    foreach (SwayCheck::of($family) as $check) {
        expect(SwayWords::check($check))->not->toEndWith('.')->and(SwayWords::remedy($check))->toEndWith('.');
    }
})->with('families');

it('never tells to brake hard or to steer against sway, and promises no speed', function (): void {
    expect(implode(' ', SwayWords::onTheRoad()))
        ->toContain('Ease off the throttle')
        ->toContain('No hard braking')
        ->toContain('Do not steer against it')
        ->not->toMatch('/\d+ ?(km|mph)/');
});
