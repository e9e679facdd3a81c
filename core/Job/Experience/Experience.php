<?php

declare(strict_types=1);

namespace Yoke\Job\Experience;

use Yoke\Measuring\Estimation\Prior\LearnedPriors;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;

/** What a shop has learned from its finished jobs, for the next one. */
final class Experience
{
    /** @var array<string, array<string, list<Evidence>>> by source and group */
    private array $evidence = [];

    /** @var array<string, Pool> by source and group */
    private array $pools = [];

    /**
     * @param  list<Evidence>  $evidence
     * @param  list<Source>  $off  sources that the owner switched off
     */
    public function __construct(array $evidence, private readonly PriorDoubts $doubts, private readonly array $off = [])
    {
        foreach ($evidence as $one) {
            $this->evidence[$one->source->value][$one->group][] = $one;
        }
    }

    /** What it makes of what is usual for a rig; nothing of what it has no evidence for. */
    public function for(Subject $subject): LearnedPriors
    {
        $rows = [];
        foreach (Source::OF_RIGS as $source) {
            $at = $subject->in($source);
            $pool = $at === null || in_array($source, $this->off, true) ? null : $this->pool($source, $at->group);
            if ($at !== null && $pool !== null) {
                $next = $pool->next($at->item);
                $rows[$source->value] = [
                    'off' => $next->mean(),
                    'deviation' => $next->deviation(),
                    'jobs' => $pool->jobs(),
                    'own' => $pool->jobsWith($at->item),
                ];
            }
        }

        return LearnedPriors::of($rows);
    }

    /** @return list<string> the groups of a source that there is evidence in */
    public function groups(Source $source): array
    {
        return array_map(
            static fn (string|int $group): string => (string) $group,
            array_keys($this->evidence[$source->value] ?? []),
        );
    }

    /** Null where there is no evidence. */
    public function pool(Source $source, string $group): ?Pool
    {
        $evidence = $this->evidence[$source->value][$group] ?? [];

        return $evidence === []
            ? null
            : ($this->pools["{$source->value} {$group}"] ??= new Pool(
                $evidence,
                $source->textbook($this->doubts),
                $source->again(),
            ));
    }
}
