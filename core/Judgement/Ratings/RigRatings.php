<?php

declare(strict_types=1);

namespace Yoke\Judgement\Ratings;

use Yoke\Foundation\Units\Load;
use Yoke\Measuring\Readings\Weighing\Ticket;
use Yoke\Measuring\Readings\Weighing\WeighedAxle;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Rig\Parts\Rig;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Specification\SpecificationSheet;

/** What the placards and sheets of a rig allow, gathered for its ledger. */
final readonly class RigRatings
{
    /** Balls come in sizes some millimetres apart; a nearer match is the same size in other units. */
    private const SAME_BALL_MM = 0.4;

    public function __construct(
        private SpecificationSheet $vehicle,
        private SpecificationSheet $trailer,
        private SpecificationSheet $hitch,
        private Rig $rig,
        private ?LoadChange $load = null,
    ) {
    }

    public function ledger(): Ledger
    {
        return new Ledger($this->known(), $this->weighed());
    }

    public function weighed(): Weighed
    {
        $wheelbase = $this->rig->vehicle->wheelbase;
        $more = static fn (?Load $weighed, ?Load $change): ?Load => $weighed?->plus($change ?? Load::zero());

        return new Weighed(
            $more($this->vehicle->load('front_axle_kg'), $this->load?->front($wheelbase)),
            $more($this->vehicle->load('rear_axle_kg'), $this->load?->rear($wheelbase)),
            $more($this->vehicle->load('aboard_kg'), $this->load?->aboard()),
            $this->rig->trailer->axles,
        );
    }

    /**
     * What a ticket found, against what may be there; a shared platform against nothing, but in the sums.
     *
     * @return list<RatedLoad> those that have a rating
     */
    public function ofTicket(Ticket $ticket): array
    {
        $known = $this->known();
        $of = static fn (WeighedAxle $axle): ?Load => $ticket->axle($axle);
        [$front, $rear] = [$of(WeighedAxle::Front), $of(WeighedAxle::Rear)];
        $carries = [
            [RatedPart::FrontAxle, $ticket->stance, $front, 'front_gawr'],
            [RatedPart::RearAxle, $ticket->stance, $rear, 'rear_gawr'],
            [RatedPart::FrontTyre, $ticket->stance, $front?->times(1 / Ledger::TYRES), 'front_tyre'],
            [RatedPart::RearTyre, $ticket->stance, $rear?->times(1 / Ledger::TYRES), 'rear_tyre'],
            [RatedPart::Vehicle, $ticket->stance, $ticket->vehicle(), 'vehicle_gvwr'],
            [RatedPart::TrailerAxles, $ticket->stance, $of(WeighedAxle::Trailer), 'trailer_gawr'],
            [RatedPart::Combination, null, $ticket->stance === Stance::Alone ? null : $ticket->total(), 'gcwr'],
        ];
        $lines = [];
        foreach ($carries as [$part, $stance, $load, $field]) {
            if ($load !== null && isset($known[$field])) {
                $lines[] = RatedLoad::atMost($part, $stance, $load, $known[$field], $field)->asWeighed();
            }
        }

        return $lines;
    }

    /** Whether ball and coupler are known to be of different sizes. */
    public function ballMisfits(): bool
    {
        $ball = $this->hitch->number('ball_size_mm');
        $coupler = $this->trailer->number('coupler_ball_mm');

        return $ball !== null && $coupler !== null && abs($ball - $coupler) > self::SAME_BALL_MM;
    }

    /** @return array<string, Load> by field without its unit */
    private function known(): array
    {
        $ratings = [];
        foreach (
            [
                [
                    $this->vehicle,
                    [
                        'front_gawr',
                        'rear_gawr',
                        'vehicle_gvwr',
                        'gcwr',
                        'payload',
                        'front_tyre',
                        'rear_tyre',
                        'receiver_carrying',
                        'receiver_distributing',
                    ],
                ],
                [
                    $this->trailer,
                    [
                        'trailer_gvwr',
                        'trailer_gawr',
                        'one_axle_gawr',
                        'trailer_tyre',
                        'coupler_gross',
                        'coupler_tongue',
                    ],
                ],
                [$this->hitch, ['bar_rating_low', 'bar_rating_high', 'ball_gross']],
            ] as [$values, $fields]
        ) {
            foreach ($fields as $field) {
                $rating = $values->load("{$field}_kg");
                $ratings = $rating === null ? $ratings : [...$ratings, $field => $rating];
            }
        }

        return $ratings;
    }
}
