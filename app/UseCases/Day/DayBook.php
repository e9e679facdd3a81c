<?php

declare(strict_types=1);

namespace App\UseCases\Day;

use App\Models\Job;
use App\Models\User;
use App\UseCases\Analysis\JobAnalyses;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Date;
use Yoke\Workshop\Day\DayLine;
use Yoke\Workshop\Day\DaySlot;
use Yoke\Workshop\Day\ForeseenTime;
use Yoke\Workshop\Day\SlotState;

/** The jobs of a day with their times, and how long each probably takes. */
final readonly class DayBook
{
    private const RELATIONS = [
        'rig',
        'liveReadings',
        'rounds',
        'measures',
        'tickets',
        'tongueReadings',
        'barTapings',
        'marks',
        'person',
    ];

    public function __construct(private JobAnalyses $analyses, private TimeToGo $toGo)
    {
    }

    /** Whether any job of a day has its time. */
    public function isPlanned(CarbonImmutable $day): bool
    {
        return Job::query()
            ->whereNotNull('starts_minute')
            ->where(
                static fn (Builder $jobs): Builder => $jobs
                    ->whereDate('booked_on', $day)
                    ->orWhere(
                        static fn (Builder $left): Builder => $left
                            ->whereDate('booked_on', '<', $day)
                            ->whereNull('handed_over_at'),
                    ),
            )
            ->exists();
    }

    /** @return Collection<int, Job> booked for a day; of today also those left open before */
    public function jobs(CarbonImmutable $day): Collection
    {
        return Job::query()
            ->with(self::RELATIONS)
            ->where(
                static fn (Builder $jobs): Builder => $jobs
                    ->whereDate('booked_on', $day)
                    ->when(
                        $day->isToday(),
                        static fn (Builder $open): Builder => $open->orWhere(
                            static fn (Builder $left): Builder => $left
                                ->whereDate('booked_on', '<', $day)
                                ->whereNull('handed_over_at'),
                        ),
                    ),
            )
            ->orderByRaw('starts_minute IS NULL')
            ->orderBy('starts_minute')
            ->orderBy('id')
            ->limit(40)
            ->get();
    }

    /** @param  Collection<int, Job>  $jobs */
    public function line(Collection $jobs, CarbonImmutable $day): DayLine
    {
        $slots = array_map(
            fn (Job $job): DaySlot => new DaySlot(
                (string) $job->id,
                $job->starts_minute,
                $job->bay,
                $job->person_id === null ? null : (string) $job->person_id,
                $this->foreseen($job),
                self::state($job),
                $job->planned_minutes,
            ),
            array_values($jobs->all()),
        );
        $now = Date::now();

        return new DayLine($slots, $day->isToday() ? $now->hour * 60 + $now->minute : null);
    }

    /** How long a job still takes. */
    public function foreseen(Job $job): ForeseenTime
    {
        return $this->toGo->of($this->analyses->of($job->loadMissing(self::RELATIONS)));
    }

    /** Puts a job at a time, in a bay, with a person; null leaves it without. */
    public function put(Job $job, ?int $minute, ?string $bay, ?User $person): void
    {
        $job->fill(['starts_minute' => $minute, 'bay' => $bay, 'person_id' => $person?->id]);
        if ($job->isDirty('starts_minute') || $job->planned_minutes === null) {
            $job->planned_minutes = $minute === null ? null : (int) round($this->foreseen($job)->mean);
        }
        $job->save();
    }

    private static function state(Job $job): SlotState
    {
        return match (true) {
            $job->handed_over_at !== null => SlotState::Done,
            $job->liveReadings->isNotEmpty() || $job->marks->isNotEmpty() => SlotState::Begun,
            default => SlotState::Waiting,
        };
    }
}
