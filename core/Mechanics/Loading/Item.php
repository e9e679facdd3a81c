<?php

declare(strict_types=1);

namespace Yoke\Mechanics\Loading;

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Mechanics\Loading\Exception\ImpossibleItem;

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
        /** The key of the tank that it is the water of; null of anything else. */
        public ?string $tank = null,
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

    /**
     * The water in a tank of the trailer, named by its key.
     *
     * @throws ImpossibleItem
     */
    public static function water(string $tank, Load $weight, Length $place): self
    {
        $water = self::of($tank, $weight, Carrier::Trailer, $place);

        return new self($tank, $water->weight, $water->on, $water->place, $tank);
    }
}
