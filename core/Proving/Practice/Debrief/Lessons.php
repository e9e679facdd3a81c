<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Debrief;

use Yoke\Proving\Practice\Coach\CoachMode;
use Yoke\Proving\Practice\Reading\TakenHeight;
use Yoke\Proving\Practice\Run\Run;
use Yoke\Proving\Practice\Tape\Eye;

/** Three things to practise next, what cost most first. */
final readonly class Lessons
{
    public const MANY = 3;

    /**
     * @param  RunResult  $advised  of the product's own advice on the same rig
     * @param  list<FaultReview>  $faults
     */
    public function __construct(
        private Run $run,
        private CoachMode $coach,
        private RunResult $advised,
        private array $faults,
    ) {
    }

    /** @return list<Lesson> three of them */
    public function all(): array
    {
        return array_slice([...$this->mistakes(), ...$this->whatElse()], 0, self::MANY);
    }

    /** @return list<Lesson> */
    private function mistakes(): array
    {
        $result = RunResult::of($this->run);
        $breach = $this->run->breach();
        $lessons = $breach === null ? [] : [new Lesson(LessonKind::SafeOrder, breach: $breach)];
        foreach ($this->faults as $fault) {
            if (! $fault->isPutRight || ! $fault->isFound) {
                $lessons[] = new Lesson(
                    $fault->isFound ? LessonKind::PutRightWhatYouSee : LessonKind::FindFault,
                    fault: $fault->fault,
                );
            }
        }
        if ($breach === null && ! $result->isDone()) {
            $lessons[] = new Lesson(LessonKind::ReachTheRange, figure: $result->finish->share);
        }
        array_push($lessons, ...$this->ofReading());
        if ($breach === null && $result->isDone() && ! $result->isLevel()) {
            $lessons[] = new Lesson(LessonKind::LevelTheTrailer, figure: $result->pitch->degrees());
        }
        if ($result->finish->hookUps > $this->advised->finish->hookUps + 1) {
            $lessons[] = new Lesson(
                LessonKind::FewerHookUps,
                figure: (float) ($result->finish->hookUps - $this->advised->finish->hookUps),
            );
        }

        return $lessons;
    }

    /** @return list<Lesson> */
    private function ofReading(): array
    {
        $heights = $this->run->heights();
        $standing = array_filter(
            $heights,
            static fn (TakenHeight $height): bool => $height->eye === Eye::Standing &&
                abs($height->shown - $height->stood) > TakenHeight::CLOSE_MM,
        );
        $off = array_map(static fn (TakenHeight $height): float => abs($height->read - $height->shown), $heights);
        $rough = array_filter($heights, static fn (TakenHeight $height): bool => ! $height->isRolled);

        return [
            ...$standing === []
                ? []
                : [
                    new Lesson(
                        LessonKind::BendDown,
                        figure: max(
                            array_map(
                                static fn (TakenHeight $height): float => $height->shown - $height->stood,
                                $standing,
                            ),
                        ),
                    ),
                ],
            ...$off === [] || max($off) <= TakenHeight::CLOSE_MM
                ? []
                : [new Lesson(LessonKind::ReadTheTape, figure: max($off))],
            ...$rough === [] ? [] : [new Lesson(LessonKind::RollFirst, figure: (float) count($rough))],
        ];
    }

    /** @return list<Lesson> where there is nothing to say against it */
    private function whatElse(): array
    {
        return [
            ...$this->run->hints() > 0 || $this->coach === CoachMode::Advice
                ? [new Lesson(LessonKind::WithoutHelp)]
                : [],
            new Lesson(LessonKind::NextLevel),
            new Lesson(LessonKind::TapeTwice),
            new Lesson(LessonKind::AgainSoon),
        ];
    }
}
