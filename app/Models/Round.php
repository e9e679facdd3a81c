<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Yoke\Measuring\Readings\Height\SetBy;
use Yoke\Rig\Parts\Stance;

/**
 * One time that a stance was read: another setting of the bars, or the same read again. The first needs no row unless
 * it
 * has a setting.
 *
 * @property int $id
 * @property int $job_id
 * @property Stance $stance
 * @property int $number
 * @property array<string, float|null>|null $setting
 * @property SetBy|null $set_by
 * @property bool $is_counted
 * @property CarbonImmutable $created_at
 * @property User $user
 */
final class Round extends Model
{
    protected $fillable = ['job_id', 'stance', 'number', 'setting', 'set_by', 'is_counted', 'user_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'stance' => Stance::class,
            'number' => 'integer',
            'setting' => 'array',
            'set_by' => SetBy::class,
            'is_counted' => 'boolean',
        ];
    }

    /** How a person put bars on the last time they said so; null where they never did. */
    public static function lastSetBy(int $person): ?SetBy
    {
        return self::query()->where('user_id', $person)->whereNotNull('set_by')->latest('id')->first()?->set_by;
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
