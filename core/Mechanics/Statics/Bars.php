<?php

declare(strict_types=1);

namespace Yoke\Mechanics\Statics;

use Yoke\Expected;
use Yoke\Mechanics\Statics\Exception\ImpossibleModel;

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
        $problem = match (true) {
            $count < 1 => ['count', Expected::of('model.bar_count')],
            ! ($rate > 0.0 && is_finite($rate)) => ['rate', Expected::of('model.bar_rate')],
            ! ($arm > 0.0 && is_finite($arm)) => ['arm', Expected::of('model.bar_arm')],
            ! is_finite($ballOverCoupler) => ['ballOverCoupler', Expected::of('model.ball_over_coupler')],
            default => null,
        };
        if ($problem !== null) {
            throw ImpossibleModel::at(...$problem);
        }
    }

    /** Bar moment per mm of bend of the tips, kg. */
    public function momentRate(): float
    {
        return $this->count * $this->rate * $this->arm;
    }
}
