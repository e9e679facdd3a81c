<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Debrief;

use Yoke\Proving\Practice\Act\SafetyViolation;
use Yoke\Proving\Practice\Exercise\Fault;

final readonly class Lesson
{
    /**
     * @param  float|null  $figure  of a tape, how far it was read off, mm; of rolling, how many heights were not; of
     *     hook-ups, how many more than the advice took
     */
    public function __construct(
        public LessonKind $kind,
        public ?Fault $fault = null,
        public ?SafetyViolation $breach = null,
        public ?float $figure = null,
    ) {
    }
}
