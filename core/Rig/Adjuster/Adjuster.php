<?php

declare(strict_types=1);

namespace Yoke\Rig\Adjuster;

use Yoke\Rig\Adjuster\Exception\ImpossibleSetting;

/** Something on a hitch that is set in steps, the same on both sides. A higher step is always more tension. */
final readonly class Adjuster
{
    private function __construct(
        /** `link`, `hole`, `washer`: unique on a hitch. */
        public string $key,
        public Role $role,
        /**
         * What one step is worth: mm of tension; for a tilt, radians of head tilt; for head height, mm of ball height.
         * Above 0.
         */
        public float $pitch,
        public StepRange $range,
        /** What changing it costs, whatever the number of steps; 0 or more. */
        public int $minutes,
        private Counting $counting,
        /** Whether it is turned with the rig coupled and loaded, without a new hook-up. */
        public bool $isTurnedLoaded = false,
    ) {
    }

    /** @throws ImpossibleSetting */
    public static function of(string $key, Role $role, float $pitch, StepRange $range, int $minutes): self
    {
        if (! ($pitch > 0.0) || ! ($range->from <= $range->to) || $minutes < 0) {
            throw ImpossibleSetting::ofAdjuster($key);
        }

        return new self($key, $role, $pitch, $range, $minutes, Counting::TakenUp);
    }

    public function withHalfSteps(): self
    {
        return new self(
            $this->key,
            $this->role,
            $this->pitch,
            $this->range->inHalves(),
            $this->minutes,
            $this->counting,
            $this->isTurnedLoaded,
        );
    }

    /** Turned with the rig coupled and the jack away. */
    public function turnedLoaded(): self
    {
        return new self($this->key, $this->role, $this->pitch, $this->range, $this->minutes, $this->counting, true);
    }

    public function fixedAt(float $step): self
    {
        return new self(
            $this->key,
            $this->role,
            $this->pitch,
            new StepRange($step, $step),
            $this->minutes,
            $this->counting,
            $this->isTurnedLoaded,
        );
    }

    public function counted(Counting $counting): self
    {
        return new self(
            $this->key,
            $this->role,
            $this->pitch,
            $this->range,
            $this->minutes,
            $counting,
            $this->isTurnedLoaded,
        );
    }

    /** The step as this shop says it. */
    public function said(float $step): float
    {
        return $this->counting === Counting::TakenUp ? $step : $this->range->fromOtherEnd($step);
    }

    /** The step that this shop means by a count. */
    public function meant(float $said): float
    {
        return $this->counting === Counting::TakenUp ? $said : $this->range->fromOtherEnd($said);
    }
}
