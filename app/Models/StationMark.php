<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Yoke\Workshop\Procedure\Station;

/**
 * A station closed by a person.
 *
 * @property Station $station
 * @property \Carbon\CarbonImmutable $created_at
 * @property User $user
 */
final class StationMark extends Model
{
    protected $fillable = ['job_id', 'station', 'user_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['station' => Station::class, 'created_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
