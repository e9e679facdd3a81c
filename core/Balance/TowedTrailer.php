<?php

declare(strict_types=1);

namespace Yoke\Balance;

/** The trailer as the model sees it: plain numbers in mm and kg. */
final readonly class TowedTrailer
{
    /**
     * @param  float  $ballToAxle  ball to the centre of the axle group, mm, above 0
     * @param  float  $weight  gross trailer weight, kg
     * @param  float  $tongueWeight  level, bars off, kg
     * @param  float  $cgAboveAxle  mm
     * @param  non-empty-list<array{offset: float, rate: float}>  $axles  offset from the group centre, mm, positive ahead;
     *                                                                    rate in kg per mm. An equalised group is one entry at 0.
     */
    public function __construct(
        public float $ballToAxle,
        public float $weight,
        public float $tongueWeight,
        public float $cgAboveAxle,
        public array $axles,
    ) {
    }

    /** Rate of the whole group, kg per mm. */
    public function groupRate(): float
    {
        return array_sum(array_column($this->axles, 'rate'));
    }

    /** Pitch stiffness of the group, kg·mm per radian; 0 when equalised. */
    public function pitchStiffness(): float
    {
        return array_sum(array_map(static fn (array $axle): float => $axle['rate'] * $axle['offset'] ** 2, $this->axles));
    }
}
