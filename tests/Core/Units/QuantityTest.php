<?php

declare(strict_types=1);

use Yoke\Foundation\Units\Angle;
use Yoke\Foundation\Units\Exception\NotFinite;
use Yoke\Foundation\Units\Exception\UnreadableLoad;
use Yoke\Foundation\Units\Exception\UnreadableQuantity;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\LengthUnit;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\LoadUnit;
use Yoke\Foundation\Units\Pressure;
use Yoke\Foundation\Units\PressureUnit;
use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Foundation\Units\Text\LengthParser;
use Yoke\Foundation\Units\Text\LengthPrinter;
use Yoke\Foundation\Units\Text\LoadParser;
use Yoke\Foundation\Units\Torque;
use Yoke\Foundation\Units\TorqueUnit;

dataset('amounts', [0.0, 1.0, -1.0, 1e-9, 38.5, -977.9, 1e12, PHP_FLOAT_EPSILON]);

it('comes back from every unit as it went in', function (float $amount): void {
    $close = fn (float $back): mixed => expect($back)->toEqualWithDelta($amount, 1e-12 * max(1.0, abs($amount)));

    $close(Length::ofInches($amount)->inches());
    $close(Length::ofMillimetres($amount)->millimetres());
    $close(Load::ofPounds($amount)->pounds());
    $close(Load::ofKilograms($amount)->kilograms());
    $close(Torque::ofPoundFeet($amount)->poundFeet());
    $close(Torque::ofNewtonMetres($amount)->newtonMetres());
    $close(Pressure::ofPoundsPerSquareInch($amount)->poundsPerSquareInch());
    $close(Pressure::ofBars($amount)->kilopascals() / 100);
    $close(Angle::ofDegrees($amount)->degrees());
    $close(Angle::ofRadians($amount)->radians());
})->with('amounts');

it('holds the exact conversions', function (): void {
    expect(Length::ofInches(1)->millimetres())
        ->toBe(25.4)
        ->and(Load::ofPounds(1)->kilograms())
        ->toBe(0.45359237)
        ->and(Torque::ofPoundFeet(1)->newtonMetres())
        ->toBe(1.3558179483)
        ->and(Length::of(1, LengthUnit::Foot)->inches())
        ->toEqualWithDelta(12.0, 1e-12);
});

it('adds and compares without changing what it is made of', function (): void {
    $long = Length::ofMillimetres(980);
    $short = Length::ofMillimetres(955);

    expect($long->minus($short)->millimetres())
        ->toBe(25.0)
        ->and($short->minus($long)->isNegative())
        ->toBeTrue()
        ->and($short->isLessThan($long))
        ->toBeTrue()
        ->and($long->isGreaterThan($short))
        ->toBeTrue()
        ->and($short->plus($long)->times(0.5)->millimetres())
        ->toBe(967.5)
        ->and($short->minus($long)->absolute()->millimetres())
        ->toBe(25.0)
        ->and($long->millimetres())
        ->toBe(980.0);
});

it('is never infinite', function (float $endless): void {
    Length::ofMillimetres($endless);
})
    ->with([INF, -INF, NAN])
    ->throws(NotFinite::class);

it('prints to the nearest step in lowest terms', function (
    Fineness $fineness,
    float $millimetres,
    string $printed,
): void {
    expect((new LengthPrinter($fineness))->nearest(Length::ofMillimetres($millimetres)))->toBe($printed);
})->with([
    'sixteenths' => [Fineness::Sixteenth, 977.9, '38 1/2 in'],
    'just past a half step' => [Fineness::Sixteenth, 977.9 + 0.8, '38 9/16 in'],
    'just before a half step' => [Fineness::Sixteenth, 977.9 + 0.78, '38 1/2 in'],
    'eighths' => [Fineness::Eighth, 979.4, '38 1/2 in'],
    'thirty-seconds' => [Fineness::ThirtySecond, 978.7, '38 17/32 in'],
    'up to a whole inch' => [Fineness::Sixteenth, 990.1, '39 in'],
    'less than an inch' => [Fineness::Sixteenth, 11.1, '7/16 in'],
    'nothing' => [Fineness::Sixteenth, 0.2, '0 in'],
    'below zero' => [Fineness::Sixteenth, -11.1, '-7/16 in'],
    'millimetres' => [Fineness::Millimetre, 977.5, '978 mm'],
]);

