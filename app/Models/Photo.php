<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A photo of a job. One taken back is kept, and shown no more.
 *
 * @property int $id
 * @property PhotoPurpose $shows
 * @property int $width
 * @property int $height
 * @property string $jpeg
 * @property CarbonImmutable $taken_at
 * @property CarbonImmutable|null $withdrawn_at
 * @property User $user
 */
final class Photo extends Model
{
    /** All but the picture itself. */
    public const ABOUT = ['id', 'job_id', 'shows', 'width', 'height', 'user_id', 'taken_at', 'withdrawn_at'];

    public $timestamps = false;

    protected $fillable = ['job_id', 'shows', 'width', 'height', 'jpeg', 'user_id', 'taken_at', 'withdrawn_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'shows' => PhotoPurpose::class,
            'taken_at' => 'immutable_datetime',
            'withdrawn_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
