<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing;

use Yoke\Foundation\Units\Load;
use Yoke\Measuring\Readings\Weighing\Ticket;
use Yoke\Measuring\Readings\Weighing\WeighedAxle;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Rig\Parts\Axle;

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
            ['front_axle', $elevation->axleX(Axle::Front), $front, $attitude?->frontLoad()->kilograms() ?? 0.0],
            ['rear_axle', $elevation->axleX(Axle::Rear), $rear, $attitude?->rearLoad()->kilograms() ?? 0.0],
            ['trailer_axles', $elevation->trailerAxlesX(), $trailer, $attitude?->trailerLoad()->kilograms() ?? 0.0],
        ];

        return self::scaled(
            array_map(
                static fn (array $load): LoadArrow => new LoadArrow(
                    $load[0],
                    $load[1],
                    0.0,
                    Load::ofKilograms($load[3])->plus($load[2] ?? Load::zero()),
                    $load[2] === null ? LoadKnown::ChangeOnly : LoadKnown::InAll,
                ),
                $loads,
            ),
        );
    }

    /**
     * The same with what a scale found; an axle that shared its platform, or did not stand on it, stays as computed.
     *
     * @param  list<LoadArrow>  $computed
     * @return list<LoadArrow>
     */
    public static function asWeighed(array $computed, Ticket $ticket): array
    {
        $of = static fn (LoadArrow $arrow): ?Load => $ticket->axle(
            match ($arrow->what) {
                'front_axle' => WeighedAxle::Front,
                'rear_axle' => WeighedAxle::Rear,
                default => WeighedAxle::Trailer,
            },
        );

        return self::scaled(
            array_map(static function (LoadArrow $arrow) use ($of): LoadArrow {
                $weighed = $of($arrow);

                return $weighed === null
                    ? $arrow
                    : new LoadArrow($arrow->what, $arrow->x, 0.0, $weighed, LoadKnown::Weighed);
            }, $computed),
        );
    }

    /**
     * @param  list<LoadArrow>  $arrows
     * @return list<LoadArrow> each as long as its share of the heaviest
     */
    private static function scaled(array $arrows): array
    {
        $heaviest = max(
            1.0,
            ...array_map(static fn (LoadArrow $arrow): float => $arrow->load->absolute()->kilograms(), $arrows),
        );

        return array_map(
            static fn (LoadArrow $arrow): LoadArrow => new LoadArrow(
                $arrow->what,
                $arrow->x,
                $arrow->load->absolute()->kilograms() / $heaviest,
                $arrow->load,
                $arrow->known,
            ),
            $arrows,
        );
    }
}
