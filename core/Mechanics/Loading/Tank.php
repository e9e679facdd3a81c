<?php

declare(strict_types=1);

namespace Yoke\Mechanics\Loading;

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Mechanics\Loading\Exception\ImpossibleItem;
use Yoke\Rig\Specification\SpecificationSheet;

/**
 * A tank of the trailer: what it holds, and where. Ahead of the axles it adds to the tongue weight, behind it takes
 * off.
 */
final readonly class Tank
{
    private function __construct(
        /** Of its fields on the sheet: `fresh`. */
        public string $key,
        public Load $full,
        /** Of the centre of the axle group; behind it is negative. */
        public Length $ahead,
    ) {
    }

    /** @return list<self> those whose size and place are known */
    public static function of(SpecificationSheet $trailer): array
    {
        $tanks = [];
        foreach (['fresh', 'waste'] as $which) {
            $full = $trailer->load("{$which}_tank_kg");
            $ahead = $trailer->length("{$which}_tank_ahead_mm");
            if ($full !== null && $ahead !== null) {
                $tanks[] = new self($which, $full, $ahead);
            }
        }

        return $tanks;
    }

    /**
     * What is in it.
     *
     * @param  float  $share  0 to 1
     *
     * @throws ImpossibleItem
     */
    public function filled(float $share): ?Item
    {
        if ($share < 0.0 || $share > 1.0) {
            throw ImpossibleItem::fill();
        }

        return $share === 0.0 ? null : Item::water($this->key, $this->full->times($share), $this->ahead);
    }

    /** What filling it does to the tongue weight: m·x/L (docs/model.md, Loads). */
    public function onTongue(Length $ballToAxle): Load
    {
        return $this->full->times($this->ahead->millimetres() / $ballToAxle->millimetres());
    }
}
