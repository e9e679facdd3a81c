<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property Vehicle $vehicle
 * @property Trailer $trailer
 * @property Hitch $hitch
 * @property Collection<int, LoadState> $loadStates
 * @property \Carbon\CarbonImmutable|null $archived_at
 * @property array{steps: array<string, float>, job: string, on: string}|null $found_setting
 */
final class Rig extends Model
{
    use KeptAway;

    protected $fillable = ['vehicle_id', 'trailer_id', 'hitch_id', 'found_setting'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['archived_at' => 'immutable_datetime', 'found_setting' => 'array'];
    }

    /** @return HasMany<LoadState, $this> */
    public function loadStates(): HasMany
    {
        $states = $this->hasMany(LoadState::class);
        $states->whereNull('archived_at')->orderByDesc('as_weighed')->orderBy('id');

        return $states;
    }

    /** @return BelongsTo<Vehicle, $this> */
    public function vehicle(): BelongsTo
    {
        return $this->belongsTo(Vehicle::class);
    }

    /** @return BelongsTo<Trailer, $this> */
    public function trailer(): BelongsTo
    {
        return $this->belongsTo(Trailer::class);
    }

    /** @return BelongsTo<Hitch, $this> */
    public function hitch(): BelongsTo
    {
        return $this->belongsTo(Hitch::class);
    }
}
