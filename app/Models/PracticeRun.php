<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Proving\Practice\Coach\CoachMode;
use Yoke\Proving\Practice\Exercise\ExerciseCode;
use Yoke\Proving\Practice\Learning\PracticeResult;

/**
 * One exercise of the practice yard as one person plays it. Nothing of it is a job.
 *
 * @property int $id
 * @property int $user_id
 * @property string $code
 * @property Fineness $tape that is read
 * @property CoachMode $coach
 * @property array<string, mixed>|null $sheet of an own rig, as its specifications were
 * @property string|null $rig_name of an own rig
 * @property array<string, mixed>|null $debrief once it is over
 * @property CarbonImmutable|null $finished_at
 * @property CarbonImmutable $created_at
 * @property User $user
 * @property Collection<int, PracticeAct> $acts
 *
 * @phpstan-import-type Sheet from RigSnapshot
 */
final class PracticeRun extends Model
{
    protected $fillable = ['user_id', 'code', 'tape', 'coach', 'sheet', 'rig_name', 'debrief', 'finished_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'tape' => Fineness::class,
            'coach' => CoachMode::class,
            'sheet' => 'array',
            'debrief' => 'array',
            'finished_at' => 'immutable_datetime',
            'created_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<PracticeAct, $this> */
    public function acts(): HasMany
    {
        $acts = $this->hasMany(PracticeAct::class);
        $acts->orderBy('position');

        return $acts;
    }

    public function exerciseCode(): ExerciseCode
    {
        return ExerciseCode::parse($this->code);
    }

    /** The rig of the garage that it is played on; null of a rig that was drawn. */
    public function ownRig(): ?RigSnapshot
    {
        /** @var Sheet|null $sheet */
        $sheet = $this->sheet;

        return $sheet === null ? null : new RigSnapshot($sheet);
    }

    /** As far as learning goes; null while it is not over. */
    public function result(): ?PracticeResult
    {
        $debrief = $this->debrief;
        if ($debrief === null || $this->finished_at === null) {
            return null;
        }
        $shown = is_array($debrief['shown'] ?? null)
            ? array_map(static fn (mixed $isWell): bool => $isWell === true, $debrief['shown'])
            : [];

        /** @var array<string, bool> $shown */
        return new PracticeResult(
            self::day($this->finished_at),
            $this->exerciseCode()->level,
            is_int($debrief['points'] ?? null) ? $debrief['points'] : 0,
            $shown,
        );
    }

    /** A day counted as learning counts them. */
    public static function day(CarbonImmutable $at): int
    {
        return (int) floor($at->startOfDay()->getTimestamp() / 86_400);
    }
}
