<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A job file that was taken in: what came with it says so.
 *
 * @property int $id
 * @property string $file
 * @property CarbonImmutable $imported_at
 * @property User|null $user none: by a command
 */
final class Import extends Model
{
    public $timestamps = false;

    protected $fillable = ['file', 'user_id', 'imported_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['imported_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
