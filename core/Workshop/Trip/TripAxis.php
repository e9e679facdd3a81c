<?php

declare(strict_types=1);

namespace Yoke\Workshop\Trip;

use Yoke\Foundation\Units\Load;
use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Mechanics\Loading\Tank;
use Yoke\Mechanics\Loading\UsualItem;
use Yoke\Rig\Parts\Rig;

/**
 * Something that an owner changes from trip to trip: how full a tank is, in percent, or how many of a usual thing
 * travel
 * more than at the set-up, or fewer. Answers are worked out at its levels; what lies between is answered by its
 * neighbours.
 */
final readonly class TripAxis
{
    private const FULL = 100;

    /** A stepper moves a tank by so many percent. */
    private const TANK_STEP = 25;

    private function __construct(
        /** Of the tank, or the value of the thing: `fresh`, `gas_bottles`. */
        public string $key,
        /** @var non-empty-list<int> ascending: percent of a tank, or how many more */
        public array $levels,
        /** What a stepper moves it by. */
        public int $step,
        /** At the set-up. */
        public int $now,
        private ?Tank $tank,
        private ?UsualItem $item,
    ) {
    }

    /** @param  float  $fill  at the set-up, 0 to 1 */
    public static function ofTank(Tank $tank, float $fill): self
    {
        $now = (int) round(self::FULL * max(0.0, min(1.0, $fill)));
        $levels = [0, intdiv(self::FULL, 2), self::FULL];
        if (! in_array($now, $levels, true)) {
            $levels[] = $now;
            sort($levels);
        }

        return new self($tank->key, $levels, self::TANK_STEP, $now, $tank, null);
    }

    /** @param  non-empty-list<int>  $levels  ascending, 0 among them */
    public static function ofThing(UsualItem $item, array $levels): self
    {
        return new self($item->value, $levels, 1, 0, null, $item);
    }

    /** Of one of the things; null of a tank. */
    public function weight(): ?Load
    {
        return $this->item?->weight();
    }

    public function isTank(): bool
    {
        return $this->tank !== null;
    }

    public function least(): int
    {
        return $this->levels[0];
    }

    public function most(): int
    {
        return $this->levels[count($this->levels) - 1];
    }

    public function holds(int $value): bool
    {
        return $value >= $this->least() && $value <= $this->most();
    }

    /**
     * The levels that a value lies between, by their places; one where it is a level.
     *
     * @return non-empty-list<int>
     */
    public function around(int $value): array
    {
        $below = 0;
        foreach ($this->levels as $place => $level) {
            if ($level === $value) {
                return [$place];
            }
            $below = $level < $value ? $place : $below;
        }

        return [$below, min($below + 1, count($this->levels) - 1)];
    }

    /** What it has on board at a value more than the set-up had. */
    public function change(int $value, Rig $rig): LoadChange
    {
        if ($this->tank !== null) {
            return LoadChange::between(self::water($this->tank, $this->now), self::water($this->tank, $value));
        }
        $one = $this->item?->on($rig, $this->key);
        $some =
            $one === null || $value === 0
                ? []
                : [Item::of($this->key, $one->weight->times(abs($value)), $one->on, $one->place)];

        return $value < 0 ? LoadChange::between($some, []) : LoadChange::between([], $some);
    }

    /** @return list<Item> */
    private static function water(Tank $tank, int $percent): array
    {
        $water = $tank->filled($percent / self::FULL);

        return $water === null ? [] : [$water];
    }
}
