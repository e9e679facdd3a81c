<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What a finished job told of one quantity.
 *
 * @property int $id
 * @property int $job_id
 * @property string $source
 * @property string $group
 * @property string $item
 * @property float $off
 * @property float $doubt
 * @property CarbonImmutable $told_at
 */
final class JobEvidence extends Model
{
    /** The source of a job that told nothing. */
    public const NOTHING = 'none';

    public $timestamps = false;

    protected $table = 'job_evidence';

    protected $fillable = ['job_id', 'source', 'group', 'item', 'off', 'doubt', 'told_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['off' => 'float', 'doubt' => 'float', 'told_at' => 'immutable_datetime'];
    }
}
