<?php

declare(strict_types=1);

namespace Yoke\Job\Record;

use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Reading\HookUp;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Reading\ReadingContext;
use Yoke\Measuring\Estimation\Reading\ReadingIdentity;
use Yoke\Measuring\Readings\Height\TapedHeight;
use Yoke\Measuring\Readings\ObservationMapper;
use Yoke\Rig\Parts\Stance;

/**
 * Reads a job's history as the fit takes it: the one place where a reading becomes an observation of a stance and a
 * hook-up.
 */
final class HistoryMapper
{
    private ?CurrentSetting $current = null;

    private bool $isLooked = false;

    /** @var list<Observation>|null */
    private ?array $observations = null;

    /**
     * @param  SettingOffsets|null  $offsets  null while nobody knows what can be set
     * @param  float  $wheelbase  mm
     */
    public function __construct(
        private readonly ReadingHistory $history,
        private readonly ObservationMapper $mapper,
        private readonly ?SettingOffsets $offsets,
        private readonly float $wheelbase,
    ) {
    }

    /** The hook-up that is on: the latest in which anything was read; null before the first. */
    public function current(): ?CurrentSetting
    {
        if (! $this->isLooked) {
            $this->isLooked = true;
            $this->current = $this->latest();
        }

        return $this->current;
    }

    /** Whether anything was read in a carried round. */
    public function isRead(int $round): bool
    {
        return in_array($round, $this->history->carriedRounds(), true);
    }

    /**
     * @return list<Observation> where nobody knows the setting that is on, of the other hook-ups nothing; where it is
     *     known in part, of those that are known in the same parts
     */
    public function observations(): array
    {
        return $this->observations ??= [
            ...$this->mapper->heights($this->heights()),
            ...array_map(
                fn (TongueTaken $one): Observation => $this->mapper->tongueWeight($one->level, $one->key, $one->unit),
                $this->history->tongueWeights,
            ),
            ...$this->measures(),
            ...$this->tickets(),
        ];
    }

    /**
     * The rig to start from: nobody says what the bars of an unknown setting are at, nor quite what those of a setting
     * that is known in part.
     *
     * @param  float  $unknown  how far the tension of an unknown setting may be off, one deviation, mm
     */
    public function prior(RigPrior $prior, float $unknown): RigPrior
    {
        $current = $this->current();

        return match (true) {
            $current === null => $prior,
            $current->setting === null || $this->offsets === null => $prior->ofUnknownSetting($unknown),
            default => $prior->ofHalfKnownSetting($this->offsets->tensionDoubt($current->setting)),
        };
    }

    private function latest(): ?CurrentSetting
    {
        $read = $this->history->carriedRounds();
        if ($read === []) {
            return null;
        }
        $on = $this->history->hookUp($read[count($read) - 1]);
        $alike = count(
            array_filter($read, fn (int $round): bool => $this->history->hookUp($round)?->number === $on?->number),
        );

        return $on?->setting === null || $this->offsets === null
            ? CurrentSetting::unknown($alike)
            : new CurrentSetting(
                $on->setting,
                $this->offsets->tension($on->setting),
                $this->offsets->ball($on->setting) + $on->ballMoved,
                $alike,
                $on->number,
            );
    }

    /** Null of a carried round that the fit can make nothing of. */
    private function context(Stance $stance, int $round, float $ballMoved): ?ReadingContext
    {
        return match ($stance) {
            Stance::Alone => ReadingContext::alone(),
            Stance::Dropped => ReadingContext::dropped($ballMoved),
            Stance::Carried => $this->carried($round),
        };
    }

