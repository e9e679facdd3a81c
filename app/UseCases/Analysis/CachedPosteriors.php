<?php

declare(strict_types=1);

namespace App\UseCases\Analysis;

use Closure;
use Illuminate\Contracts\Cache\Repository;
use Yoke\Measuring\Estimation\ComputedPosteriors;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Estimation\Posteriors;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Reading\Observation;

/**
 * The fits of one job, worked out anew only where its rig or its readings changed. The newest of each kind is kept, so
 * that what is kept does not grow with what is typed.
 */
final readonly class CachedPosteriors implements Posteriors
{
    /** Another one as soon as what is kept is made of other classes: an upgrade reads nothing that it cannot. */
    private const NAME = 'posteriors-3';

    private const KEPT_SECONDS = 7 * 86_400;

    private ComputedPosteriors $fresh;

    public function __construct(private Repository $cache, private int $job)
    {
        $this->fresh = new ComputedPosteriors();
    }

    public function posterior(RigPrior $prior, array $observations): Posterior
    {
        return $this->kept('all', $prior, $observations, $this->fresh->posterior(...));
    }

    public function asRead(RigPrior $prior, array $observations): Posterior
    {
        $read = array_unique(
            array_map(static fn (Observation $observation): string => $observation->observed->name, $observations),
        );

        return $this->kept(implode('-', $read), $prior, $observations, $this->fresh->asRead(...));
    }

    /**
     * @param  list<Observation>  $observations
     * @param  Closure(RigPrior, list<Observation>): Posterior  $fit
     */
    private function kept(string $kind, RigPrior $prior, array $observations, Closure $fit): Posterior
    {
        $key = self::NAME."-{$this->job}-{$kind}";
        $mark = hash('xxh128', serialize([$prior, $observations]));
        // What an older version kept may be of another shape: it is worked out anew.
        $kept = rescue(fn () => $this->cache->get($key), null, false);
        if (is_array($kept) && ($kept[0] ?? null) === $mark && ($kept[1] ?? null) instanceof Posterior) {
            return $kept[1];
        }
        $posterior = $fit($prior, $observations);
        rescue(fn () => $this->cache->put($key, [$mark, $posterior], self::KEPT_SECONDS));

        return $posterior;
    }
}
