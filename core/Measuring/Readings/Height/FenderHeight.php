<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Height;

use Yoke\Foundation\Units\Text\TypedLength;
use Yoke\Measuring\Readings\Height\Exception\NotAFenderHeight;
use Yoke\Rig\Parts\Check\LengthRange;

/** A typed length that can be a fender height: 300 to 1800 mm. */
final readonly class FenderHeight
{
    /** Shortest and longest. */
    public const RANGE_MM = [300.0, 1800.0];

    private function __construct(private TypedLength $typed)
    {
    }

    /** @throws NotAFenderHeight */
    public static function of(TypedLength $typed): self
    {
        $range = LengthRange::ofMillimetres('fender_height', ...self::RANGE_MM);
        if (! $range->holds($typed->length())) {
            throw NotAFenderHeight::outside($typed, $range);
        }

        return new self($typed);
    }

    public function typed(): TypedLength
    {
        return $this->typed;
    }
}
