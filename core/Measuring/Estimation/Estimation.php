<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation;

use Yoke\Measuring\Estimation\Internal\Evidence;
use Yoke\Measuring\Estimation\Internal\Fit;
use Yoke\Measuring\Estimation\Internal\HypothesisSearch;
use Yoke\Measuring\Estimation\Internal\ModelDoubt;
use Yoke\Measuring\Estimation\Internal\Predictions;
use Yoke\Measuring\Estimation\Internal\SlackBars;
use Yoke\Measuring\Estimation\Internal\Suspicions;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Stories\Hypothesis;

/**
 * What readings tell of a rig (docs/model.md, What the readings tell): Gauss and Newton's steps to the likeliest
 * parameters, their doubt from the slopes there, for every story of how the readings may have come about.
 */
final readonly class Estimation
{
    /** Slack bars tell nothing of how slack: the search begins again with them taut by so many deviations. */
    private const SECOND_START = 2.0;

    /** @param  list<Observation>  $observations */
    public function __construct(private RigPrior $prior, private array $observations)
    {
    }

    public function posterior(): Posterior
    {
        if ($this->observations === []) {
            return $this->asRead();
        }
        [$predictions, $evidence, $slack] = $this->against(ModelDoubt::added($this->observations));
        $stories = new HypothesisSearch($this->prior, $evidence, $this->fit($predictions, $evidence, $slack));
        $fit = $stories->fit();
        $told = $this->withSlackBars($slack, $stories->told(), $fit);
        $residuals = $fit->residuals();

        return new Posterior($this->prior, $told, $residuals, (new Suspicions($told, $residuals))->all(), $predictions);
    }

    /** The same with every reading taken as it was read: none is suspected, and the model is taken for exact. */
    public function asRead(): Posterior
    {
        [$predictions, $evidence, $slack] = $this->against($this->observations);
        $fit = $this->fit($predictions, $evidence, $slack);

        return new Posterior(
            $this->prior,
            $this->withSlackBars($slack, [new Hypothesis([], 1.0, $fit->at, $fit->covariance)], $fit),
            $fit->residuals(),
            [],
            $predictions,
        );
    }

    /**
     * @param  list<Observation>  $observations
     * @return array{Predictions, Evidence, SlackBars}
     */
    private function against(array $observations): array
    {
        $predictions = new Predictions($this->prior, $observations);
        $evidence = new Evidence($predictions, $observations);

        return [$predictions, $evidence, new SlackBars($this->prior, $evidence)];
    }

    /**
     * Where bars hang slack or nearly so, their readings say that the tension is below something: in every story alike.
     *
     * @param  non-empty-list<Hypothesis>  $stories
     * @return non-empty-list<Hypothesis>
     */
    private function withSlackBars(SlackBars $slack, array $stories, Fit $fit): array
    {
        $telling = $slack->withoutNearlySlack($fit->at, $fit->weights);
        if ($telling === $fit->weights) {
            return $stories;
        }
        $below = $slack->belowSomething($fit->at, $fit->weights, $telling);

        return array_map(
            static fn (Hypothesis $story): Hypothesis => $story->carriedOver(
                $fit->at,
                $fit->covariance,
                $below->at,
                $below->covariance,
            ),
            $stories,
        );
    }

    /** From where the prior stands, and again with the bars taut where they came out slack. */
    private function fit(Predictions $predictions, Evidence $evidence, SlackBars $slack): Fit
    {
        $weights = array_fill(0, count($this->observations), 1.0);
        $start = array_fill(0, $predictions->parameters(), 0.0);
        $fit = $evidence->settle($start, $weights);
        if (! $slack->hangsSlack($fit->at)) {
            return $fit;
        }
        $start[RigParameter::Tension->value] = self::SECOND_START;
        $other = $evidence->settle($start, $weights);

        return $other->cost < $fit->cost ? $other : $fit;
    }
}
