<?php

declare(strict_types=1);

use Yoke\CoreException;
use Yoke\Foundation\Units\Exception\UnreadableLength;
use Yoke\Foundation\Units\LengthUnit;
use Yoke\Foundation\Units\Text\LengthParser;

it('reads what people type from a tape', function (string $typed, LengthUnit $default, float $millimetres): void {
    $read = (new LengthParser($default))->parse($typed);

    expect($read->length()->millimetres())
        ->toEqualWithDelta($millimetres, 1e-9)
        ->and($read->typed())
        ->toBe($typed);
})->with([
    'a mixed fraction' => ['38 1/2', LengthUnit::Inch, 977.9],
    'a fraction is inches even where millimetres are the habit' => ['38 1/2', LengthUnit::Millimetre, 977.9],
    'a hyphen before the fraction, inch mark after' => ['38-1/2"', LengthUnit::Millimetre, 977.9],
    'decimal inches' => ['38.5 in', LengthUnit::Millimetre, 977.9],
    'feet and inches' => ['3\' 2 1/2"', LengthUnit::Millimetre, 977.9],
    'feet and inches without the inch mark' => ["3' 2 1/2", LengthUnit::Millimetre, 977.9],
    'feet, a hyphen, inches' => ['3ft-2.5in', LengthUnit::Millimetre, 977.9],
    'feet alone' => ["3'", LengthUnit::Millimetre, 914.4],
    'a bare number in inches' => ['38', LengthUnit::Inch, 965.2],
    'a bare number in millimetres' => ['978', LengthUnit::Millimetre, 978.0],
    'millimetres named' => ['978 mm', LengthUnit::Inch, 978.0],
    'centimetres against the number' => ['97.8cm', LengthUnit::Inch, 978.0],
    'a comma for the decimal point' => ['97,8 cm', LengthUnit::Inch, 978.0],
    'metres' => ['0.978 m', LengthUnit::Inch, 978.0],
    'a half in one character' => ['38½', LengthUnit::Millimetre, 977.9],
    'a quarter in one character' => ['38 ¼"', LengthUnit::Millimetre, 971.55],
    'three eighths in one character' => ['38⅜', LengthUnit::Inch, 974.725],
    'typographic marks' => ['3′ 2½″', LengthUnit::Inch, 977.9],
    'sixty-fourths' => ['1 33/64', LengthUnit::Inch, 38.496875],
    'a bare fraction' => ['7/16', LengthUnit::Millimetre, 11.1125],
    'capitals and room around it' => ["  38 1/2 IN \t", LengthUnit::Millimetre, 977.9],
    'a no-break space' => ["978\u{A0}mm", LengthUnit::Inch, 978.0],
    'below zero, for the caller to judge' => ['-3', LengthUnit::Inch, -76.2],
    'nothing before the point' => ['.5', LengthUnit::Inch, 12.7],
]);

it('refuses everything else with a sentence and keeps the text', function (string $typed, string $expected): void {
    try {
        (new LengthParser(LengthUnit::Inch))->parse($typed);
    } catch (UnreadableLength $refused) {
        expect($refused->getMessage())
            ->toBe("length.{$expected}")
            ->and($refused->typed())
            ->toBe($typed);

        return;
    }
    throw new LogicException("{$typed} was read.");
})->with([
    'a fraction above one' => ['38 17/16', 'fraction_not_below_one fraction=17/16'],
    'a fraction of one' => ['38 16/16', 'fraction_not_below_one fraction=16/16'],
    'a zero below the line' => ['38 1/0', 'not_on_a_tape fraction=1/0'],
    'thirds are not on a tape' => ['38 1/3', 'not_on_a_tape fraction=1/3'],
    'letters' => ['abc', 'unreadable'],
    'an exponent' => ['3e9', 'unreadable'],
    'nothing' => ['', 'empty'],
    'only room' => [" \u{A0} ", 'empty'],
    'an inch mark alone' => ['"', 'unreadable'],
    'feet with millimetres' => ["3' 20 mm", 'feet_with_metric'],
    'more inches than a foot has' => ["3' 14", 'inches_beyond_a_foot'],
    'two fractions' => ['38 1/2 1/4', 'unreadable'],
    'half a fraction' => ['38 1/', 'unreadable'],
    'thousands marked' => ['1,234.5', 'unreadable'],
    'a tag' => ['<b>38</b>', 'unreadable'],
    'digits without end' => [str_repeat('9', 400), 'unreadable'],
    'broken UTF-8' => ["38\xC3\x28", 'unreadable'],
]);

it('never answers malformed text with anything but a length or a sentence', function (): void {
    mt_srand(7);
    $pieces = [
        '3',
        '38',
        '1/2',
        '/',
        '-',
        '+',
        ' ',
        '.',
        ',',
        '"',
        "'",
        'mm',
        'cm',
        'in',
        'ft',
        'e',
        '½',
        '0',
        '17/16',
        "\0",
        '−',
        '٣',
    ];
    $read = 0;
    for ($i = 0; $i < 4000; $i++) {
        $typed = implode(
            '',
            array_map(fn (): string => $pieces[mt_rand(0, count($pieces) - 1)], range(1, mt_rand(1, 6))),
        );
        try {
            expect(is_finite((new LengthParser(LengthUnit::Inch))->parse($typed)->length()->millimetres()))->toBeTrue();
            $read++;
        } catch (CoreException $refused) {
            expect($refused)->toBeInstanceOf(UnreadableLength::class);
        }
    }
    expect($read)->toBeGreaterThan(200);
});
