<?php

declare(strict_types=1);

namespace App\Yard;

use App\Bench\BenchPage;
use App\Models\Job;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Date;
use Yoke\Tape\HeightDoubt;

/** The jobs of the day: all that are open, and what was handed over lately. */
final readonly class YardPage
{
    private const OPEN_SHOWN = 30;

    private const FINISHED_SHOWN = 6;

    public function __construct(private User $person, private HeightDoubt $doubt)
    {
    }

    /** @return list<BenchPage> open jobs, the longest booked first */
    public function open(): array
    {
        /** @var Collection<int, Job> $jobs */
        $jobs = Job::query()->whereNull('handed_over_at')->orderBy('booked_on')->orderBy('id')->limit(self::OPEN_SHOWN)->get();

        return $this->pages($jobs);
    }

    /** @return list<BenchPage> the latest first */
    public function finished(): array
    {
        /** @var Collection<int, Job> $jobs */
        $jobs = Job::query()->whereNotNull('handed_over_at')->orderByDesc('handed_over_at')->limit(self::FINISHED_SHOWN)->get();

        return $this->pages($jobs);
    }

    public function today(): string
    {
        return Date::today()->format('l j F');
    }

    /**
     * @param  Collection<int, Job>  $jobs
     * @return list<BenchPage>
     */
    private function pages(Collection $jobs): array
    {
        $jobs->load(['liveReadings', 'marks', 'rounds']);

        return array_values($jobs->map(
            fn (Job $job): BenchPage => new BenchPage($job, $this->person, $this->doubt),
        )->all());
    }
}
