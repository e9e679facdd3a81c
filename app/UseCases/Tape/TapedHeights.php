<?php

declare(strict_types=1);

namespace App\UseCases\Tape;

use App\Models\Job;
use App\Models\Reading;
use Illuminate\Support\Facades\Date;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\LengthUnit;
use Yoke\Measuring\Estimation\Prior\LearnedPriors;
use Yoke\Measuring\Readings\Height\HeightDoubt;
use Yoke\Measuring\Readings\Height\HeightReading;
use Yoke\Measuring\Readings\Height\Settling;
use Yoke\Measuring\Readings\Height\Side;
use Yoke\Measuring\Readings\Height\StanceHeights;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Rig;
use Yoke\Rig\Parts\Stance;

/** The heights of a job as they are saved, or as they would be with what is being typed. */
final class TapedHeights
{
    /**
     * @var array<int, array<string, array{Length, Settling, int, LengthUnit, float}>> by round and place, with whoever
     *     read it (0 where nobody saved it yet), in which unit, and when in hours
     */
    private array $taped = [];

    private readonly LearnedPriors $learned;

    private function __construct(
        private readonly Job $job,
        private readonly Rig $rig,
        private readonly HeightDoubt $doubt,
    ) {
        $this->learned = $job->rigAsWorked()->experience();
    }

    public static function saved(Job $job, Rig $rig, HeightDoubt $doubt): self
    {
        $heights = new self($job, $rig, $doubt);
        foreach ($job->liveReadings as $reading) {
            $heights->put($reading);
        }

        return $heights;
    }

    /**
     * The same with entries laid over: an empty one takes away, one that does not read leaves what is saved.
     *
     * @param  list<Entry>  $entries
     */
    public function with(array $entries): self
    {
        $heights = clone $this;
        foreach ($entries as $entry) {
            $round = $this->job->roundOf($entry->place->stance);
            if ($entry->height !== null) {
                $heights->taped[$round][$entry->place->key()] = [
                    $entry->height->length(),
                    $entry->settling,
                    0,
                    $entry->height->unit(),
                    $heights->hours(Date::now()),
                ];
            } elseif ($entry->isEmpty()) {
                unset($heights->taped[$round][$entry->place->key()]);
            }
        }

        return $heights;
    }

    /** Whether any fender was taped in a stance. */
    public function isTaped(Stance $stance): bool
    {
        return $this->stances()->at($stance, Axle::Front) !== null ||
            $this->stances()->at($stance, Axle::Rear) !== null;
    }

    /** @return list<Axle> whose fender was taped in any stance: no height is foretold for another */
    public function axles(): array
    {
        $heights = $this->stances();
        $isTaped = static fn (Axle $axle): bool => array_filter(
            Stance::cases(),
            static fn (Stance $stance): bool => $heights->at($stance, $axle) !== null,
        ) !== [];

        return array_values(array_filter(Axle::cases(), $isTaped));
    }

    public function stances(): StanceHeights
    {
        $heights = StanceHeights::none();
        foreach (Stance::cases() as $stance) {
            foreach (Axle::cases() as $axle) {
                $reading = $this->pooled($stance, $axle);
                $heights = $reading === null ? $heights : $heights->with($stance, $axle, $reading);
            }
        }

        return $heights;
    }

    /** What stands in a field of the round that is on, or of another. */
    public function at(Place $place, ?int $round = null): ?HeightReading
    {
        $taped = $this->taped[$round ?? $this->job->roundOf($place->stance)][$place->key()] ?? null;

        return $taped === null
            ? null
            : $this->doubtOf($taped[2])->reading($taped[0], $this->rig->vehicle->suspension($place->axle), $taped[1]);
    }

