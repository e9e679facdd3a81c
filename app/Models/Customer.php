<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Str;

/**
 * Whose rigs they are: kept as long as they agreed to it.
 *
 * @property int $id
 * @property string $name
 * @property string|null $phone
 * @property string|null $mail
 * @property CarbonImmutable|null $agreed_at
 * @property string|null $mark the same in every backup
 * @property CarbonImmutable $created_at
 * @property User|null $agreedWith
 * @property Collection<int, Rig> $rigs
 */
final class Customer extends Model
{
    protected $fillable = ['name', 'phone', 'mail', 'agreed_at', 'agreed_with', 'mark'];

    protected static function booted(): void
    {
        self::creating(static function (self $customer): void {
            $customer->mark ??= (string) Str::uuid();
        });
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['agreed_at' => 'immutable_datetime', 'created_at' => 'immutable_datetime'];
    }

    /** @return HasMany<Rig, $this> */
    public function rigs(): HasMany
    {
        $rigs = $this->hasMany(Rig::class);
        $rigs->orderBy('id');

        return $rigs;
    }

    /** @return BelongsTo<User, $this> */
    public function agreedWith(): BelongsTo
    {
        return $this->belongsTo(User::class, 'agreed_with');
    }
}
