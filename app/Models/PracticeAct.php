<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * One thing done in a run of the practice yard; none is ever changed.
 *
 * @property int $id
 * @property int $practice_run_id
 * @property int $position from 1
 * @property array<string, mixed> $act
 * @property CarbonImmutable $done_at
 */
final class PracticeAct extends Model
{
    public $timestamps = false;

    protected $fillable = ['practice_run_id', 'position', 'act', 'done_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['act' => 'array', 'done_at' => 'immutable_datetime'];
    }
}
