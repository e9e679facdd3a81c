<?php

declare(strict_types=1);

namespace App\Screens\Yard;

use App\Models\Job;
use App\Models\User;
use App\Screens\Bench\BenchPage;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Day\TimeToGo;
use App\UseCases\Pages\Freshness;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\View\ComponentAttributeBag;

/** The cards of jobs, drawn anew only where something that stands in them has changed. */
final readonly class JobCards
{
    private const KEPT_SECONDS = 86_400;

    public function __construct(
        private User $person,
        private JobAnalyses $analyses,
        private TimeToGo $toGo,
        private Freshness $freshness,
        private Repository $cache,
    ) {
    }

    /**
     * @param  Collection<int, Job>  $jobs
     * @return list<string> markup
     */
    public function of(Collection $jobs): array
    {
        $state = $jobs->isEmpty() ? [] : $this->states(array_values($jobs->modelKeys()));
        $cards = [];
        $fresh = [];
        foreach ($jobs as $job) {
            $cards[$job->id] = $this->cache->get($state[$job->id]);
            if (! is_string($cards[$job->id])) {
                $fresh[] = $job;
            }
        }
        foreach (
            $fresh === []
                ? []
                : (new Collection($fresh))->load([
                    'liveReadings',
                    'marks',
                    'rounds',
                    'measures',
                    'tickets',
                    'tongueReadings',
                    'barTapings',
                    'rig',
                ]) as $job
        ) {
            $analysed = $this->analyses->of($job);
            $cards[$job->id] = view('components.job-card', [
                'page' => new BenchPage($analysed, $this->person),
                'toGo' => $this->toGo->of($analysed),
                'attributes' => new ComponentAttributeBag(),
            ])->render();
            $this->cache->put($state[$job->id], $cards[$job->id], self::KEPT_SECONDS);
        }

        return array_values(array_filter($cards, is_string(...)));
    }

    /**
     * @param  list<int>  $jobs
     * @return array<int, string> by job: what its card is kept under
     */
    private function states(array $jobs): array
    {
        $units = "{$this->person->fineness->value} {$this->person->language->value}";

        $keys = [];
        foreach ($this->freshness->ofJobs($jobs) as $job => $mark) {
            $keys[$job] = 'card-'.hash('xxh128', "{$job} {$mark} {$units}");
        }

        return $keys;
    }
}
