<?php

declare(strict_types=1);

namespace App\Screens\Plan;

use Yoke\Drawing\Elevation;
use Yoke\Drawing\LoadArrow;
use Yoke\Drawing\LoadArrows;
use Yoke\Planning\SpecifiedRig;
use Yoke\Statics\Attitude;

/** The load arrows of a rig in a stance as the model has it. */
final readonly class DrawnLoads
{
    public function __construct(private SpecifiedRig $described)
    {
    }

    /**
     * @param  Attitude|null  $attitude  null for the vehicle alone, the trailer on its jack
     * @return list<LoadArrow>
     */
    public function under(Elevation $elevation, ?Attitude $attitude): array
    {
        $weighed = $this->described->ratings()->weighed();

        return LoadArrows::under(
            $elevation,
            $attitude,
            $weighed->front,
            $weighed->rear,
            $this->described->levelTrailerLoad(),
        );
    }
}
