<?php

declare(strict_types=1);

namespace App\Screens\Bench;

use App\Models\Job;
use App\Models\StationMark;
use Yoke\Procedure\Station;
use Yoke\Readings\Height\StanceHeights;
use Yoke\Rig\Stance;

/** How far a job has come: a station with a stance closes when both ends are taped, any other when somebody closes it. */
final readonly class StationProgress
{
    /** @var list<Station> */
    private array $marked;

    public function __construct(private Job $job, private StanceHeights $heights)
    {
        $this->marked = array_values($job->marks->map(fn (StationMark $mark): Station => $mark->station)->all());
    }

    public function isDone(Station $station): bool
    {
        $stance = $station->stance();

        return $stance !== null ? $this->heights->holdsBothEndsOf($stance) : in_array($station, $this->marked, true);
    }

    /** Where the work goes on: the first stance that is not taped, else where the bars are. */
    public function current(): Station
    {
        foreach (Stance::cases() as $stance) {
            if (! $this->heights->holdsBothEndsOf($stance)) {
                return Station::of($stance);
            }
        }

        return $this->job->handed_over_at !== null ? Station::HandOver : Station::BarsUp;
    }
}
