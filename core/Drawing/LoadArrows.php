<?php

declare(strict_types=1);

namespace Yoke\Drawing;

use Yoke\Rig\Axle;
use Yoke\Statics\Attitude;
use Yoke\Units\Load;

/** The arrows under a rig in a stance as the model has it. */
final readonly class LoadArrows
{
    /**
     * @param  Attitude|null  $attitude  null for the vehicle alone, the trailer on its jack
     * @param  Load|null  $front  what the front axle carries alone; null where it was not weighed
     * @param  Load|null  $rear  as front
     * @param  Load  $trailer  what the trailer's axles carry, level on its jack
     * @return list<LoadArrow> front to back
     */
    public static function under(
        Elevation $elevation,
        ?Attitude $attitude,
        ?Load $front,
        ?Load $rear,
        Load $trailer,
    ): array {
        $loads = [
            ['front_axle', $elevation->axleX(Axle::Front), $front, $attitude?->frontLoad() ?? 0.0],
            ['rear_axle', $elevation->axleX(Axle::Rear), $rear, $attitude?->rearLoad() ?? 0.0],
            ['trailer_axles', $elevation->trailerAxlesX(), $trailer, $attitude?->trailerLoad() ?? 0.0],
        ];
        $heaviest = max(
            array_map(static fn (array $load): float => abs(($load[2]?->kilograms() ?? 0.0) + $load[3]), $loads),
        );

        return array_map(
            static fn (array $load): LoadArrow => new LoadArrow(
                $load[0],
                $load[1],
                abs(($load[2]?->kilograms() ?? 0.0) + $load[3]) / max($heaviest, 1.0),
                Load::ofKilograms($load[3])->plus($load[2] ?? Load::zero()),
                $load[2] === null ? LoadKnown::ChangeOnly : LoadKnown::InAll,
            ),
            $loads,
        );
    }
}
