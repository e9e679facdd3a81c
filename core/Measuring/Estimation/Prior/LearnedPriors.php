<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Prior;

use Yoke\Foundation\Probability\LogNormal;
use Yoke\Foundation\Probability\Normal;

/**
 * What a shop's earlier set-ups make of what is usual for one rig, frozen: by quantity how far from usual, with its
 * doubt,
 * and from how many set-ups.
 *
 * @phpstan-type LearnedRow array{off: float, deviation: float, jobs: int, own: int}
 */
final readonly class LearnedPriors
{
    /**
     * @param  array<string, LearnedRow>  $rows  by quantity: `off` in the logarithm, or in mm of tension; `own` of the
     *     jobs with the same vehicle, hitch or trailer
     */
    private function __construct(private array $rows)
    {
    }

    /** @param  array<string, LearnedRow>  $rows */
    public static function of(array $rows): self
    {
        return new self($rows);
    }

    /** @return array<string, LearnedRow> to keep */
    public function rows(): array
    {
        return $this->rows;
    }

    public function isEmpty(): bool
    {
        return $this->rows === [];
    }

    public function has(string $quantity): bool
    {
        return isset($this->rows[$quantity]);
    }

    /** What is usual, as this shop has learned it: the textbook's where it has learned nothing. */
    public function share(string $quantity, LogNormal $textbook): LogNormal
    {
        $row = $this->rows[$quantity] ?? null;

        return $row === null ? $textbook : new LogNormal($textbook->value * exp($row['off']), $row['deviation']);
    }

    /** The same of a length, mm. */
    public function length(string $quantity, Normal $textbook): Normal
    {
        $row = $this->rows[$quantity] ?? null;

        return $row === null ? $textbook : Normal::of($textbook->mean() + $row['off'], $row['deviation']);
    }

    /** A deviation as this shop has learned it; the textbook's where it has learned nothing. */
    public function deviation(string $quantity, float $textbook): float
    {
        return isset($this->rows[$quantity]) ? $textbook * exp($this->rows[$quantity]['off']) : $textbook;
    }
}
