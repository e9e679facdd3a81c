<?php

declare(strict_types=1);

namespace App\Screens\Plan;

use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Measuring\Readings\Weighing\Ticket;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Showing\Drawing\Elevation;
use Yoke\Showing\Drawing\LoadArrow;
use Yoke\Showing\Drawing\LoadArrows;

/** The load arrows of a rig in a stance: as a scale found it, else as the model has it. */
final readonly class DrawnLoads
{
    public function __construct(private SpecifiedRig $described)
    {
    }

    /**
     * @param  Attitude|null  $attitude  null for the vehicle alone, the trailer on its jack
     * @param  Ticket|null  $ticket  of the rig as it stands there; null where it was not weighed so
     * @return list<LoadArrow>
     */
    public function under(Elevation $elevation, ?Attitude $attitude, ?Ticket $ticket): array
    {
        $weighed = $this->described->ratings()->weighed();
        $computed = LoadArrows::under(
            $elevation,
            $attitude,
            $weighed->front,
            $weighed->rear,
            $this->described->levelTrailerLoad(),
        );

        return $ticket === null ? $computed : LoadArrows::asWeighed($computed, $ticket);
    }
}
