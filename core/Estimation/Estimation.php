<?php

declare(strict_types=1);

namespace Yoke\Estimation;

use Yoke\Estimation\Internal\Evidence;
use Yoke\Estimation\Internal\Predictions;
use Yoke\Estimation\Internal\SlackBars;
use Yoke\Estimation\Internal\Slips;

/**
 * What readings tell of a rig (docs/model.md, What the readings tell): Gauss and Newton's steps to the likeliest
 * parameters, their doubt from the slopes there. A reading that the others contradict counts less; none is dropped.
 */
final readonly class Estimation
{
    /** How often readings are weighed again by what the others say of them. */
    private const WEIGHINGS = 4;

    /** A weight from here on is that of a sound reading. */
    private const SOUND = 0.95;

    /** Weights that moved by less are the same. */
    private const ALIKE = 0.02;

    /** Slack bars tell nothing of how slack: the search begins again with them taut by so many deviations. */
    private const SECOND_START = 2.0;

    private Predictions $predictions;

    private Evidence $evidence;

    private SlackBars $slack;

    /** @param  list<Observation>  $observations */
    public function __construct(private RigPrior $prior, array $observations)
    {
        $this->predictions = new Predictions($prior, $observations);
        $this->evidence = new Evidence($this->predictions, $observations);
        $this->slack = new SlackBars($prior, $this->evidence);
    }

    public function posterior(): Posterior
    {
        $slips = new Slips($this->evidence);
        $weights = $slips->withoutTheAbsurd(array_fill(0, $this->predictions->parameters(), 0.0));
        $at = $this->likeliest($weights);
        $slopes = $this->evidence->slopes($at);
        $covariance = $this->evidence->covariance($slopes, $weights);
        for ($i = 0; $i < self::WEIGHINGS; $i++) {
            $weighed = $slips->weigh($at, $slopes, $covariance, $weights);
            if (min([1.0, ...$weighed, ...$weights]) > self::SOUND || $this->areAlike($weighed, $weights)) {
                break;
            }
            $weights = $weighed;
            $at = $this->evidence->settle($at, $weights);
            $slopes = $this->evidence->slopes($at);
            $covariance = $this->evidence->covariance($slopes, $weights);
        }

        $readings = $this->evidence->judge($at, $slopes, $covariance, $weights);
        $telling = $this->slack->withoutNearlySlack($at, $weights);
        if ($telling !== $weights) {
            [$at, $covariance] = $this->slack->belowSomething($at, $weights, $telling);
        }

        return new Posterior($this->prior, $at, $covariance, $readings, $this->predictions);
    }

    /**
     * From where the prior stands, and again with the bars taut where they came out slack.
     *
     * @param  array<int, float>  $weights
     * @return array<int, float>
     */
    private function likeliest(array $weights): array
    {
        $start = array_fill(0, $this->predictions->parameters(), 0.0);
        $at = $this->evidence->settle($start, $weights);
        if (! $this->slack->hangsSlack($at)) {
            return $at;
        }
        $start[RigPrior::TENSION] = self::SECOND_START;
        $other = $this->evidence->settle($start, $weights);

        return $this->evidence->cost($other, $weights) < $this->evidence->cost($at, $weights) ? $other : $at;
    }

    /**
     * @param  array<int, float>  $one
     * @param  array<int, float>  $other
     */
    private function areAlike(array $one, array $other): bool
    {
        foreach ($one as $i => $weight) {
            if (abs($weight - $other[$i]) > self::ALIKE) {
                return false;
            }
        }

        return true;
    }
}
