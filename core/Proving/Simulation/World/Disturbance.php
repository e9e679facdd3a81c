<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\World;

/**
 * What is not as it should be while a rig stands to be measured: ground, somebody in the cab, bars that rub, weight
 * left on the jack.
 */
final readonly class Disturbance
{
    /** Of somebody who sits in the cab, kg. */
    public const PERSON_KG = 85.0;

    /** How deep a wheel stands in a dip, mm. */
    public const DIP_MM = 14.0;

    /**
     * @param  float  $front  ground under the front axle over the rest, mm; so the others
     * @param  float  $slope  rad, the front higher positive
     * @param  float  $cabKg  of somebody in the cab
     * @param  float  $rub  share by which the bars pull more than they would without rubbing
     * @param  float  $jackKg  that the tongue jack still carries
     */
    public function __construct(
        public float $front = 0.0,
        public float $rear = 0.0,
        public float $trailer = 0.0,
        public float $slope = 0.0,
        public float $cabKg = 0.0,
        public float $rub = 0.0,
        public float $jackKg = 0.0,
    ) {
    }

    public static function none(): self
    {
        return new self();
    }

    public function with(float $cabKg): self
    {
        return new self($this->front, $this->rear, $this->trailer, $this->slope, $cabKg, $this->rub, $this->jackKg);
    }

    public function jacked(float $jackKg): self
    {
        return new self($this->front, $this->rear, $this->trailer, $this->slope, $this->cabKg, $this->rub, $jackKg);
    }

    public function rubbing(float $rub): self
    {
        return new self($this->front, $this->rear, $this->trailer, $this->slope, $this->cabKg, $rub, $this->jackKg);
    }
}
