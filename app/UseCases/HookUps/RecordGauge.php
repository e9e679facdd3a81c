<?php

declare(strict_types=1);

namespace App\UseCases\HookUps;

use App\Models\Job;
use App\Models\Measure;
use App\Models\User;
use App\UseCases\Door\WritingDoor;
use App\UseCases\Tape\RoundLog;

/**
 * What the gauge in a head shows: a turned screw is another setting, and what was read before it stays with the one
 * before.
 */
final readonly class RecordGauge
{
    public function __construct(private WritingDoor $door)
    {
    }

    /**
     * @param  Measure  $reading  not saved yet
     * @param  array<string, float|null>|null  $turnedTo  by adjuster; null where the setting is not known
     */
    public function turned(User $person, Job $job, Measure $reading, ?array $turnedTo): void
    {
        $this->door->onJob($person, $job, static function () use ($person, $job, $reading, $turnedTo): void {
            $reading->round = (new RoundLog($job, $person))->at($turnedTo)->number;
            $reading->save();
        });
    }

    /** @param  Measure  $reading  not saved yet */
    public function read(User $person, Job $job, Measure $reading): void
    {
        $this->door->onJob($person, $job, static fn (): bool => $reading->save());
    }
}
