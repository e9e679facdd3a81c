<?php

declare(strict_types=1);

namespace Yoke\Job\Planning;

use Yoke\Judgement\Ratings\RatedLoad;
use Yoke\Judgement\Ratings\RatedPart;
use Yoke\Measuring\Estimation\Prior\KnownRig;
use Yoke\Measuring\Readings\Weighing\Ticket;
use Yoke\Measuring\Readings\Weighing\TicketSet;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Rig\Parts\Stance;

/**
 * A rig's loads against its ratings, dropped and carried: one list for the brief, the planner, the choice and the
 * owner.
 */
final readonly class RigLedger
{
    /** @param  TicketSet  $tickets  of the rig as it stands: what a scale found counts before what is computed */
    public function __construct(private SpecifiedRig $rig, private TicketSet $tickets)
    {
    }

    /** @return list<RatedLoad> a line that is the same in both stances once */
    public function lines(Attitude $dropped, Attitude $carried): array
    {
        $ledger = $this->rig->ratings()->ledger();
        $stances = [[Stance::Dropped, $dropped], [Stance::Carried, $carried]];
        $lines = [];
        foreach (array_slice($stances, 0, $this->rig->sheets->isPlainBall() ? 1 : 2) as [$stance, $attitude]) {
            $computed = $ledger->lines($attitude, $stance, KnownRig::BARS);
            foreach ([...$computed, ...$this->weighed($stance, $computed)] as $line) {
                $lines[$line->key()] = $this->asDriven($line);
            }
        }

        return array_values(
            array_filter($lines, fn (RatedLoad $line): bool => ! in_array($line->part, $this->leftOut(), true)),
        );
    }

    /** @return list<RatedLoad> what one ticket found, of what has a rating */
    public function ofTicket(Ticket $ticket): array
    {
        return array_map($this->asDriven(...), $this->rig->ratings()->ofTicket($ticket));
    }

    /** Dropped, a rig with bars stands in the yard alone. */
    private function asDriven(RatedLoad $line): RatedLoad
    {
        return $line->stance === Stance::Dropped && ! $this->rig->sheets->isPlainBall() ? $line->onTheWay() : $line;
    }

    /**
     * @param  list<RatedLoad>  $computed
     * @return list<RatedLoad> of them those that were weighed in a stance, as the scale found them
     */
    private function weighed(Stance $stance, array $computed): array
    {
        $ticket = $this->tickets->in($stance);
        $keys = array_map(static fn (RatedLoad $line): string => $line->key(), $computed);

        return $ticket === null
            ? []
            : array_values(
                array_filter(
                    $this->rig->ratings()->ofTicket($ticket),
                    static fn (RatedLoad $line): bool => in_array($line->key(), $keys, true),
                ),
            );
    }

    /** @return list<RatedPart> what the hitch has not */
    private function leftOut(): array
    {
        return match (true) {
            $this->rig->sheets->isPlainBall() => [
                RatedPart::OneBar,
                RatedPart::BarsHeaviestTongue,
                RatedPart::BarsLightestTongue,
            ],
            $this->rig->sheets->family()?->hasBars() === false => [RatedPart::OneBar],
            default => [],
        };
    }
}
