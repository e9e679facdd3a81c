<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Learning;

use Yoke\Proving\Practice\Exercise\ExerciseCode;
use Yoke\Proving\Practice\Exercise\ExerciseSampler;
use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Proving\Practice\Exercise\Level;

/** What one person's runs say: what sits, what was missed, what to play next (simple spaced repetition). */
final readonly class LearningBook
{
    /** Codes looked through for one with a fault. */
    private const SOUGHT = 400;

    /** @var array<string, SkillRecord> by key */
    private array $records;

    /** @param  list<PracticeResult>  $results  in the order they were played */
    public function __construct(private array $results)
    {
        $records = [];
        foreach ($results as $result) {
            foreach ($result->shown as $key => $isWell) {
                $record = $records[$key] ?? SkillRecord::begun($key);
                $records[$key] = $isWell ? $record->wentWell($result->day) : $record->wasMissed($result->day);
            }
        }
        $this->records = $records;
    }

    /** @return list<SkillRecord> that sit */
    public function strengths(): array
    {
        return array_values(
            array_filter($this->records, static fn (SkillRecord $record): bool => $record->isStrength()),
        );
    }

    /** @return list<SkillRecord> missed the last time, the most often missed first */
    public function missed(): array
    {
        $missed = array_values(
            array_filter($this->records, static fn (SkillRecord $record): bool => $record->isMissed()),
        );
        usort($missed, static fn (SkillRecord $one, SkillRecord $other): int => $other->missed <=> $one->missed);

        return $missed;
    }

    /** @return list<SkillRecord> faults that are due, or were never met, the longest due first */
    private function dueFaults(int $today): array
    {
        $due = [];
        foreach (Fault::at(Level::TakenOver) as $fault) {
            $record = $this->records[$fault->value] ?? SkillRecord::begun($fault->value);
            if ($record->isDue($today)) {
                $due[] = $record;
            }
        }
        usort(
            $due,
            static fn (SkillRecord $one, SkillRecord $other): int => [! $one->isMissed(), $one->due()] <=> [
                ! $other->isMissed(),
                $other->due(),
            ],
        );

        return $due;
    }

    /** The hardest level that was passed; null before the first. */
    public function passed(): ?Level
    {
        $passed = null;
        foreach ($this->results as $result) {
            if (
                $result->isPassed() &&
                $result->level !== Level::OwnRig &&
                $result->level->value > ($passed->value ?? 0)
            ) {
                $passed = $result->level;
            }
        }

        return $passed;
    }

    /**
     * The next exercise: what was missed first, else the level above the hardest that was passed.
     *
     * @param  int  $today  counted as the results' days
     */
    public function next(int $today): ExerciseCode
    {
        $level = match ($this->passed()) {
            null => Level::ClearFigures,
            Level::ClearFigures => Level::RealTape,
            Level::RealTape => Level::SomethingWrong,
            default => Level::TakenOver,
        };
        $first = ExerciseCode::of($level, self::seed(count($this->results)));
        foreach ($level->faults() > 0 ? $this->dueFaults($today) : [] as $record) {
            $code = $this->with(Fault::from($record->key), $first);
            if ($code !== null) {
                return $code;
            }
        }

        return $first;
    }

    /** The next code from one on whose exercise has a fault; null where none of the level does. */
    private function with(Fault $fault, ExerciseCode $code): ?ExerciseCode
    {
        for ($i = 0; $i < self::SOUGHT; $i++) {
            if (in_array($fault, ExerciseSampler::faultsOf($code), true)) {
                return $code;
            }
            $code = $code->next();
        }

        return null;
    }

    /** Another one each time, and the same for everybody who has played as many. */
    private static function seed(int $played): int
    {
        return 1000 + 617 * $played;
    }
}