it('reads back what it prints, to half a step', function (Fineness $fineness): void {
    $printer = new LengthPrinter($fineness);
    $parser = new LengthParser($fineness->unit());
    mt_srand(11);
    for ($i = 0; $i < 500; $i++) {
        $length = Length::ofMillimetres(mt_rand(-20_000_000, 20_000_000) / 10_000);
        $back = $parser->parse($printer->nearest($length))->length();

        expect(abs($back->minus($length)->millimetres()))
            ->toBeLessThanOrEqual($fineness->step()->millimetres() / 2 + 1e-9)
            ->and($printer->nearest($back))
            ->toBe($printer->nearest($length));
    }
})->with(Fineness::cases());

it('shows a person their own text, or the same height in their unit', function (): void {
    $inches = new LengthPrinter(Fineness::Sixteenth);
    $metric = new LengthPrinter(Fineness::Millimetre);
    $fraction = (new LengthParser(LengthUnit::Millimetre))->parse('38-1/2"');
    $bare = (new LengthParser(LengthUnit::Millimetre))->parse('978');

    expect($fraction->shownTo($inches))
        ->toBe('38-1/2"')
        ->and($fraction->shownTo($metric))
        ->toBe('978 mm')
        ->and($bare->shownTo($metric))
        ->toBe('978')
        ->and($bare->shownTo($inches))
        ->toBe('38 1/2 in');
});

it('names its rounding and never prints less doubt than there is', function (): void {
    $printer = new LengthPrinter(Fineness::Sixteenth);

    expect($printer->fineness()->value)
        ->toBe('1/16 in')
        ->and($printer->doubt(Length::ofMillimetres(0.3)))
        ->toBe("±\u{A0}1/16 in")
        ->and($printer->doubt(Length::ofMillimetres(2.0)))
        ->toBe("±\u{A0}1/8 in")
        ->and($printer->change(Length::ofMillimetres(11)))
        ->toBe('+7/16 in')
        ->and($printer->change(Length::ofMillimetres(-11)))
        ->toBe('−7/16 in');
});

it('reads weights', function (string $typed, float $kilograms): void {
    expect((new LoadParser(LoadUnit::Pound))->parse($typed)->kilograms())->toEqualWithDelta($kilograms, 1e-9);
})->with([
    'a bare number in the default unit' => ['1000', 453.59237],
    'pounds' => ['6800 lbs', 6800 * 0.45359237],
    'kilograms' => ['3100kg', 3100.0],
    'tonnes with a comma' => ['3,1 t', 3100.0],
    'below zero, for the caller to judge' => ['-5 kg', -5.0],
]);

it('refuses what is no weight', function (string $typed): void {
    (new LoadParser(LoadUnit::Pound))->parse($typed);
})
    ->with(['', 'heavy', '3e9', '12 stone', '1 000 000 000 kg', '3100 mm'])
    ->throws(UnreadableLoad::class, 'load.');

