<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Str;

/**
 * Lets a program or a device act for a person, as far as its rights go. The token itself is kept nowhere: its hash is.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property string $hash
 * @property list<string> $rights
 * @property CarbonImmutable $made_at
 * @property CarbonImmutable|null $used_at
 * @property CarbonImmutable $ends_at
 * @property CarbonImmutable|null $revoked_at
 * @property User $user
 */
final class ApiToken extends Model
{
    public $timestamps = false;

    private const PREFIX = 'yoke_';

    private const LENGTH = 48;

    /** Open at once, of one person. */
    public const MOST = 20;

    /** From when it is made on. */
    public const LONGEST_DAYS = 365;

    /** Its last use is noted no finer than this. */
    private const NOTED_SECONDS = 60;

    protected $fillable = ['user_id', 'name', 'hash', 'rights', 'made_at', 'used_at', 'ends_at', 'revoked_at'];

    protected $hidden = ['hash'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'rights' => 'array',
            'made_at' => 'immutable_datetime',
            'used_at' => 'immutable_datetime',
            'ends_at' => 'immutable_datetime',
            'revoked_at' => 'immutable_datetime',
        ];
    }

    /**
     * Another token, said this once.
     *
     * @param  list<ApiRight>  $rights
     * @param  int  $days  until it ends, at most LONGEST_DAYS
     */
    public static function issue(User $person, string $name, array $rights, int $days = self::LONGEST_DAYS): string
    {
        $ends = Date::now()->addDays(max(1, min($days, self::LONGEST_DAYS)));
        $token = self::PREFIX.Str::random(self::LENGTH);
        self::query()->create([
            'user_id' => $person->id,
            'name' => $name,
            'hash' => self::hashOf($token),
            'rights' => array_column($rights, 'value'),
            'made_at' => Date::now(),
            'ends_at' => $ends,
        ]);

        return $token;
    }

    /** Null for one that is unknown, ended, revoked, or of somebody who left. */
    public static function presented(string $token): ?self
    {
        $found = str_starts_with($token, self::PREFIX)
            ? self::query()->with('user')->where('hash', self::hashOf($token))->first()
            : null;

        return $found instanceof self && $found->isOpen() ? $found : null;
    }

    private static function hashOf(string $token): string
    {
        return hash('sha256', $token);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return Builder<self> of everybody, those that go on */
    public static function open(): Builder
    {
        return self::query()->whereNull('revoked_at')->where('ends_at', '>', Date::now());
    }

    public function isOpen(): bool
    {
        return $this->revoked_at === null && $this->ends_at->isFuture() && $this->user->isHere();
    }

    /** What it was given, as far as its person may do it now. */
    public function may(ApiRight $right): bool
    {
        return in_array($right->value, $this->rights, true) && $right->isOpenTo($this->user);
    }

    /** For good: no backup of before brings it back. */
    public function revoke(): void
    {
        $this->update(['revoked_at' => Date::now()]);
        Revocation::Token->note($this->hash);
    }

    public function used(): void
    {
        if ($this->used_at === null || $this->used_at->addSeconds(self::NOTED_SECONDS)->isPast()) {
            $this->update(['used_at' => Date::now()]);
        }
    }
}
