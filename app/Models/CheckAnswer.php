<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Yoke\Workshop\Procedure\Station;
use Yoke\Workshop\Sway\Answer;

/**
 * What somebody found at a check; the latest of a check counts.
 *
 * @property Station $station
 * @property string $check_key
 * @property Answer $answer
 * @property string|null $counted
 * @property CarbonImmutable $answered_at
 * @property User $user
 */
final class CheckAnswer extends Model
{
    public $timestamps = false;

    protected $table = 'checks';

    protected $fillable = ['job_id', 'station', 'check_key', 'answer', 'counted', 'user_id', 'answered_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['station' => Station::class, 'answer' => Answer::class, 'answered_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
