<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\LoadUnit;
use Yoke\Measuring\Readings\Tongue\Lever;
use Yoke\Measuring\Readings\Tongue\TongueReading;

/**
 * What a tongue was read to weigh, as it was typed and as it reads. One taken back is kept.
 *
 * @property int $id
 * @property TongueWay $way
 * @property array<string, string> $typed
 * @property float $read_kg
 * @property float|null $hitch_height_mm
 * @property float $behind_ball_mm
 * @property float|null $arm_scale_mm
 * @property float|null $arm_tongue_mm
 * @property LoadUnit|null $unit that it was read in; null where a file did not say it
 * @property CarbonImmutable $read_at
 * @property CarbonImmutable|null $withdrawn_at
 * @property User $user
 */
final class TongueWeighing extends Model
{
    /** Whose fill is typed with a reading. */
    public const TANKS = ['fresh', 'waste'];

    public $timestamps = false;

    protected $table = 'tongue_readings';

    protected $fillable = [
        'job_id',
        'way',
        'typed',
        'read_kg',
        'hitch_height_mm',
        'behind_ball_mm',
        'arm_scale_mm',
        'arm_tongue_mm',
        'unit',
        'user_id',
        'read_at',
        'withdrawn_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'way' => TongueWay::class,
            'unit' => LoadUnit::class,
            'typed' => 'array',
            'read_kg' => 'float',
            'hitch_height_mm' => 'float',
            'behind_ball_mm' => 'float',
            'arm_scale_mm' => 'float',
            'arm_tongue_mm' => 'float',
            'read_at' => 'immutable_datetime',
            'withdrawn_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, float> how full each tank was, 0 to 1; without those that nobody looked at */
    public function fills(): array
    {
        $fills = [];
        foreach (self::TANKS as $tank) {
            $typed = str_replace(',', '.', trim($this->typed[$tank] ?? ''));
            $fills += is_numeric($typed) ? [$tank => (float) $typed / 100.0] : [];
        }

        return $fills;
    }

    public function core(Length $ballToAxle): TongueReading
    {
        return TongueReading::of(
            $this->way->source(),
            Load::ofKilograms($this->read_kg),
            $this->hitch_height_mm === null ? null : Length::ofMillimetres($this->hitch_height_mm),
            $ballToAxle,
            $this->arm_scale_mm === null || $this->arm_tongue_mm === null
                ? null
                : Lever::of(Length::ofMillimetres($this->arm_scale_mm), Length::ofMillimetres($this->arm_tongue_mm)),
            Length::ofMillimetres($this->behind_ball_mm),
        );
    }
}
