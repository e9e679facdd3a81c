<?php

declare(strict_types=1);

namespace App\UseCases\Practice;

use Yoke\Proving\Practice\Debrief\Debrief;
use Yoke\Proving\Practice\Debrief\FaultReview;
use Yoke\Proving\Practice\Debrief\KnownThen;
use Yoke\Proving\Practice\Debrief\Lesson;
use Yoke\Proving\Practice\Debrief\RunResult;
use Yoke\Proving\Practice\Learning\Skill;

/**
 * A debrief as it is kept: worked out once, when the run is over, and read as it was then ever after.
 *
 * @phpstan-type Ending array{hook_ups: int, minutes: float, share: float, in_range: bool, pitch_degrees: float,
 *     level: bool, breach: string|null}
 * @phpstan-type Kept array{ points: int, parts: array<string, int>, help: int, learner: Ending, advised: Ending,
 *     one_step: Ending, shown: array<string, bool>, faults: list<array{fault: string, found: bool, put_right: bool}>,
 *     known: list<array{act: int, hook_up: int, steps: array<string, float>, share: float, doubt: float,
 *         verdict: string, truly: float}>,
 *     lessons: list<array{kind: string, fault: string|null, breach: string|null, figure: float|null}>
 * }
 */
final class DebriefRecord
{
    /** @return Kept */
    public static function of(Debrief $debrief): array
    {
        return [
            'points' => $debrief->points->total(),
            'parts' => $debrief->points->parts,
            'help' => $debrief->points->help,
            'learner' => self::ending($debrief->result),
            'advised' => self::ending($debrief->advised),
            'one_step' => self::ending($debrief->oneStep),
            'shown' => Skill::shownIn($debrief),
            'faults' => array_map(
                static fn (FaultReview $review): array => [
                    'fault' => $review->fault->value,
                    'found' => $review->isFound,
                    'put_right' => $review->isPutRight,
                ],
                $debrief->faults,
            ),
            'known' => array_map(
                static fn (KnownThen $known): array => [
                    'act' => $known->act,
                    'hook_up' => $known->hookUp,
                    'steps' => $known->hitch->setting->steps(),
                    'share' => $known->share->mean(),
                    'doubt' => $known->share->deviation(),
                    'verdict' => $known->verdict->value,
                    'truly' => $known->truly,
                ],
                $debrief->known(),
            ),
            'lessons' => array_map(
                static fn (Lesson $lesson): array => [
                    'kind' => $lesson->kind->value,
                    'fault' => $lesson->fault?->value,
                    'breach' => $lesson->breach?->value,
                    'figure' => $lesson->figure,
                ],
                $debrief->lessons(),
            ),
        ];
    }

    /** @return Ending */
    private static function ending(RunResult $result): array
    {
        return [
            'hook_ups' => $result->finish->hookUps,
            'minutes' => $result->finish->minutes,
            'share' => $result->finish->share,
            'in_range' => $result->isDone(),
            'pitch_degrees' => $result->pitch->degrees(),
            'level' => $result->isLevel(),
            'breach' => $result->breach?->value,
        ];
    }
}
