<?php

declare(strict_types=1);

namespace Yoke\Simulation\Contest;

use Yoke\Rig\Axle;
use Yoke\Rig\Suspension;
use Yoke\Simulation\RandomSource;
use Yoke\Statics\Attitude;

/** A tape in a yard: springs that stick, a reader's error, whole millimetres, and now and then a slip. */
final readonly class TapeReader implements Reader
{
    private const READER_MM = 0.8;

    private const STICKS = 0.25;

    /** One reading in so many is a slip of one of these, either way. */
    private const ONE_IN = 200;

    private const SLIPS_MM = [3.2, 10.0];

    /** What a player reckons with: tape, and friction of coil and leaf springs, rolled. */
    private const TAPE_MM = 0.9;

    private const COIL_MM = 0.5;

    private const LEAF_MM = 1.1;

    public function __construct(private RandomSource $random)
    {
    }

    public function read(SampledRig $lot, Axle $axle, ?Attitude $attitude): float
    {
        $rise = $attitude === null ? 0.0 : ($axle === Axle::Front ? $attitude->frontRise() : $attitude->rearRise());
        $stuck = self::STICKS * $lot->frictionKg[$axle->value] / $lot->rate($axle);
        $read = round($lot->aloneMm[$axle->value] + $rise + $this->random->between(-$stuck, $stuck) + $this->random->normal(self::READER_MM));
        if ($this->random->between(0, self::ONE_IN) < 1) {
            $slip = self::SLIPS_MM[(int) $this->random->between(0, 2)];
            $read += $this->random->between(0, 2) < 1 ? -$slip : $slip;
        }

        return $read;
    }

    public function doubt(SampledRig $lot, Axle $axle): float
    {
        return hypot(self::TAPE_MM, $lot->springs[$axle->value] === Suspension::Leaf ? self::LEAF_MM : self::COIL_MM);
    }
}
