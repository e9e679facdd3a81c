<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units\Text;

use Yoke\Foundation\Units\Exception\UnreadableLength;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\LengthUnit;

/**
 * Reads a length as people type it from a tape: `38 1/2`, `38-1/2"`, `38.5 in`, `3' 2 1/2"`, `978`, `97,8 cm`, `38½`.
 *
 * A bare decimal is in the default unit; a fraction without a unit is inches. Everything outside the
 * grammar is refused with a sentence. The sign is read, so that a caller can say what is wrong with -3.
 */
final readonly class LengthParser
{
    private const VULGAR = [
        '½' => ' 1/2',
        '¼' => ' 1/4',
        '¾' => ' 3/4',
        '⅛' => ' 1/8',
        '⅜' => ' 3/8',
        '⅝' => ' 5/8',
        '⅞' => ' 7/8',
        '′' => "'",
        '’' => "'",
        '″' => '"',
        '”' => '"',
        '“' => '"',
        "''" => '"',
        '−' => '-',
        "\u{A0}" => ' ',
        "\u{202F}" => ' ',
    ];

    private const GRAMMAR = <<<'REGEX'
    /^ \s* (?<sign> [-+] )? \s*
    (?: (?<feet> \d{1,6} ) \s* (?: ' | ft | feet | foot ) \s* -? \s* )?
    (?: (?<whole> \d{1,6} ) (?: \s+ | \s*-\s* ) (?<numerator> \d{1,3} ) \s* \/ \s* (?<denominator> \d{1,3} )
      | (?<bareNumerator> \d{1,3} ) \s* \/ \s* (?<bareDenominator> \d{1,3} )
      | (?<decimal> \d{1,6} (?: [.,] \d{0,6} )? | [.,] \d{1,6} )
    )?
    \s* (?<unit> mm | cm | m | " | in\.? | inch | inches )? \s* $/xiu
    REGEX;

    public function __construct(private LengthUnit $default)
    {
    }

    /** @throws UnreadableLength */
    public function parse(string $typed): TypedLength
    {
        $plain = strtr($typed, self::VULGAR);
        if (trim($plain) === '') {
            throw UnreadableLength::empty($typed);
        }
        if (preg_match(self::GRAMMAR, $plain, $part, PREG_UNMATCHED_AS_NULL) !== 1) {
            throw UnreadableLength::text($typed);
        }
        $unit = $this->unitOf($part);
        $length = isset($part['feet'])
            ? $this->afterFeet($part, $typed)
            : Length::of($this->amount($part, $typed) ?? throw UnreadableLength::text($typed), $unit);

        return TypedLength::of($typed, ($part['sign'] ?? '') === '-' ? $length->negated() : $length, $unit);
    }

    /** @param  array<array-key, string|null>  $part */
    private function afterFeet(array $part, string $typed): Length
    {
        $feet = Length::of((float) $part['feet'], LengthUnit::Foot);
        if ($this->unitOf($part) !== LengthUnit::Inch) {
            throw UnreadableLength::feetWithMetric($typed);
        }
        $inches = Length::of($this->amount($part, $typed) ?? 0.0, LengthUnit::Inch);
        if (! $inches->isLessThan(Length::of(1, LengthUnit::Foot))) {
            throw UnreadableLength::inchesBeyondAFoot($typed);
        }

        return $feet->plus($inches);
    }

    /** @param  array<array-key, string|null>  $part */
    private function amount(array $part, string $typed): ?float
    {
        if (isset($part['decimal'])) {
            return (float) str_replace(',', '.', $part['decimal']);
        }
        $numerator = $part['numerator'] ?? ($part['bareNumerator'] ?? null);
        if ($numerator === null) {
            return null;
        }
        $denominator = (int) ($part['denominator'] ?? ($part['bareDenominator'] ?? 0));

        return (float) ($part['whole'] ?? 0) + $this->fraction((int) $numerator, $denominator, $typed);
    }

    private function fraction(int $numerator, int $denominator, string $typed): float
    {
        if (! in_array($denominator, [2, 4, 8, 16, 32, 64], true)) {
            throw UnreadableLength::notOnATape($typed, $numerator, $denominator);
        }
        if ($numerator >= $denominator) {
            throw UnreadableLength::fractionNotBelowOne($typed, $numerator, $denominator);
        }

        return $numerator / $denominator;
    }

    /** @param  array<array-key, string|null>  $part */
    private function unitOf(array $part): LengthUnit
    {
        return match (strtolower($part['unit'] ?? '')) {
            '' => isset($part['decimal']) && ! isset($part['feet']) ? $this->default : LengthUnit::Inch,
            'mm' => LengthUnit::Millimetre,
            'cm' => LengthUnit::Centimetre,
            'm' => LengthUnit::Metre,
            default => LengthUnit::Inch,
        };
    }
}
