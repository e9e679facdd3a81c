<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\Date;
use Yoke\Judgement\Method\Criterion;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Loading\Tank;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Specification\RigPart;

/**
 * One set-up of one rig.
 *
 * @phpstan-type HeadPlace array{turned: string, hole: float, ball_height_mm: float|null, taped_mm?: float,
 *     because: string, by: string, at: string}
 *
 * @property int $id
 * @property int $rig_id
 * @property string $mark of this job wherever it is kept
 * @property array<string, mixed>|null $extra fields of its file that are not known here, by pointer
 * @property string $title
 * @property CarbonImmutable $booked_on
 * @property array<string, mixed> $rig_as_worked
 * @property float $band_from
 * @property float $band_to
 * @property bool $each_side
 * @property bool $arrived_coupled whether the rig is taken over in reverse order
 * @property Criterion $method the school that governs
 * @property CarbonImmutable|null $handed_over_at
 * @property HeadPlace|null $head_place
 * @property int|null $starts_minute after midnight, by the clock of the shop
 * @property string|null $bay
 * @property int|null $person_id
 * @property int|null $planned_minutes foreseen when it got its time
 * @property User|null $person who does it
 * @property Rig $rig
 * @property Collection<int, Reading> $readings
 * @property Collection<int, Reading> $liveReadings
 * @property Collection<int, StationMark> $marks
 * @property Collection<int, Round> $rounds
 * @property Collection<int, Measure> $measures
 * @property Collection<int, WeighTicket> $tickets
 * @property Collection<int, TongueWeighing> $tongueReadings
 * @property Collection<int, CheckAnswer> $checks
 * @property Collection<int, ProcedureRun> $procedureRuns
 * @property Collection<int, RoadDrive> $roadDrives
 * @property Collection<int, CardLink> $cardLinks
 * @property Collection<int, TorqueRecord> $torques
 * @property Collection<int, BarTaping> $barTapings those not undone
 * @property Collection<int, Photo> $photos those not taken back, without their pictures
 * @property array{steps: array<string, float>, left_at: array<string, float>}|null $start of a return visit
 *
 * @phpstan-import-type Sheet from RigSnapshot
 */
final class Job extends Model
{
    use Marked;

    private ?RoundBook $roundBook = null;

    protected $fillable = [
        'rig_id',
        'title',
        'booked_on',
        'rig_as_worked',
        'band_from',
        'band_to',
        'each_side',
        'arrived_coupled',
        'handed_over_at',
        'head_place',
        'method',
        'start',
        'earlier_mark',
        'mark',
        'extra',
        'starts_minute',
        'bay',
        'person_id',
        'planned_minutes',
    ];

