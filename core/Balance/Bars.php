<?php

declare(strict_types=1);

namespace Yoke\Balance;

/** The hitch as the model sees it: plain numbers in mm and kg. */
final readonly class Bars
{
    /**
     * @param  int  $count  how many spring bars, usually 2
     * @param  float  $rate  of one bar at the hook-up point, kg per mm
     * @param  float  $arm  ball to hook-up point along the frame, mm
     * @param  float  $ballOverCoupler  unloaded ball height minus level coupler height, mm
     */
    public function __construct(
        public int $count,
        public float $rate,
        public float $arm,
        public float $ballOverCoupler,
    ) {
    }

    /** Bar moment per mm of bend of the tips, kg. */
    public function momentRate(): float
    {
        return $this->count * $this->rate * $this->arm;
    }
}
