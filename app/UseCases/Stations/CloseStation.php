<?php

declare(strict_types=1);

namespace App\UseCases\Stations;

use App\Models\Job;
use App\Models\User;
use App\UseCases\Door\JobHandedOver;
use App\UseCases\Door\WritingDoor;
use App\UseCases\Service\RigCare;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Support\Facades\Date;
use Yoke\Rig\Parts\Stance;
use Yoke\Workshop\Procedure\Station;

/** Closes a station that has nothing to tape, and opens it again; the last one hands the rig over. */
final readonly class CloseStation
{
    public function __construct(private WritingDoor $door, private Dispatcher $events)
    {
    }

    public function close(User $person, Job $job, Station $station): void
    {
        $isNew = $this->door->onJob($person, $job, static function () use ($person, $job, $station): bool {
            $mark = $job->marks()->firstOrCreate(['station' => $station], ['user_id' => $person->id]);
            if ($mark->wasRecentlyCreated && $station === Station::HandOver) {
                self::handOver($person, $job);
            }

            return $mark->wasRecentlyCreated;
        });
        if ($isNew && $station === Station::HandOver) {
            $this->events->dispatch(new JobHandedOver($job));
        }
    }

    public function open(User $person, Job $job, Station $station): void
    {
        $this->door->onJob($person, $job, static function () use ($job, $station): void {
            $job->marks()->where('station', $station)->delete();
            if ($station === Station::HandOver) {
                $job->update(['handed_over_at' => null]);
            }
        });
    }

    private static function handOver(User $person, Job $job): void
    {
        $job->update(['handed_over_at' => Date::now()]);
        $setting = $job->settingOf($job->roundOf(Stance::Carried));
        if ($setting !== null) {
            $job->rig->update([
                'found_setting' => [
                    'steps' => array_filter($setting, is_float(...)),
                    'job' => $job->title,
                    'on' => Date::now()->toDateString(),
                ],
            ]);
        }
        $job->keepItsLoad();
        (new RigCare($job->rig))->setUp($person, $job);
    }
}
