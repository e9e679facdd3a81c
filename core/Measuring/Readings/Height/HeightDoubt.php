<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Height;

use Yoke\Foundation\Units\Length;
use Yoke\Rig\Parts\Suspension;

/**
 * What a shop expects its fender heights to be worth: standard deviations in mm (docs/model.md, Doubt of a reading).
 */
final readonly class HeightDoubt
{
    /** All are one standard deviation in mm, never negative. */
    public function __construct(
        public float $tapeMm = 0.9,
        public float $coilRolledMm = 0.5,
        public float $leafRolledMm = 1.1,
        public float $coilNotRolledMm = 1.5,
        public float $leafNotRolledMm = 3.5,
    ) {
    }

    /**
     * The same of a reader and of springs that a shop has learned.
     *
     * @param  float  $tape  of that reader, mm
     * @param  float  $coil  of coil springs after rolling, mm
     * @param  float  $leaf  of leaf springs after rolling, mm
     */
    public function learned(float $tape, float $coil, float $leaf): self
    {
        return new self($tape, $coil, $leaf, $this->coilNotRolledMm, $this->leafNotRolledMm);
    }

    /** One height taped once at one fender, or once for the whole axle. */
    public function reading(Length $height, Suspension $suspension, Settling $settling): HeightReading
    {
        $rolled = $suspension === Suspension::Coil ? $this->coilRolledMm : $this->leafRolledMm;
        $asFound = $suspension === Suspension::Coil ? $this->coilNotRolledMm : $this->leafNotRolledMm;

        return HeightReading::of(
            $height,
            Length::ofMillimetres($this->tapeMm),
            Length::ofMillimetres($settling === Settling::Rolled ? $rolled : $asFound),
            Length::ofMillimetres($rolled),
        );
    }
}
