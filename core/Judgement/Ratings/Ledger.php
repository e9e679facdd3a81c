<?php

declare(strict_types=1);

namespace Yoke\Judgement\Ratings;

use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\Term;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Rig\Parts\Stance;

/**
 * Who carries what against its rating, for a stance as predicted, before any tape comes out. Nothing is refused; what
 * is
 * over is named. Distribution raises no rating.
 */
final readonly class Ledger
{
    /** Tyres on one axle of a vehicle or a trailer. */
    public const TYRES = 2;

    /** @param  array<string, Load>  $ratings  by field; a rating that is not known is left out */
    public function __construct(private array $ratings, private Weighed $weighed)
    {
    }

    /**
     * @param  Stance  $stance  of the lines that differ between stances
     * @param  int  $bars  how many share the bar load
     * @return list<RatedLoad>
     */
    public function lines(Attitude $attitude, Stance $stance, int $bars): array
    {
        return [
            ...$this->hitchLines($attitude, $stance, $bars),
            ...$this->trailerLines($attitude, $stance),
            ...$this->vehicleLines($attitude, $stance),
            ...$this->payloadLine($attitude, $stance),
        ];
    }

    /**
     * The axles over their ratings, of those that bars load: the front axle, and the trailer's. Quick enough to be
     * asked of
     * every setting of a hitch.
     *
     * @return list<LoadedAxle>
     */
    public function axlesOver(Attitude $attitude): array
    {
        $group = $attitude->rig()->trailer()->weight - $attitude->load;
        $loads = [
            [
                LoadedAxle::Front,
                'front_gawr',
                $this->weighed->front?->plus($attitude->frontLoad())->kilograms() ?? -INF,
            ],
            [LoadedAxle::Trailer, 'trailer_gawr', $group],
            [
                LoadedAxle::OneOfTheTrailer,
                'one_axle_gawr',
                isset($this->ratings['one_axle_gawr']) ? $this->heaviestAxle($attitude, $group) : -INF,
            ],
        ];
        $over = [];
        foreach ($loads as [$what, $field, $load]) {
            if (isset($this->ratings[$field]) && $load > $this->ratings[$field]->kilograms()) {
                $over[] = $what;
            }
        }

        return $over;
    }

    private function heaviestAxle(Attitude $attitude, float $group): float
    {
        $axles = $this->weighed->trailerAxles;
        $loads = $attitude->trailerAxleLoads();

        return count($loads) === $axles ? max($loads) : $group / $axles;
    }

    /** @return list<RatedLoad> */
    private function hitchLines(Attitude $attitude, Stance $stance, int $bars): array
    {
        $gross = self::kilograms($attitude->rig()->trailer()->weight);
        $tongue = self::kilograms($attitude->rig()->trailer()->tongueWeight);
        $lines = [
            $this->line(RatedPart::BallGross, null, $gross, 'ball_gross'),
            $this->line(RatedPart::CouplerGross, null, $gross, 'coupler_gross'),
            $this->line(RatedPart::CouplerTongue, null, $tongue, 'coupler_tongue'),
            $this->line(RatedPart::ReceiverTongue, $stance, $tongue, $this->receiverField($attitude)),
            $this->line(RatedPart::BarsHeaviestTongue, null, $tongue, 'bar_rating_high'),
            RatedLoad::atLeast(
                RatedPart::BarsLightestTongue,
                null,
                $tongue,
                $this->ratings['bar_rating_low'] ?? null,
                'bar_rating_low',
            ),
        ];

        return $attitude->barMoment > 0.0
            ? [
                ...$lines,
                $this->line(
                    RatedPart::OneBar,
                    $stance,
                    $attitude->barLoad()->times(1.0 / $bars),
                    'bar_rating_high',
                    new Term('rating.all_bars', $attitude->barLoad(), ['bars' => $bars]),
                ),
            ]
            : $lines;
    }

    /** @return list<RatedLoad> */
    private function trailerLines(Attitude $attitude, Stance $stance): array
    {
        $trailer = $attitude->rig()->trailer();
        $group = self::kilograms($trailer->weight - $attitude->load);
        $lines = [
            $this->line(RatedPart::Trailer, null, self::kilograms($trailer->weight), 'trailer_gvwr'),
            $this->line(
                RatedPart::TrailerAxles,
                $stance,
                $group,
                'trailer_gawr',
                new Term('rating.gross', self::kilograms($trailer->weight)),
                new Term('rating.less_on_vehicle', self::kilograms(-$attitude->load)),
            ),
        ];
        foreach ($this->singleAxles($attitude) as $axle => $load) {
            $lines[] = $this->line(
                RatedPart::OneTrailerAxle,
                $stance,
                $load,
                'one_axle_gawr',
                new Term('rating.all_axles', $group),
            )->ofAxle($axle + 1, $this->weighed->trailerAxles);
        }
        $heaviest = max(
            array_map(static fn (Load $load): float => $load->kilograms(), $this->singleAxles($attitude) ?: [$group]),
        );

        return [...$lines, $this->tyre(RatedPart::TrailerTyre, self::kilograms($heaviest), 'trailer_tyre', $stance)];
    }

    /**
     * @return list<Load> each axle of a group of two or three, front to back: on equalisers alike, else as their
     *     springs share it
     */
    private function singleAxles(Attitude $attitude): array
    {
        $axles = $this->weighed->trailerAxles;
        if ($axles === 1) {
            return [];
        }
        $bySpring = $attitude->trailerAxleLoads();
        $loads = [];
        for ($axle = 0; $axle < $axles; $axle++) {
            $loads[] = self::kilograms(count($bySpring) === $axles ? $bySpring[$axle] : array_sum($bySpring) / $axles);
        }

        return $loads;
    }

    /** @return list<RatedLoad> as far as the vehicle was weighed */
    private function vehicleLines(Attitude $attitude, Stance $stance): array
    {
        $front = $this->weighed->front;
        $rear = $this->weighed->rear;
        if ($front === null || $rear === null) {
            return [];
        }
        [$frontTerms, $rearTerms] = [
            self::axleTerms($front, $attitude->rig()->dropped()->frontLoad(), $attitude->frontLoad()),
            self::axleTerms($rear, $attitude->rig()->dropped()->rearLoad(), $attitude->rearLoad()),
        ];
        $frontNow = $front->plus($attitude->frontLoad());
        $rearNow = $rear->plus($attitude->rearLoad());
        $trailer = self::kilograms($attitude->rig()->trailer()->weight);

        return [
            $this->line(RatedPart::FrontAxle, $stance, $frontNow, 'front_gawr', ...$frontTerms),
            $this->line(RatedPart::RearAxle, $stance, $rearNow, 'rear_gawr', ...$rearTerms),
            $this->tyre(RatedPart::FrontTyre, $frontNow, 'front_tyre', $stance),
            $this->tyre(RatedPart::RearTyre, $rearNow, 'rear_tyre', $stance),
            $this->line(
                RatedPart::Vehicle,
                $stance,
                $frontNow->plus($rearNow),
                'vehicle_gvwr',
                new Term('rating.front_axle', $frontNow),
                new Term('rating.rear_axle', $rearNow),
            ),
            $this->line(
                RatedPart::Combination,
                null,
                $front->plus($rear)->plus($trailer),
                'gcwr',
                new Term('rating.vehicle_alone', $front->plus($rear)),
                new Term('rating.trailer', $trailer),
            ),
            RatedLoad::atMost(RatedPart::FrontAgainstAlone, $stance, $frontNow, $front, 'front_axle', ...$frontTerms),
        ];
    }

    /**
     * @param  Load  $dropped  what coupling changes of the axle's load
     * @param  Load  $change  what coupling and bars change of it
     * @return list<Term>
     */
    private static function axleTerms(Load $alone, Load $dropped, Load $change): array
    {
        return [
            new Term('rating.alone', $alone),
            new Term('rating.tongue_weight', $dropped),
            new Term('rating.bars', $change->minus($dropped)),
        ];
    }

    /**
     * @return list<RatedLoad> what the payload placard counts: people, cargo, hitch, and what the trailer leaves on the
     *     vehicle
     */
    private function payloadLine(Attitude $attitude, Stance $stance): array
    {
        $aboard = $this->aboard();
        if ($aboard === null) {
            return [];
        }
        $trailer = self::kilograms($attitude->load);

        return [
            $this->line(
                RatedPart::Payload,
                $stance,
                $aboard->plus($trailer),
                'payload',
                new Term('rating.aboard', $aboard),
                new Term('rating.trailer_leaves', $trailer),
            ),
        ];
    }

    /** As counted; else what the vehicle weighs alone over its empty weight, GVWR less payload. */
    private function aboard(): ?Load
    {
        $payload = $this->ratings['payload'] ?? null;
        $gross = $this->ratings['vehicle_gvwr'] ?? null;
        if (
            $this->weighed->aboard !== null ||
            $payload === null ||
            $gross === null ||
            $this->weighed->front === null ||
            $this->weighed->rear === null
        ) {
            return $this->weighed->aboard;
        }

        return $this->weighed->front->plus($this->weighed->rear)->minus($gross->minus($payload));
    }

    private function tyre(RatedPart $which, Load $axle, string $field, Stance $stance): RatedLoad
    {
        return $this->line($which, $stance, $axle->times(1 / self::TYRES), $field, new Term('rating.its_axle', $axle));
    }

    /** A receiver has two ratings: what it carries, and what it may where bars distribute. */
    private function receiverField(Attitude $attitude): string
    {
        return $attitude->barMoment > 0.0 ? 'receiver_distributing' : 'receiver_carrying';
    }

    private function line(RatedPart $part, ?Stance $stance, Load $carries, string $field, Term ...$terms): RatedLoad
    {
        return RatedLoad::atMost($part, $stance, $carries, $this->ratings[$field] ?? null, $field, ...$terms);
    }

    private static function kilograms(float $kilograms): Load
    {
        return Load::ofKilograms($kilograms);
    }
}
