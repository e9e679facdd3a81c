<?php

declare(strict_types=1);

namespace App\Models;

use Yoke\Loading\Carrier;
use Yoke\Loading\Item;
use Yoke\Loading\Tank;
use Yoke\Units\Length;
use Yoke\Units\Load;

/**
 * What travels on a rig, as rows of a file or a record; the water in its tanks among it.
 *
 * @phpstan-type ItemRow array{name: string, kg: float, on: string, mm: float}
 */
final class Aboard
{
    /**
     * @param  list<Tank>  $tanks
     * @return list<Item>
     */
    public static function inState(LoadState $state, array $tanks): array
    {
        $water = array_map(static fn (Tank $tank): ?Item => $tank->filled((float) ($state->fills[$tank->key] ?? 0.0)), $tanks);

        return [...self::items($state->items), ...array_values(array_filter($water, static fn (?Item $item): bool => $item !== null))];
    }

    /**
     * @param  list<ItemRow>  $rows
     * @return list<Item>
     */
    public static function items(array $rows): array
    {
        return array_map(static fn (array $row): Item => Item::of($row['name'], Load::ofKilograms((float) $row['kg']), Carrier::from($row['on']), Length::ofMillimetres((float) $row['mm'])), $rows);
    }

    /**
     * @param  list<Item>  $items
     * @return list<ItemRow>
     */
    public static function rows(array $items): array
    {
        return array_map(static fn (Item $item): array => ['name' => $item->name, 'kg' => $item->weight->kilograms(), 'on' => $item->on->value, 'mm' => $item->place->millimetres()], $items);
    }
}
