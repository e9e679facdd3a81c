<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Yoke\Workshop\Procedure\Occasion;
use Yoke\Workshop\Procedure\StepOutcome;

/**
 * A procedure as somebody runs it, step by step.
 *
 * @property int $id
 * @property Occasion $occasion
 * @property array<string, string> $answers
 * @property CarbonImmutable $started_at
 * @property CarbonImmutable|null $finished_at
 * @property CarbonImmutable|null $given_up_at
 * @property User $user
 * @property Collection<int, ProcedureStep> $steps
 */
final class ProcedureRun extends Model
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'occasion', 'answers', 'user_id', 'started_at', 'finished_at', 'given_up_at'];

    protected $attributes = ['answers' => '{}'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'occasion' => Occasion::class,
            'answers' => 'array',
            'started_at' => 'immutable_datetime',
            'finished_at' => 'immutable_datetime',
            'given_up_at' => 'immutable_datetime',
        ];
    }

    /** @return HasMany<ProcedureStep, $this> */
    public function steps(): HasMany
    {
        $steps = $this->hasMany(ProcedureStep::class);
        $steps->orderBy('id');

        return $steps;
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** Whether it is neither finished nor left half done. */
    public function isOn(): bool
    {
        return $this->finished_at === null && $this->given_up_at === null;
    }

    /** @return array<string, StepOutcome> by step */
    public function outcomes(): array
    {
        $outcomes = [];
        foreach ($this->steps as $step) {
            $outcomes[$step->step] = $step->outcome;
        }

        return $outcomes;
    }
}
