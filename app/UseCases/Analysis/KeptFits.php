<?php

declare(strict_types=1);

namespace App\UseCases\Analysis;

use Illuminate\Contracts\Cache\Repository;
use Yoke\Estimation\Estimation;
use Yoke\Estimation\Observation;
use Yoke\Estimation\Posterior;
use Yoke\Estimation\RigPrior;

/** Fits of jobs that were handed over, worked out once: a fit follows from prior and observations alone, and those stay. */
final readonly class KeptFits
{
    private const KEPT_SECONDS = 7 * 86_400;

    public function __construct(private Repository $cache)
    {
    }

    /** @param  list<Observation>  $observations */
    public function posterior(RigPrior $prior, array $observations): Posterior
    {
        $key = 'fit-'.hash('xxh128', serialize([$prior, $observations]));
        $kept = $this->cache->get($key);
        if ($kept instanceof Posterior) {
            return $kept;
        }
        $posterior = (new Estimation($prior, $observations))->posterior();
        $this->cache->put($key, $posterior, self::KEPT_SECONDS);

        return $posterior;
    }
}