    protected $attributes = [
        'band_from' => 0.5,
        'band_to' => 1.0,
        'each_side' => false,
        'arrived_coupled' => false,
        'method' => 'front_restoration',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'booked_on' => 'immutable_date',
            'rig_as_worked' => 'array',
            'each_side' => 'boolean',
            'arrived_coupled' => 'boolean',
            'head_place' => 'array',
            'start' => 'array',
            'extra' => 'array',
            'starts_minute' => 'integer',
            'planned_minutes' => 'integer',
            'method' => Criterion::class,
            'handed_over_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<Rig, $this> */
    public function rig(): BelongsTo
    {
        return $this->belongsTo(Rig::class);
    }

    /** @return BelongsTo<User, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(User::class, 'person_id');
    }

    /** @return HasMany<Reading, $this> */
    public function readings(): HasMany
    {
        return $this->inOrder(Reading::class);
    }

    /**
     * The readings that no later one supersedes; those taken back among them.
     *
     * @return HasMany<Reading, $this>
     */
    public function liveReadings(): HasMany
    {
        $readings = $this->hasMany(Reading::class);
        $readings->whereDoesntHave('successor');

        return $readings;
    }

    /**
     * @template TRecord of Model
     *
     * @param  class-string<TRecord>  $record
     * @return HasMany<TRecord, $this> the earliest first
     */
    private function inOrder(string $record): HasMany
    {
        $records = $this->hasMany($record);
        $records->orderBy('id');

        return $records;
    }

    /** @return HasMany<StationMark, $this> */
    public function marks(): HasMany
    {
        return $this->hasMany(StationMark::class);
    }

    /** @return HasMany<Round, $this> */
    public function rounds(): HasMany
    {
        $rounds = $this->hasMany(Round::class);
        $rounds->orderBy('number');

        return $rounds;
    }

    /** @return HasMany<BarTaping, $this> */
    public function barTapings(): HasMany
    {
        $tapings = $this->hasMany(BarTaping::class);
        $tapings->whereNull('withdrawn_at')->orderBy('id');

        return $tapings;
    }

    /**
     * Takes a turn at writing: always a statement that writes, though nothing has changed within the second, so that
     * what
     * is read after it in a transaction nobody else can change.
     */
    public function takeTurn(): void
    {
        self::query()
            ->whereKey($this->id)
            ->update(['updated_at' => Date::now()]);
    }

    /** @return HasMany<WeighTicket, $this> */
    public function tickets(): HasMany
    {
        return $this->inOrder(WeighTicket::class);
    }

    /** @return HasMany<ProcedureRun, $this> */
    public function procedureRuns(): HasMany
    {
        return $this->inOrder(ProcedureRun::class);
    }

    /** @return HasMany<RoadDrive, $this> */
    public function roadDrives(): HasMany
    {
        return $this->inOrder(RoadDrive::class);
    }

    /** @return HasMany<TorqueRecord, $this> */
    public function torques(): HasMany
    {
        return $this->inOrder(TorqueRecord::class);
    }

    /** @return HasMany<Photo, $this> */
    public function photos(): HasMany
    {
        $photos = $this->hasMany(Photo::class);
        $photos->select(Photo::ABOUT)->whereNull('withdrawn_at')->orderBy('id');

        return $photos;
    }

    /** @return HasMany<OwnerNote, $this> the latest first */
    public function ownerNotes(): HasMany
    {
        $notes = $this->hasMany(OwnerNote::class);
        $notes->orderByDesc('id');

        return $notes;
    }

    /** @return HasMany<CardLink, $this> */
    public function cardLinks(): HasMany
    {
        return $this->inOrder(CardLink::class);
    }

    /** @return HasMany<CheckAnswer, $this> */
    public function checks(): HasMany
    {
        return $this->inOrder(CheckAnswer::class);
    }

    /** @return HasMany<TongueWeighing, $this> */
    public function tongueReadings(): HasMany
    {
        return $this->inOrder(TongueWeighing::class);
    }

    /** @return HasMany<Measure, $this> */
    public function measures(): HasMany
    {
        return $this->inOrder(Measure::class);
    }

    /** The latest reading of a kind in a round; null where there is none, or it was taken back. */
    public function measure(Stance $stance, int $round, MeasureKind $kind): ?Measure
    {
        $latest = $this->measures->last(
            fn (Measure $measure): bool => $measure->stance === $stance &&
                $measure->round === $round &&
                $measure->kind === $kind,
        );

        return $latest?->value === null ? null : $latest;
    }

    /** The round that a stance is read in now, from 1. */
    public function roundOf(Stance $stance): int
    {
        return $this->roundBook()->on($stance);
    }

    /**
     * The steps of the setting that a round of the carried stance was read at; null where nobody wrote it down.
     *
     * @return array<string, float|null>|null
     */
    public function settingOf(int $round): ?array
    {
        return $this->roundBook()->setting($round);
    }

    public function roundBook(): RoundBook
    {
        return $this->roundBook?->rounds === $this->rounds
            ? $this->roundBook
            : ($this->roundBook = new RoundBook($this->rounds));
    }

    /**
     * What travelled. Where nobody wrote that down, it is what was aboard when the rig was weighed: nothing came on
     * besides.
     *
     * @return list<Item>
     */
    public function aboard(): array
    {
        $worked = $this->rigAsWorked();
        $weighed =
            $worked->loadState() === null
                ? $this->rig->loadStates->first(static fn (LoadState $state): bool => $state->as_weighed)
                : null;

        return $weighed === null
            ? $worked->aboard()
            : Aboard::inState($weighed, Tank::of($worked->values(RigPart::Trailer)));
    }

    /** What travelled at the hand-over stays with the job; a return visit in another load state has its own already. */
    public function keepItsLoad(): void
    {
        $weighed = $this->rig->loadStates->first(static fn (LoadState $state): bool => $state->as_weighed);
        if ($weighed !== null && $this->rigAsWorked()->loadChange() === null) {
            $this->update([
                'rig_as_worked' => [
                    ...$this->rig_as_worked,
                    'aboard' => RigSnapshot::sheetWith($this->rig, $weighed)['aboard'] ?? null,
                ],
            ]);
        }
    }

    public function rigAsWorked(): RigSnapshot
    {
        $rig = $this->rigAsTyped();

        $ball = $this->ballInItsHole();

        return $ball === null ? $rig : $rig->withBallAt($ball);
    }

    /**
     * Where the ball stands in the hole that was recorded, mm: as it was taped there, else as the hole brings it; null
     * where neither is known.
     */
    public function ballInItsHole(): ?float
    {
        return $this->head_place['taped_mm'] ?? $this->head_place['ball_height_mm'] ?? null;
    }

    /** The same, with the ball as it was typed, before a hole was recorded or since. */
    public function rigAsTyped(): RigSnapshot
    {
        /** @var Sheet $sheet */
        $sheet = $this->rig_as_worked;

        return new RigSnapshot($sheet);
    }

    /** The shop's own target range; a maker's goes before it. */
    public function shopBand(): TargetRange
    {
        return TargetRange::of($this->band_from, $this->band_to);
    }
}
