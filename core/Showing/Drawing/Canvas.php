<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing;

/** The sheet that an elevation is laid on: how many mm it shows, in which proportion, and what stands where on it. */
final readonly class Canvas
{
    private const MARGIN = 180.0;

    private const BELOW_GROUND = 60.0;

    /** Room for load arrows and what they say. */
    private const BELOW_GROUND_LOADED = 330.0;

    /** The vehicle stays below this share of the sheet: above it there is room for words. */
    private const VEHICLE_BELOW = 0.78;

    private function __construct(
        /** mm behind the front axle at the left edge. */
        public float $left,
        /** mm above the ground at the top edge. */
        public float $top,
        public float $width,
        public float $height,
        /** mm across that the rig needs with its margins. */
        private float $needed,
    ) {
    }

    /** @param  float  $ratio width over height; the rig stands in the middle */
    public static function around(Elevation $elevation, float $ratio): self
    {
        return self::with(self::BELOW_GROUND, $elevation, $ratio);
    }

    /** @param  float  $ratio as in around; there is room for load arrows under the wheels */
    public static function withLoads(Elevation $elevation, float $ratio): self
    {
        return self::with(self::BELOW_GROUND_LOADED, $elevation, $ratio);
    }

    private static function with(float $below, Elevation $elevation, float $ratio): self
    {
        $top = max($elevation->topY() + self::MARGIN, $elevation->vehicleTopY() / self::VEHICLE_BELOW);
        $height = $top + $below;
        $length = $elevation->tailX() - $elevation->noseX() + 2 * self::MARGIN;
        if ($length / $height > $ratio) {
            $height = $length / $ratio;
            $top = $height - $below;
        }
        $width = $height * $ratio;
        $left = ($elevation->noseX() + $elevation->tailX() - $width) / 2;

        return new self($left, $top, $width, $height, $length);
    }

    /** How many times larger the sheet can be shown on a narrow screen before the rig meets its edges; 1 or more. */
    public function room(): float
    {
        return round(max(1.0, $this->width / $this->needed), 3);
    }

    /** Percent of the width at which a place behind the front axle stands. */
    public function across(float $x): float
    {
        return round(100 * ($x - $this->left) / $this->width, 2);
    }
}
