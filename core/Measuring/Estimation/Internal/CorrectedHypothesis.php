<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Internal;

use Yoke\Measuring\Estimation\Stories\Hypothesis;
use Yoke\Measuring\Estimation\Stories\Mistake;

/**
 * The same as the likeliest with one mistake more, as a correction of its fit.
 *
 * @internal
 */
final readonly class CorrectedHypothesis
{
    /**
     * @param  list<Mistake>  $mistakes  none where nothing went wrong
     * @param  float  $log  the logarithm of its evidence
     */
    public function __construct(public array $mistakes, public float $log, public Correction $correction)
    {
    }

    /** @param  float  $chance  0 to 1 */
    public function told(float $chance): Hypothesis
    {
        return new Hypothesis($this->mistakes, $chance, $this->correction->at(), $this->correction->covariance());
    }
}
