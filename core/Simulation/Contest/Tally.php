<?php

declare(strict_types=1);

namespace Yoke\Simulation\Contest;

use Yoke\Method\Band;

/** What a player's finishes come to. */
final class Tally
{
    /** Claimed chances are told apart by these. */
    private const BINS = ['50 to 70' => [0.50, 0.70], '70 to 85' => [0.70, 0.85], '85 to 95' => [0.85, 0.95], 'above 95' => [0.95, 1.01]];

    /** @var list<Finish> */
    private array $finishes = [];

    /** @var list<bool> whether the rig's tension was taped, by finish */
    private array $taped = [];

    public function __construct(private readonly Band $band)
    {
    }

    public function add(SampledRig $lot, Finish $finish): void
    {
        $this->finishes[] = $finish;
        $this->taped[] = $lot->isTaped();
    }

    /** @return array<string, float> means and shares over all rigs */
    public function figures(): array
    {
        $of = fn (\Closure $value, ?bool $taped = null): float => $this->mean($value, $taped);
        $hookUps = static fn (Finish $finish): float => $finish->hookUps;

        return [
            'hook_ups' => $of($hookUps),
            'hook_ups_taped' => $of($hookUps, true),
            'hook_ups_not_taped' => $of($hookUps, false),
            'done_at_the_first' => $of(static fn (Finish $finish): float => $finish->hookUps === 1 ? 1.0 : 0.0),
            'done_by_the_second' => $of(static fn (Finish $finish): float => $finish->hookUps <= 2 ? 1.0 : 0.0),
            'truly_in_band' => $of(fn (Finish $finish): float => $this->isInBand($finish->share) ? 1.0 : 0.0),
            'finished_over_restored' => $of(static fn (Finish $finish): float => $finish->share > 1.0 ? 1.0 : 0.0),
            'ever_over_restored' => $of(static fn (Finish $finish): float => $finish->highest > 1.0 ? 1.0 : 0.0),
            'minutes' => $of(static fn (Finish $finish): float => $finish->minutes),
        ];
    }

    /** @return array<string, array{moves: int, claimed: float, landed: float}> by bin of the chance claimed for a move; bins nobody claimed are left out */
    public function calibration(): array
    {
        $bins = [];
        foreach (self::BINS as $name => [$from, $to]) {
            $claims = array_values(array_filter(array_merge(...array_map(static fn (Finish $finish): array => $finish->claims, $this->finishes)), static fn (array $claim): bool => $claim[0] >= $from && $claim[0] < $to));
            if ($claims !== []) {
                $landed = array_filter($claims, fn (array $claim): bool => $this->isInBand($claim[1]));
                $bins[$name] = ['moves' => count($claims), 'claimed' => array_sum(array_column($claims, 0)) / count($claims), 'landed' => count($landed) / count($claims)];
            }
        }

        return $bins;
    }

    private function isInBand(float $share): bool
    {
        return $share >= $this->band->from && $share <= $this->band->to;
    }

    /** @param  \Closure(Finish): float  $value */
    private function mean(\Closure $value, ?bool $taped): float
    {
        $values = [];
        foreach ($this->finishes as $i => $finish) {
            if ($taped === null || $this->taped[$i] === $taped) {
                $values[] = $value($finish);
            }
        }

        return array_sum($values) / max(1, count($values));
    }
}
