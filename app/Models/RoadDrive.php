<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Yoke\Workshop\Road\RoadTest;

/**
 * A road test of a job, as it was typed and as it reads.
 *
 * @property int $id
 * @property int $round
 * @property array{speed: string, distance: string} $typed
 * @property float $speed_kmh
 * @property float $distance_km
 * @property array<string, string> $felt
 * @property string|null $note
 * @property CarbonImmutable $driven_at
 * @property User $user
 */
final class RoadDrive extends Model
{
    public $timestamps = false;

    protected $table = 'road_tests';

    protected $fillable = [
        'job_id',
        'round',
        'typed',
        'speed_kmh',
        'distance_km',
        'felt',
        'note',
        'user_id',
        'driven_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'round' => 'integer',
            'typed' => 'array',
            'speed_kmh' => 'float',
            'distance_km' => 'float',
            'felt' => 'array',
            'driven_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function core(): RoadTest
    {
        return RoadTest::of($this->speed_kmh, $this->distance_km, $this->felt);
    }
}
