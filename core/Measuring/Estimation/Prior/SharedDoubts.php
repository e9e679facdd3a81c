<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Prior;

/**
 * Doubts that several readings share: of each dimension of the rig (one standard deviation, mm, of the gross weight kg;
 * what is not named is exact), of the coupler's level height, and of the gauge's own factor.
 */
final readonly class SharedDoubts
{
    /** Below this a dimension is as good as exact, mm or kg. */
    private const NEGLIGIBLE = 1e-6;

    /** @var list<array{RigDimension, float}> those in doubt, in the order of their parameters */
    public array $inDoubt;

    /** @param  array<string, float>  $deviations  by the value of RigDimension; 0 or more */
    public function __construct(
        array $deviations = [],
        private float $couplerLevel = 2.0,
        private float $gaugeFactor = 0.03,
    ) {
        $inDoubt = [];
        foreach (RigDimension::cases() as $dimension) {
            $deviation = $deviations[$dimension->value] ?? 0.0;
            if ($deviation > self::NEGLIGIBLE) {
                $inDoubt[] = [$dimension, $deviation];
            }
        }
        $this->inDoubt = $inDoubt;
    }

    public static function exact(): self
    {
        return new self();
    }

    public function without(RigDimension $exact): self
    {
        $deviations = [];
        foreach ($this->inDoubt as [$dimension, $deviation]) {
            $deviations[$dimension->value] = $dimension === $exact ? 0.0 : $deviation;
        }

        return new self($deviations, $this->couplerLevel, $this->gaugeFactor);
    }

    public function of(RigDimension $dimension): float
    {
        foreach ($this->inDoubt as [$one, $deviation]) {
            if ($one === $dimension) {
                return $deviation;
            }
        }

        return 0.0;
    }

    /** Of the coupler's height with the trailer level, mm: small where it was taped, wide where nobody did. */
    public function couplerLevel(): float
    {
        return $this->couplerLevel;
    }

    /** How far a gauge in the head may be off in all its readings alike, in the logarithm. */
    public function gaugeFactor(): float
    {
        return $this->gaugeFactor;
    }
}
