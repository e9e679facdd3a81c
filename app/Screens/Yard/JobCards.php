<?php

declare(strict_types=1);

namespace App\Screens\Yard;

use App\Models\Job;
use App\Models\User;
use App\Screens\Bench\BenchPage;
use App\UseCases\Analysis\JobAnalyses;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\View\ComponentAttributeBag;

/** The cards of jobs, drawn anew only where something that stands in them has changed. */
final readonly class JobCards
{
    private const KEPT_SECONDS = 86_400;

    public function __construct(
        private User $person,
        private JobAnalyses $analyses,
        private Repository $cache,
    ) {
    }

    /**
     * @param  Collection<int, Job>  $jobs
     * @return list<string> markup
     */
    public function of(Collection $jobs): array
    {
        $state = $jobs->isEmpty() ? [] : $this->states($jobs);
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
            $cards[$job->id] = view('components.job-card', [
                'page' => new BenchPage($this->analyses->of($job), $this->person),
                'attributes' => new ComponentAttributeBag(),
            ])->render();
            $this->cache->put($state[$job->id], $cards[$job->id], self::KEPT_SECONDS);
        }

        return array_values(array_filter($cards, is_string(...)));
    }

    /**
     * What a card depends on, in a key: the job, its readings, rounds and marks, whose units, which day.
     *
     * @param  Collection<int, Job>  $jobs
     * @return array<int, string> by job
     */
    private function states(Collection $jobs): array
    {
        $ids = $jobs->modelKeys();
        $facts = [];
        foreach (
            [
                'readings' => 'max(id)',
                'measures' => 'max(id)',
                'tickets' => "count(*) || ' ' || count(withdrawn_at) || ' ' || max(id) || ".
                    "coalesce(group_concat(conditions), '')",
                'tongue_readings' => "count(*) || ' ' || count(withdrawn_at) || ' ' || max(id)",
                'bar_tapings' => "count(*) || ' ' || count(withdrawn_at) || ' ' || max(id)",
                'rounds' => "group_concat(coalesce(setting, '') || updated_at)",
                'station_marks' => "count(*) || ' ' || max(id)",
            ] as $table => $fact
        ) {
            foreach (
                DB::table($table)
                    ->whereIn('job_id', $ids)
                    ->groupBy('job_id')
                    ->selectRaw("job_id, {$fact} AS fact")
                    ->get() as $row
            ) {
                $facts[(int) $row->job_id][] = "{$table} {$row->fact}";
            }
        }
        $states = [];
        foreach ($jobs as $job) {
            $states[$job->id] =
                'card-'.
                hash(
                    'xxh128',
                    implode('|', [
                        $job->id,
                        implode(' ', $job->getRawOriginal()),
                        $this->person->fineness->value,
                        $this->person->language->value,
                        $this->analyses->mark(),
                        Date::today()->toDateString(),
                        ...$facts[$job->id] ?? [],
                    ]),
                );
        }

        return $states;
    }
}
