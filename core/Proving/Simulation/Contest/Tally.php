<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\Contest;

use Yoke\Judgement\Method\TargetRange;
use Yoke\Proving\Playing\Finish;

/** What a player's results come to. */
final class Tally
{
    /** Claimed chances are told apart by these. */
    private const BINS = [
        '50 to 70' => [0.5, 0.7],
        '70 to 85' => [0.7, 0.85],
        '85 to 95' => [0.85, 0.95],
        'above 95' => [0.95, 1.01],
    ];

    /** @var list<ContestResult> */
    private array $results = [];

    /** @var list<bool> whether the rig's tension was taped, by result */
    private array $taped = [];

    /** @var list<float> true tongue weights, kg, by result */
    private array $tongues = [];

    public function __construct(private readonly TargetRange $band)
    {
    }

    public function add(SampledRig $lot, ContestResult $result): void
    {
        $this->results[] = $result;
        $this->taped[] = $lot->isTaped();
        $this->tongues[] = $lot->truth->rig->trailer()->tongueWeight;
    }

    /** @return array<string, float> means and shares over all rigs */
    public function figures(): array
    {
        $of = fn (\Closure $value, ?bool $taped = null): float => $this->mean($value, $taped);
        $hookUps = static fn (ContestResult $result): float => $result->finish->hookUps;
        $share = static fn (\Closure $is): float => $of(
            static fn (ContestResult $result): float => $is($result->finish) ? 1.0 : 0.0,
        );

        return [
            'hook_ups' => $of($hookUps),
            'hook_ups_taped' => $of($hookUps, true),
            'hook_ups_not_taped' => $of($hookUps, false),
            'done_at_the_first' => $share(static fn (Finish $finish): bool => $finish->hookUps === 1),
            'done_by_the_second' => $share(static fn (Finish $finish): bool => $finish->hookUps <= 2),
            'truly_in_band' => $share(static fn (Finish $finish): bool => $finish->isInRange),
            'finished_over_restored' => $share(static fn (Finish $finish): bool => $finish->isOver()),
            'ever_over_restored' => $of(static fn (ContestResult $result): float => $result->highest > 1.0 ? 1.0 : 0.0),
            'minutes' => $of(static fn (ContestResult $result): float => $result->finish->minutes),
        ];
    }

    /**
     * @return array<string, float> what was claimed at the end, and how much more that is than what landed; and how
     *     often what went wrong was named; nothing of a player who claims nothing
     */
    public function honesty(): array
    {
        $claimed = array_values(
            array_filter($this->results, static fn (ContestResult $result): bool => $result->claimed !== null),
        );
        if ($claimed === []) {
            return [];
        }
        $claims =
            array_sum(array_map(static fn (ContestResult $result): float => $result->claimed ?? 0.0, $claimed)) /
            count($claimed);
        $landed =
            count(array_filter($claimed, fn (ContestResult $result): bool => $result->finish->isInRange)) /
            count($claimed);
        $named = array_values(
            array_filter(
                array_map(static fn (ContestResult $result): ?bool => $result->named, $claimed),
                static fn (?bool $one): bool => $one !== null,
            ),
        );

        return ['claimed' => $claims, 'claimed_minus_landed' => $claims - $landed] +
            ($named === [] ? [] : ['named' => count(array_filter($named)) / count($named)]);
    }

    /**
     * @return array<string, float> how often the true tongue weight lies beyond twice its doubt at the end; nothing of
     *     a player who fits nothing
     */
    public function doubts(): array
    {
        $beyond = [];
        foreach ($this->results as $i => $result) {
            if ($result->told !== null) {
                $told = $result->told->tongueWeight();
                $off = abs($this->tongues[$i] - $told->mean());
                $beyond[] = $off > 2.0 * $told->deviation() ? 1.0 : 0.0;
            }
        }

        return $beyond === [] ? [] : ['tongue_beyond_twice' => array_sum($beyond) / count($beyond)];
    }

    /**
     * @return array<string, float> minutes that were said to go with each advice, and that it took, on average; nothing
     *     of a player who says none
     */
    public function foresight(): array
    {
        $foreseen = array_merge(...array_map(static fn (ContestResult $one): array => $one->foreseen, $this->results));

        return $foreseen === []
            ? []
            : [
                'minutes_to_go' => array_sum(array_column($foreseen, 0)) / count($foreseen),
                'minutes_it_took' => array_sum(array_column($foreseen, 1)) / count($foreseen),
            ];
    }

    /**
     * @return array<string, array{rigs: int, claimed: float, landed: float}> by bin of the chance claimed at the end;
     *     bins nobody claimed are left out
     */
    public function claimedAtTheEnd(): array
    {
        $bins = [];
        foreach (
            $this->binned(
                array_merge(
                    ...array_map(
                        static fn (ContestResult $result): array => $result->claimed === null
                            ? []
                            : [[$result->claimed, $result->finish->share]],
                        $this->results,
                    ),
                ),
            ) as $name => [$many, $claimed, $landed]
        ) {
            $bins[$name] = ['rigs' => $many, 'claimed' => $claimed, 'landed' => $landed];
        }

        return $bins;
    }

    /**
     * @return array<string, array{moves: int, claimed: float, landed: float}> by bin of the chance claimed for a move;
     *     bins nobody claimed are left out
     */
    public function calibration(): array
    {
        $bins = [];
        foreach (
            $this->binned(
                array_merge(...array_map(static fn (ContestResult $result): array => $result->claims, $this->results)),
            ) as $name => [$many, $claimed, $landed]
        ) {
            $bins[$name] = ['moves' => $many, 'claimed' => $claimed, 'landed' => $landed];
        }

        return $bins;
    }

    /**
     * @param  list<array{float, float}>  $claims  chance claimed, share truly restored
     * @return array<string, array{int, float, float}> how many, the mean claim, the share of them that landed
     */
    private function binned(array $claims): array
    {
        $bins = [];
        foreach (self::BINS as $name => [$from, $to]) {
            $within = array_values(
                array_filter($claims, static fn (array $claim): bool => $claim[0] >= $from && $claim[0] < $to),
            );
            if ($within !== []) {
                $landed = array_filter($within, fn (array $claim): bool => $this->isInBand($claim[1]));
                $bins[$name] = [
                    count($within),
                    array_sum(array_column($within, 0)) / count($within),
                    count($landed) / count($within),
                ];
            }
        }

        return $bins;
    }

    private function isInBand(float $share): bool
    {
        return $this->band->holds($share);
    }

    /** @param  \Closure(ContestResult): float  $value */
    private function mean(\Closure $value, ?bool $taped): float
    {
        $values = [];
        foreach ($this->results as $i => $result) {
            if ($taped === null || $this->taped[$i] === $taped) {
                $values[] = $value($result);
            }
        }

        return array_sum($values) / max(1, count($values));
    }
}
