<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Str;

/**
 * A private address of a person's calendar, for a program that asks it again and again. Its secret is kept nowhere: its
 * hash is.
 *
 * @property int $id
 * @property int $user_id
 * @property string $hash
 * @property CarbonImmutable $made_at
 * @property CarbonImmutable|null $revoked_at
 * @property User $user
 */
final class CalendarLink extends Model
{
    public $timestamps = false;

    private const LENGTH = 48;

    protected $fillable = ['user_id', 'hash', 'made_at', 'revoked_at'];

    protected $hidden = ['hash'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['made_at' => 'immutable_datetime', 'revoked_at' => 'immutable_datetime'];
    }

    /** Another address of a person's calendar; its secret is said this once. */
    public static function issue(User $person): string
    {
        $secret = Str::random(self::LENGTH);
        self::query()->create(['user_id' => $person->id, 'hash' => self::hashOf($secret), 'made_at' => Date::now()]);

        return $secret;
    }

    /** Null for one that is unknown, revoked, or of somebody who left. */
    public static function presented(string $secret): ?self
    {
        $link = self::query()->with('user')->where('hash', self::hashOf($secret))->whereNull('revoked_at')->first();

        return $link !== null && $link->user->isHere() ? $link : null;
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** For good: no backup of before brings it back. */
    public function revoke(): void
    {
        $this->update(['revoked_at' => Date::now()]);
        Revocation::Calendar->note($this->hash);
    }

    private static function hashOf(string $secret): string
    {
        return hash('sha256', $secret);
    }
}
