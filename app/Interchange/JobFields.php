<?php

declare(strict_types=1);

namespace App\Interchange;

use App\Words\ExpectedWords;
use Yoke\Job\Record\RigSize;
use Yoke\Job\Record\UsualRig;
use Yoke\Job\Shop\ShopRules;
use Yoke\Judgement\Advice\HitchSettings;
use Yoke\Judgement\Constraint\BarRating;
use Yoke\Judgement\Method\Criterion;
use Yoke\Judgement\Method\Exception\ImpossibleBand;
use Yoke\Judgement\Method\Goal;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Mechanics\Statics\LevellingLoss;
use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Exception\ImpossibleSetting;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Adjuster\StepRange;

/**
 * The fields of a job for advice, read into the core's terms one by one; what is left out is assumed with its doubt.
 */
final class JobFields
{
    private ?Adjusters $adjusters = null;

    public function __construct(
        private readonly Fields $fields,
        public readonly ShopRules $rules,
    ) {
    }

    public function goal(): Goal
    {
        return new Goal($this->band(), $this->criterion(), $this->rules->tolerances, levelling: $this->levelling());
    }

    public function criterion(): Criterion
    {
        return $this->fields->has('method')
            ? Criterion::from($this->fields->choice('method', array_column(Criterion::cases(), 'value')))
            : Criterion::FrontRestoration;
    }

    private function band(): TargetRange
    {
        if (! $this->fields->has('band')) {
            return $this->rules->range;
        }
        [$from, $to] = $this->fields->numbers('band', 2);
        try {
            return TargetRange::of($from, $to);
        } catch (ImpossibleBand $impossible) {
            throw BadField::at('band', ExpectedWords::of($impossible->expected()));
        }
    }

    /** Null where it is off for good. */
    private function levelling(): ?LevellingLoss
    {
        $vehicle = $this->fields->objectIfAny('vehicle');
        $kind = $vehicle->has('levelling') ? $vehicle->choice('levelling', ['none', 'rear', 'all']) : 'none';
        $isOn = $vehicle->has('levelling_on_the_road') && $vehicle->flag('levelling_on_the_road');

        return match (true) {
            ! $isOn || $kind === 'none' => null,
            $kind === 'rear' => LevellingLoss::ofTheRear(),
            default => LevellingLoss::ofAllCorners(),
        };
    }

    /** What can be set; null where the job does not say. */
    public function settings(): ?HitchSettings
    {
        $adjusters = $this->adjusters();
        $hitch = $this->fields->objectIfAny('hitch');
        $constraints = $hitch->has('bar_rating_kg')
            ? [new BarRating(FileSheets::barRating($hitch))]
            : [];

        return $adjusters === null ? null : new HitchSettings($adjusters, $this->reference($adjusters), $constraints);
    }

    /** Null where the job does not say what can be set. */
    public function adjusters(): ?Adjusters
    {
        return $this->adjusters ??= $this->readAdjusters();
    }

    private function readAdjusters(): ?Adjusters
    {
        $hitch = $this->fields->objectIfAny('hitch');
        if (! $hitch->has('adjusters')) {
            return null;
        }
        $adjusters = [];
        foreach ($hitch->objects('adjusters') as $fields) {
            $name = $fields->text('name');
            $tilts = $fields->has('tilt_deg');
            $pitch = $tilts ? deg2rad($fields->number('tilt_deg')) : $fields->size('pitch_mm', RigSize::Pitch);
            $range = new StepRange($fields->number('from'), $fields->number('to'));
            $halves = $fields->has('half_steps') && $fields->flag('half_steps');
            try {
                $adjusters[] = Adjuster::of(
                    $name,
                    $tilts ? Role::Tilt : Role::Tension,
                    $pitch,
                    $halves ? $range->inHalves() : $range,
                    $fields->has('minutes')
                        ? $fields->count('minutes')
                        : ($tilts ? UsualRig::TILT_MINUTES : UsualRig::STEP_MINUTES),
                );
            } catch (ImpossibleSetting $impossible) {
                throw BadField::at($fields->pathOf('from'), ExpectedWords::of($impossible->expected()));
            }
        }

        return Adjusters::of(...$adjusters);
    }

    /** The setting whose tension is told; the middle where none is. */
    private function reference(Adjusters $adjusters): Setting
    {
        $hitch = $this->fields->object('hitch');

        return $hitch->has('tension')
            ? $this->setting($adjusters, $hitch->object('tension'), 'at')
            : $adjusters->middle();
    }

    public function setting(Adjusters $adjusters, Fields $fields, string $name): Setting
    {
        $steps = $fields->object($name)->allNumbers();

        return $this->possible($fields->pathOf($name), static fn (): Setting => $adjusters->setting($steps));
    }

    /** The setting of a hook-up: null instead of a step says that nobody knows it. */
    public function recorded(Adjusters $adjusters, Fields $fields, string $name): Setting
    {
        $told = $fields->object($name)->allNumbersOrNull();

        return $this->possible($fields->pathOf($name), static fn (): Setting => $adjusters->recorded($told));
    }

    /** @param  callable(): Setting  $setting */
    private function possible(string $path, callable $setting): Setting
    {
        try {
            return $setting();
        } catch (ImpossibleSetting $impossible) {
            throw BadField::at($path, ExpectedWords::of($impossible->expected()));
        }
    }
}
