<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Height;

use Yoke\Rig\Parts\Axle;

/**
 * How much an axle's springs stick, learned from heights that were taped again after rolling (docs/model.md, Friction
 * with a
 * side): a factor on what is usual. A slip between two readings is no friction.
 */
final readonly class FrictionSize
{
    /** What is usual counts as much as so many repeats. */
    private const USUAL_COUNTS = 8.0;

    /** A reading farther from the mean of its repeats than so many deviations is a slip, and counts as just so far. */
    private const FARTHEST = 2.5;

    /** Friction is never taken for less or more than this, as a factor. */
    private const LEAST = 0.7;

    private const MOST = 2.0;

    /** @param  array<string, float>  $factors  by axle */
    private function __construct(private array $factors)
    {
    }

    /**
     * @param  list<TapedHeight>  $heights
     * @param  float  $kept  the part of the friction that repeats share, 0 to 1
     */
    public static function learned(array $heights, float $kept): self
    {
        $groups = [];
        foreach ($heights as $height) {
            $groups[$height->axle->value][$height->group()][] = $height->reading;
        }
        $factors = [];
        foreach ($groups as $axle => $repeated) {
            [$sum, $freedom] = [self::USUAL_COUNTS, self::USUAL_COUNTS];
            foreach ($repeated as $readings) {
                $mean =
                    array_sum(
                        array_map(static fn (HeightReading $one): float => $one->height()->millimetres(), $readings),
                    ) / count($readings);
                foreach (count($readings) > 1 ? $readings : [] as $one) {
                    $expected =
                        ($one->tape()->millimetres() ** 2 + (1.0 - $kept ** 2) * $one->friction()->millimetres() ** 2) *
                        (1.0 - 1.0 / count($readings));
                    $sum +=
                        min(self::FARTHEST ** 2, ($one->height()->millimetres() - $mean) ** 2 / max(1e-9, $expected)) *
                        (1.0 - 1.0 / count($readings));
                    $freedom += 1.0 - 1.0 / count($readings);
                }
            }
            $factors[$axle] = max(self::LEAST, min(self::MOST, sqrt($sum / $freedom)));
        }

        return new self($factors);
    }

    /** On the usual friction of an axle. */
    public function factor(Axle $axle): float
    {
        return $this->factors[$axle->value] ?? 1.0;
    }
}
