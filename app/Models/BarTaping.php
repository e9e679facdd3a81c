<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Yoke\CoreException;
use Yoke\Foundation\Units\Length;
use Yoke\Measuring\Bars\FourHeights;

/**
 * Four heights of a hitch before anything was coupled, as they were typed and as they read; or that the step was
 * skipped.
 * The latest that is not undone counts.
 *
 * @property int $id
 * @property array<string, string> $typed
 * @property array<string, float>|null $setting
 * @property float|null $ball_mm
 * @property float|null $bar_mm
 * @property float|null $lifted_mm
 * @property float|null $seat_mm
 * @property float|null $rest_mm
 * @property float|null $chain_mm
 * @property CarbonImmutable $taped_at
 * @property CarbonImmutable|null $withdrawn_at
 * @property User $user
 */
final class BarTaping extends Model
{
    public $timestamps = false;

    protected $fillable = [
        'job_id',
        'typed',
        'setting',
        'ball_mm',
        'bar_mm',
        'lifted_mm',
        'seat_mm',
        'rest_mm',
        'chain_mm',
        'user_id',
        'taped_at',
        'withdrawn_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'typed' => 'array',
            'setting' => 'array',
            'taped_at' => 'immutable_datetime',
            'withdrawn_at' => 'immutable_datetime',
            'ball_mm' => 'float',
            'bar_mm' => 'float',
            'lifted_mm' => 'float',
            'seat_mm' => 'float',
            'rest_mm' => 'float',
            'chain_mm' => 'float',
        ];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function isSkipped(): bool
    {
        return $this->ball_mm === null;
    }

    /** Null where the step was skipped, or a file brought heights that cannot be. */
    public function heights(): ?FourHeights
    {
        if ($this->ball_mm === null || $this->bar_mm === null || $this->seat_mm === null || $this->rest_mm === null) {
            return null;
        }
        try {
            return FourHeights::of(
                Length::ofMillimetres($this->ball_mm),
                Length::ofMillimetres($this->bar_mm),
                Length::ofMillimetres($this->seat_mm),
                Length::ofMillimetres($this->rest_mm),
                $this->chain_mm === null ? null : Length::ofMillimetres($this->chain_mm),
                $this->lifted_mm === null ? null : Length::ofMillimetres($this->lifted_mm),
            );
        } catch (CoreException) {
            return null;
        }
    }
}