    /** Whether one height stands for an axle in one stance, and left and right in another. */
    public function mixesWays(): bool
    {
        $ways = [];
        foreach (Stance::cases() as $stance) {
            foreach (Axle::cases() as $axle) {
                $ways[] = $this->isTakenBySides($stance, $axle, $this->job->roundOf($stance));
            }
        }

        return in_array(true, $ways, true) && in_array(false, $ways, true);
    }

    /** An axle's height in one round. */
    public function axle(Stance $stance, Axle $axle, int $round): ?HeightReading
    {
        $right = $this->at(new Place($stance, $axle, Side::Right), $round);

        return $this->isTakenBySides($stance, $axle, $round) === true && $right !== null
            ? $this->at(new Place($stance, $axle, Side::Left), $round)?->meanWith($right)
            : $this->at(new Place($stance, $axle, Side::Both), $round);
    }

    /** The unit in which an axle was read in a round. */
    public function unitOf(Stance $stance, Axle $axle, int $round): LengthUnit
    {
        return $this->first($stance, $axle, $round)[3] ?? LengthUnit::Millimetre;
    }

    /** When an axle was read in a round, hours; null where it was not. */
    public function hoursOf(Stance $stance, Axle $axle, int $round): ?float
    {
        return $this->first($stance, $axle, $round)[4] ?? null;
    }

    /** @return array{Length, Settling, int, LengthUnit, float}|null */
    private function first(Stance $stance, Axle $axle, int $round): ?array
    {
        foreach (Side::cases() as $side) {
            $taped = $this->taped[$round][(new Place($stance, $axle, $side))->key()] ?? null;
            if ($taped !== null) {
                return $taped;
            }
        }

        return null;
    }

    /** Since the job was made. */
    private function hours(\DateTimeInterface $moment): float
    {
        return ($moment->getTimestamp() - ($this->job->created_at?->getTimestamp() ?? 0)) / 3600.0;
    }

    /**
     * An axle's height from all rounds that were read alike: of a carried stance, those with the setting that is on.
     */
    private function pooled(Stance $stance, Axle $axle): ?HeightReading
    {
        $on = $this->job->roundOf($stance);
        $found = [];
        for ($round = 1; $round <= $on; $round++) {
            $alike =
                $round === $on ||
                $stance !== Stance::Carried ||
                ($this->job->settingOf($on) !== null && $this->job->settingOf($round) === $this->job->settingOf($on));
            $reading = $alike ? $this->axle($stance, $axle, $round) : null;
            $found = $reading === null ? $found : [...$found, $reading];
        }

        return count($found) > 1 ? HeightReading::pooled($found) : $found[0] ?? null;
    }

    /**
     * The job's way of taping first, left and right or one height for the axle; the other stands in. Null when neither
     * is there.
     */
    private function isTakenBySides(Stance $stance, Axle $axle, int $round): ?bool
    {
        $has = fn (Side $side): bool => isset($this->taped[$round][(new Place($stance, $axle, $side))->key()]);
        $sides = $has(Side::Left) && $has(Side::Right);

        return match (true) {
            ! $sides && ! $has(Side::Both) => null,
            $this->job->each_side => $sides,
            default => ! $has(Side::Both),
        };
    }

    private function put(Reading $reading): void
    {
        $height = $reading->typedLength();
        if ($height !== null) {
            $this->taped[$reading->round][Place::ofReading($reading)->key()] = [
                $height->length(),
                $reading->settling,
                $reading->user_id,
                $reading->typed_unit,
                $this->hours($reading->taken_at),
            ];
        }
    }

    /** What a person's readings are worth on this job, by what the shop had learned when it was booked. */
    private function doubtOf(int $reader): HeightDoubt
    {
        return $this->learned->isEmpty()
            ? $this->doubt
            : $this->doubt->learned(
                $this->learned->deviation("reader.{$reader}", $this->doubt->tapeMm),
                $this->learned->deviation('friction.coil', $this->doubt->coilRolledMm),
                $this->learned->deviation('friction.leaf', $this->doubt->leafRolledMm),
            );
    }
}
