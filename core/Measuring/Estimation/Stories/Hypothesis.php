<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Stories;

use Yoke\Measuring\Estimation\Prior\RigParameter;

/**
 * One way in which the readings may have come about, how likely, and the rig by it (docs/model.md, More than one
 * story).
 */
final readonly class Hypothesis
{
    /** No rate or weight is farther from its prior in any story, in deviations. */
    private const FARTHEST = 12.0;

    /** @var array<int, float> the likeliest parameters, in prior deviations */
    public array $at;

    /**
     * @param  list<Mistake>  $mistakes  none where nothing went wrong
     * @param  float  $chance  0 to 1; of all stories together 1
     * @param  array<int, float>  $at
     * @param  array<int, array<int, float>>  $covariance  of the same
     */
    public function __construct(public array $mistakes, public float $chance, array $at, public array $covariance)
    {
        for ($parameter = 0; $parameter < RigParameter::Tension->value; $parameter++) {
            $at[$parameter] = max(-self::FARTHEST, min(self::FARTHEST, $at[$parameter]));
        }
        $this->at = $at;
    }

    /**
     * The same, trusted as far as a story is that explains so much away: where two things or more went wrong, whatever
     * is left is noisier than usual, too.
     */
    public function trusted(): self
    {
        $many = array_sum(array_map(static fn (Mistake $one): int => $one->kind->explainsAway(), $this->mistakes));
        $noisier = (0.5 + 0.5 * $many) ** 2;

        return $many < 2
            ? $this
            : new self(
                $this->mistakes,
                $this->chance,
                $this->at,
                array_map(
                    static fn (array $row): array => array_map(static fn (float $one): float => $noisier * $one, $row),
                    $this->covariance,
                ),
            );
    }

    /** @return array<int, true> by place: the readings that are mistakes by it */
    public function mistaken(): array
    {
        $places = [];
        foreach ($this->mistakes as $mistake) {
            if ($mistake->observation !== null) {
                $places[$mistake->observation] = true;
            }
        }

        return $places;
    }

    /** How much more the bars of a hook-up are bent by it than was written down, mm. */
    public function movedAt(int $hookUp): float
    {
        $moved = 0.0;
        foreach ($this->mistakes as $mistake) {
            $moved += $mistake->movedAt($hookUp);
        }

        return $moved;
    }

    public function has(MistakeKind $kind, ?int $observation = null): bool
    {
        foreach ($this->mistakes as $mistake) {
            if ($mistake->kind === $kind && $mistake->observation === $observation) {
                return true;
            }
        }

        return false;
    }

    /**
     * The same correction of another fit.
     *
     * @param  array<int, float>  $from
     * @param  array<int, array<int, float>>  $by  its covariance
     * @param  array<int, float>  $to
     * @param  array<int, array<int, float>>  $covariance  of that
     */
    public function carriedOver(array $from, array $by, array $to, array $covariance): self
    {
        foreach ($to as $i => $value) {
            $to[$i] = $value + $this->at[$i] - $from[$i];
            foreach ($covariance[$i] as $j => $one) {
                $covariance[$i][$j] = $one + $this->covariance[$i][$j] - $by[$i][$j];
            }
        }

        return new self($this->mistakes, $this->chance, $to, $covariance);
    }

    /**
     * With one parameter known to a share of its present doubt: its doubt, and what hangs together with it, shrinks.
     *
     * @param  float  $left  0 to 1
     */
    public function knowing(int $parameter, float $left): self
    {
        $variance = $this->covariance[$parameter][$parameter];
        $gain = $variance > 0.0 ? (1.0 - $left ** 2) / $variance : 0.0;
        $column = array_map(static fn (array $row): float => $row[$parameter], $this->covariance);
        $covariance = array_map(
            static fn (array $row, float $with): array => array_map(
                static fn (float $one, float $other): float => $one - $gain * $with * $other,
                $row,
                $column,
            ),
            $this->covariance,
            $column,
        );

        return new self($this->mistakes, $this->chance, $this->at, $covariance);
    }
}
