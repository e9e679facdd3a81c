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
        $this->door->onJob($person, $job, static fn (): bool => $job->update(['head_place' => [
            'turned' => $place->turned,
            'hole' => $place->hole,
            'ball_height_mm' => $place->ballHeight->millimetres(),
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
