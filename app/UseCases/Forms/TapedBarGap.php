<?php

declare(strict_types=1);

namespace App\UseCases\Forms;

use App\Models\Job;
use App\Models\Measure;

/**
 * The gap over the bars as it was typed, and what the hitch leaves free at its loosest, where that was typed with it.
 */
final readonly class TapedBarGap
{
    /** @param  float|null  $loosest  mm; null where the specification has it already */
    public function __construct(public Measure $measure, public ?float $loosest)
    {
    }

    /** @return array<string, mixed> the job's copy of its rig with what was typed of the hitch */
    public function rigOf(Job $job): array
    {
        $rig = $job->rig_as_worked;
        if ($this->loosest !== null) {
            $rig['hitch']['sheet'] = [...$rig['hitch']['sheet'] ?? [], 'hang_mm' => $this->loosest];
        }

        return $rig;
    }
}
