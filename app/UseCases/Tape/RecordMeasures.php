<?php

declare(strict_types=1);

namespace App\UseCases\Tape;

use App\Models\Job;
use App\Models\Measure;
use App\Models\MeasureKind;
use App\Models\User;
use App\UseCases\Door\WritingDoor;
use App\UseCases\Forms\TypedParts;
use Illuminate\Support\Facades\Date;
use Yoke\Expected;
use Yoke\Measuring\Readings\Sight\Seen;
use Yoke\Measuring\Readings\Sight\Sight;
use Yoke\Rig\Parts\Check\CollectProblems;
use Yoke\Rig\Parts\Stance;

/** What else was read in a stance: coupler, gauge, bar bend, angles, axles on a weighbridge. */
final readonly class RecordMeasures
{
    /** Heaviest axle and longest gap that make sense, in kg and mm. */
    private const MOST = 20_000.0;

    /** No trailer stands steeper, degrees. */
    private const STEEPEST = 15.0;

    public function __construct(private WritingDoor $door)
    {
    }

    /**
     * Each on its own: one that does not read holds up no other.
     *
     * @param  User  $person  in whose units a number without one is read
     * @param  array<array-key, string>  $typed  by kind; one that is left out stays as it is, an empty one is taken
     *     back
     * @return array<string, Expected> what was expected of those that do not read, by kind
     */
    public function each(User $person, Job $job, Stance $stance, array $typed): array
    {
        return $this->take($person, $job, $stance, $typed, static fn (array $problems): bool => true);
    }

    /**
     * All of them, or none where one does not read.
     *
     * @param  User  $person  in whose units a number without one is read
     * @param  array<array-key, string>  $typed  by kind
     * @return array<string, Expected> what was expected of those that do not read, by kind
     */
    public function whole(User $person, Job $job, Stance $stance, array $typed): array
    {
        return $this->take($person, $job, $stance, $typed, static fn (array $problems): bool => $problems === []);
    }

    /**
     * @param  array<array-key, string>  $typed
     * @param  \Closure(array<string, Expected>): bool  $isWritten
     * @return array<string, Expected>
     */
    private function take(User $person, Job $job, Stance $stance, array $typed, \Closure $isWritten): array
    {
        $problems = new CollectProblems();
        $measures = [];
        foreach (MeasureKind::takenAtOnce($stance) as $kind) {
            if (isset($typed[$kind->value])) {
                $measures[] = $this->read($person, $job, $stance, $kind, $typed, $problems);
            }
        }
        $measures = array_values(array_filter($measures));
        if ($measures !== [] && $isWritten($problems->all())) {
            $this->door->onJob(
                $person,
                $job,
                static fn () => array_map(static fn (Measure $measure): bool => $measure->save(), $measures),
            );
            $job->unsetRelation('measures');
        }

        return $problems->all();
    }

    /**
     * Null of one that does not read, or says what stands already.
     *
     * @param  array<array-key, string>  $typed
     */
    private function read(
        User $person,
        Job $job,
        Stance $stance,
        MeasureKind $kind,
        array $typed,
        CollectProblems $problems,
    ): ?Measure {
        $parts = new TypedParts($typed, $person, $problems);
        $text = $parts->text($kind->value);
        if ($text === ($job->measure($stance, $job->roundOf($stance), $kind)->typed ?? '')) {
            return null;
        }
        $value = $text === '' ? null : $this->value($kind, $parts, $problems);
        if (isset($problems->all()[$kind->value])) {
            return null;
        }

        return new Measure([
            'job_id' => $job->id,
            'stance' => $stance,
            'round' => $job->roundOf($stance),
            'kind' => $kind,
            'typed' => $text,
            'value' => $value,
            'unit' => $value === null || $kind->isAngle() || $kind->sight() !== null
                ? null
                : $parts->unitOf($kind->value, $kind),
            'user_id' => $person->id,
            'taken_at' => Date::now(),
        ]);
    }

    private function value(MeasureKind $kind, TypedParts $parts, CollectProblems $problems): ?float
    {
        if ($kind->sight() !== null) {
            return $this->seen($kind->sight(), $parts->text($kind->value), $problems);
        }
        $value = match (true) {
            $kind->isLength() => $parts->length($kind->value)?->millimetres(),
            $kind->isAngle() => $parts->number($kind->value),
            default => $parts->load($kind->value)?->kilograms(),
        };
        if ($value !== null && $kind->isAngle() && abs($value) > self::STEEPEST) {
            $problems->found($kind->value, Expected::of('form.degrees', ['most' => self::STEEPEST]));
        } elseif ($value !== null && ! $kind->isAngle() && ($value <= 0.0 || $value > self::MOST)) {
            $problems->found($kind->value, Expected::of('form.reading'));
        }

        return $value;
    }

    private function seen(Sight $sight, string $typed, CollectProblems $problems): ?float
    {
        $seen = $sight->answer($typed);
        if ($seen === null) {
            $answers = array_map(static fn (Seen $one): string => $one->value, $sight->answers());
            $problems->found($sight->value, Expected::of('form.one_of', ['these' => implode(', ', $answers)]));
        }

        return $seen?->reading()->mean();
    }
}
