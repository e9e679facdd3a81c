<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\LengthUnit;
use Yoke\Foundation\Units\Text\TypedLength;
use Yoke\Measuring\Readings\Height\Settling;
use Yoke\Measuring\Readings\Height\Side;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/**
 * One line of a job's tape log: never changed, never deleted. A line without a height takes the earlier one back.
 *
 * @property int $id
 * @property int $job_id
 * @property Stance $stance
 * @property Axle $axle
 * @property Side $side
 * @property string $typed
 * @property LengthUnit $typed_unit
 * @property float|null $height_mm
 * @property int $round
 * @property Settling $settling
 * @property string $instrument
 * @property int|null $supersedes_id
 * @property CarbonImmutable $taken_at
 * @property int $user_id
 * @property Job $job
 * @property User $user
 * @property Import|null $import that it came with
 * @property self|null $successor that corrects it
 */
final class Reading extends Model
{
    public $timestamps = false;

    protected $fillable = [
        'job_id',
        'stance',
        'axle',
        'side',
        'round',
        'typed',
        'typed_unit',
        'height_mm',
        'settling',
        'instrument',
        'user_id',
        'supersedes_id',
        'taken_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'stance' => Stance::class,
            'axle' => Axle::class,
            'side' => Side::class,
            'settling' => Settling::class,
            'typed_unit' => LengthUnit::class,
            'height_mm' => 'float',
            'round' => 'integer',
            'taken_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return HasOne<Reading, $this> */
    public function successor(): HasOne
    {
        return $this->hasOne(self::class, 'supersedes_id');
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Import, $this> */
    public function import(): BelongsTo
    {
        return $this->belongsTo(Import::class);
    }

    /** Null when the reading was taken back. */
    public function typedLength(): ?TypedLength
    {
        return $this->height_mm === null
            ? null
            : TypedLength::of($this->typed, Length::ofMillimetres($this->height_mm), $this->typed_unit);
    }
}
