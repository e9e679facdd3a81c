<?php

declare(strict_types=1);

namespace App\Screens\Bench;

use App\Models\Job;
use App\Models\StationMark;
use Yoke\Measuring\Readings\Height\StanceHeights;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;
use Yoke\Workshop\Procedure\Station;

/**
 * How far a job has come: a station with a stance closes when both ends are taped, any other when somebody closes it.
 */
final readonly class StationProgress
{
    /** @var list<Station> */
    private array $marked;

    public function __construct(private Job $job, private StanceHeights $heights, public ?HitchFamily $family = null)
    {
        $this->marked = array_values($job->marks->map(fn (StationMark $mark): Station => $mark->station)->all());
    }

    /** @return list<Stance> in the order in which they are measured: a rig that arrived coupled in reverse */
    public function stances(): array
    {
        $stations = $this->stations();
        $stances = array_values(
            array_filter(
                Stance::cases(),
                static fn (Stance $stance): bool => in_array(Station::of($stance), $stations, true),
            ),
        );

        return $this->job->arrived_coupled ? array_reverse($stances) : $stances;
    }

    /** @return non-empty-list<Station> of this job's rig, in order */
    public function stations(): array
    {
        return Station::along($this->family);
    }

    public function isDone(Station $station): bool
    {
        $stance = $station->stance();

        return $stance === null ? in_array($station, $this->marked, true) : $this->isTaped($stance);
    }

    private function isTaped(Stance $stance): bool
    {
        return $this->heights->holdsBothEndsOf($stance) ||
            ($this->heights->isFrontOnly() && $this->heights->at($stance, Axle::Front) !== null);
    }
}
