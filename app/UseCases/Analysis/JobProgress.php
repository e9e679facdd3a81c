<?php

declare(strict_types=1);

namespace App\UseCases\Analysis;

use App\Models\Reading;
use App\Models\StationMark;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\TensionDirection;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;
use Yoke\Workshop\Procedure\NextThing;
use Yoke\Workshop\Procedure\SetUpFact;
use Yoke\Workshop\Procedure\SetUpProgress;
use Yoke\Workshop\Procedure\Station;

/** How far a job has come: what is measured, what is settled, and the one thing to do now. */
final class JobProgress
{
    private ?NextThing $next = null;

    public function __construct(private readonly AnalysedJob $job)
    {
    }

    /** The one thing to do now. */
    public function next(): NextThing
    {
        return $this->next ??= (new SetUpProgress(
            $this->job->described->sheets->family(),
            array_values(array_filter(Stance::cases(), $this->isDone(...))),
            array_values($this->job->job->marks->map(static fn (StationMark $mark): Station => $mark->station)->all()),
            $this->facts(),
        ))->next();
    }

    /** @return list<SetUpFact> that hold */
    private function facts(): array
    {
        return [
            ...$this->job->unread() === null ? [] : [SetUpFact::Unread],
            ...$this->job->measured()->has(Stance::Carried) && $this->isSettled() ? [SetUpFact::Settled] : [],
            ...$this->job->job->arrived_coupled ? [SetUpFact::ArrivedCoupled] : [],
            ...$this->job->job->handed_over_at === null ? [] : [SetUpFact::HandedOver],
        ];
    }

    /** Whether a stance is done; half a rear, left or right, is a rear to come. */
    public function isDone(Stance $stance): bool
    {
        $heights = $this->job->taped->stances();
        $isRearToCome =
            $heights->hasNoRear() &&
            $this->job->job->liveReadings->contains(
                static fn (Reading $reading): bool => $reading->axle === Axle::Rear && $reading->height_mm !== null,
            );

        return ! $isRearToCome && $this->job->measured()->isDone($stance, $heights);
    }

    /** Whether nothing of the setting that is on has to be moved or read again. */
    private function isSettled(): bool
    {
        $advised = $this->job->recommendation();

        return $advised === null
            ? $this->job->analysis()->tension()->direction === TensionDirection::None
            : $advised->action === Action::Stop;
    }
}
