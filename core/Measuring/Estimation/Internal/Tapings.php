<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Internal;

use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Stories\Mistake;
use Yoke\Measuring\Estimation\Stories\MistakeKind;

/**
 * Which heights of a job belong together: those that were taped without the rig being moved, and those of one fender.
 *
 * @internal
 */
final readonly class Tapings
{
    /** @var list<array{int, list<int>}> those that were taped together: the first, and all */
    public array $standings;

    /** @var array<string, non-empty-list<int>> by stance and fender: all its readings */
    public array $fenders;

    /** @param  list<Observation>  $observations */
    public function __construct(public array $observations)
    {
        [$standings, $fenders] = [[], []];
        foreach ($observations as $i => $observation) {
            if ($observation->observed->isHeight()) {
                $stance = $observation->context->stance->value;
                $fenders["{$stance} {$observation->observed->name}"][] = $i;
                if ($observation->identity->standing !== '') {
                    $standings["{$stance} {$observation->identity->standing}"][] = $i;
                }
            }
        }
        $this->fenders = $fenders;
        $this->standings = array_map(
            static fn (array $together): array => [$together[0], $together],
            array_values($standings),
        );
    }

    /**
     * Read once, a fender that stands off is a slip like any other.
     *
     * @return list<non-empty-list<non-empty-list<int>>> by stance that was taped at both fenders, more than once: all
     *     readings of each
     */
    public function stances(): array
    {
        $stances = [];
        foreach ($this->fenders as $key => $all) {
            $stances[explode(' ', $key)[0]][] = $all;
        }

        return array_values(
            array_filter(
                $stances,
                static fn (array $fenders): bool => count($fenders) > 1 && max(array_map(count(...), $fenders)) > 1,
            ),
        );
    }

    /** @return array<string, non-empty-list<int>> by fender: its readings in every stance, in their order */
    public function byAxle(): array
    {
        $byAxle = [];
        foreach ($this->fenders as $key => $all) {
            $axle = explode(' ', $key)[1];
            $byAxle[$axle] = [...$byAxle[$axle] ?? [], ...$all];
        }
        foreach (array_keys($byAxle) as $axle) {
            sort($byAxle[$axle]);
        }

        return $byAxle;
    }

    /**
     * How far readings of the same lie apart at most, mm.
     *
     * @param  list<int>  $readings
     */
    public function spread(array $readings): float
    {
        $alike = [];
        foreach ($readings as $i) {
            $alike[$this->observations[$i]->group()][] = $this->observations[$i]->value;
        }

        return max([
            0.0,
            ...array_values(array_map(static fn (array $read): float => max($read) - min($read), $alike)),
        ]);
    }

    /** @return list<int> those that were taped with a reading, itself among them */
    public function with(int $first): array
    {
        foreach ($this->standings as [$one, $together]) {
            if ($one === $first) {
                return $together;
            }
        }

        return [$first];
    }

    /**
     * The readings as they would be if what was exchanged had not been.
     *
     * @param  list<Observation>  $observations
     * @return list<Observation>
     */
    public function putRight(Mistake $mistake, array $observations): array
    {
        $first = $mistake->observation ?? 0;
        $turns = match ($mistake->kind) {
            MistakeKind::Swapped => [array_slice($this->with($first), 0, 2)],
            MistakeKind::StancesSwapped => array_map(
                static fn (int ...$turn): array => $turn,
                ...array_map($this->with(...), [$first, ...$mistake->with]),
            ),
            default => [],
        };
        $read = $observations;
        foreach ($turns as $turn) {
            $meant = [...array_slice($turn, 1), ...array_slice($turn, 0, 1)];
            foreach (array_combine($turn, $meant) as $one => $is) {
                $observations[$one] = $observations[$one]->withValue($read[$is]->value);
            }
        }

        return array_values($observations);
    }
}
