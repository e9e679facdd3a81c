<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasManyThrough;

/**
 * @property int $id
 * @property string $mark of this rig wherever it is kept
 * @property Vehicle $vehicle
 * @property Trailer $trailer
 * @property Hitch $hitch
 * @property Collection<int, LoadState> $loadStates
 * @property Collection<int, CareRecord> $careRecords
 * @property int|null $customer_id
 * @property Customer|null $customer
 * @property Collection<int, ReminderCall> $calls the latest first
 * @property Collection<int, Job> $jobs
 * @property \Carbon\CarbonImmutable|null $care_due_on
 * @property \Carbon\CarbonImmutable|null $archived_at
 * @property array{steps: array<string, float>, job: string, on: string}|null $found_setting
 */
final class Rig extends Model
{
    use KeptAway, Marked;

    protected $fillable = [
        'vehicle_id',
        'trailer_id',
        'hitch_id',
        'found_setting',
        'care_due_on',
        'mark',
        'customer_id',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['archived_at' => 'immutable_datetime', 'found_setting' => 'array', 'care_due_on' => 'immutable_date'];
    }

    /** @return HasMany<LoadState, $this> */
    public function loadStates(): HasMany
    {
        $states = $this->hasMany(LoadState::class);
        $states->whereNull('archived_at')->orderByDesc('as_weighed')->orderBy('id');

        return $states;
    }

    /** @return HasMany<CareRecord, $this> */
    public function careRecords(): HasMany
    {
        $records = $this->hasMany(CareRecord::class);
        $records->orderBy('done_at')->orderBy('id');

        return $records;
    }

    /** @return HasMany<Job, $this> the latest booked first */
    public function jobs(): HasMany
    {
        $jobs = $this->hasMany(Job::class);
        $jobs->orderByDesc('booked_on')->orderByDesc('id');

        return $jobs;
    }

    /** @return HasManyThrough<WeighTicket, Job, $this> that count, of all its jobs, oldest first */
    public function weighings(): HasManyThrough
    {
        $tickets = $this->hasManyThrough(WeighTicket::class, Job::class);
        $tickets->whereNull('withdrawn_at')->orderBy('weighed_at');

        return $tickets;
    }

    /** @return BelongsTo<Customer, $this> */
    public function customer(): BelongsTo
    {
        return $this->belongsTo(Customer::class);
    }

    /** @return HasMany<ReminderCall, $this> */
    public function calls(): HasMany
    {
        $calls = $this->hasMany(ReminderCall::class);
        $calls->orderByDesc('id');

        return $calls;
    }

    public function title(): string
    {
        return (string) __('rig.pair', ['vehicle' => $this->vehicle->name, 'trailer' => $this->trailer->name]);
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
