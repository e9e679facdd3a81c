<?php

declare(strict_types=1);

namespace Yoke\Job\Experience;

use Yoke\Foundation\Probability\Normal;

/**
 * Evidence of one quantity in one group, partially pooled (docs/model.md, The shop's experience): a mean of the group,
 * how
 * far its items spread about it, and each item between the group and its own evidence. What is odd weighs little.
 */
final readonly class Pool
{
    /** Of the textbook's variance, what the group as a whole may be off by; the rest is between its items. */
    private const OF_THE_GROUP = 0.5;

    /** The textbook's spread between items counts as so many items. */
    private const ITEMS = 4.0;

    /** Degrees of freedom of the distribution that odd evidence is weighed by. */
    private const FREEDOM = 4.0;

    /** What weighing leaves of the variance of evidence that is not odd at all. */
    private const LEFT = 0.767;

    private const ROUNDS = 25;

    private float $mean;

    /** Variance of the mean. */
    private float $meanVariance;

    /** Between items. */
    private float $spread;

    /** @var array<string, array{float, float}> by item: the mean of its evidence, and its variance */
    private array $items;

    private float $again;

    /**
     * @param  list<Evidence>  $evidence  of one source and group
     * @param  float  $textbook  one deviation, above 0
     * @param  float  $again  of that, by how much an item differs from job to job, a share below 0.7
     */
    public function __construct(private array $evidence, float $textbook, float $again)
    {
        $this->again = ($again * $textbook) ** 2;
        $group = self::OF_THE_GROUP * $textbook ** 2;
        $between = (1.0 - self::OF_THE_GROUP) * $textbook ** 2 - $this->again;
        [$mean, $meanVariance, $spread, $items] = [0.0, $group, $between, []];
        for ($round = 0; $round < self::ROUNDS && $evidence !== []; $round++) {
            $items = $this->itemsAbout($mean, $spread, $items);
            [$mean, $meanVariance] = self::meanOf($items, $mean, $spread, $group);
            $spread = self::spreadOf($items, $mean, $spread, $between);
        }
        [$this->mean, $this->meanVariance, $this->spread, $this->items] = [$mean, $meanVariance, $spread, $items];
    }

    /** What an item of the group that nobody worked on yet is expected to have. */
    public function another(): Normal
    {
        return Normal::of($this->mean, sqrt($this->meanVariance + $this->spread + $this->again));
    }

    /** What an item is expected to have at its next job. */
    public function next(string $item): Normal
    {
        if (! isset($this->items[$item])) {
            return $this->another();
        }
        [$own, $variance] = $this->items[$item];
        $before = $this->meanVariance + $this->spread;
        $share = $before / ($before + $variance);

        return Normal::of($this->mean + $share * ($own - $this->mean), sqrt($before * (1.0 - $share) + $this->again));
    }

    /** @return array<array-key, Normal> by item: what each is expected to have at its next job */
    public function each(): array
    {
        $each = [];
        foreach (array_keys($this->items) as $item) {
            $each[$item] = $this->next((string) $item);
        }

        return $each;
    }

    /** From how many jobs. */
    public function jobs(): int
    {
        return count($this->evidence);
    }

    /** From how many jobs with an item. */
    public function jobsWith(string $item): int
    {
        return count(array_filter($this->evidence, static fn (Evidence $one): bool => $one->item === $item));
    }

    /** How many items there are. */
    public function items(): int
    {
        return count($this->items);
    }

    /**
     * @param  array<string, array{float, float}>  $before
     * @return array<string, array{float, float}> by item
     */
    private function itemsAbout(float $mean, float $spread, array $before): array
    {
        $sums = [];
        foreach ($this->evidence as $one) {
            $variance = $one->doubt ** 2 + $this->again;
            $about = isset($before[$one->item]) ? self::shrunk($before[$one->item], $mean, $spread) : $mean;
            $weight =
                self::weight(($one->off - $about) ** 2 / ($variance + (isset($before[$one->item]) ? 0.0 : $spread))) /
                $variance;
            $sums[$one->item] = [
                ($sums[$one->item][0] ?? 0.0) + $weight * $one->off,
                ($sums[$one->item][1] ?? 0.0) + $weight,
            ];
        }

        return array_map(static fn (array $sum): array => [$sum[0] / $sum[1], 1.0 / $sum[1]], $sums);
    }

    /** @param  array{float, float}  $item */
    private static function shrunk(array $item, float $mean, float $spread): float
    {
        return $mean + ($spread / ($spread + $item[1])) * ($item[0] - $mean);
    }

    /**
     * @param  array<string, array{float, float}>  $items
     * @return array{float, float}
     */
    private static function meanOf(array $items, float $mean, float $spread, float $group): array
    {
        [$sum, $precision] = [0.0, 1.0 / $group];
        foreach ($items as [$own, $variance]) {
            $weight = self::weight(($own - $mean) ** 2 / ($spread + $variance)) / ($spread + $variance);
            [$sum, $precision] = [$sum + $weight * $own, $precision + $weight];
        }

        return [$sum / $precision, 1.0 / $precision];
    }

    /** @param  array<string, array{float, float}>  $items */
    private static function spreadOf(array $items, float $mean, float $spread, float $between): float
    {
        [$sum, $many] = [self::ITEMS * $between, self::ITEMS];
        foreach ($items as [$own, $variance]) {
            $weight = self::weight(($own - $mean) ** 2 / ($spread + $variance));
            $share = $spread / ($spread + $variance);
            $sum += ($weight * ($share * ($own - $mean)) ** 2) / self::LEFT + $spread * (1.0 - $share);
            $many += 1.0;
        }

        return $sum / $many;
    }

    /** Of evidence so many squared deviations off: 1 within one, less beyond. */
    private static function weight(float $squared): float
    {
        return min(1.0, (self::FREEDOM + 1.0) / (self::FREEDOM + $squared));
    }
}
