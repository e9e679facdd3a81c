<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Internal;

use Yoke\Measuring\Estimation\Stories\Mistake;

/**
 * What one more mistake makes of a fit, as far as the model is a straight line about it: either readings are off along
 * a
 * line by an unknown amount, or they are off by a known one.
 *
 * @internal
 */
final readonly class Correction
{
    /**
     * @param  float  $log  of its evidence against the fit's own, the mistake's own odds within
     * @param  array<int, float>  $along  how the parameters go with what is off
     * @param  float  $by  how far they go
     * @param  float  $variance  of that
     */
    private function __construct(
        public Mistake $mistake,
        public float $log,
        private Fit $fit,
        private array $along,
        private float $by,
        private float $variance,
    ) {
    }

    /**
     * One reading off by an unknown amount.
     *
     * @param  float  $width  one standard deviation of it
     */
    public static function ofOne(Fit $fit, Mistake $mistake, int $i, float $width): self
    {
        return self::unknown($fit, $mistake, $width ** 2, $fit->ownPrecision($i), $fit->pulls[$i], $fit->follows($i));
    }

    /**
     * Readings off along a line, one standard deviation of it being the line itself.
     *
     * @param  array<int, float>  $line  by observation
     * @param  array<int, float>  $ownMove  how the parameters themselves go with it, besides
     */
    public static function along(Fit $fit, Mistake $mistake, array $line, array $ownMove = []): self
    {
        $scaled = $fit->precisionTimes($line);
        $follows = $fit->parametersOf($scaled);
        foreach ($ownMove as $parameter => $move) {
            $follows[$parameter] -= $move;
        }

        return self::unknown($fit, $mistake, 1.0, self::dot($line, $scaled), self::dot($line, $fit->pulls), $follows);
    }

    /**
     * Readings off by a known amount.
     *
     * @param  array<int, float>  $shift  by observation
     * @param  float  $oneIn  of the mistake by just that amount
     */
    public static function shifted(Fit $fit, Mistake $mistake, array $shift, float $oneIn): self
    {
        $scaled = $fit->precisionTimes($shift);

        return new self(
            $mistake,
            self::dot($shift, $fit->pulls) - 0.5 * self::dot($shift, $scaled) - log($oneIn),
            $fit,
            $fit->parametersOf($scaled),
            1.0,
            0.0,
        );
    }

    /** @param  array<int, float>  $follows */
    private static function unknown(
        Fit $fit,
        Mistake $mistake,
        float $variance,
        float $own,
        float $pull,
        array $follows,
    ): self {
        $gain = $variance / (1.0 + $variance * $own);

        return new self(
            $mistake,
            0.5 * ($gain * $pull ** 2 - log(1.0 + $variance * $own)) - log($mistake->kind->oneIn()),
            $fit,
            $follows,
            $gain * $pull,
            $gain,
        );
    }

    /** How far it moves a parameter at most, of the first so many. */
    public function reach(int $parameters): float
    {
        return abs($this->by) * max([0.0, ...array_map(abs(...), array_slice($this->along, 0, $parameters))]);
    }

    /** @return array<int, float> */
    public function at(): array
    {
        $at = $this->fit->at;
        foreach ($this->along as $i => $value) {
            $at[$i] -= $this->by * $value;
        }

        return $at;
    }

    /** @return array<int, array<int, float>> */
    public function covariance(): array
    {
        $covariance = $this->fit->covariance;
        if ($this->variance > 0.0) {
            foreach ($this->along as $row => $one) {
                foreach ($this->along as $column => $other) {
                    $covariance[$row][$column] += $this->variance * $one * $other;
                }
            }
        }

        return $covariance;
    }

    /**
     * @param  array<int, float>  $one
     * @param  array<int, float>  $other
     */
    private static function dot(array $one, array $other): float
    {
        $sum = 0.0;
        foreach ($one as $i => $value) {
            $sum += $value * $other[$i];
        }

        return $sum;
    }
}
