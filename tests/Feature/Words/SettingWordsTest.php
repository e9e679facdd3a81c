<?php

declare(strict_types=1);

use App\Words\SettingWords;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Planning\RigSpecification;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Parts\Hitch;
use Yoke\Rig\Parts\Rig;
use Yoke\Rig\Parts\Suspension;
use Yoke\Rig\Parts\Trailer;
use Yoke\Rig\Parts\TrailerBody;
use Yoke\Rig\Parts\Vehicle;
use Yoke\Rig\Parts\VehicleBody;
use Yoke\Rig\Specification\SpecificationSheet;

function wordsOf(string $family, string $counting = 'taken up'): SettingWords
{
    $rig = Rig::of(
        Vehicle::of(
            VehicleBody::PickUp,
            Length::ofMillimetres(3720),
            Length::ofMillimetres(1340),
            Suspension::Coil,
            Suspension::Leaf,
        ),
        Trailer::of(TrailerBody::Box, 2, Length::ofMillimetres(5150), Load::ofKilograms(3180)),
        Hitch::of(Length::ofMillimetres(720)),
    );

    return new SettingWords(
        new RigSpecification(
            $rig,
            new SpecificationSheet([]),
            new SpecificationSheet([]),
            new SpecificationSheet(['family' => $family, 'counting' => $counting]),
        ),
    );
}

it('says settings and changes in every family\'s words', function (string $key): void {
    $words = wordsOf($key);
    $middle = Families::get($key)->adjusters(new Yoke\Rig\Family\HitchMeasures())->middle();
    $first = $words->adjusters()[0]->key;
    $tighter = $middle->with($first, $middle->step($first) + 1);
    $one = (new App\Words\FamilyWords(Families::get($key)))->one($first);

    expect($words->of($middle))
        ->toStartWith("{$one} ")
        ->and($words->change($middle, $tighter))
        ->toBe("1 {$one} tighter")
        ->and($words->change($tighter, $middle))
        ->toBe("1 {$one} looser")
        ->and($words->change($middle, $middle))
        ->toBe('');
})->with(array_map(fn (HitchFamily $family): string => $family->key(), Families::distributing()));

it('counts links as the shop does, and tighter stays tighter', function (): void {
    $setting = Families::get('chain-snap-up')->adjusters(new Yoke\Rig\Family\HitchMeasures())->middle()->with('link', 5.5);
    $tighter = $setting->with('link', 6.0)->with('washer', 2.0);

    expect(wordsOf('chain-snap-up')->of($setting))
        ->toBe('link 5.5, 3 washers')
        ->and(wordsOf('chain-snap-up', 'working')->of($setting))
        ->toBe('link 2.5, 3 washers')
        ->and(wordsOf('chain-snap-up', 'working')->change($setting, $tighter))
        ->toBe('half a link tighter, 1 washer looser');
});

it('says the head only where it moves', function (): void {
    $middle = Families::get('chain-snap-up')->adjusters(new Yoke\Rig\Family\HitchMeasures())->middle();
    $higher = $middle->with('head', 3.0);

    expect(wordsOf('chain-snap-up')->of($higher))
        ->not->toContain('head')
        ->and(wordsOf('chain-snap-up')->of($higher, $middle))
        ->toContain('head hole 4')
        ->and(wordsOf('chain-snap-up')->change($middle, $higher))
        ->toBe('raise the head 1 hole')
        ->and(wordsOf('chain-snap-up')->change($higher, $middle))
        ->toBe('lower the head 1 hole');
});
