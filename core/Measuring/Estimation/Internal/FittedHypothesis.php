<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Internal;

use Yoke\Measuring\Estimation\Stories\Hypothesis;
use Yoke\Measuring\Estimation\Stories\Mistake;

/**
 * One way in which the readings may have come about, fitted on its own.
 *
 * @internal
 */
final readonly class FittedHypothesis
{
    /**
     * @param  list<Mistake>  $mistakes  none where nothing went wrong
     * @param  float  $log  the logarithm of its evidence
     */
    public function __construct(public array $mistakes, public float $log, public Fit $fit)
    {
    }

    /** @param  float  $chance  0 to 1 */
    public function told(float $chance): Hypothesis
    {
        return new Hypothesis($this->mistakes, $chance, $this->fit->at, $this->fit->covariance);
    }
}
