<?php

declare(strict_types=1);

namespace Yoke\Job\History;

use Yoke\Foundation\Units\Load;
use Yoke\Mechanics\Loading\Carrier;
use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Loading\LoadChange;

/** One thing that travels otherwise than before: it came aboard, was left out, weighs otherwise or stands elsewhere. */
final readonly class ItemChange
{
    /** Less is the same, kg or mm. */
    private const SAME = 0.5;

    /** @param  Item|null  $before  null: it came aboard; not both are null */
    private function __construct(public ?Item $before, public ?Item $after)
    {
    }

    /**
     * @param  list<Item>  $before
     * @param  list<Item>  $after
     * @return list<self> paired by name and carrier
     */
    public static function between(array $before, array $after): array
    {
        $changes = [];
        $left = $before;
        foreach ($after as $item) {
            $same =
                array_keys(
                    array_filter(
                        $left,
                        static fn (Item $one): bool => $one->name === $item->name &&
                            $one->on === $item->on &&
                            $one->tank === $item->tank,
                    ),
                )[0] ?? null;
            $was = $same === null ? null : $left[$same];
            if ($was === null || ! self::isSame($was, $item)) {
                $changes[] = new self($was, $item);
            }
            $left = array_filter($left, static fn (int $key): bool => $key !== $same, ARRAY_FILTER_USE_KEY);
        }

        return [...$changes, ...array_map(static fn (Item $gone): self => new self($gone, null), array_values($left))];
    }

    /** What it is, with the place where it stands or stood. */
    public function item(): Item
    {
        return $this->after ?? ($this->before ?? throw new \LogicException('A change has a before or an after.'));
    }

    /** What it weighs more. */
    public function more(): Load
    {
        return ($this->after->weight ?? Load::zero())->minus($this->before->weight ?? Load::zero());
    }

    public function hasMoved(): bool
    {
        return $this->before !== null &&
            $this->after !== null &&
            abs($this->after->place->millimetres() - $this->before->place->millimetres()) > self::SAME;
    }

    /** Which way it moved along the rig: `forward` or `back`. */
    public function way(): string
    {
        $further = ($this->after?->place->millimetres() ?? 0.0) - ($this->before?->place->millimetres() ?? 0.0);

        return ($this->item()->on === Carrier::Trailer) === $further > 0.0 ? 'forward' : 'back';
    }

    public function load(): LoadChange
    {
        return LoadChange::between(
            $this->before === null ? [] : [$this->before],
            $this->after === null ? [] : [$this->after],
        );
    }

    private static function isSame(Item $one, Item $other): bool
    {
        return abs($one->weight->kilograms() - $other->weight->kilograms()) <= self::SAME &&
            abs($one->place->millimetres() - $other->place->millimetres()) <= self::SAME;
    }
}
