<?php

declare(strict_types=1);

namespace Yoke\Loading;

use Yoke\Loading\Exception\ImpossibleItem;
use Yoke\Units\Length;
use Yoke\Units\Load;

/** Something that travels: its weight and its place. On a trailer it counts at the height of the centre of gravity. */
final readonly class Item
{
    private const HEAVIEST_KG = 3000.0;

    private function __construct(
        public string $name,
        /** Above 0. */
        public Load $weight,
        public Carrier $on,
        /** As its carrier counts it. */
        public Length $place,
    ) {
    }

    /** @throws ImpossibleItem */
    public static function of(string $name, Load $weight, Carrier $on, Length $place): self
    {
        if (! $weight->isGreaterThan(Load::zero()) || $weight->kilograms() > self::HEAVIEST_KG) {
            throw ImpossibleItem::weight();
        }

        return new self($name, $weight, $on, $place);
    }
}
