<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Tongue;

use Yoke\Foundation\Probability\Matrix;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Mechanics\Statics\TowedTrailer;

/**
 * Tongue weight against hitch height: a straight line of slope −(W·h − κ)/L² (docs/model.md, Tongue weight), fitted to
 * readings. An instrument that reads a few percent off does so every time, so that each brings one error of its own and
 * a small one of each reading. The line's slope starts from what is known of the trailer and its doubt.
 */
final readonly class TongueCurve
{
    /** What a reading taken again differs by, as a share, and at the least in kg: one deviation each. */
    private const AGAIN = 0.006;

    private const AGAIN_KG = 1.0;

    /** Nobody knows the weight before the first reading: so wide, as a share of it. */
    private const OPEN = 3.0;

    private const LEVEL = 0;

    private const SLOPE = 1;

    private const FIRST_INSTRUMENT = 2;

    /** Steps until nothing moves any more. */
    private const STEPS = 6;

    /** Readings at several heights tell the slope, and what was expected of it counts for little: its doubt, times. */
    private const SLOPE_OPEN = 8.0;

    /** Between which a coupler can stand, mm. */
    private const REACH_MM = [250.0, 800.0];

    /** A slope of fewer deviations than this may be none. */
    private const TOLD = 2.0;

    /** However low the trailer, its slope is not known better than this, kg/mm. */
    private const LEAST_SLOPE_DOUBT = 1e-4;

    /** @var list<float> weight at the level height, kg; slope, kg/mm; then each instrument's error, as a share */
    private array $mean;

    /** @var list<list<float>> */
    private array $covariance;

    /**
     * @param  Length  $level  coupler height with the trailer level
     * @param  float  $cgDoubt  of the trailer's centre of gravity, as a share of its height
     * @param  non-empty-list<TongueReading>  $readings
     */
    public function __construct(
        private TowedTrailer $trailer,
        private Length $level,
        float $cgDoubt,
        private array $readings,
    ) {
        $instruments = $this->instruments();
        $first = $readings[0]->onBall()->kilograms();
        $wide = $this->isFitted() ? self::SLOPE_OPEN : 1.0;
        $expected = [$first, $this->modelSlope(), ...array_fill(0, count($instruments), 0.0)];
        $doubts = [
            self::OPEN * $first,
            max(
                self::LEAST_SLOPE_DOUBT,
                ($wide * $cgDoubt * $trailer->weight * $trailer->cgAboveAxle) / $trailer->ballToAxle ** 2,
            ),
            ...array_values($instruments),
        ];
        [$mean, $covariance] = [$expected, []];
        for ($step = 0; $step < self::STEPS; $step++) {
            [$mean, $covariance] = $this->stepped($mean, $expected, $doubts, array_keys($instruments));
        }
        $this->mean = $mean;
        $this->covariance = $covariance;
    }

    /** On the ball at a coupler height. */
    public function at(Length $height): Normal
    {
        $off = $height->minus($this->level)->millimetres();
        $variance =
            $this->covariance[self::LEVEL][self::LEVEL] +
            2 * $off * $this->covariance[self::LEVEL][self::SLOPE] +
            $off ** 2 * $this->covariance[self::SLOPE][self::SLOPE];

        return Normal::of(
            $this->mean[self::LEVEL] + $off * $this->mean[self::SLOPE],
            sqrt(max(0.0, $variance)),
        );
    }

    /** What a reading taken again differs by, one deviation, of a load in kg. */
    public static function again(float $kilograms): float
    {
        return max(self::AGAIN * $kilograms, self::AGAIN_KG);
    }

    /** What a reading by the same instrument at the same height is expected to come to on the ball, kg. */
    public function expected(TongueReading $reading): Normal
    {
        $off = $this->heightOf($reading)->minus($this->level)->millimetres();
        $true = $this->mean[self::LEVEL] + $off * $this->mean[self::SLOPE];
        $place = array_search($reading->by->value, array_keys($this->instruments()), true);
        if ($place === false) {
            $at = $this->at($this->heightOf($reading));

            return Normal::of($true, sqrt(
                $at->deviation() ** 2 + ($reading->gainDoubt() * $true) ** 2 + self::again($true) ** 2,
            ));
        }
        $own = self::FIRST_INSTRUMENT + $place;
        $factor = 1.0 + $this->mean[$own];
        $slopes = array_map(static fn (): float => 0.0, $this->mean);
        [$slopes[self::LEVEL], $slopes[self::SLOPE], $slopes[$own]] = [$factor, $off * $factor, $true];

        return Normal::of(
            $true * $factor,
            sqrt(max(0.0, Matrix::quadratic($this->covariance, $slopes)) + self::again($true) ** 2),
        );
    }

    /** The coupler height at which so many kg lie on the ball, mm; null where the readings tell no slope. */
    public function heightFor(float $kilograms): ?Normal
    {
        [$slope, $level] = [$this->slope(), $this->level()];
        if (! $this->isFitted() || abs($slope->mean()) < self::TOLD * $slope->deviation()) {
            return null;
        }
        $off = ($kilograms - $level->mean()) / $slope->mean();
        $at = $this->at($this->level->plus(Length::ofMillimetres($off)));

        return Normal::of($this->level->millimetres() + $off, $at->deviation() / abs($slope->mean()));
    }

    /** Whether a coupler can stand so high, mm. */
    public static function isInReach(float $height): bool
    {
        return $height >= self::REACH_MM[0] && $height <= self::REACH_MM[1];
    }

    /** Trailer level. */
    public function level(): Normal
    {
        return $this->at($this->level);
    }

    /** What a millimetre of height changes, kg. */
    public function slope(): Normal
    {
        return Normal::of($this->mean[self::SLOPE], sqrt($this->covariance[self::SLOPE][self::SLOPE]));
    }

    /** Height of the centre of gravity above the axles that the slope tells of, mm. */
    public function cgAboveAxle(): Normal
    {
        $perSlope = $this->trailer->ballToAxle ** 2 / $this->trailer->weight;
        $stiffness = $this->trailer->pitchStiffness() / $this->trailer->weight;

        return Normal::of(
            $stiffness - $this->mean[self::SLOPE] * $perSlope,
            $this->slope()->deviation() * $perSlope,
        );
    }

    /** Whether readings at two heights or more tell the slope; else it is the model's. */
    public function isFitted(): bool
    {
        $heights = array_map($this->height(...), $this->readings);

        return max($heights) - min($heights) > 1.0;
    }

    /** The height that a reading counts at. */
    public function heightOf(TongueReading $reading): Length
    {
        return $reading->height ?? $this->level;
    }

    /** A reading alone, taken to another height along the line. */
    public function carriedTo(TongueReading $reading, Length $height): Load
    {
        return $reading
            ->onBall()
            ->plus(
                Load::ofKilograms(
                    $this->mean[self::SLOPE] * $height->minus($this->heightOf($reading))->millimetres(),
                ),
            );
    }

    private function height(TongueReading $reading): float
    {
        return $this->heightOf($reading)->millimetres();
    }

    private function modelSlope(): float
    {
        return -($this->trailer->weight * $this->trailer->cgAboveAxle - $this->trailer->pitchStiffness()) /
            $this->trailer->ballToAxle ** 2;
    }

    /** @return non-empty-array<string, float> each instrument's own doubt, as a share */
    private function instruments(): array
    {
        $doubts = [$this->readings[0]->by->value => $this->readings[0]->gainDoubt()];
        foreach ($this->readings as $reading) {
            $doubts[$reading->by->value] = max($doubts[$reading->by->value] ?? 0.0, $reading->gainDoubt());
        }

        return $doubts;
    }

    /**
     * One of Gauss and Newton's steps: a reading is (level + slope · height) · (1 + its instrument's error), so that
     * the error
     * is one of the true load, not of what was read.
     *
     * @param  list<float>  $at
     * @param  list<float>  $expected
     * @param  list<float>  $doubts
     * @param  list<string>  $instruments
     * @return array{list<float>, list<list<float>>}
     */
    private function stepped(array $at, array $expected, array $doubts, array $instruments): array
    {
        $precision = [];
        $pull = [];
        foreach ($doubts as $i => $doubt) {
            $precision[] = array_map(
                static fn (int $j): float => $j === $i ? 1.0 / $doubt ** 2 : 0.0,
                array_keys($doubts),
            );
            $pull[] = ($expected[$i] - $at[$i]) / $doubt ** 2;
        }
        foreach ($this->readings as $reading) {
            $off = $this->height($reading) - $this->level->millimetres();
            $true = $at[self::LEVEL] + $off * $at[self::SLOPE];
            $place = array_search($reading->by->value, $instruments, true);
            $factor = 1.0 + $at[self::FIRST_INSTRUMENT + (int) $place];
            $slopes = [
                $factor,
                $off * $factor,
                ...array_map(
                    static fn (string $one): float => $one === $reading->by->value ? $true : 0.0,
                    $instruments,
                ),
            ];
            $variance = self::again($true) ** 2;
            $misses = $reading->onBall()->kilograms() - $true * $factor;
            foreach ($slopes as $i => $one) {
                $pull[$i] += ($one * $misses) / $variance;
                foreach ($slopes as $j => $other) {
                    $precision[$i][$j] += ($one * $other) / $variance;
                }
            }
        }
        $covariance = array_map(array_values(...), array_values(Matrix::inverse($precision)));
        $move = Matrix::times($covariance, $pull);

        return [
            array_map(static fn (float $one, float $by): float => $one + $by, $at, array_values($move)),
            $covariance,
        ];
    }
}
