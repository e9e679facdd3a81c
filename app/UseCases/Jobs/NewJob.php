<?php

declare(strict_types=1);

namespace App\UseCases\Jobs;

use App\Models\Job;
use App\Models\Rig;
use App\Models\RigSnapshot;
use App\UseCases\Experience\ShopExperience;
use Illuminate\Support\Facades\Date;
use Yoke\Job\Shop\ShopSettings;

/** A job that is booked today for a rig as the garage has it, held to what the shop chose. */
final readonly class NewJob
{
    public function __construct(private ShopSettings $settings, private ShopExperience $experience)
    {
    }

    public function of(Rig $rig, string $title): Job
    {
        return Job::query()->create([
            'rig_id' => $rig->id,
            'title' => $title,
            'booked_on' => Date::today(),
            'rig_as_worked' => [
                ...RigSnapshot::sheetWith($rig->load(['vehicle', 'trailer', 'hitch', 'loadStates'])),
                'experience' => $this->experience->for($rig)->rows() ?: null,
            ],
            'band_from' => $this->settings->rules()->range->from,
            'band_to' => $this->settings->rules()->range->to,
        ]);
    }
}
