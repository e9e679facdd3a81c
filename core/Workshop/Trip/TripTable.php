<?php

declare(strict_types=1);

namespace Yoke\Workshop\Trip;

use Yoke\Workshop\Trip\Exception\LoadOffTheGrid;

/** The answers for every load of a grid, worked out once: between them the next safer one counts. */
final readonly class TripTable
{
    /** @param  non-empty-list<TripEntry>  $entries  in the order of the grid */
    public function __construct(public TripGrid $grid, public array $entries)
    {
    }

    /**
     * How much care each entry asks, as its place among all: of several the highest counts.
     *
     * @return non-empty-list<int> in the order of the grid
     */
    public function care(): array
    {
        $order = array_keys($this->entries);
        usort(
            $order,
            fn (int $one, int $other): int => [$this->entries[$one]->compare($this->entries[$other]), $one] <=> [
                0,
                $other,
            ],
        );
        $care = array_fill(0, count($this->entries), 0);
        foreach ($order as $rank => $place) {
            $care[$place] = $rank;
        }

        return array_values($care);
    }

    /**
     * @param  array<string, int>  $load  by axis; what is missing is as at the set-up
     *
     * @throws LoadOffTheGrid
     */
    public function answer(array $load): TripEntry
    {
        $care = $this->care();
        $safest = null;
        foreach ($this->grid->around($load) as $place) {
            $safest = $safest === null || $care[$place] > $care[$safest] ? $place : $safest;
        }

        return $this->entries[$safest];
    }
}
