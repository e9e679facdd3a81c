<?php

declare(strict_types=1);

namespace App\UseCases\Weighing;

use App\Models\Job;
use App\Models\User;
use App\Models\WeighTicket;
use App\UseCases\Door\WritingDoor;
use Illuminate\Support\Facades\Date;
use Yoke\Measuring\Readings\Weighing\Condition;
use Yoke\Measuring\Readings\Weighing\ReadTicket;
use Yoke\Measuring\Readings\Weighing\Ticket;

/** Tickets of a job, whoever sends them: typed on a page, pasted, from a file, or from another program. */
final readonly class RecordTicket
{
    public function __construct(private WritingDoor $door)
    {
    }

    /**
     * Of the hook-up that is on, at each ticket's own time of day where it says one.
     *
     * @param  non-empty-list<ReadTicket>  $tickets
     * @param  list<Condition>  $conditions  what was otherwise at this weighing
     * @return non-empty-list<WeighTicket>
     */
    public function kept(User $person, Job $job, array $tickets, array $conditions = []): array
    {
        return $this->door->onJob($person, $job, static fn (): array => array_map(
            static fn (ReadTicket $read): WeighTicket => self::keep($person, $job, $read, $conditions),
            $tickets,
        ));
    }

    /** @param  list<Condition>  $conditions  what was otherwise at a weighing, said afterwards */
    public function conditions(User $person, Job $job, int $ticket, array $conditions): void
    {
        $this->correct($person, $job, $ticket, ['conditions' => self::values($conditions)]);
    }

    public function withdrawn(User $person, Job $job, int $ticket): void
    {
        $this->correct($person, $job, $ticket, ['withdrawn_at' => Date::now()]);
    }

    /** @param  array<string, mixed>  $columns */
    private function correct(User $person, Job $job, int $ticket, array $columns): void
    {
        $this->door->onJob($person, $job, static fn () => $job->tickets()->findOrFail($ticket)->update($columns));
    }

    /** @param  list<Condition>  $conditions */
    private static function keep(User $person, Job $job, ReadTicket $read, array $conditions): WeighTicket
    {
        $ticket = $read->ticket;

        return $job->tickets()->create([
            'stance' => $ticket->stance,
            'round' => $job->roundOf($ticket->stance),
            'typed' => $read->typed,
            'platforms' => WeighTicket::platformsOf($ticket),
            'step_kg' => $ticket->step->kilograms(),
            'unit' => $ticket->unit,
            'conditions' => self::values($conditions),
            'user_id' => $person->id,
            'weighed_at' => $ticket->time === null ? Date::now() : Date::today()->setTimeFromTimeString($ticket->time),
        ]);
    }

    /**
     * @param  list<Condition>  $conditions
     * @return list<string>|null
     */
    private static function values(array $conditions): ?array
    {
        return $conditions === [] ? null : array_column($conditions, 'value');
    }
}
