<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Internal;

use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Stories\Hypothesis;
use Yoke\Measuring\Estimation\Stories\Mistake;
use Yoke\Measuring\Estimation\Stories\MistakeKind;

/**
 * The stories of one set of readings (docs/model.md, More than one story): nothing went wrong; or one thing did; or
 * another
 * on top of the likeliest. Each is a small correction of a fit; those that bend it far are fitted on their own, and
 * weighed
 * by their evidence.
 *
 * @internal
 */
final class HypothesisSearch
{
    /** What is less likely is left out. */
    private const LEAST = 0.006;

    /** What is likelier and moves a parameter by more of its prior deviations is fitted on its own; at most so many. */
    private const REFITTED = 0.04;

    private const FAR = 0.8;

    private const MOST_REFITTED = 8;

    /** A fit that costs more is bent by something: whatever may be it is fitted on its own. */
    private const BENT = 12.0;

    private const MOST_MISTAKES = 3;

    /** The others stay small. */
    private const FITTED_ON_THEIR_OWN = [MistakeKind::Slip, MistakeKind::Miscount, MistakeKind::Reversed];

    /** @var array<string, FittedHypothesis> by key */
    private array $fitted = [];

    private string $root = '';

    /** @var array<string, array<string, CorrectedHypothesis>> by key, by key of the fit that they correct */
    private array $corrections = [];

    private readonly Tapings $tapings;

    private readonly PossibleMistakes $possible;

    public function __construct(private readonly RigPrior $prior, private readonly Evidence $evidence, Fit $base)
    {
        $this->tapings = new Tapings($evidence->observations);
        $this->possible = new PossibleMistakes($prior, $this->tapings);
        $this->fitted[''] = new FittedHypothesis([], $base->logEvidence(), $base);
        $depth = 0;
        do {
            $isFound = $this->fitWhatBends();
        } while ($isFound && ++$depth < self::MOST_MISTAKES);
    }

    /** The fit of the likeliest story. */
    public function fit(): Fit
    {
        return $this->fitted[$this->root]->fit;
    }

    /** @return non-empty-list<Hypothesis> the likeliest first */
    public function told(): array
    {
        $told = $this->fitted + $this->corrections();
        $logs = array_map(static fn (FittedHypothesis|CorrectedHypothesis $one): float => $one->log, $told);
        $most = max([-INF, ...array_values($logs)]);
        $logs = array_filter($logs, static fn (float $log): bool => $log > $most + log(self::LEAST));
        $all = array_sum(array_map(static fn (float $log): float => exp($log - $most), $logs));
        uasort($logs, static fn (float $one, float $other): int => $other <=> $one);
        $stories = [];
        foreach ($logs as $key => $log) {
            $stories[] = $told[$key]->told(exp($log - $most) / $all)->trusted();
        }

        return $stories === [] ? throw new \LogicException('The likeliest story is always told.') : $stories;
    }

    /** Fits on its own whatever bends the likeliest fit far. Says whether another is the likeliest now. */
    private function fitWhatBends(): bool
    {
        [$fit, $log] = [$this->fitted[$this->root]->fit, $this->fitted[$this->root]->log];
        $isBent = $fit->cost > self::BENT;
        $bending = [];
        foreach ($this->corrections() as $key => $one) {
            $isFitted =
                isset($this->fitted[$key]) ||
                ! in_array($one->correction->mistake->kind, self::FITTED_ON_THEIR_OWN, true);
            if (
                ! $isFitted &&
                $one->log > $log + log(self::REFITTED) &&
                ($isBent || $one->correction->reach(RigParameter::Tension->value + 1) > self::FAR)
            ) {
                $bending[$key] = $one;
            }
        }
        uasort(
            $bending,
            static fn (CorrectedHypothesis $one, CorrectedHypothesis $other): int => $other->log <=> $one->log,
        );
        $bending = array_map(
            static fn (CorrectedHypothesis $one): array => $one->mistakes,
            array_slice($bending, 0, self::MOST_REFITTED),
        );
        foreach ($bending + ($isBent && $this->root === '' ? $this->standingOut() : []) as $key => $mistakes) {
            $refitted = $this->refit($mistakes, $fit);
            $this->fitted[$key] = new FittedHypothesis(
                $mistakes,
                $refitted->logEvidence() - $this->oneIn($mistakes),
                $refitted,
            );
        }
        $before = $this->root;
        foreach ($this->fitted as $key => $one) {
            $this->root = $one->log > $this->fitted[$this->root]->log ? $key : $this->root;
        }

        return $this->root !== $before;
    }

