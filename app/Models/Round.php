<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Yoke\Rig\Stance;

/**
 * One time that a stance was read: another setting of the bars, or the same read again. The first needs no row unless it
 * has a setting.
 *
 * @property int $id
 * @property int $job_id
 * @property Stance $stance
 * @property int $number
 * @property array<string, float>|null $setting
 * @property CarbonImmutable $created_at
 * @property User $user
 */
final class Round extends Model
{
    protected $fillable = ['job_id', 'stance', 'number', 'setting', 'user_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['stance' => Stance::class, 'number' => 'integer', 'setting' => 'array'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
