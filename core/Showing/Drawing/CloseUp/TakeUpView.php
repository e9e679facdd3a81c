<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\CloseUp;

use Yoke\Showing\Drawing\Figure;
use Yoke\Showing\Drawing\Point;

/** What takes up the tips of the bars: the rear half of a close-up. */
interface TakeUpView
{
    /** @return list<Figure> */
    public function figures(): array;

    /** @return list<StepMark> */
    public function marks(): array;

    /** Where the bar's tip rests or hangs. */
    public function tip(): Point;
}
