<?php

declare(strict_types=1);

namespace App\UseCases\Tape;

use App\Models\Job;
use App\Models\Measure;
use App\Models\MeasureKind;
use App\Models\User;
use App\UseCases\Door\WritingDoor;
use App\UseCases\Forms\TapedBarGap;
use App\UseCases\Garage\OpenJobs;
use Illuminate\Support\Facades\Date;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Specification\RigPart;

/** The gap over the bars on the dropped rig: taken down, or skipped. */
final readonly class TapeGap
{
    public function __construct(private WritingDoor $door)
    {
    }

    public function taped(User $person, Job $job, TapedBarGap $gap): void
    {
        $this->door->onJob($person, $job, static function () use ($job, $gap): void {
            if ($gap->loosest !== null) {
                $hitch = $job->rig->hitch;
                $hitch->update(['sheet' => [...$hitch->sheet ?? [], 'hang_mm' => $gap->loosest]]);
                (new OpenJobs(RigPart::Hitch, $hitch))->planAgain();
            }
            $gap->measure->save();
        });
    }

    /** An entry without a value: nobody taped it, and the step is not offered first again. */
    public function skipped(User $person, Job $job): void
    {
        $this->door->onJob($person, $job, static fn (): Measure => Measure::query()->create([
            'job_id' => $job->id,
            'stance' => Stance::Dropped,
            'round' => $job->roundOf(Stance::Dropped),
            'kind' => MeasureKind::BarGap,
            'typed' => '',
            'value' => null,
            'user_id' => $person->id,
            'taken_at' => Date::now(),
        ]));
    }
}
