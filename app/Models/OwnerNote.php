<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What an owner wrote to the shop through the private link.
 *
 * @property int $id
 * @property int $job_id
 * @property string $note
 * @property CarbonImmutable $sent_at
 * @property CarbonImmutable|null $seen_at
 * @property Job $job
 * @property User|null $seenBy
 */
final class OwnerNote extends Model
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'card_link_id', 'note', 'sent_at', 'seen_at', 'seen_by'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['sent_at' => 'immutable_datetime', 'seen_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return BelongsTo<User, $this> */
    public function seenBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'seen_by');
    }
}
