<?php

declare(strict_types=1);

namespace App\UseCases\HookUps;

use App\Models\Job;
use App\Models\Round;
use App\Models\User;
use App\UseCases\Door\WritingDoor;
use App\UseCases\Tape\RoundLog;
use Yoke\Rig\Adjuster\Exception\ImpossibleSetting;
use Yoke\Rig\Parts\Stance;

/** Begins a round of reading: another setting hooked up, or the same stance read again. */
final readonly class RecordHookUp
{
    public function __construct(private WritingDoor $door)
    {
    }

    /**
     * @param  array<string, float|null>  $steps  by adjuster; null where nobody knows how it stands
     *
     * @throws ImpossibleSetting where the job's hitch has no such setting
     */
    public function at(User $person, Job $job, array $steps): Round
    {
        $setting = self::adjusters($job)->recorded($steps)->told();

        return $this->door->onJob($person, $job, static fn (): Round => (new RoundLog($job, $person))->at($setting));
    }

    public function again(User $person, Job $job, Stance $stance): Round
    {
        return $this->door->onJob($person, $job, static fn (): Round => (new RoundLog($job, $person))->again($stance));
    }

    /** @throws ImpossibleSetting while nobody knows what can be set */
    private static function adjusters(Job $job): \Yoke\Rig\Adjuster\Adjusters
    {
        return $job->rigAsWorked()->specified()->adjusters() ?? throw ImpossibleSetting::unknown('setting');
    }
}
