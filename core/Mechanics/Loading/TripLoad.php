<?php

declare(strict_types=1);

namespace Yoke\Mechanics\Loading;

use Yoke\Mechanics\Loading\Exception\ImpossibleItem;
use Yoke\Rig\Parts\Rig;

/** What travels on one trip, counted: so many of each usual thing, and how full the tanks are. */
final readonly class TripLoad
{
    /** Nobody takes more of one thing. */
    public const MOST = 8;

    private function __construct(
        /** @var array<string, int> 1 to 8, by the value of UsualItem; what is not along is not in it */
        public array $counts,
        /** @var array<string, float> 0 to 1, by key of the tank */
        public array $fills,
    ) {
    }

    public static function nothing(): self
    {
        return new self([], []);
    }

    /**
     * @param  array<string, int>  $counts  by the value of UsualItem; 0 to 8
     * @param  array<string, float>  $fills  by key of the tank; 0 to 1
     *
     * @throws ImpossibleItem
     */
    public static function of(array $counts, array $fills): self
    {
        foreach ($counts as $item => $count) {
            if (UsualItem::tryFrom($item) === null || $count < 0 || $count > self::MOST) {
                throw ImpossibleItem::count(self::MOST);
            }
        }
        foreach ($fills as $fill) {
            if (! ($fill >= 0.0 && $fill <= 1.0)) {
                throw ImpossibleItem::fill();
            }
        }

        return new self(array_filter($counts, static fn (int $count): bool => $count > 0), $fills);
    }

    /**
     * Each named by its key.
     *
     * @param  list<Tank>  $tanks  of the trailer; what is said of others is not looked at
     * @return list<Item>
     */
    public function items(Rig $rig, array $tanks): array
    {
        $items = [];
        foreach ($this->counts as $item => $count) {
            $one = UsualItem::from($item)->on($rig, $item);
            $items[] = Item::of($item, $one->weight->times($count), $one->on, $one->place);
        }
        foreach ($tanks as $tank) {
            $water = $tank->filled($this->fills[$tank->key] ?? 0.0);
            $items = $water === null ? $items : [...$items, $water];
        }

        return $items;
    }

    /**
     * On board besides what is described.
     *
     * @param  list<Tank>  $tanks  of the trailer
     */
    public function change(Rig $rig, array $tanks): LoadChange
    {
        return LoadChange::between([], $this->items($rig, $tanks));
    }
}
