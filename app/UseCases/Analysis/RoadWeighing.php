<?php

declare(strict_types=1);

namespace App\UseCases\Analysis;

use App\Models\Job;
use Yoke\Foundation\Probability\Normal;
use Yoke\Job\Planning\LiftedWeighing;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Job\Record\ReadingHistory;
use Yoke\Job\Record\TicketTaken;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Readings\Weighing\TicketSet;
use Yoke\Rig\Parts\Stance;

/** What a job weighed carried as it goes on the road, levelling or air on; nothing where nobody did. */
final readonly class RoadWeighing
{
    private function __construct(
        private ReadingHistory $history,
        private bool $isAlone,
        private int $ticket,
        private int $round,
        private LiftedWeighing $found,
    ) {
    }

    /** Null where nothing lifts the rear on the road, or the tickets do not tell what is left of the share. */
    public static function of(
        Job $job,
        SpecifiedRig $described,
        TicketSet $tickets,
        ReadingHistory $history,
    ): ?self {
        $loss = $described->sheets->levellingLoss();
        $ticket = $loss === null ? null : (new JobTickets($job))->lifted();
        [$alone, $dropped] = [$tickets->in(Stance::Alone), $tickets->in(Stance::Dropped)];
        $found =
            $loss === null || $ticket === null || $alone === null || $dropped === null
                ? null
                : LiftedWeighing::of($alone, $dropped, $ticket->core(), $loss);

        return $found === null || $ticket === null
            ? null
            : new self($history, self::isAlone($job, $history, $ticket->round), $ticket->id, $ticket->round, $found);
    }

    /** Share of the front axle load restored on the road. */
    public function left(): Normal
    {
        return $this->found->left();
    }

    /** The history with a stand-in for what nobody read without levelling or air on this hook-up. */
    public function history(SpecifiedRig $described): ReadingHistory
    {
        $standIn = $this->isAlone ? $this->found->asOff($described->prior()->likelyRig()) : null;

        return $standIn === null
            ? $this->history
            : $this->history->withTicket(new TicketTaken($this->round, $standIn, "ticket {$this->ticket}"));
    }

    /** Whether nothing was read without levelling or air on the hook-up that is on. */
    public function standsAlone(): bool
    {
        return $this->isAlone;
    }

    /** What was taken, as a factor of what the model foretells. */
    public function factor(Posterior $posterior, ?CurrentSetting $on): float
    {
        return $this->found->factor(
            $posterior->rig($on->ballOffset ?? 0.0),
            $posterior->tension() + ($on->tensionOffset ?? 0.0),
        );
    }

    /** What the model alone would have it take, a share. */
    public function foretold(Posterior $posterior, ?CurrentSetting $on): float
    {
        return $this->found->foretold(
            $posterior->rig($on->ballOffset ?? 0.0),
            $posterior->tension() + ($on->tensionOffset ?? 0.0),
        );
    }

    private static function isAlone(Job $job, ReadingHistory $history, int $round): bool
    {
        $book = $job->roundBook();
        $alike = array_filter(
            $history->carriedRounds(),
            static fn (int $other): bool => $book->hookUpOf($other) === $book->hookUpOf($round),
        );

        return $alike === [];
    }
}
