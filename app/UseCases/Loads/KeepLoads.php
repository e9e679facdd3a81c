<?php

declare(strict_types=1);

namespace App\UseCases\Loads;

use App\Models\Job;
use App\Models\LoadState;
use App\Models\User;
use App\UseCases\Door\WritingDoor;
use App\Words\Text;
use Illuminate\Support\Facades\Date;
use Yoke\Rig\Adjuster\Setting;

/** The load states of a rig, as they are planned at one of its jobs. */
final readonly class KeepLoads
{
    public function __construct(private WritingDoor $door)
    {
    }

    /** @param  LoadState  $weighed  the state as weighed: kept as soon as another one is measured against it */
    public function kept(User $person, Job $job, LoadState $state, LoadDraft $draft, LoadState $weighed): void
    {
        $this->door->onJob($person, $job, static function () use ($person, $state, $draft, $weighed): void {
            self::keepWeighed($person, $weighed);
            $state->fill([
                'name' => $state->as_weighed ? LoadState::AS_WEIGHED : $draft->name,
                'items' => $draft->toKeep(),
                'fills' => $draft->fillsToKeep(),
                'user_id' => $person->id,
            ])->save();
        });
    }

    /** Another state, beginning as this one is kept. */
    public function copied(User $person, Job $job, LoadState $state, LoadState $weighed): LoadState
    {
        return $this->door->onJob($person, $job, static function () use ($person, $job, $state, $weighed): LoadState {
            self::keepWeighed($person, $weighed);

            return LoadState::query()->create([
                'rig_id' => $job->rig_id,
                'name' => self::freeName($job->rig_id),
                'items' => $state->items,
                'fills' => $state->fills,
                'user_id' => $person->id,
            ]);
        });
    }

    /** The setting that goes with a state. */
    public function setting(User $person, Job $job, LoadState $state, Setting $setting): void
    {
        $this->door->onJob($person, $job, static fn (): bool => $state->update(['setting' => $setting->steps()]));
    }

    public function putAway(User $person, Job $job, LoadState $state): void
    {
        $name = "{$state->name} (archived ".Date::now()->format('Y-m-d H:i:s').')';
        $this->door->onJob($person, $job, static fn () => $state->forceFill(['name' => $name])->putAway());
    }

    private static function keepWeighed(User $person, LoadState $weighed): void
    {
        if (! $weighed->exists) {
            $weighed->fill(['user_id' => $person->id])->save();
        }
    }

    private static function freeName(int $rig): string
    {
        $number = LoadState::query()->where('rig_id', $rig)->count();
        do {
            $name = Text::of('screen.loads.load', ['number' => ++$number]);
        } while (LoadState::query()->where('rig_id', $rig)->where('name', $name)->exists());

        return $name;
    }
}
