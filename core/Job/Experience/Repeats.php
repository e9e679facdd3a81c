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

    /** @param  list<Repeat>  $pairs */
    public function __construct(private array $pairs, private HeightDoubt $textbook)
    {
    }

    /** How many there are of a reader. */
    public function of(string $reader): int
    {
        return count(array_filter($this->pairs, static fn (Repeat $pair): bool => $pair->reader === $reader));
    }

    /** How many there are on springs of a kind. */
    public function on(Suspension $springs): int
    {
        return count(array_filter($this->pairs, static fn (Repeat $pair): bool => $pair->springs === $springs));
    }

    /** @return array<string, float> one deviation of the tape by reader, mm */
    public function readers(): array
    {
        return array_map(static fn (float $variance): float => sqrt($variance), $this->variances()['readers']);
    }

    /** @return array<string, float> one deviation of what rolled springs stick, by their kind, mm */
    public function springs(): array
    {
        return array_map(static fn (float $variance): float => sqrt($variance), $this->variances()['springs']);
    }

    /** @return array{readers: array<string, float>, springs: array<string, float>} of each */
    private function variances(): array
    {
        $usual = ['coil' => $this->textbook->coilRolledMm ** 2, 'leaf' => $this->textbook->leafRolledMm ** 2];
        $tape = $this->textbook->tapeMm ** 2;
        $readers = [];
        foreach ($this->pairs as $pair) {
            $readers[$pair->reader] = $tape;
        }
        $springs = $usual;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $readers = $this->shares(
                $readers,
                array_map(static fn (): float => $tape, $readers),
                fn (Repeat $pair): array => [$pair->reader, $springs[$pair->springs->value]],
            );
            $springs = $this->shares(
                $springs,
                $usual,
                fn (Repeat $pair): array => [$pair->springs->value, $readers[$pair->reader]],
            );
        }

        return ['readers' => $readers, 'springs' => $springs];
    }

    /**
     * Variances by what of each squared difference is theirs as far as is known.
     *
     * @param  array<string, float>  $now
     * @param  array<string, float>  $usual
     * @param  \Closure(Repeat): array{string, float}  $split  whose it is, and the variance of the other
     * @return array<string, float>
     */
    private function shares(array $now, array $usual, \Closure $split): array
    {
        $sums = array_map(static fn (float $variance): array => [self::TEXTBOOK * $variance, self::TEXTBOOK], $usual);
        foreach ($this->pairs as $pair) {
            [$whose, $others] = $split($pair);
            $its = $now[$whose];
            $both = $its + $others;
            $squared = min($pair->difference ** 2 / 2.0, self::FARTHEST ** 2 * $both);
            $share = $its / $both;
            $sums[$whose] = [$sums[$whose][0] + $share ** 2 * $squared + $its * (1.0 - $share), $sums[$whose][1] + 1.0];
        }

        return array_map(static fn (array $sum): float => $sum[0] / $sum[1], array_intersect_key($sums, $now));
    }
}
