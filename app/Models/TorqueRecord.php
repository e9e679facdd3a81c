<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Yoke\Foundation\Units\Torque;
use Yoke\Workshop\Service\TorqueDone;

/**
 * What a wrench showed at a fastener; of one fastener the latest counts.
 *
 * @property string $fastener
 * @property string $typed
 * @property float $wrench_nm
 * @property float $sheet_nm
 * @property CarbonImmutable $done_at
 * @property User $user
 */
final class TorqueRecord extends Model
{
    public $timestamps = false;

    protected $table = 'torques';

    protected $fillable = ['job_id', 'fastener', 'typed', 'wrench_nm', 'sheet_nm', 'user_id', 'done_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['wrench_nm' => 'float', 'sheet_nm' => 'float', 'done_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function core(): TorqueDone
    {
        return new TorqueDone(Torque::ofNewtonMetres($this->sheet_nm), Torque::ofNewtonMetres($this->wrench_nm));
    }
}
