<?php

declare(strict_types=1);

namespace App\Models;

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Mechanics\Loading\Carrier;
use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Loading\Tank;

/**
 * What travels on a rig, as rows of a file or a record; the water in its tanks among it.
 *
 * @phpstan-type ItemRow array{name: string, kg: float, on: string, mm: float, tank?: string}
 */
final class Aboard
{
    /** The water of a tank in rows from before it was marked as that: the tank by its name there. */
    private const BY_NAME = ['fresh tank' => 'fresh', 'waste tank' => 'waste'];

    /**
     * @param  list<Tank>  $tanks
     * @return list<Item>
     */
    public static function inState(LoadState $state, array $tanks): array
    {
        $water = array_map(
            static fn (Tank $tank): ?Item => $tank->filled((float) ($state->fills[$tank->key] ?? 0.0)),
            $tanks,
        );

        return [
            ...self::items($state->items),
            ...array_values(array_filter($water, static fn (?Item $item): bool => $item !== null)),
        ];
    }

    /**
     * @param  list<ItemRow>  $rows
     * @return list<Item>
     */
    public static function items(array $rows): array
    {
        return array_map(static function (array $row): Item {
            $weight = Load::ofKilograms((float) $row['kg']);
            $place = Length::ofMillimetres((float) $row['mm']);
            $tank = $row['tank'] ?? (self::BY_NAME[$row['name']] ?? null);

            return $tank === null
                ? Item::of($row['name'], $weight, Carrier::from($row['on']), $place)
                : Item::water($tank, $weight, $place);
        }, $rows);
    }

    /**
     * @param  list<Item>  $items
     * @return list<ItemRow>
     */
    public static function rows(array $items): array
    {
        return array_map(
            static fn (Item $item): array => [
                'name' => $item->name,
                'kg' => $item->weight->kilograms(),
                'on' => $item->on->value,
                'mm' => $item->place->millimetres(),
                ...$item->tank === null ? [] : ['tank' => $item->tank],
            ],
            $items,
        );
    }
}
