<?php

declare(strict_types=1);

namespace App\UseCases\Stations;

use App\Models\Job;
use App\Models\User;
use App\UseCases\Door\WritingDoor;
use Illuminate\Support\Facades\Date;
use Yoke\Foundation\Units\Length;
use Yoke\Judgement\Head\ShankPlace;

/** Where the head was bolted, and why there where something is against it. */
final readonly class BoltHead
{
    public function __construct(private WritingDoor $door)
    {
    }

    public function at(User $person, Job $job, ShankPlace $place, string $because): void
    {
        $this->keep($person, $job, $place->turned, $place->hole, $place->ballHeight, $because);
    }

    /**
     * In a hole of which the sheets do not tell how high it brings the ball: the ball stands where it was taped.
     *
     * @param  'drop'|'rise'  $turned
     * @param  float  $hole  counted from the receiver, from 1
     */
    public function somewhere(User $person, Job $job, string $turned, float $hole, string $because): void
    {
        $this->keep($person, $job, $turned, $hole, null, $because);
    }

    /** @param  Length|null  $ball  as the hole brings it */
    private function keep(User $person, Job $job, string $turned, float $hole, ?Length $ball, string $because): void
    {
        $this->door->onJob($person, $job, static fn (): bool => $job->update(['head_place' => [
            'turned' => $turned,
            'hole' => $hole,
            'ball_height_mm' => $ball?->millimetres(),
            'because' => $because,
            'by' => $person->name,
            'at' => Date::now()->toIso8601String(),
        ]]));
    }

    /** The ball was taped with the head in that hole: the tape counts from now on. Nothing where no hole is known. */
    public function taped(User $person, Job $job, Length $ball): void
    {
        if ($job->head_place !== null) {
            $place = [...$job->head_place, 'taped_mm' => $ball->millimetres()];
            $this->door->onJob($person, $job, static fn (): bool => $job->update(['head_place' => $place]));
        }
    }
}
