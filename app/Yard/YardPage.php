<?php

declare(strict_types=1);

namespace App\Yard;

use App\Bench\BenchPage;
use App\Care\CareLine;
use App\Care\RigCare;
use App\Models\Job;
use App\Models\Rig;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Date;
use Yoke\Care\DueState;
use Yoke\Tape\HeightDoubt;

/** The jobs of the day: all that are open, what was handed over lately, and what falls due on rigs handed over before. */
final readonly class YardPage
{
    private const OPEN_SHOWN = 30;

    private const FINISHED_SHOWN = 6;

    private const DUE_SHOWN = 5;

    private const DUE_DAYS_AHEAD = 14;

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

    /** @return list<array{Rig, non-empty-list<CareLine>}> rigs with what presses on them, the first due first */
    public function due(): array
    {
        /** @var Collection<int, Rig> $rigs */
        $rigs = Rig::atHand()->with(['vehicle', 'trailer', 'hitch', 'careRecords'])->where('care_due_on', '<=', Date::today()->addDays(self::DUE_DAYS_AHEAD))->orderBy('care_due_on')->limit(self::DUE_SHOWN)->get();
        $due = [];
        foreach ($rigs as $rig) {
            $pressing = array_values(array_filter(CareLine::of(new RigCare($rig), $this->person), static fn (CareLine $line): bool => $line->state !== DueState::Later));
            if ($pressing !== []) {
                $due[] = [$rig, $pressing];
            }
        }

        return $due;
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
