<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\Shop;

use Closure;
use Yoke\Job\Experience\Evidence;
use Yoke\Job\Experience\Experience;
use Yoke\Job\Experience\JobEvidence;
use Yoke\Job\Experience\Subject;
use Yoke\Job\Shop\ShopRules;
use Yoke\Measuring\Estimation\Prior\LearnedPriors;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Proving\Playing\AdvisedPlayer;
use Yoke\Proving\Simulation\Contest\ContestResult;
use Yoke\Proving\Simulation\Contest\ContestRig;
use Yoke\Proving\Simulation\SeededSource;

/** A shop that sets up one rig after another by the advice, and learns from each. */
final readonly class LearningShop
{
    private const APART = 7919;

    public function __construct(private int $seed, private PriorDoubts $doubts)
    {
    }

    /**
     * Figures of the first and the last of its rigs.
     *
     * @param  int  $rigs  how many come
     * @param  int  $counted  of them, how many at the start and at the end
     * @param  Closure(int): void|null  $played  told after each how many
     * @return array{first: array<string, float>, last: array<string, float>}
     */
    public function run(int $rigs, int $counted, HowTaped $taped, ?Closure $played = null): array
    {
        $fleet = new Fleet(new SeededSource($this->seed), $this->doubts);
        [$results, $evidence] = [[], []];
        for ($i = 0; $i < $rigs; $i++) {
            $experience = new Experience($evidence, $this->doubts);
            $rig = $fleet->next(
                $this->seed + $i,
                $taped,
                static fn (Subject $subject): LearnedPriors => $experience->for($subject),
            );
            $rules = ShopRules::usual();
            $inHand = new ContestRig(
                $rig->lot,
                new SeededSource($rig->lot->seed * self::APART),
                $rules,
                $rules->range,
            );
            (new AdvisedPlayer())->play($inHand);
            $result = $inHand->result();
            $evidence = [...$evidence, ...$this->told($rig, $result)];
            $results[] = $result;
            if ($played !== null) {
                $played($i + 1);
            }
        }

        return [
            'first' => self::figures(array_slice($results, 0, $counted)),
            'last' => self::figures(array_slice($results, -$counted)),
        ];
    }

    /** @return list<Evidence> of readings that hang together alone */
    private function told(ShopRig $rig, ContestResult $result): array
    {
        return $result->told === null || $result->told->suspects !== []
            ? []
            : (new JobEvidence($rig->subject, $rig->textbook, $result->told, $this->doubts))->all();
    }

    /**
     * @param  list<ContestResult>  $results
     * @return array<string, float> means over them
     */
    private static function figures(array $results): array
    {
        $many = max(1, count($results));
        $isIn = static fn (float $share): bool => ShopRules::usual()->range->holds($share);
        $mean = static fn (Closure $of): float => array_sum(array_map($of, $results)) / $many;

        return [
            'hook_ups' => $mean(static fn (ContestResult $result): float => (float) $result->finish->hookUps),
            'first_claimed' => $mean(static fn (ContestResult $result): float => $result->claims[0][0] ?? 0.0),
            'first_landed' => $mean(
                static fn (ContestResult $result): float => isset($result->claims[0]) && $isIn($result->claims[0][1])
                    ? 1.0
                    : 0.0,
            ),
            'in_range' => $mean(static fn (ContestResult $result): float => $result->finish->isInRange ? 1.0 : 0.0),
            'over_restored' => $mean(static fn (ContestResult $result): float => $result->finish->isOver() ? 1.0 : 0.0),
            'minutes' => $mean(static fn (ContestResult $result): float => $result->finish->minutes),
        ];
    }
}
