<?php

declare(strict_types=1);

namespace App\Screens\Bench;

use App\Models\StationMark;
use App\UseCases\Analysis\AnalysedJob;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Parts\Stance;
use Yoke\Workshop\Procedure\Station;

/**
 * How far a job has come: a station with a stance closes when it is measured, any other when somebody closes it.
 */
final readonly class StationProgress
{
    /** @var list<Station> */
    private array $marked;

    public ?HitchFamily $family;

    public function __construct(private AnalysedJob $analysed)
    {
        $this->family = $analysed->described->sheets->family();
        $this->marked = array_values(
            $analysed->job->marks->map(static fn (StationMark $mark): Station => $mark->station)->all(),
        );
    }

    /** @return list<Stance> that this rig is measured in: on a plain ball it is never carried */
    public function stances(): array
    {
        $stations = $this->stations();

        return array_values(
            array_filter(
                Stance::cases(),
                static fn (Stance $stance): bool => in_array(Station::of($stance), $stations, true),
            ),
        );
    }

    /** @return non-empty-list<Station> of this job's rig, in order */
    public function stations(): array
    {
        return Station::along($this->family);
    }

    public function isDone(Station $station): bool
    {
        $stance = $station->stance();

        return $stance === null
            ? in_array($station, $this->marked, true)
            : $this->analysed->progress()->isDone($stance);
    }
}
