<?php

declare(strict_types=1);

namespace App\UseCases\Tape;

use App\Models\Job;
use App\Models\Measure;
use App\Models\Reading;
use App\Models\Round;
use App\Models\User;
use App\Models\WeighTicket;
use Yoke\Rig\Parts\Stance;

/** Begins rounds of reading: a round that nothing was read in yet is set right; else the next one begins. */
final readonly class RoundLog
{
    public function __construct(private Job $job, private User $person)
    {
    }

    /** The same stance, read again at the setting that is on. */
    public function again(Stance $stance): Round
    {
        return $this->write(
            $stance,
            $stance === Stance::Carried ? $this->job->settingOf($this->job->roundOf($stance)) : null,
            $this->job->roundBook()->setBy($this->job->roundOf($stance)),
        );
    }

    /**
     * Another setting of the bars.
     *
     * @param  array<string, float|null>|null  $steps  by adjuster; null where nobody knows
     */
    public function at(?array $steps): Round
    {
        return $this->write(Stance::Carried, $steps);
    }

    /** @param  array<string, float|null>|null  $steps */
    private function write(Stance $stance, ?array $steps, ?\Yoke\Measuring\Readings\Height\SetBy $setBy = null): Round
    {
        $this->job->takeTurn();
        $on = $this->job->load(['rounds', 'liveReadings', 'tickets', 'measures'])->roundOf($stance);
        $isNamed = $stance !== Stance::Carried || $this->job->settingOf($on) !== null || $steps === null;

        return Round::query()->updateOrCreate(
            [
                'job_id' => $this->job->id,
                'stance' => $stance,
                'number' => $this->isRead($stance, $on) && $isNamed ? $on + 1 : $on,
            ],
            ['setting' => $steps, 'user_id' => $this->person->id] +
                ($stance === Stance::Carried ? ['set_by' => $setBy ?? Round::lastSetBy($this->person->id)] : []),
        );
    }

    private function isRead(Stance $stance, int $round): bool
    {
        $isOf = static fn (Reading|WeighTicket|Measure $read): bool => $read->stance === $stance &&
            $read->round === $round;

        return $this->job->liveReadings->whereNotNull('height_mm')->contains($isOf) ||
            $this->job->tickets->whereNull('withdrawn_at')->contains($isOf) ||
            $this->job->measures->whereNotNull('value')->contains($isOf);
    }
}
