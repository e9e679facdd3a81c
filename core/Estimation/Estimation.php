<?php

declare(strict_types=1);

namespace Yoke\Estimation;

use Yoke\Estimation\Internal\Evidence;
use Yoke\Estimation\Internal\Fit;
use Yoke\Estimation\Internal\Predictions;
use Yoke\Estimation\Internal\ReadingErrors;
use Yoke\Estimation\Internal\SlackBars;
use Yoke\Probability\Matrix;

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
    public function __construct(private RigPrior $prior, private array $observations)
    {
        $this->predictions = new Predictions($prior, $observations);
        $this->evidence = new Evidence($this->predictions, $observations);
        $this->slack = new SlackBars($prior, $this->evidence);
    }

    public function posterior(): Posterior
    {
        $errors = new ReadingErrors;
        $fit = $errors->withoutGross($this->fit($this->inFull()), $this->fit(...), $this->beforehand(...));
        for ($i = 0; $i < self::WEIGHINGS; $i++) {
            $weighed = $errors->weigh($fit);
            if (min([1.0, ...$weighed, ...$fit->weights]) > self::SOUND || $this->areAlike($weighed, $fit->weights)) {
                break;
            }
            $fit = $this->evidence->fit($weighed, $this->evidence->settle($fit->at, $weighed));
        }

        return $this->of($fit, $errors->suspects($fit->residuals));
    }

    /** The same with every reading taken as it was read: none counts less, none is suspected. */
    public function asRead(): Posterior
    {
        return $this->of($this->fit($this->inFull()), []);
    }

    /** @param  list<Suspect>  $suspects */
    private function of(Fit $fit, array $suspects): Posterior
    {
        [$at, $covariance] = [$fit->at, $fit->covariance];
        $telling = $this->slack->withoutNearlySlack($at, $fit->weights);
        if ($telling !== $fit->weights) {
            [$at, $covariance] = $this->slack->belowSomething($at, $fit->weights, $telling);
        }

        return new Posterior($this->prior, $at, $covariance, $fit->residuals, $suspects, $this->predictions);
    }

    /** @return array<int, float> */
    private function inFull(): array
    {
        return array_fill(0, count($this->observations), 1.0);
    }

    /** @param  array<int, float>  $weights */
    private function fit(array $weights): Fit
    {
        return $this->evidence->fit($weights, $this->likeliest($weights));
    }

    /**
     * Each reading against what all the others say, by the slopes of the rig as it is expected: what a gross error has not
     * bent yet.
     *
     * @param  array<int, float>  $weights
     * @return list<Residual>
     */
    private function beforehand(array $weights): array
    {
        $start = array_fill(0, $this->predictions->parameters(), 0.0);
        $slopes = $this->evidence->slopes($start);
        $covariance = $this->evidence->covariance($slopes, $weights);
        $move = Matrix::times($covariance, $this->evidence->pull($start, $slopes, $weights));
        $there = array_map(static fn (float $value, float $by): float => $value + $by, $start, $move);

        return $this->evidence->judge($there, $slopes, $covariance, $weights);
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
