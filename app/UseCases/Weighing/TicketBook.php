<?php

declare(strict_types=1);

namespace App\UseCases\Weighing;

use App\Models\Job;
use App\Models\User;
use App\Models\WeighTicket;
use Illuminate\Support\Facades\Date;
use Yoke\Readings\Weighing\Condition;
use Yoke\Readings\Weighing\Ticket;

/** Keeps tickets of a job, whoever sends them: typed on a page, pasted, from a file, or from another program. */
final readonly class TicketBook
{
    public function __construct(private Job $job, private User $person)
    {
    }

    /**
     * Of the hook-up that is on, at the ticket's own time of day where it says one.
     *
     * @param  list<Condition>  $conditions  what was otherwise at this weighing
     */
    public function keep(Ticket $ticket, string $typed, array $conditions = []): WeighTicket
    {
        return $this->job->tickets()->create([
            'stance' => $ticket->stance,
            'round' => $this->job->roundOf($ticket->stance),
            'typed' => $typed,
            'platforms' => WeighTicket::platformsOf($ticket),
            'step_kg' => $ticket->step->kilograms(),
            'unit' => $ticket->unit,
            'conditions' => $conditions === [] ? null : array_column($conditions, 'value'),
            'user_id' => $this->person->id,
            'weighed_at' => $ticket->time === null ? Date::now() : Date::today()->setTimeFromTimeString($ticket->time),
        ]);
    }
}
