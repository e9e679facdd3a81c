<?php

declare(strict_types=1);

namespace Yoke\Readings\Height\Exception;

use DomainException;
use Yoke\CoreException;
use Yoke\Rig\Check\LengthRange;
use Yoke\Units\Length;
use Yoke\Units\LengthUnit;
use Yoke\Units\Text\TypedLength;

final class NotAFenderHeight extends DomainException implements CoreException
{
    private function __construct(string $message, private readonly TypedLength $typed)
    {
        parent::__construct($message);
    }

    public static function outside(TypedLength $typed, LengthRange $range): self
    {
        $length = $typed->length();
        $found = match (true) {
            ! $length->isGreaterThan(Length::zero()) => 'A height is above zero.',
            $length->isGreaterThan(Length::ofMillimetres(9999)) => sprintf('This one is %.1f m.', $length->millimetres() / 1000),
            default => sprintf('This one is %d mm (%.1f in).', round($length->millimetres()), $length->inches()),
        };

        return new self(trim("{$range->sentence()} {$found} ".self::otherUnit($typed, $range)), $typed);
    }

    /** The same number in a unit in which it would be a fender height. */
    private static function otherUnit(TypedLength $typed, LengthRange $range): string
    {
        $number = $typed->length()->millimetres() / $typed->unit()->millimetres();
        foreach ([LengthUnit::Millimetre, LengthUnit::Inch, LengthUnit::Centimetre] as $unit) {
            if ($range->holds(Length::of($number, $unit))) {
                return sprintf('If it is %s, type %s %s.', $unit === LengthUnit::Inch ? 'inches' : 'metric', rtrim(rtrim(sprintf('%.3f', $number), '0'), '.'), $unit->value);
            }
        }

        return '';
    }

    public function typed(): TypedLength
    {
        return $this->typed;
    }
}
