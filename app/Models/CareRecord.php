<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Yoke\Workshop\Service\CareDone;

/**
 * A line of a rig's care book. One taken back is kept.
 *
 * @property string $task
 * @property string|null $typed
 * @property float|null $driven_km
 * @property string|null $found
 * @property int $id
 * @property CarbonImmutable $done_at
 * @property CarbonImmutable|null $withdrawn_at
 * @property User $user
 */
final class CareRecord extends Model
{
    private const SECONDS_OF_DAY = 86_400;

    public $timestamps = false;

    protected $fillable = ['rig_id', 'task', 'typed', 'driven_km', 'found', 'user_id', 'done_at', 'withdrawn_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['driven_km' => 'float', 'done_at' => 'immutable_datetime', 'withdrawn_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function core(): CareDone
    {
        return new CareDone($this->task, self::dayOf($this->done_at), $this->driven_km);
    }

    /** Days since 1 January 1970. */
    public static function dayOf(CarbonImmutable $moment): int
    {
        return intdiv($moment->getTimestamp() + $moment->getOffset(), self::SECONDS_OF_DAY);
    }

    public static function dateOf(int $day): CarbonImmutable
    {
        return CarbonImmutable::createFromTimestampUTC($day * self::SECONDS_OF_DAY);
    }
}
