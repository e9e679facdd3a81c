<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Weighing;

use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Load;
use Yoke\Mechanics\Statics\CoupledRig;

/** What tickets of one rig come to by statics alone, before any model of its springs: kg and shares. */
final readonly class Weighing
{
    /** What a vehicle burns and creeps between weighings, kg, one deviation. */
    private const BETWEEN_KG = 2.0;

    /** Of a usual weighbridge (docs/model.md, Doubts). */
    public const WEIGHBRIDGE_KG = 6.0;

    /** @param  float  $weighbridge  one deviation of a platform's load, where it shows the usual steps, kg */
    public function __construct(
        private Ticket $alone,
        private Ticket $dropped,
        private float $weighbridge = self::WEIGHBRIDGE_KG,
    ) {
    }

    /**
     * What the trailer leaves on the vehicle with bars off: its tongue weight at the dropped attitude. Null where an
     * axle shared a platform with the trailer's.
     */
    public function droppedLoad(): ?Normal
    {
        $with = $this->dropped->vehicle();
        $without = $this->alone->vehicle();

        return $with === null || $without === null
            ? null
            : Normal::of(
                $with->minus($without)->kilograms(),
                M_SQRT2 * hypot($this->alone->doubtKilograms(), $this->dropped->doubtKilograms()) + self::BETWEEN_KG,
            );
    }

    /**
     * Of the trailer: what its axles carry and what it leaves on the vehicle. Null where either was not weighed by
     * itself.
     */
    public function gross(): ?Load
    {
        $axles = $this->dropped->axle(WeighedAxle::Trailer);
        $onTheBall = $this->droppedLoad()?->mean();

        return $axles === null || $onTheBall === null ? null : $axles->plus(Load::ofKilograms($onTheBall));
    }

    /** The same corrected to a level trailer: TW = V0 + (W·h − κ)·φ/L (docs/model.md, Loads). */
    public function tongueWeight(CoupledRig $rig): ?Normal
    {
        $load = $this->droppedLoad();
        $trailer = $rig->trailer();
        $correction =
            (($trailer->weight * $trailer->cgAboveAxle - $trailer->pitchStiffness()) * $rig->dropped()->trailerPitch) /
            $trailer->ballToAxle;

        return $load === null ? null : Normal::of($load->mean() + $correction, $load->deviation());
    }

    /** What the trailer's axles carry while it stands level on its jack; null where the tickets do not tell. */
    public function levelTrailer(CoupledRig $rig): ?Load
    {
        $tongue = $this->tongueWeight($rig);

        return $tongue === null ? null : $this->gross()?->minus(Load::ofKilograms($tongue->mean()));
    }

    /**
     * The share of the front axle load that a carried ticket finds restored; null where the front shared its platform,
     * or lost nothing.
     */
    public function restored(Ticket $carried): ?Normal
    {
        $alone = $this->alone->axle(WeighedAxle::Front)?->kilograms();
        $dropped = $this->dropped->axle(WeighedAxle::Front)?->kilograms();
        $now = $carried->axle(WeighedAxle::Front)?->kilograms();
        if ($alone === null || $dropped === null || $now === null || $alone <= $dropped) {
            return null;
        }

        return self::share(
            Normal::of($alone, $this->alone->deviationKilograms($this->weighbridge)),
            Normal::of($dropped, $this->dropped->deviationKilograms($this->weighbridge)),
            Normal::of($now, $carried->deviationKilograms($this->weighbridge)),
        );
    }

    /** The share restored that the front axle's load tells in three stances, kg; it weighs less dropped than alone. */
    public static function share(Normal $alone, Normal $dropped, Normal $carried): Normal
    {
        $lost = $alone->mean() - $dropped->mean();
        $share = ($carried->mean() - $dropped->mean()) / $lost;
        $doubt = sqrt(
            $carried->deviation() ** 2 +
                ((1 - $share) * $dropped->deviation()) ** 2 +
                ($share * $alone->deviation()) ** 2,
        );

        return Normal::of($share, $doubt / $lost);
    }

    /**
     * Of the load that the dropped trailer leaves on the vehicle, the shares that bars move to the front axle and to
     * the trailer's; null where a platform was shared.
     *
     * @return array{forward: float, back: float}|null
     */
    public function moved(Ticket $carried): ?array
    {
        $load = $this->droppedLoad()?->mean() ?? 0.0;
        $front = $this->gain($carried, WeighedAxle::Front)?->kilograms();
        $trailer = $this->gain($carried, WeighedAxle::Trailer)?->kilograms();

        return $load <= 0.0 || $front === null || $trailer === null
            ? null
            : ['forward' => $front / $load, 'back' => $trailer / $load];
    }

    /**
     * What a step of an adjuster is worth in the share restored, by two carried tickets; null where it cannot be told.
     *
     * @param  float  $steps  from one setting to the other; not 0
     */
    public function perStep(Ticket $from, Ticket $to, float $steps): ?Normal
    {
        $before = $this->restored($from);
        $after = $this->restored($to);
        $lost = $this->alone
            ->axle(WeighedAxle::Front)
            ?->minus($this->dropped->axle(WeighedAxle::Front) ?? Load::zero())
            ->kilograms();
        if ($before === null || $after === null || $lost === null) {
            return null;
        }
        $share = $after->mean() - $before->mean();
        $doubt =
            hypot(
                hypot($from->doubtKilograms(), $to->doubtKilograms()),
                $share * hypot($this->alone->doubtKilograms(), $this->dropped->doubtKilograms()),
            ) / $lost;

        return Normal::of($share / $steps, $doubt / abs($steps));
    }

    /**
     * What a step of an adjuster moves, by two carried tickets: onto each axle, kg; below 0 where it takes load off.
     *
     * @param  float  $steps  from one setting to the other; not 0
     * @return array<string, Normal> by axle; without one that shared a platform
     */
    public function loadsPerStep(Ticket $from, Ticket $to, float $steps): array
    {
        $loads = [];
        foreach (WeighedAxle::cases() as $axle) {
            $before = $from->axle($axle);
            $after = $to->axle($axle);
            if ($before !== null && $after !== null) {
                $loads[$axle->value] = Normal::of(
                    $after->minus($before)->kilograms() / $steps,
                    hypot($from->doubtKilograms(), $to->doubtKilograms()) / abs($steps),
                );
            }
        }

        return $loads;
    }

    /** What an axle gains from dropped to carried; null where it shared a platform. */
    public function gain(Ticket $carried, WeighedAxle $axle): ?Load
    {
        $before = $this->dropped->axle($axle);
        $after = $carried->axle($axle);

        return $before === null || $after === null ? null : $after->minus($before);
    }
}
