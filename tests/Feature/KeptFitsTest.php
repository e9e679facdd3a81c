<?php

declare(strict_types=1);

use App\UseCases\Analysis\CachedPosteriors;
use Illuminate\Cache\ArrayStore;
use Illuminate\Cache\Repository;
use Tests\Core\Estimation\Priors;
use Tests\Core\Estimation\Readings;
use Yoke\Measuring\Estimation\Reading\Observation;

/** @return list<Observation> a rig that restores such a share, taped */
function tapedAt(float $share): array
{
    $rig = Priors::rig()->likelyRig();

    return (new Readings($rig, $rig->tensionFor($share)))->threeStances();
}

it('gives a fit from before for the same readings, and a new one once a reading or the rig changed', function (): void {
    $store = new ArrayStore(serializesValues: true);
    $fits = new CachedPosteriors(new Repository($store), 1);
    $first = $fits->posterior(Priors::rig(), tapedAt(0.4));

    expect($fits->posterior(Priors::rig(), tapedAt(0.4)))
        ->toEqual($first)
        ->and($fits->posterior(Priors::rig(), tapedAt(0.8))->tension())
        ->toBeGreaterThan($first->tension() + 5.0)
        ->and($fits->posterior(Priors::rig(0.2), tapedAt(0.4)))
        ->not->toEqual($first)
        ->and($fits->posterior(Priors::rig(), tapedAt(0.4))->tension())
        ->toBe($first->tension());
});

it('keeps jobs apart, and what all readings say from what an instrument says', function (): void {
    $store = new ArrayStore(serializesValues: true);
    $own = new CachedPosteriors(new Repository($store), 1);
    $other = new CachedPosteriors(new Repository($store), 2);
    $own->posterior(Priors::rig(), tapedAt(0.4));
    $own->asRead(Priors::rig(), tapedAt(0.4));
    $other->posterior(Priors::rig(), tapedAt(0.8));
    $kept = fn (string $key): mixed => $store->get($key)[1]->tension();

    expect($kept('posteriors-3-1-all'))
        ->toEqualWithDelta($kept('posteriors-3-1-FrontHeight-RearHeight'), 3.0)
        ->and($kept('posteriors-3-2-all'))
        ->toBeGreaterThan($kept('posteriors-3-1-all') + 5.0);
});

it('keeps no more for a job as its readings change', function (): void {
    $store = new class extends ArrayStore
    {
        public function size(): int
        {
            return count($this->storage);
        }
    };
    $fits = new CachedPosteriors(new Repository($store), 1);
    foreach ([0.3, 0.5, 0.7] as $share) {
        $fits->posterior(Priors::rig(), tapedAt($share));
    }

    expect($store->size())->toBe(1);
});

it('works a fit out anew where an older version kept one of another shape', function (string $from, string $to): void {
    $store = new class extends ArrayStore
    {
        public function reshape(string $from, string $to): int
        {
            $changed = 0;
            foreach ($this->storage as $key => $item) {
                $this->storage[$key]['value'] = str_replace($from, $to, $item['value'], $many);
                $changed += $many;
            }

            return $changed;
        }
    };
    $store = new $store(serializesValues: true);
    $fits = new CachedPosteriors(new Repository($store), 1);
    $first = $fits->posterior(Priors::rig(), tapedAt(0.4));

    expect($store->reshape($from, $to))
        ->toBeGreaterThan(0)
        ->and($fits->posterior(Priors::rig(), tapedAt(0.4))->tension())
        ->toBe($first->tension());
})->with([
    'a class that is gone' => ['Estimation\\Posterior"', 'Estimation\\Aftermath"'],
    'a property of another kind' => ['"readings";a:', '"readings";s:'],
    'cut off' => ['"suspects"', '"su'],
]);

it('works a fit out where nothing can be kept', function (): void {
    $full = new class extends ArrayStore
    {
        public function put($key, $value, $seconds): never
        {
            throw new RuntimeException('No space left.');
        }
    };

    expect(
        (new CachedPosteriors(new Repository($full), 1))->posterior(Priors::rig(), tapedAt(0.4))->tension(),
    )->toBeFloat();
});
