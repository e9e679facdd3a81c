<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Yoke\Workshop\Procedure\StepOutcome;

/**
 * A step of a run that was taken.
 *
 * @property string $step
 * @property StepOutcome $outcome
 * @property CarbonImmutable $at
 */
final class ProcedureStep extends Model
{
    public $timestamps = false;

    protected $fillable = ['procedure_run_id', 'step', 'outcome', 'user_id', 'at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['outcome' => StepOutcome::class, 'at' => 'immutable_datetime'];
    }
}
