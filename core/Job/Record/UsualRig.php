<?php

declare(strict_types=1);

namespace Yoke\Job\Record;

/** What is usual of rigs where nobody said (docs/model.md, What is usual). */
final class UsualRig
{
    /** The trailer's axles sink so far under its load. */
    public const TRAILER_SINK_MM = 60.0;

    /** Of a change of links, holes or turns, and of the head's tilt, where nobody said. */
    public const STEP_MINUTES = 6;

    public const TILT_MINUTES = 30;

    /** Rated load bends a bar so far at the hook-up point. */
    public const BAR_BEND_MM = 84.0;

    /**
     * Chains that take a tongue weight are so soft at their hook-up point: fully stretched they restore about a
     * quarter.
     * Nobody's figure: that they move little is known, how little is for the readings to say.
     */
    public const CHAIN_STRETCH_MM = 300.0;

    /**
     * Wheelbase and its spread, one deviation, of a vehicle whose class nobody told: between a small crossover and a
     * three-quarter-ton truck.
     */
    public const WHEELBASE_MM = [3300.0, 450.0];

    /** From rear axle to ball, likewise. */
    public const OVERHANG_MM = [1220.0, 190.0];

    /** Under a trailer that nobody described. */
    public const AXLES = 2;

    /** Between neighbouring axles of a group. */
    public const AXLE_SPACING_MM = 860.0;

    /** Centre of gravity above the axles, of a trailer whose shape nobody told. */
    public const CG_ABOVE_AXLE_MM = 480.0;

    /**
     * Ride rate of a front axle and its spread as a share, of a vehicle whose class nobody told: between a small
     * crossover and a three-quarter-ton truck.
     */
    public const FRONT_RATE = [12.8, 0.33];

    public const REAR_RATE = [10.8, 0.25];

    /** Share of the front axle load that the setting a data sheet starts at restores, more or less. */
    public const SHARE_AT_START = 0.75;

    /** Share of the gross weight that the trailer's axles carry at the least, whatever is typed for the tongue. */
    public const LEAST_ON_AXLES = 0.05;
}
