<?php

declare(strict_types=1);

namespace Yoke\Mechanics\Statics;

use Yoke\Expected;
use Yoke\Mechanics\Statics\Exception\ImpossibleModel;

/** The tow vehicle as the model sees it: plain numbers in mm and kg. */
final readonly class TowVehicle
{
    /**
     * @param  float  $wheelbase  mm, above 0
     * @param  float  $overhang  rear axle to ball, mm, above 0
     * @param  float  $frontRate  ride rate, kg per mm of fender height, both wheels; INF where levelling holds the
     *     height
     * @param  float  $rearRate  as frontRate
     * @param  float  $rearLift  how much levelling or air springs lift the rear at their set pressure, mm
     */
    public function __construct(
        public float $wheelbase,
        public float $overhang,
        public float $frontRate,
        public float $rearRate,
        public float $rearLift = 0.0,
    ) {
        self::above($wheelbase, 'wheelbase', Expected::of('model.wheelbase'));
        self::above($overhang, 'overhang', Expected::of('model.overhang'));
        self::above($frontRate, 'frontRate', Expected::of('model.front_rate'));
        self::above($rearRate, 'rearRate', Expected::of('model.rear_rate'));
        if (! is_finite($wheelbase) || ! is_finite($overhang) || ! is_finite($rearLift)) {
            throw ImpossibleModel::at('wheelbase', Expected::of('model.finite'));
        }
    }

    private static function above(float $value, string $quantity, Expected $expected): void
    {
        if (! ($value > 0.0)) {
            throw ImpossibleModel::at($quantity, $expected);
        }
    }
}
