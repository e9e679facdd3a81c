<?php

declare(strict_types=1);

namespace App\UseCases\Tape;

use App\Models\Job;
use App\Models\User;
use App\UseCases\Door\WritingDoor;

/** Heights of a stance, taken down. */
final readonly class RecordHeights
{
    public function __construct(private WritingDoor $door)
    {
    }

    /**
     * Each on its own: one that is refused or overtaken holds up no other.
     *
     * @param  list<Entry>  $entries
     * @param  int|null  $round  the round that the page was made for; null for the one that is on
     * @return array<string, SaveOutcome> by field
     */
    public function each(User $person, Job $job, array $entries, ?int $round = null): array
    {
        return $this->door->onJob(
            $person,
            $job,
            static fn (): array => (new TapeLog($job, $person, $round))->write($entries),
        );
    }

    /**
     * All of them, or none where somebody else has saved one of the fields since.
     *
     * @param  list<Entry>  $entries
     * @return array<string, SaveOutcome> by field
     */
    public function whole(User $person, Job $job, array $entries): array
    {
        try {
            return $this->door->onJob($person, $job, static function () use ($person, $job, $entries): array {
                $outcomes = (new TapeLog($job, $person))->write($entries);
                $open = array_filter($outcomes, static fn (SaveOutcome $outcome): bool => $outcome->saved->isOpen());

                return $open === [] ? $outcomes : throw new NotWhole($outcomes);
            });
        } catch (NotWhole $part) {
            return $part->outcomes;
        }
    }
}
