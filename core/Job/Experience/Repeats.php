<?php

declare(strict_types=1);

namespace Yoke\Job\Experience;

use Yoke\Measuring\Readings\Height\HeightDoubt;
use Yoke\Rig\Parts\Suspension;

/**
 * Heights that were taped again at the same place of the same rig, after rolling: they differ by the reader's tape and
 * by
 * what the springs stick, and both are told apart over many readers and rigs (docs/model.md, The shop's experience).
 */
final readonly class Repeats
{
    /** The textbook counts as so many repeats. */
    private const TEXTBOOK = 12.0;

    private const ROUNDS = 12;

    /** A slip is no repeat: differences beyond so many deviations count as so many. */
    private const FARTHEST = 3.0;

    /** @param  list<array{string, Suspension, float}>  $pairs  reader, springs, difference of two readings in mm */
    public function __construct(private array $pairs, private HeightDoubt $textbook)
    {
    }

    /** How many there are of a reader. */
    public function of(string $reader): int
    {
        return count(array_filter($this->pairs, static fn (array $pair): bool => $pair[0] === $reader));
    }

    /** How many there are on springs of a kind. */
    public function on(Suspension $springs): int
    {
        return count(array_filter($this->pairs, static fn (array $pair): bool => $pair[1] === $springs));
    }

    /** @return array<string, float> one deviation of the tape by reader, mm */
    public function readers(): array
    {
        return array_map(static fn (float $variance): float => sqrt($variance), $this->told()[0]);
    }

    /** @return array<string, float> one deviation of what rolled springs stick, by their kind, mm */
    public function springs(): array
    {
        return array_map(static fn (float $variance): float => sqrt($variance), $this->told()[1]);
    }

    /** @return array{array<string, float>, array<string, float>} variances by reader and by springs */
    private function told(): array
    {
        $usual = ['coil' => $this->textbook->coilRolledMm ** 2, 'leaf' => $this->textbook->leafRolledMm ** 2];
        $tape = $this->textbook->tapeMm ** 2;
        $readers = [];
        foreach ($this->pairs as $pair) {
            $readers[$pair[0]] = $tape;
        }
        $springs = $usual;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $readers = $this->shares(
                $readers,
                array_map(static fn (): float => $tape, $readers),
                fn (array $pair): array => [$pair[0], $readers[$pair[0]], $springs[$pair[1]->value]],
            );
            $springs = $this->shares(
                $springs,
                $usual,
                fn (array $pair): array => [$pair[1]->value, $springs[$pair[1]->value], $readers[$pair[0]]],
            );
        }

        return [$readers, $springs];
    }

    /**
     * Variances by what of each squared difference is theirs as far as is known.
     *
     * @param  array<string, float>  $now
     * @param  array<string, float>  $usual
     * @param  \Closure(array{string, Suspension, float}): array{string, float, float}  $split  whose it is, its
     *     variance, the other's
     * @return array<string, float>
     */
    private function shares(array $now, array $usual, \Closure $split): array
    {
        $sums = array_map(static fn (float $variance): array => [self::TEXTBOOK * $variance, self::TEXTBOOK], $usual);
        foreach ($this->pairs as $pair) {
            [$whose, $its, $others] = $split($pair);
            $both = $its + $others;
            $squared = min($pair[2] ** 2 / 2.0, self::FARTHEST ** 2 * $both);
            $share = $its / $both;
            $sums[$whose] = [$sums[$whose][0] + $share ** 2 * $squared + $its * (1.0 - $share), $sums[$whose][1] + 1.0];
        }

        return array_map(static fn (array $sum): float => $sum[0] / $sum[1], array_intersect_key($sums, $now));
    }
}
