<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Height\Exception;

use DomainException;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\LengthUnit;
use Yoke\Foundation\Units\Text\TypedLength;
use Yoke\Rig\Parts\Check\LengthRange;

final class NotAFenderHeight extends DomainException implements CoreException
{
    use Expecting;

    private function __construct(private readonly Expected $expected, private readonly TypedLength $typed)
    {
        parent::__construct($expected->text());
    }

    public static function outside(TypedLength $typed, LengthRange $range): self
    {
        $length = $typed->length();
        $found = match (true) {
            ! $length->isGreaterThan(Length::zero()) => Expected::of('height.below_zero'),
            $length->isGreaterThan(Length::ofMillimetres(9999)) => Expected::of('height.metres', [
                'metres' => round($length->millimetres() / 1000, 1),
            ]),
            default => Expected::of('height.is', [
                'mm' => round($length->millimetres()),
                'in' => round($length->inches(), 1),
            ]),
        };

        return new self($range->expected()->then($found)->then(self::otherUnit($typed, $range)), $typed);
    }

    /** The same number in a unit in which it would be a fender height. */
    private static function otherUnit(TypedLength $typed, LengthRange $range): ?Expected
    {
        $number = $typed->length()->millimetres() / $typed->unit()->millimetres();
        foreach ([LengthUnit::Millimetre, LengthUnit::Inch, LengthUnit::Centimetre] as $unit) {
            if ($range->holds(Length::of($number, $unit))) {
                return Expected::of($unit === LengthUnit::Inch ? 'height.if_inches' : 'height.if_metric', [
                    'number' => round($number, 3),
                    'unit' => $unit->value,
                ]);
            }
        }

        return null;
    }

    public function typed(): TypedLength
    {
        return $this->typed;
    }
}