    /**
     * @return array<string, CorrectedHypothesis> by key: every story that is one mistake more than the likeliest
     */
    private function corrections(): array
    {
        if (isset($this->corrections[$this->root])) {
            return $this->corrections[$this->root];
        }
        $root = $this->fitted[$this->root];
        $corrections = [];
        foreach ($this->possible->besides($root->mistakes, $root->fit) as $correction) {
            $mistakes = [...$root->mistakes, $correction->mistake];
            $corrections[self::keyOf($mistakes)] = new CorrectedHypothesis(
                $mistakes,
                $root->log + $correction->log,
                $correction,
            );
        }

        return $this->corrections[$this->root] = $corrections;
    }

    /**
     * Single slips that stand out by what was known before anything was read: a gross one has not bent that yet.
     *
     * @return array<string, list<Mistake>>
     */
    private function standingOut(): array
    {
        $beforehand = $this->evidence->beforehand($this->fitted['']->fit->weights);
        $slips = $this->possible->slips([], $beforehand);
        usort($slips, static fn (Correction $one, Correction $other): int => $other->log <=> $one->log);
        $mistakes = [];
        foreach (array_slice($slips, 0, self::MOST_REFITTED) as $slip) {
            $mistakes[self::keyOf([$slip->mistake])] = [$slip->mistake];
        }

        foreach ($this->possible->onTheirOwn() as $mistake) {
            $mistakes[self::keyOf([$mistake])] = [$mistake];
        }

        return array_diff_key($mistakes, $this->fitted);
    }

    /** @param  list<Mistake>  $mistakes  slips, miscounts and what is exchanged; others stay as in the fit nearby */
    private function refit(array $mistakes, Fit $near): Fit
    {
        $weights = array_map(static fn (): float => 1.0, $this->evidence->observations);
        $observations = $this->evidence->observations;
        foreach ($mistakes as $mistake) {
            if ($mistake->kind === MistakeKind::Slip && $mistake->observation !== null) {
                $variance = $observations[$mistake->observation]->deviation ** 2;
                $weights[$mistake->observation] =
                    $variance / ($variance + PossibleMistakes::width($observations[$mistake->observation]) ** 2);
            }
            if ($mistake->moved !== []) {
                $observations = array_map(
                    static fn (Observation $one): Observation => $one->withTensionMoved(
                        $mistake->movedAt($one->context->hookUp->number),
                    ),
                    $observations,
                );
            }
            $observations = $this->tapings->putRight($mistake, $observations);
            foreach ($observations as $i => $observation) {
                $wider = $this->possible->widened($mistake, $i);
                $variance = $observation->deviation ** 2;
                $weights[$i] *= $wider > 0.0 ? $variance / ($variance + $wider ** 2) : 1.0;
            }
        }
        $evidence =
            $observations === $this->evidence->observations
                ? $this->evidence
                : new Evidence(new Predictions($this->prior, $observations), $observations);

        return $near->cost > self::BENT
            ? $evidence->settle(array_map(static fn (): float => 0.0, $near->at), $weights)
            : $evidence->settle($near->at, $weights, $near->slopes);
    }

    /**
     * The odds against, in the logarithm.
     *
     * @param  list<Mistake>  $mistakes
     */
    private function oneIn(array $mistakes): float
    {
        return array_sum(
            array_map(
                fn (Mistake $mistake): float => log($mistake->kind->oneIn() * $this->possible->ways($mistake->kind)),
                $mistakes,
            ),
        );
    }

    /** @param  list<Mistake>  $mistakes */
    private static function keyOf(array $mistakes): string
    {
        $keys = array_map(static fn (Mistake $mistake): string => $mistake->key(), $mistakes);
        sort($keys);

        return implode(', ', $keys);
    }
}
