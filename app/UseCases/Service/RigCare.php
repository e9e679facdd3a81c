<?php

declare(strict_types=1);

namespace App\UseCases\Service;

use App\Models\CareRecord;
use App\Models\Job;
use App\Models\Rig;
use App\Models\User;
use Illuminate\Support\Facades\Date;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Specification\SpecificationSheet;
use Yoke\Workshop\Service\CareBook;
use Yoke\Workshop\Service\CareDone;
use Yoke\Workshop\Service\CareTask;
use Yoke\Workshop\Service\Exception\ImpossibleDistance;

/** The care book of a rig, as its hitch's sheet asks and as it was written down. */
final readonly class RigCare
{
    public function __construct(public Rig $rig)
    {
    }

    public function book(): CareBook
    {
        $lines = $this->rig->careRecords
            ->whereNull('withdrawn_at')
            ->map(static fn (CareRecord $record): CareDone => $record->core());

        return new CareBook($this->tasks(), array_values($lines->all()));
    }

    /** @return non-empty-list<CareTask> */
    public function tasks(): array
    {
        return CareTask::of($this->family(), new SpecificationSheet($this->rig->hitch->sheet ?? []));
    }

    public function today(): int
    {
        return CareRecord::dayOf(Date::now()->toImmutable());
    }

    /** A set-up handed over begins every interval anew; handed over again the same day it is the same set-up. */
    public function setUp(User $person, Job $job): void
    {
        $isWritten = $this->rig->careRecords->contains(
            static fn (CareRecord $record): bool => $record->task === CareDone::SET_UP &&
                $record->withdrawn_at === null &&
                $record->done_at->isSameDay($job->handed_over_at ?? Date::now()),
        );
        if (! $isWritten) {
            $this->rig
                ->careRecords()
                ->create([
                    'task' => CareDone::SET_UP,
                    'user_id' => $person->id,
                    'done_at' => $job->handed_over_at ?? Date::now(),
                ]);
        }
        $this->look();
    }

    /**
     * Writes a line: a task done, the distance alone, or a note alone.
     *
     * @param  string  $found  what was seen, in words; may be empty
     *
     * @throws ImpossibleDistance
     */
    public function write(string $task, string $typed, User $person, string $found = ''): void
    {
        $task = $task === CareDone::DISTANCE && $typed === '' && $found !== '' ? CareDone::NOTE : $task;
        $unit = $person->roadUnit();
        $driven =
            $typed === '' && $task !== CareDone::DISTANCE
                ? null
                : $unit->read($typed) ?? throw ImpossibleDistance::unreadable($unit);
        if ($driven !== null) {
            $this->book()->check($driven, $unit);
        }
        $this->rig
            ->careRecords()
            ->create([
                'task' => $task,
                'typed' => $driven === null ? null : $typed,
                'driven_km' => $driven,
                'found' => $found === '' ? null : $found,
                'user_id' => $person->id,
                'done_at' => Date::now(),
            ]);
        $this->look();
    }

    public function withdraw(int $record): void
    {
        $this->rig
            ->careRecords()
            ->findOrFail($record)
            ->update(['withdrawn_at' => Date::now()]);
        $this->look();
    }

    /** Looks again when anything falls due first, and keeps the day with the rig, where the yard finds it. */
    public function look(): void
    {
        $this->rig->load('careRecords');
        $due = $this->book()->due();
        Rig::withoutTimestamps(
            fn (): bool => $this->rig->update([
                'care_due_on' => $due === [] ? null : CareRecord::dateOf($due[0]->firstDay()),
            ]),
        );
    }

    private function family(): ?HitchFamily
    {
        $family = $this->rig->hitch->sheet['family'] ?? null;

        return is_string($family) ? Families::get($family) : null;
    }
}
