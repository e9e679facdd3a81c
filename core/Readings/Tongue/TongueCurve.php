<?php

declare(strict_types=1);

namespace Yoke\Readings\Tongue;

use Yoke\Probability\Normal;
use Yoke\Statics\TowedTrailer;
use Yoke\Units\Length;
use Yoke\Units\Load;

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

    /** @var list<float> weight at the level height, kg; slope, kg/mm; then each instrument's error, as a share */
    private array $mean;

    /** @var list<list<float>> */
    private array $covariance;

    /**
     * @param  Length  $level  coupler height with the trailer level
     * @param  float  $cgDoubt  of the trailer's centre of gravity, as a share of its height
     * @param  non-empty-list<TongueReading>  $readings
     */
    public function __construct(private TowedTrailer $trailer, private Length $level, float $cgDoubt, private array $readings)
    {
        $instruments = $this->instruments();
        $first = $readings[0]->onBall()->kilograms();
        $mean = [$first, $this->modelSlope(), ...array_fill(0, count($instruments), 0.0)];
        $doubts = [self::OPEN * $first, $cgDoubt * $trailer->weight * $trailer->cgAboveAxle / $trailer->ballToAxle ** 2, ...array_values($instruments)];
        $covariance = [];
        foreach ($doubts as $i => $doubt) {
            $covariance[] = array_map(static fn (int $j): float => $j === $i ? $doubt ** 2 : 0.0, array_keys($doubts));
        }
        foreach ($readings as $reading) {
            [$mean, $covariance] = $this->taught($reading, array_keys($instruments), $mean, $covariance);
        }
        $this->mean = $mean;
        $this->covariance = $covariance;
    }

    /** On the ball at a coupler height. */
    public function at(Length $height): Normal
    {
        $off = $height->minus($this->level)->millimetres();
        $variance = $this->covariance[self::LEVEL][self::LEVEL] + 2 * $off * $this->covariance[self::LEVEL][self::SLOPE] + $off ** 2 * $this->covariance[self::SLOPE][self::SLOPE];

        return Normal::of($this->mean[self::LEVEL] + $off * $this->mean[self::SLOPE], sqrt(max(0.0, $variance)));
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

        return Normal::of($stiffness - $this->mean[self::SLOPE] * $perSlope, $this->slope()->deviation() * $perSlope);
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
        return $reading->onBall()->plus(Load::ofKilograms($this->mean[self::SLOPE] * $height->minus($this->heightOf($reading))->millimetres()));
    }

    private function height(TongueReading $reading): float
    {
        return $this->heightOf($reading)->millimetres();
    }

    private function modelSlope(): float
    {
        return -($this->trailer->weight * $this->trailer->cgAboveAxle - $this->trailer->pitchStiffness()) / $this->trailer->ballToAxle ** 2;
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
     * One reading more: weight = level + slope · height + weight · error of its instrument, with what it differs by when
     * taken again.
     *
     * @param  list<string>  $instruments
     * @param  list<float>  $mean
     * @param  list<list<float>>  $covariance
     * @return array{list<float>, list<list<float>>}
     */
    private function taught(TongueReading $reading, array $instruments, array $mean, array $covariance): array
    {
        $weight = $reading->onBall()->kilograms();
        $slopes = [1.0, $this->height($reading) - $this->level->millimetres(), ...array_map(static fn (string $one): float => $one === $reading->by->value ? $weight : 0.0, $instruments)];
        $cross = array_map(static fn (array $row): float => array_sum(array_map(static fn (float $one, float $slope): float => $one * $slope, $row, $slopes)), $covariance);
        $variance = array_sum(array_map(static fn (float $one, float $slope): float => $one * $slope, $cross, $slopes)) + max(self::AGAIN * $weight, self::AGAIN_KG) ** 2;
        $off = $weight - array_sum(array_map(static fn (float $one, float $slope): float => $one * $slope, $mean, $slopes));

        return [
            array_map(static fn (float $one, float $with): float => $one + $with * $off / $variance, $mean, $cross),
            array_map(static fn (array $row, float $with): array => array_map(static fn (float $one, float $other): float => $one - $with * $other / $variance, $row, $cross), $covariance, $cross),
        ];
    }
}
