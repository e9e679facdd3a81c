<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A private address of a person's calendar, for a program that asks it again and again.
 *
 * @property int $id
 * @property int $user_id
 * @property string $token
 * @property CarbonImmutable $made_at
 * @property CarbonImmutable|null $revoked_at
 * @property User $user
 */
final class CalendarLink extends Model
{
    public $timestamps = false;

    protected $fillable = ['user_id', 'token', 'made_at', 'revoked_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['made_at' => 'immutable_datetime', 'revoked_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
