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
     * @param  non-empty-list<array<int, float>>  $along  how the parameters go with each line that is off
     * @param  non-empty-list<float>  $by  how far they go along each
     * @param  non-empty-list<non-empty-list<float>>  $covariance  of that
     */
    private function __construct(
        public Mistake $mistake,
        public float $log,
        private Fit $fit,
        private array $along,
        private array $by,
        private array $covariance,
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
            [$fit->parametersOf($scaled)],
            [1.0],
            [[0.0]],
        );
    }

    /**
     * Readings off along lines, how far along each being known beforehand to a mean and a deviation.
     *
     * @param  non-empty-list<array<int, float>>  $lines  one or two, each by observation
     * @param  non-empty-list<float>  $means  along each
     * @param  float  $deviation  the same along each
     * @param  float  $against  the odds against the mistake, in the logarithm
     */
    public static function drawn(
        Fit $fit,
        Mistake $mistake,
        array $lines,
        array $means,
        float $deviation,
        float $against,
    ): self {
        $scaled = array_map($fit->precisionTimes(...), $lines);
        $before = 1.0 / $deviation ** 2;
        $right = array_map(
            static fn (array $line, float $mean): float => self::dot($line, $fit->pulls) + $mean * $before,
            $lines,
            $means,
        );
        $expected = self::dot($means, $means) * $before;
        $precision = array_map(
            static fn (array $line, int $i): array => array_map(
                static fn (array $other, int $j): float => self::dot($line, $other) + ($i === $j ? $before : 0.0),
                $scaled,
                array_keys($scaled),
            ),
            $lines,
            array_keys($lines),
        );
        $covariance = self::inverse($precision);
        $by = array_map(static fn (array $row): float => self::dot($row, $right), $covariance);
        $narrowed = self::determinant($precision) / $before ** count($lines);

        return new self(
            $mistake,
            0.5 * (self::dot($by, $right) - $expected - log(max($narrowed, 1e-300))) - $against,
            $fit,
            array_map($fit->parametersOf(...), $scaled),
            $by,
            $covariance,
        );
    }

    /**
     * @param  non-empty-list<non-empty-list<float>>  $of  one by one or two by two
     * @return non-empty-list<non-empty-list<float>>
     */
    private static function inverse(array $of): array
    {
        $determinant = self::determinant($of);

        return count($of) === 1
            ? [[1.0 / $of[0][0]]]
            : [
                [$of[1][1] / $determinant, -$of[0][1] / $determinant],
                [-$of[1][0] / $determinant, $of[0][0] / $determinant],
            ];
    }

    /** @param  non-empty-list<non-empty-list<float>>  $of  one by one or two by two */
    private static function determinant(array $of): float
    {
        return count($of) === 1 ? $of[0][0] : $of[0][0] * $of[1][1] - $of[0][1] * $of[1][0];
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
            [$follows],
            [$gain * $pull],
            [[$gain]],
        );
    }

    /** How far it moves a parameter at most, of the first so many. */
    public function reach(int $parameters): float
    {
        $reach = 0.0;
        $at = $this->at();
        for ($i = 0; $i < $parameters; $i++) {
            $reach = max($reach, abs($at[$i] - $this->fit->at[$i]));
        }

        return $reach;
    }

    /** @return array<int, float> */
    public function at(): array
    {
        $at = $this->fit->at;
        foreach ($this->along as $line => $along) {
            foreach ($along as $i => $value) {
                $at[$i] -= $this->by[$line] * $value;
            }
        }

        return $at;
    }

    /** @return array<int, array<int, float>> */
    public function covariance(): array
    {
        $covariance = $this->fit->covariance;
        foreach ($this->along as $i => $along) {
            foreach ($this->along as $j => $with) {
                $variance = $this->covariance[$i][$j];
                foreach ($variance === 0.0 ? [] : $along as $row => $one) {
                    foreach ($with as $column => $other) {
                        $covariance[$row][$column] += $variance * $one * $other;
                    }
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
