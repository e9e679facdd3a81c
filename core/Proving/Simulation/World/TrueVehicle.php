<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\World;

/** A tow vehicle as it truly is: mm and kg. */
final readonly class TrueVehicle
{
    /**
     * @param  float  $wheelbase  above 0
     * @param  float  $overhang  rear axle to ball
     * @param  float  $weight  0 where its tipping is left out
     * @param  float  $cgAboveAxle  height of its centre of gravity over the axle line
     * @param  float  $ballAboveAxle  height of the ball over the axle line
     */
    public function __construct(
        public float $wheelbase,
        public float $overhang,
        public SpringLaw $front,
        public SpringLaw $rear,
        public float $weight = 0.0,
        public float $cgAboveAxle = 0.0,
        public float $ballAboveAxle = 0.0,
    ) {
    }
}
