<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

use Yoke\Foundation\Units\Bounds;
use Yoke\Rig\Adjuster\Setting;

/** The one best next move, why, and what was weighed against it. */
final readonly class Recommendation
{
    /** @var non-empty-list<SettingForecast> every setting, best first; the one that is on as it stands */
    public array $ranking;

    /**
     * @param  SettingForecast  $forecast  of the setting to go to, to stay at or to read again
     * @param  SettingForecast|null  $present  of the setting that is on
     * @param  non-empty-list<SettingForecast>  $ranking  every setting, best first
     * @param  Recheck|null  $look  what to look at again; null for any other action
     * @param  SettingForecast|null  $then  the setting to go to after the look, if it finds nothing; null where none is
     * @param  LookWay  $way  how it is looked at
     */
    public function __construct(
        public Action $action,
        public Reason $reason,
        public SettingForecast $forecast,
        public ?SettingForecast $present,
        array $ranking,
        public ?Recheck $look = null,
        private ?SettingForecast $then = null,
        public LookWay $way = LookWay::Again,
    ) {
        $this->ranking = array_map(
            static fn (SettingForecast $one): SettingForecast => $present !== null &&
                $one->setting->equals($present->setting)
                ? $present
                : $one,
            $ranking,
        );
    }

    /**
     * A setting that was hooked up is read before anything else is said; null where it is none of those weighed.
     */
    public function toReadAt(Setting $on): ?self
    {
        foreach ($this->ranking as $forecast) {
            if ($forecast->setting->equals($on)) {
                return new self(
                    Action::ReadAgain,
                    Reason::NotReadYet,
                    $forecast,
                    $forecast,
                    $this->ranking,
                    Recheck::Carried,
                );
            }
        }

        return null;
    }

    /** What stands is read or weighed once more before it is left: two instruments contradict each other. */
    public function heldUp(): self
    {
        return new self(
            Action::ReadAgain,
            Reason::InstrumentsDiffer,
            $this->forecast,
            $this->present,
            $this->ranking,
            Recheck::Carried,
            way: LookWay::Weigh,
        );
    }

    public function isToBeRead(): bool
    {
        return $this->reason === Reason::NotReadYet;
    }

    /** The setting to hook up next: at once, or after the look; null where none is. */
    public function next(): ?SettingForecast
    {
        return $this->action === Action::Set ? $this->forecast : $this->then;
    }

    /** What the move does to the loads; null before the first hook-up, and where nothing is moved. */
    public function worth(): ?MoveWorth
    {
        $next = $this->next();

        return $this->present === null || $next === null ? null : MoveWorth::between($this->present, $next);
    }

    /** The lowest and the highest restored share that any setting promises. */
    public function reach(): Bounds
    {
        return Bounds::of(
            array_map(static fn (SettingForecast $forecast): float => $forecast->share()->mean(), $this->ranking),
        );
    }

    /**
     * The next best that may be advised.
     *
     * @param  float  $worth  least chance of one that is worth saying
     * @return list<SettingForecast>
     */
    public function runnersUp(int $many, float $worth): array
    {
        $others = [];
        foreach ($this->ranking as $forecast) {
            if (
                count($others) < $many &&
                $forecast->isOpen() &&
                $forecast->chance >= $worth &&
                ! $forecast->setting->equals($this->forecast->setting)
            ) {
                $others[] = $forecast;
            }
        }

        return $others;
    }

    /** @return array<string, int> how many settings fall out, by the value of why */
    public function excluded(): array
    {
        $counts = [];
        foreach ($this->ranking as $forecast) {
            if ($forecast->excluded !== null) {
                $counts[$forecast->excluded->value] = ($counts[$forecast->excluded->value] ?? 0) + 1;
            }
        }

        return $counts;
    }
}
