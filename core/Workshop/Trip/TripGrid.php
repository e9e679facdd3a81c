<?php

declare(strict_types=1);

namespace Yoke\Workshop\Trip;

use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Mechanics\Loading\Tank;
use Yoke\Mechanics\Loading\UsualItem;
use Yoke\Rig\Parts\Rig;
use Yoke\Workshop\Trip\Exception\LoadOffTheGrid;

/** The loads that an owner is answered for: every level of every axis with every other. */
final readonly class TripGrid
{
    /** How many more of each thing than at the set-up, at the least and at the most, and between. */
    private const THINGS = [
        [UsualItem::BehindThem, [-2, 0, 2]],
        [UsualItem::BedCargo, [-1, 0, 2]],
        [UsualItem::TailBikes, [0, 2]],
        [UsualItem::Gas, [-1, 0]],
        [UsualItem::Kitchen, [0, 2]],
        [UsualItem::TrailerBikes, [0, 1]],
    ];

    /** @param  non-empty-list<TripAxis>  $axes */
    private function __construct(private Rig $rig, public array $axes)
    {
    }

    /**
     * @param  list<Tank>  $tanks  of the trailer
     * @param  list<Item>  $aboard  at the set-up: how full the tanks were
     */
    public static function of(Rig $rig, array $tanks, array $aboard): self
    {
        $axes = [];
        foreach ($tanks as $tank) {
            $water = 0.0;
            foreach ($aboard as $item) {
                $water += $item->tank === $tank->key ? $item->weight->kilograms() : 0.0;
            }
            $axes[] = TripAxis::ofTank($tank, $water / $tank->full->kilograms());
        }
        foreach (self::THINGS as [$item, $levels]) {
            $axes[] = TripAxis::ofThing($item, $levels);
        }

        return new self($rig, $axes);
    }

    /** How many loads there are. */
    public function count(): int
    {
        $count = 1;
        foreach ($this->axes as $axis) {
            $count *= count($axis->levels);
        }

        return $count;
    }

    /**
     * The load at a place in the list of all, the last axis counting fastest.
     *
     * @return array<string, int> by axis
     */
    public function load(int $place): array
    {
        $load = [];
        for ($i = count($this->axes) - 1; $i >= 0; $i--) {
            $axis = $this->axes[$i];
            $many = count($axis->levels);
            $load[$axis->key] = $axis->levels[$place % $many];
            $place = intdiv($place, $many);
        }

        return $load;
    }

    /** @return array<string, int> the load of the set-up */
    public function now(): array
    {
        return array_column(
            array_map(static fn (TripAxis $axis): array => [$axis->key, $axis->now], $this->axes),
            1,
            0,
        );
    }

    /**
     * The places of the loads of the list that a load lies between: one where it stands in it.
     *
     * @param  array<string, int>  $load  by axis; what is missing is as at the set-up
     * @return non-empty-list<int>
     *
     * @throws LoadOffTheGrid
     */
    public function around(array $load): array
    {
        $places = [0];
        foreach ($this->axes as $axis) {
            $value = $load[$axis->key] ?? $axis->now;
            if (! $axis->holds($value)) {
                throw LoadOffTheGrid::of($axis->key, $axis->least(), $axis->most());
            }
            $longer = [];
            foreach ($places as $place) {
                foreach ($axis->around($value) as $level) {
                    $longer[] = $place * count($axis->levels) + $level;
                }
            }
            $places = $longer;
        }

        return $places;
    }

    /**
     * What a load has on board more than the set-up.
     *
     * @param  array<string, int>  $load  by axis
     */
    public function change(array $load): LoadChange
    {
        $change = LoadChange::between([], []);
        foreach ($this->axes as $axis) {
            $change = $change->plus($axis->change($load[$axis->key] ?? $axis->now, $this->rig));
        }

        return $change;
    }
}
