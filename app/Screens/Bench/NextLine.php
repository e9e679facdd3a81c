<?php

declare(strict_types=1);

namespace App\Screens\Bench;

use App\UseCases\Analysis\AnalysedJob;
use App\Words\NextWords;
use App\Words\StationWords;
use App\Words\Text;
use Yoke\Judgement\Advice\Recheck;
use Yoke\Workshop\Procedure\NextThing;
use Yoke\Workshop\Procedure\Station;

/** The one thing to do now with a job, and where it is done. */
final readonly class NextLine
{
    private NextThing $next;

    /** @param  bool  $hasVerdict  whether a verdict stands on the page, whose own button leads on */
    public function __construct(
        private AnalysedJob $job,
        private AdvicePage $advice,
        private Station $here,
        private bool $hasVerdict,
    ) {
        $this->next = $job->progress()->next()->seenFrom($here);
    }

    public function says(): string
    {
        return $this->advice->next($this->next);
    }

    /** Whether the line stands above the page: it leads somewhere, and no verdict beside it says where. */
    public function isAbove(): bool
    {
        return $this->says() !== '' &&
            (! $this->isHere() || $this->after() !== null) &&
            (! $this->hasVerdict || $this->isBeforeTheFirstMove());
    }

    public function isBeforeTheFirstMove(): bool
    {
        return $this->next->deed->isBeforeTheFirstMove();
    }

    /** Whether it is what every page says, and not of this station alone. */
    public function isEverywhere(): bool
    {
        return $this->next->deed === $this->job->progress()->next()->deed;
    }

    public function isHere(): bool
    {
        return $this->next->station === $this->here;
    }

    public function station(): Station
    {
        return $this->next->station;
    }

    /** Whether a stance has to be measured before anything else. */
    public function isToMeasure(): bool
    {
        return $this->next->deed->isToMeasure();
    }

    /** `Head`, for the link that leads there. */
    public function title(): string
    {
        return StationWords::title($this->station());
    }

    /** The station after it, for whoever leaves it out; null where it cannot be. */
    public function after(): ?Station
    {
        return $this->next->whenLeftOut($this->job->described->sheets->family());
    }

    public function cost(): string
    {
        return NextWords::cost($this->next);
    }

    /** That alone is worth a second reading while the trailer is off, in a sentence; else an empty text. */
    public function again(): string
    {
        $advised = $this->job->recommendation();

        return $this->next->deed->isBeforeCoupling() && $advised?->look === Recheck::Alone
            ? Text::of('next.again')
            : '';
    }
}
