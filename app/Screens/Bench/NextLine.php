<?php

declare(strict_types=1);

namespace App\Screens\Bench;

use App\UseCases\Analysis\AnalysedJob;
use App\Words\NextWords;
use App\Words\StationWords;
use App\Words\Text;
use Yoke\Judgement\Advice\Recheck;
use Yoke\Workshop\Procedure\NextDeed;
use Yoke\Workshop\Procedure\NextThing;
use Yoke\Workshop\Procedure\Station;

/** The one thing to do now with a job, and where it is done. */
final readonly class NextLine
{
    private NextThing $next;

    /** @param  Station  $here  whoever stands at Dropped has left out what comes before coupling */
    public function __construct(private AnalysedJob $job, private AdvicePage $advice, Station $here)
    {
        $next = $job->next();
        $this->next =
            $here === Station::Dropped && $next->deed->isBeforeCoupling()
                ? new NextThing(NextDeed::MeasureDropped, Station::Dropped)
                : $next;
    }

    public function says(): string
    {
        return $this->advice->next($this->next);
    }

    /** Whether it is what every page says, and not of this station alone. */
    public function isEverywhere(): bool
    {
        return $this->next->deed === $this->job->next()->deed;
    }

    public function isHere(Station $station): bool
    {
        return $this->next->station === $station;
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
        $next = $this->next;

        return match (true) {
            ! $next->deed->canBeSkipped() => null,
            $next->deed === NextDeed::SetHead => Station::Dropped,
            default => $next->station->next($this->job->described->sheets->family()),
        };
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
