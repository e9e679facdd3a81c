<?php

declare(strict_types=1);

namespace App\UseCases\Analysis;

use App\Models\Job;
use App\Models\WeighTicket;
use Yoke\Measuring\Readings\Weighing\TicketSet;
use Yoke\Rig\Parts\Stance;

/** The tickets of a job that tell of its rig as it stands: not withdrawn, nothing otherwise when they were weighed. */
final readonly class JobTickets
{
    public function __construct(private Job $job)
    {
    }

    /**
     * Of each stance the latest; carried of the hook-up that is on.
     *
     * @param  float  $weighbridge  how far the shop trusts one, kg
     */
    public function set(float $weighbridge): TicketSet
    {
        return new TicketSet(
            $this->latest(Stance::Alone)?->core(),
            $this->latest(Stance::Dropped)?->core(),
            $this->onNow()?->core(),
            $weighbridge,
        );
    }

    /** Carried of whichever hook-up. */
    public function latest(Stance $stance): ?WeighTicket
    {
        return $this->job->tickets->last(
            static fn (WeighTicket $ticket): bool => $ticket->stance === $stance && self::counts($ticket),
        );
    }

    /** Weighed carried on the hook-up that is on with nothing otherwise than levelling or air on. */
    public function lifted(): ?WeighTicket
    {
        $book = $this->job->roundBook();
        $hookUp = $book->hookUpOf($book->on(Stance::Carried));

        return $this->job->tickets->last(
            static fn (WeighTicket $ticket): bool => $ticket->stance === Stance::Carried &&
                $ticket->withdrawn_at === null &&
                count($ticket->conditions()) === 1 &&
                $ticket->conditions()[0]->lifts() &&
                $book->hookUpOf($ticket->round) === $hookUp,
        );
    }

    private function onNow(): ?WeighTicket
    {
        $book = $this->job->roundBook();
        $hookUp = $book->hookUpOf($book->on(Stance::Carried));

        return $this->job->tickets->last(
            static fn (WeighTicket $ticket): bool => $ticket->stance === Stance::Carried &&
                self::counts($ticket) &&
                $book->hookUpOf($ticket->round) === $hookUp,
        );
    }

    private static function counts(WeighTicket $ticket): bool
    {
        return $ticket->withdrawn_at === null && $ticket->isPlain();
    }
}
