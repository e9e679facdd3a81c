<?php

declare(strict_types=1);

namespace App\UseCases\Stations;

use App\Models\Job;
use App\Models\User;
use App\UseCases\Door\WritingDoor;
use Illuminate\Support\Facades\Date;
use Yoke\Foundation\Units\Torque;
use Yoke\Workshop\Procedure\Station;
use Yoke\Workshop\Road\Feel;
use Yoke\Workshop\Road\RoadTest;
use Yoke\Workshop\Sway\Answer;

/** What was looked at, tightened or driven at a station. */
final readonly class RecordCheck
{
    public function __construct(private WritingDoor $door)
    {
    }

    /** @param  string|null  $counted  `4/5`, threads left and right; null where it was answered */
    public function answered(
        User $person,
        Job $job,
        Station $station,
        string $check,
        Answer $answer,
        ?string $counted,
    ): void {
        $this->door->onJob(
            $person,
            $job,
            static fn () => $job->checks()->create([
                'station' => $station,
                'check_key' => $check,
                'answer' => $answer,
                'counted' => $counted,
                'user_id' => $person->id,
                'answered_at' => Date::now(),
            ]),
        );
    }

    /** @param  float  $sheet  what the sheet asks for, N·m */
    public function tightened(
        User $person,
        Job $job,
        string $fastener,
        string $typed,
        Torque $wrench,
        float $sheet,
    ): void {
        $this->door->onJob(
            $person,
            $job,
            static fn () => $job->torques()->create([
                'fastener' => $fastener,
                'typed' => $typed,
                'wrench_nm' => $wrench->newtonMetres(),
                'sheet_nm' => $sheet,
                'user_id' => $person->id,
                'done_at' => Date::now(),
            ]),
        );
    }

    /** @param  array{speed: string, distance: string}  $typed */
    public function driven(User $person, Job $job, RoadTest $test, array $typed, string $note): void
    {
        $felt = static fn (Feel $feel): array => [$feel->value, $test->felt($feel)];
        $this->door->onJob(
            $person,
            $job,
            static fn () => $job->roadDrives()->create([
                'round' => $job->roundOf(\Yoke\Rig\Parts\Stance::Carried),
                'typed' => $typed,
                'speed_kmh' => $test->speedKmh,
                'distance_km' => $test->distanceKm,
                'felt' => array_column(array_map($felt, Feel::cases()), 1, 0),
                'note' => $note ?: null,
                'user_id' => $person->id,
                'driven_at' => Date::now(),
            ]),
        );
    }
}
