<?php

declare(strict_types=1);

namespace Yoke\Loading;

use Yoke\Measure\Length;
use Yoke\Measure\Load;
use Yoke\Rig\Sheet\Values;

/** A tank of the trailer: what it holds, and where. Ahead of the axles it adds to the tongue weight, behind it takes off. */
final readonly class Tank
{
    private function __construct(
        /** Lower case: `fresh tank`. */
        public string $name,
        public Load $full,
        /** Of the centre of the axle group; behind it is negative. */
        public Length $ahead,
    ) {
    }

    /** @return list<self> those whose size and place are known */
    public static function of(Values $trailer): array
    {
        $tanks = [];
        foreach (['fresh', 'waste'] as $which) {
            $full = $trailer->load("{$which}_tank_kg");
            $ahead = $trailer->length("{$which}_tank_ahead_mm");
            if ($full !== null && $ahead !== null) {
                $tanks[] = new self("{$which} tank", $full, $ahead);
            }
        }

        return $tanks;
    }

    /** What filling it does to the tongue weight: m·x/L (docs/model.md, Loads). */
    public function onTongue(Length $ballToAxle): Load
    {
        return $this->full->times($this->ahead->millimetres() / $ballToAxle->millimetres());
    }
}
