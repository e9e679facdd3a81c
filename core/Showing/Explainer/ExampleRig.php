<?php

declare(strict_types=1);

namespace Yoke\Showing\Explainer;

use Yoke\Mechanics\Statics\Bars;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\TowedTrailer;
use Yoke\Mechanics\Statics\TowVehicle;

/** The rig that everything is explained on: a usual half-ton pick-up and a box trailer, mm and kg. */
final readonly class ExampleRig
{
    public const WHEELBASE = 3680.0;

    public const OVERHANG = 1320.0;

    public const BALL_TO_AXLE = 5000.0;

    public const WEIGHT = 2700.0;

    public const TONGUE = 340.0;

    public const ARM = 700.0;

    /** One link, mm. */
    public const LINK = 28.0;

    /** One hole of the head, mm. */
    public const HOLE = 32.0;

    private const FRONT_RATE = 13.0;

    private const REAR_RATE = 9.5;

    private const TRAILER_RATE = 40.0;

    private const BAR_RATE = 2.7;

    private const CG_ABOVE_AXLE = 500.0;

    /** Unloaded ball over level coupler that lets the trailer end level, mm. */
    private const BALL = 32.0;

    /** Links taken up that restore the middle of the range. */
    public const MIDDLE_LINK = 4.0;

    /** Tension at that link, mm. */
    private const MIDDLE_TENSION = 62.0;

    public function __construct(
        private float $tongue = self::TONGUE,
        private float $overhang = self::OVERHANG,
        private float $weight = self::WEIGHT,
        private float $ballOffset = 0.0,
    ) {
    }

    public function coupled(): CoupledRig
    {
        return new CoupledRig(
            new TowVehicle(self::WHEELBASE, $this->overhang, self::FRONT_RATE, self::REAR_RATE),
            new TowedTrailer(self::BALL_TO_AXLE, $this->weight, $this->tongue, self::CG_ABOVE_AXLE, [
                ['offset' => 0.0, 'rate' => self::TRAILER_RATE],
            ]),
            new Bars(2, self::BAR_RATE, self::ARM, self::BALL + $this->ballOffset),
        );
    }

    /** Tension of a link, mm. */
    public static function tension(float $link): float
    {
        return self::MIDDLE_TENSION + ($link - self::MIDDLE_LINK) * self::LINK;
    }
}
