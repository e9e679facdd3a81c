<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\Date;

/**
 * Where somebody is signed in: one browser, from its sign-in until it is ended.
 *
 * @property int $id
 * @property int $user_id
 * @property string $key_hash
 * @property string $browser as it names itself
 * @property string $address it signed in from
 * @property CarbonImmutable $signed_in_at
 * @property CarbonImmutable $seen_at
 * @property CarbonImmutable|null $ended_at
 */
final class DeviceSignIn extends Model
{
    public $timestamps = false;

    protected $table = 'sign_ins';

    protected $fillable = ['user_id', 'key_hash', 'browser', 'address', 'signed_in_at', 'seen_at', 'ended_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'signed_in_at' => 'immutable_datetime',
            'seen_at' => 'immutable_datetime',
            'ended_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return Builder<self> those that go on */
    public static function open(): Builder
    {
        return self::query()->whereNull('ended_at');
    }

    /** Of the key that a session holds; nothing once it is ended. */
    public static function of(string $key): ?self
    {
        return self::open()->where('key_hash', self::hash($key))->first();
    }

    public static function hash(string $key): string
    {
        return hash('sha256', $key);
    }

    public function end(): void
    {
        $this->update(['ended_at' => Date::now()]);
    }
}
