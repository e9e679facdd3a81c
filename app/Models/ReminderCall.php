<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Somebody of the shop called an owner about what is due.
 *
 * @property int $id
 * @property int $rig_id
 * @property CallOutcome $outcome
 * @property CarbonImmutable $called_at
 * @property User $user
 */
final class ReminderCall extends Model
{
    public $timestamps = false;

    protected $fillable = ['rig_id', 'user_id', 'outcome', 'called_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['outcome' => CallOutcome::class, 'called_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
