<?php

declare(strict_types=1);

namespace App\UseCases\Pages;

use App\Models\Job;
use Illuminate\Database\Eloquent\Collection;
use Yoke\Workshop\Procedure\Occasion;
use Yoke\Workshop\Procedure\Station;

/**
 * Which pages a browser keeps for when there is no connection: the yard, and the benches and procedures of today's
 * jobs.
 */
final readonly class OfflinePages
{
    /** Jobs whose pages are kept. */
    private const JOBS = 8;

    public function __construct(private Freshness $freshness)
    {
    }

    /** @return array<string, string> by address: a mark that changes when the page may show anything else */
    public function marked(): array
    {
        $pages = ['/no-connection' => 'v1', '/' => $this->freshness->ofAll()];
        $jobs = $this->jobs();
        $marks = $this->freshness->ofJobs(array_values($jobs->modelKeys()));
        foreach ($jobs as $job) {
            foreach ($this->of($job) as $address) {
                $pages[$address] = $marks[$job->id];
            }
        }

        return $pages;
    }

    /** @return list<string> */
    private function of(Job $job): array
    {
        $stations = array_map(
            static fn (Station $station): string => route('bench', [$job, $station->value], false),
            Station::along($job->rigAsWorked()->specified()->family()),
        );
        $lists = array_map(
            static fn (Occasion $occasion): string => route('procedures.list', [$job, $occasion->value], false),
            Occasion::cases(),
        );

        return [route('jobs.resume', $job, false), ...$stations, route('jobs.plan', $job, false), ...$lists];
    }

    /** @return Collection<int, Job> open ones, those of today and before first */
    private function jobs(): Collection
    {
        return Job::query()->whereNull('handed_over_at')->orderBy('booked_on')->orderBy('id')->limit(self::JOBS)->get();
    }
}
