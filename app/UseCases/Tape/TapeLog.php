<?php

declare(strict_types=1);

namespace App\UseCases\Tape;

use App\Models\Job;
use App\Models\Reading;
use App\Models\User;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Date;
use Yoke\Rig\Parts\Stance;

/** Writes entries into a job's tape log: a corrected reading supersedes the earlier one, and both stay. */
final readonly class TapeLog
{
    /** Far below what any tape shows. */
    private const SAME_MM = 1e-6;

    /** @param  int|null  $round  the round that the page was made for; null for the one that is on */
    public function __construct(private Job $job, private User $person, private ?int $round = null)
    {
    }

    /**
     * Each entry on its own: one that is refused or overtaken holds up no other.
     *
     * @param  list<Entry>  $entries
     * @return array<string, SaveOutcome> by field
     */
    public function write(array $entries): array
    {
        $live = $this->live();
        $outcomes = [];
        foreach ($entries as $entry) {
            $outcomes[$entry->place->field()] = $this->settle($entry, $live->get($entry->place->key()));
        }

        return $outcomes;
    }

    /** @return Collection<string, Reading> by place */
    private function live(): Collection
    {
        /** @var Collection<int, Reading> $readings */
        $readings = $this->job->liveReadings()->with('user')->get()->toBase();

        return $readings
            ->filter(fn (Reading $reading): bool => $reading->round === $this->round($reading->stance))
            ->keyBy(fn (Reading $reading): string => Place::ofReading($reading)->key());
    }

    private function settle(Entry $entry, ?Reading $live): SaveOutcome
    {
        return match (true) {
            $entry->refusal !== null => SaveOutcome::refused($entry),
            $this->saysTheSame($entry, $live) => $entry->isEmpty()
                ? SaveOutcome::empty($entry, $live?->id)
                : SaveOutcome::unchanged($entry, $live?->id),
            $live !== null && $live->id !== $entry->basedOn => $this->isTheSameReading($entry, $live)
                ? SaveOutcome::unchanged($entry, $live->id)
                : $this->overtaken($entry, $live),
            $entry->isEmpty() => SaveOutcome::takenBack($entry, $this->append($entry, $live)->id),
            default => SaveOutcome::saved($entry, $this->append($entry, $live)->id),
        };
    }

    private function saysTheSame(Entry $entry, ?Reading $live): bool
    {
        $shown = $live?->typedLength()?->shownTo($this->person->lengthPrinter()) ?? '';

        return ($shown === $entry->typed || $live?->typed === $entry->typed) &&
            ($entry->isEmpty() || $live?->settling === $entry->settling);
    }

    /** The same height once more, in whatever unit: sent twice, or read alike by two. */
    private function isTheSameReading(Entry $entry, Reading $live): bool
    {
        return $entry->height !== null &&
            $live->height_mm !== null &&
            $live->settling === $entry->settling &&
            abs($live->height_mm - $entry->height->length()->millimetres()) < self::SAME_MM;
    }

    private function overtaken(Entry $entry, Reading $live): SaveOutcome
    {
        return SaveOutcome::overtaken(
            $entry,
            $live->id,
            $live->user->name,
            $live->taken_at->format('H:i'),
            $live->typedLength()?->shownTo($this->person->lengthPrinter()) ?? '',
        );
    }

    /** Nobody types into a round that was not begun. */
    private function round(Stance $stance): int
    {
        $on = $this->job->roundOf($stance);

        return $this->round === null ? $on : max(1, min($this->round, $on));
    }

    private function append(Entry $entry, ?Reading $live): Reading
    {
        return Reading::query()->create([
            'job_id' => $this->job->id,
            'stance' => $entry->place->stance,
            'axle' => $entry->place->axle,
            'side' => $entry->place->side,
            'round' => $this->round($entry->place->stance),
            'typed' => $entry->typed,
            'typed_unit' => $entry->height?->unit() ?? $this->person->fineness->unit(),
            'height_mm' => $entry->height?->length()->millimetres(),
            'settling' => $entry->settling,
            'user_id' => $this->person->id,
            'supersedes_id' => $live?->id,
            'taken_at' => Date::now(),
        ]);
    }
}
