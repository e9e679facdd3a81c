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
        /** Whether it stands where nobody knows: then nothing is planned with it, and it stays. */
        public bool $isUnknown = false,
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
        return $this->but(range: $this->range->inHalves());
    }

    /** Turned with the rig coupled and the jack away. */
    public function turnedLoaded(): self
    {
        return $this->but(isTurnedLoaded: true);
    }

    public function fixedAt(float $step): self
    {
        return $this->but(range: new StepRange($step, $step));
    }

    public function counted(Counting $counting): self
    {
        return $this->but(counting: $counting);
    }

    public function notKnown(): self
    {
        return $this->but(isUnknown: true);
    }

    private function but(
        ?StepRange $range = null,
        ?Counting $counting = null,
        bool $isTurnedLoaded = false,
        bool $isUnknown = false,
    ): self {
        return new self(
            $this->key,
            $this->role,
            $this->pitch,
            $range ?? $this->range,
            $this->minutes,
            $counting ?? $this->counting,
            $this->isTurnedLoaded || $isTurnedLoaded,
            $this->isUnknown || $isUnknown,
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
