<?php

declare(strict_types=1);

namespace App\Words;

use BackedEnum;
use Yoke\Expected;
use Yoke\Measuring\Readings\Device\DeviceKind;
use Yoke\Measuring\Readings\Weighing\WeighedAxle;
use Yoke\Proving\Practice\Act\Refusal;
use Yoke\Rig\Specification\RigPart;

/** What was expected where something was refused, in a sentence. */
final class ExpectedWords
{
    public static function of(Expected $expected): string
    {
        $sentence = Text::of("expected.{$expected->key}", array_map(self::figure(...), $expected->figures));

        return $expected->then === null ? $sentence : $sentence.' '.self::of($expected->then);
    }

    /**
     * @param  array<string, Expected>  $problems
     * @return array<string, string> by field
     */
    public static function each(array $problems): array
    {
        return array_map(self::of(...), $problems);
    }

    private static function figure(int|float|string|BackedEnum $figure): string
    {
        return match (true) {
            $figure instanceof WeighedAxle => Text::of("expected.word.axle.{$figure->value}"),
            $figure instanceof DeviceKind => Text::of("expected.word.device.{$figure->value}"),
            $figure instanceof RigPart => SpecificationWords::part($figure),
            $figure instanceof Refusal => Text::of("practice.refusal.{$figure->value}"),
            $figure instanceof BackedEnum => (string) $figure->value,
            is_float($figure) => Figures::written((string) $figure),
            default => (string) $figure,
        };
    }
}