it('reads pressures and torques as people type them', function (
    string $typed,
    PressureUnit|TorqueUnit $unit,
    float $canonical,
    string $printed,
): void {
    $read = $unit->parse($typed);

    expect($read instanceof Torque ? $read->newtonMetres() : $read->kilopascals())
        ->toEqualWithDelta($canonical, 1e-6)
        ->and($unit->nearest($read))
        ->toBe($printed)
        ->and($unit->nearest($unit->parse($printed)))
        ->toBe($printed);
})->with([
    'bare psi' => ['35', PressureUnit::PoundPerSquareInch, 241.316505, '35 psi'],
    'bare kPa' => ['240', PressureUnit::Kilopascal, 240.0, '240 kPa'],
    'bars with a comma' => ['2,4 bar', PressureUnit::Kilopascal, 240.0, '240 kPa'],
    'the other unit' => [' 240kPa ', PressureUnit::PoundPerSquareInch, 240.0, '35 psi'],
    'bare pound feet' => ['150', TorqueUnit::PoundFoot, 203.372692, '150 lb·ft'],
    'newton metres' => ['205 N·m', TorqueUnit::PoundFoot, 205.0, '151 lb·ft'],
    'the other way round' => ['150 ft-lb', TorqueUnit::NewtonMetre, 203.372692, '203 N·m'],
]);

it('reads every way a torque is written on a data sheet', function (string $typed, float $newtonMetres): void {
    expect(TorqueUnit::PoundFoot->parse($typed)->newtonMetres())->toEqualWithDelta($newtonMetres, 1e-6);
})->with([
    ['65 lb·ft', 88.1281666],
    ['65 lb-ft', 88.1281666],
    ['65 ft-lb', 88.1281666],
    ['65 ft lbs', 88.1281666],
    ['65 ft. lbs.', 88.1281666],
    ['65ft-lbs', 88.1281666],
    ['65 lbf·ft', 88.1281666],
    ['65 lbs-ft', 88.1281666],
    ['65 foot pounds', 88.1281666],
    ['65 ft⋅lb', 88.1281666],
    ['65', 88.1281666],
    ['90 N·m', 90.0],
    ['90 Nm', 90.0],
    ['90 N-m', 90.0],
    ['90 N m', 90.0],
    ['90 newton metres', 90.0],
]);

it('says what a pressure or a torque was expected to be', function (string $typed): void {
    foreach ([PressureUnit::Kilopascal, TorqueUnit::NewtonMetre] as $unit) {
        try {
            $unit->parse($typed);
            $said = 'nothing';
        } catch (UnreadableQuantity $refused) {
            $said = $refused->expected()->key;
            expect($refused->typed())->toBe($typed);
        }
        expect($said)->toBe($unit instanceof PressureUnit ? 'quantity.pressure' : 'quantity.torque');
    }
})->with(['', 'tight', '-35', '35 mm', '1e9', '3 5', '35 psi bar']);

it('has a pound that is the pound, both ways', function (): void {
    expect(Yoke\Foundation\Units\Load::ofPounds(1)->kilograms())
        ->toBe(0.45359237)
        ->and(Yoke\Foundation\Units\Load::ofPounds(100_000)->kilograms())
        ->toEqualWithDelta(45_359.237, 1e-9)
        ->and(Yoke\Foundation\Units\Load::ofKilograms(0.45359237)->pounds())
        ->toBe(1.0)
        ->and((new Yoke\Foundation\Units\Text\LoadParser(Yoke\Foundation\Units\LoadUnit::Kilogram))->parse('1000 lb')->kilograms())
        ->toEqualWithDelta(453.59237, 1e-9);
});

it('says in which unit a load was typed', function (string $typed, LoadUnit $unit): void {
    expect((new Yoke\Foundation\Units\Text\LoadParser(Yoke\Foundation\Units\LoadUnit::Pound))->unitOf($typed))->toBe($unit);
})->with([
    'its own' => ['1450', Yoke\Foundation\Units\LoadUnit::Pound],
    'kilograms' => ['1450 kg', Yoke\Foundation\Units\LoadUnit::Kilogram],
    'pounds' => ['3200 lbs', Yoke\Foundation\Units\LoadUnit::Pound],
    'tonnes' => ['3,1 t', Yoke\Foundation\Units\LoadUnit::Tonne],
    'no load' => ['albatross', Yoke\Foundation\Units\LoadUnit::Pound],
    'kilograms beside a lb' => ['12 kg lb', Yoke\Foundation\Units\LoadUnit::Pound],
]);
