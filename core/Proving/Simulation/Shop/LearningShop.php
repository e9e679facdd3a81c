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
use Yoke\Proving\Simulation\Contest\AdvisedPlayer;
use Yoke\Proving\Simulation\Contest\Finish;
use Yoke\Proving\Simulation\Contest\HookUps;
use Yoke\Proving\Simulation\Contest\TapeReader;
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
        [$finishes, $evidence] = [[], []];
        for ($i = 0; $i < $rigs; $i++) {
            $experience = new Experience($evidence, $this->doubts);
            $rig = $fleet->next(
                $this->seed + $i,
                $taped,
                static fn (Subject $subject): LearnedPriors => $experience->for($subject),
            );
            $random = new SeededSource($rig->lot->seed * self::APART);
            $finish = (new AdvisedPlayer(ShopRules::usual()->stopping))->play(
                new HookUps($rig->lot, $random),
                new TapeReader($random, $rig->lot),
                ShopRules::usual()->range,
            );
            $evidence = [...$evidence, ...$this->told($rig, $finish)];
            $finishes[] = $finish;
            if ($played !== null) {
                $played($i + 1);
            }
        }

        return [
            'first' => self::figures(array_slice($finishes, 0, $counted)),
            'last' => self::figures(array_slice($finishes, -$counted)),
        ];
    }

    /** @return list<Evidence> of readings that hang together alone */
    private function told(ShopRig $rig, Finish $finish): array
    {
        return $finish->told === null || $finish->told->suspects !== []
            ? []
            : (new JobEvidence($rig->subject, $rig->textbook, $finish->told, $this->doubts))->all();
    }

    /**
     * @param  list<Finish>  $finishes
     * @return array<string, float> means over them
     */
    private static function figures(array $finishes): array
    {
        $many = max(1, count($finishes));
        $isIn = static fn (float $share): bool => $share >= ShopRules::usual()->range->from &&
            $share <= ShopRules::usual()->range->to;
        $mean = static fn (Closure $of): float => array_sum(array_map($of, $finishes)) / $many;

        return [
            'hook_ups' => $mean(static fn (Finish $finish): float => (float) $finish->hookUps),
            'first_claimed' => $mean(static fn (Finish $finish): float => $finish->claims[0][0] ?? 0.0),
            'first_landed' => $mean(
                static fn (Finish $finish): float => isset($finish->claims[0]) && $isIn($finish->claims[0][1])
                    ? 1.0
                    : 0.0,
            ),
            'in_range' => $mean(static fn (Finish $finish): float => $isIn($finish->share) ? 1.0 : 0.0),
            'over_restored' => $mean(static fn (Finish $finish): float => $finish->share > 1.0 ? 1.0 : 0.0),
            'minutes' => $mean(static fn (Finish $finish): float => $finish->minutes),
        ];
    }
}