    private function carried(int $round): ?ReadingContext
    {
        $record = $this->history->hookUp($round);
        if ($this->current()?->setting === null) {
            return $record?->number === $this->numberOfTheLatest() ? ReadingContext::carried(0.0) : null;
        }
        $isKnownAlike = $record?->setting?->unknown() === $this->current()->setting->unknown();
        if ($record?->setting === null || $this->offsets === null || ! $isKnownAlike) {
            return null;
        }
        $hookUp = $record->isCounted
            ? HookUp::counted($record->number)
            : HookUp::ofSteps(
                $record->number,
                $this->offsets->step(),
                $this->offsets->tensionReversed($record->setting) - $this->offsets->tension($record->setting),
            );

        return ReadingContext::carried(
            $this->offsets->tension($record->setting),
            $this->offsets->ball($record->setting) + $record->ballMoved,
            $hookUp,
        );
    }

    private function numberOfTheLatest(): ?int
    {
        $read = $this->history->carriedRounds();

        return $read === [] ? null : $this->history->hookUp($read[count($read) - 1])?->number;
    }

    /** @return list<TapedHeight> */
    private function heights(): array
    {
        $heights = [];
        foreach ($this->history->heights as $taken) {
            $context = $this->context($taken->stance, $taken->round, $taken->ballMoved);
            $identity = ReadingIdentity::height(
                $taken->key,
                $taken->round,
                $taken->unit,
                (string) $taken->round,
                $taken->hours,
            );
            $setBy = $taken->stance === Stance::Carried ? $this->history->hookUp($taken->round)?->setBy : null;
            $heights =
                $context === null
                    ? $heights
                    : [...$heights, new TapedHeight($context, $taken->axle, $taken->reading, $identity, $setBy)];
        }

        return $heights;
    }

    /** @return list<Observation> */
    private function measures(): array
    {
        $observations = [];
        foreach ($this->history->measures as $taken) {
            $context = $this->context($taken->stance, $taken->round, $taken->ballMoved);
            $observation = $context === null ? null : $this->measure($context, $taken);
            $observations = $observation === null ? $observations : [...$observations, $observation];
        }

        return $observations;
    }

    /** Null of what says nothing by itself: a vehicle's angle alone, or without the one alone. */
    private function measure(ReadingContext $context, MeasureTaken $taken): ?Observation
    {
        [$value, $key, $round] = [$taken->value, $taken->key, $taken->round];

        return match ($taken->observed) {
            Observed::CouplerRise => $this->mapper->coupler($context, $value, $key, $round, $taken->lengthUnit()),
            Observed::BallLoad => $this->mapper->ballLoad($context, $value, $key, $round, $taken->loadUnit()),
            Observed::BarBend => $this->mapper->barGap($context, $value, $key, $round, $taken->lengthUnit()),
            Observed::NoseRise => $taken->rearEnd === null
                ? $this->mapper->trailerAngle($context, $value, $key, $round)
                : $this->mapper->frameEnds(
                    $context,
                    $value - $taken->rearEnd,
                    $key,
                    $round,
                    $taken->lengthUnit(),
                ),
            Observed::VehicleRise => $this->vehicleAngle($context, $taken),
            Observed::BendSeen, Observed::NoseSeen, Observed::PitchSeen => $taken->seen === null
                ? null
                : $this->mapper->seen($context, $taken->seen, $this->wheelbase, $key, $round),
            default => $this->mapper->axleLoad($context, $taken->observed, $value, $key, $round, $taken->loadUnit()),
        };
    }

    private function vehicleAngle(ReadingContext $context, MeasureTaken $taken): ?Observation
    {
        $alone = $this->history->vehicleAngleAlone();

        return $alone === null || $taken->stance === Stance::Alone
            ? null
            : $this->mapper->vehicleAngle(
                $context,
                $taken->value,
                $alone,
                $this->wheelbase,
                $taken->key,
                $taken->round,
            );
    }

    /** @return list<Observation> */
    private function tickets(): array
    {
        $observations = [];
        foreach ($this->history->tickets as $taken) {
            $context = $this->context($taken->ticket->stance, $taken->round, 0.0);
            array_push(
                $observations,
                ...$context === null ? [] : $this->mapper->ticket($context, $taken->ticket, $taken->key, $taken->round),
            );
        }

        return $observations;
    }
}
