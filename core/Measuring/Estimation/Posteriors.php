<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation;

use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Reading\Observation;

/** Where posteriors come from. A posterior follows from prior and observations alone, so that it may be kept. */
interface Posteriors
{
    /**
     * A reading that the others contradict counts less.
     *
     * @param  list<Observation>  $observations
     */
    public function posterior(RigPrior $prior, array $observations): Posterior;

    /**
     * Every reading is taken as it was read.
     *
     * @param  list<Observation>  $observations
     */
    public function asRead(RigPrior $prior, array $observations): Posterior;
}
