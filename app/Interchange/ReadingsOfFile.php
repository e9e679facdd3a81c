<?php

declare(strict_types=1);

namespace App\Interchange;

use Yoke\Adjuster\Setting;
use Yoke\Advice\HitchSettings;
use Yoke\Estimation\Reading\HookUp;
use Yoke\Estimation\Reading\Observation;
use Yoke\Estimation\Reading\Observed;
use Yoke\Estimation\Reading\ReadingContext;
use Yoke\Estimation\Reading\ReadingIdentity;
use Yoke\Method\CurrentSetting;
use Yoke\Readings\Height\HeightDoubt;
use Yoke\Readings\Height\SetBy;
use Yoke\Readings\Height\Settling;
use Yoke\Readings\Height\TapedHeight;
use Yoke\Readings\ObservationMapper;
use Yoke\Rig\Axle;
use Yoke\Rig\Stance;
use Yoke\Rig\Suspension;
use Yoke\Units\Length;

/** The readings of a job for advice, and the hook-up that is on. */
final class ReadingsOfFile
{
    /** Loads that may stand in a reading. */
    private const LOADS = ['front_kg' => Observed::FrontLoad, 'rear_kg' => Observed::RearLoad, 'trailer_kg' => Observed::TrailerLoad, 'front_rear_kg' => Observed::VehicleLoad, 'rear_trailer_kg' => Observed::RearAndTrailerLoad];

    /** @var list<Fields> */
    private array $readings;

    /** @var list<int> the hook-up of each reading, from 1 */
    private array $hookUps = [];

    private ObservationMapper $mapper;

    /** @param  HitchSettings|null  $hitch  null where the job does not say what can be set */
    public function __construct(private readonly Fields $fields, private readonly JobFields $job, private readonly ?HitchSettings $hitch, private readonly HeightDoubt $doubt)
    {
        $this->readings = $fields->has('readings') ? $fields->objects('readings') : [];
        $this->mapper = new ObservationMapper($job->doubts, 0.0);
        $before = null;
        $hookUp = 1;
        foreach ($this->readings as $reading) {
            $steps = $this->stance($reading) === Stance::Carried && $reading->has('setting') ? $reading->object('setting')->allNumbers() : null;
            $hookUp = $reading->has('hook') ? $reading->count('hook') : ($steps !== null && $before !== null && $steps != $before ? $hookUp + 1 : $hookUp);
            $before = $steps ?? $before;
            $this->hookUps[] = $hookUp;
        }
    }

    /** The last hook-up that was read; null before the first. */
    public function current(): ?CurrentSetting
    {
        $carried = array_keys(array_filter($this->readings, fn (Fields $reading): bool => $this->stance($reading) === Stance::Carried));
        if ($carried === []) {
            return null;
        }
        $last = $carried[count($carried) - 1];
        $setting = $this->setting($this->readings[$last]);
        $hookUp = $this->hookUps[$last];
        $alike = array_filter($carried, fn (int $i): bool => $this->hookUps[$i] === $hookUp);

        return $setting === null ? CurrentSetting::unknown(count($alike)) : new CurrentSetting($setting, $this->tensionOffset($setting), 0.0, count($alike), $hookUp);
    }

    /** @return list<Observation> where nobody knows the setting that is on, of the other hook-ups nothing */
    public function observations(): array
    {
        $current = $this->current();
        $last = $this->hookUps === [] ? 0 : $this->hookUps[count($this->hookUps) - 1];
        [$observations, $heights] = [[], []];
        foreach ($this->readings as $i => $reading) {
            $context = match ($this->stance($reading)) {
                Stance::Alone => ReadingContext::alone(),
                Stance::Dropped => ReadingContext::dropped(),
                Stance::Carried => $this->carried($reading, $this->hookUps[$i], $current !== null && $current->setting === null ? $this->hookUps[$i] === $last : null),
            };
            if ($context !== null) {
                array_push($heights, ...$this->heights($context, $reading, $i));
                array_push($observations, ...$this->loads($context, $reading, $i));
            }
        }

        return [...$this->mapper->heights($heights), ...$observations];
    }

    /** @param  bool|null  $isOn  whether it is of the hook-up that is on, where its setting is not known; null where settings are known */
    private function carried(Fields $reading, int $hookUp, ?bool $isOn): ?ReadingContext
    {
        $setting = $this->setting($reading);

        return match (true) {
            $isOn === true => ReadingContext::carried(0.0),
            $isOn === false || $setting === null => null,
            default => ReadingContext::carried($this->tensionOffset($setting), 0.0, $this->isCounted($hookUp) ? HookUp::counted($hookUp) : HookUp::ofSteps($hookUp, $this->hitch?->adjusters->tensionStep() ?? 0.0)),
        };
    }

    /** Whether the links of a hook-up were counted again: said with any of its readings. */
    private function isCounted(int $hookUp): bool
    {
        foreach ($this->readings as $i => $reading) {
            if ($this->hookUps[$i] === $hookUp && $this->stance($reading) === Stance::Carried && $reading->has('counted') && $reading->flag('counted')) {
                return true;
            }
        }

        return false;
    }

    /** @return list<TapedHeight> */
    private function heights(ReadingContext $context, Fields $reading, int $i): array
    {
        $heights = [];
        foreach (Axle::cases() as $axle) {
            $field = "{$axle->value}_mm";
            if ($reading->has($field)) {
                $height = $this->doubt->reading(Length::ofMillimetres($reading->number($field)), $this->suspension($axle), $this->settling($reading));
                $heights[] = new TapedHeight($context, $axle, $height, ReadingIdentity::height("reading {$i} {$field}", $this->hookUps[$i], standing: (string) $i), $this->setBy($reading));
            }
        }

        return $heights;
    }

    /** @return list<Observation> */
    private function loads(ReadingContext $context, Fields $reading, int $i): array
    {
        $observations = [];
        foreach (self::LOADS as $field => $observed) {
            if ($reading->has($field)) {
                $observations[] = $this->mapper->axleLoad($context, $observed, $reading->number($field), "reading {$i} {$field}", $this->hookUps[$i]);
            }
        }

        return $reading->has('ball_load_kg') ? [...$observations, $this->mapper->ballLoad($context, $reading->number('ball_load_kg'), "reading {$i} ball_load_kg", $this->hookUps[$i])] : $observations;
    }

    private function stance(Fields $reading): Stance
    {
        return Stance::from($reading->choice('stance', array_column(Stance::cases(), 'value')));
    }

    /** Null where nobody asked. */
    private function setBy(Fields $reading): ?SetBy
    {
        return $reading->has('set_by') ? SetBy::from($reading->choice('set_by', array_column(SetBy::cases(), 'value'))) : null;
    }

    private function settling(Fields $reading): Settling
    {
        return $reading->has('rolled') && $reading->flag('rolled') ? Settling::Rolled : Settling::NotRolled;
    }

    private function suspension(Axle $axle): Suspension
    {
        return Suspension::from($this->fields->object('vehicle')->object('suspension')->choice($axle->value, array_column(Suspension::cases(), 'value')));
    }

    /** Null where the reading names none, or the job does not say what can be set. */
    private function setting(Fields $reading): ?Setting
    {
        return $this->hitch === null || ! $reading->has('setting') ? null : $this->job->setting($this->hitch->adjusters, $reading, 'setting');
    }

    private function tensionOffset(Setting $setting): float
    {
        return $this->hitch === null ? 0.0 : $this->hitch->adjusters->tensionBetween($this->hitch->reference, $setting, $this->fields->object('hitch')->above('bar_arm_mm'));
    }
}
