<?php

declare(strict_types=1);

namespace App\UseCases\Garage;

use App\Models\Hitch;
use App\Models\Job;
use App\Models\RigSnapshot;
use App\Models\Trailer;
use App\Models\User;
use App\Models\Vehicle;
use App\UseCases\Door\WritingDoor;
use Yoke\Job\Shop\ShopSettings;
use Yoke\Rig\Specification\RigPart;

/** A vehicle, trailer or hitch of the garage: added, changed, copied, put away and brought back. */
final readonly class KeepPart
{
    private const LONGEST_NAME = 80;

    public function __construct(private WritingDoor $door, private KeptPart $parts, private ShopSettings $settings)
    {
    }

    /** @param  Vehicle|Trailer|Hitch  $model  not saved yet; a new hitch begins with what the shop's hitches have */
    public function added(User $person, RigPart $part, Vehicle|Trailer|Hitch $model): void
    {
        $model->sheet = ($model->sheet ?? []) + ($part === RigPart::Hitch ? $this->settings->ofNewHitches() : []);
        $this->door->inShop($person, 'work', static fn (): bool => $model->save());
    }

    /**
     * Open jobs of its rigs are planned again with it.
     *
     * @param  Job|null  $at  whose hitch maker's figure for the gauge was typed: it holds for that load
     */
    public function changed(User $person, RigPart $part, Vehicle|Trailer|Hitch $model, ?Job $at = null): void
    {
        if ($at !== null) {
            $model->sheet = [...$model->sheet ?? [], RigSnapshot::MAKERS_FOR => $at->rigAsTyped()->loadMark()];
        }
        $this->door->inShop($person, 'work', function () use ($person, $part, $model): void {
            $this->parts->save($part, $model, $person);
            (new OpenJobs($part, $model))->planAgain();
        });
    }

    public function copied(User $person, Vehicle|Trailer|Hitch $model): Vehicle|Trailer|Hitch
    {
        $copy = $model->replicate(['mark', 'archived_at']);
        $copy->name = mb_substr("{$copy->name}, copy", 0, self::LONGEST_NAME);
        $this->door->inShop($person, 'work', static fn (): bool => $copy->save());

        return $copy;
    }
}
