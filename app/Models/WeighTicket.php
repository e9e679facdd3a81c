<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\LoadUnit;
use Yoke\Measuring\Readings\Weighing\Condition;
use Yoke\Measuring\Readings\Weighing\PlatformLoad;
use Yoke\Measuring\Readings\Weighing\Ticket;
use Yoke\Measuring\Readings\Weighing\WeighedAxle;
use Yoke\Rig\Parts\Stance;

/**
 * A weighbridge ticket of a job, as it was typed and as it reads. One taken back is kept.
 *
 * @property int $id
 * @property Stance $stance
 * @property int $round
 * @property string $typed
 * @property list<array{axles: non-empty-list<string>, kg: float}> $platforms
 * @property float $step_kg
 * @property list<string>|null $conditions keys of what was otherwise at this weighing; null where nothing was
 * @property LoadUnit|null $unit that its loads were read in; null where a file did not say it
 * @property CarbonImmutable $weighed_at
 * @property CarbonImmutable|null $withdrawn_at
 * @property User $user
 */
final class WeighTicket extends Model
{
    public $timestamps = false;

    protected $table = 'tickets';

    protected $fillable = [
        'job_id',
        'stance',
        'round',
        'typed',
        'platforms',
        'step_kg',
        'conditions',
        'unit',
        'user_id',
        'weighed_at',
        'withdrawn_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'stance' => Stance::class,
            'round' => 'integer',
            'platforms' => 'array',
            'conditions' => 'array',
            'step_kg' => 'float',
            'unit' => LoadUnit::class,
            'weighed_at' => 'immutable_datetime',
            'withdrawn_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return list<Condition> */
    public function conditions(): array
    {
        return array_values(array_filter(array_map(Condition::tryFrom(...), $this->conditions ?? [])));
    }

    /** Whether it counts with the tape: nothing was otherwise when it was weighed. */
    public function isPlain(): bool
    {
        return $this->conditions() === [];
    }

    public function core(): Ticket
    {
        $platforms = array_map(
            static fn (array $platform): PlatformLoad => new PlatformLoad(
                array_map(WeighedAxle::from(...), $platform['axles']),
                Load::ofKilograms($platform['kg']),
            ),
            $this->platforms,
        );

        return Ticket::of(
            $this->stance,
            $platforms,
            null,
            Load::ofKilograms($this->step_kg),
            null,
            $this->unit ?? LoadUnit::Kilogram,
        );
    }

    /** @return list<array{axles: list<string>, kg: float}> a ticket's platforms as they are kept */
    public static function platformsOf(Ticket $ticket): array
    {
        return array_map(
            static fn (PlatformLoad $platform): array => [
                'axles' => array_column($platform->axles, 'value'),
                'kg' => $platform->load->kilograms(),
            ],
            $ticket->platforms,
        );
    }
}
