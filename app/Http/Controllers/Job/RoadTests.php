<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\UseCases\Stations\RecordCheck;
use App\Words\ExpectedWords;
use App\Words\Text;
use Illuminate\Http\RedirectResponse;
use Yoke\Workshop\Procedure\Station;
use Yoke\Workshop\Road\Exception\ImpossibleRoadTest;
use Yoke\Workshop\Road\Feel;
use Yoke\Workshop\Road\RoadTest;

/** Keeps how a rig felt on the road. */
final class RoadTests
{
    private const LONGEST_NOTE = 1000;

    public function store(Asked $request, RecordCheck $checks, Job $job): RedirectResponse
    {
        $typed = $request->typed();
        $station = redirect()->route('bench', [$job, Station::Road->value]);
        try {
            $test = $this->read($request, $typed);
        } catch (ImpossibleRoadTest $impossible) {
            return $station
                ->withInput($typed)
                ->withErrors([$impossible->field() => ExpectedWords::of($impossible->expected())], 'road');
        }
        $note = trim(mb_substr($typed['note'] ?? '', 0, self::LONGEST_NOTE));
        $checks->driven(
            $request->person(),
            $job,
            $test,
            ['speed' => $typed['speed'] ?? '', 'distance' => $typed['distance'] ?? ''],
            $note,
        );

        return $station->with('saved', Text::of('screen.road_tests.road_test_saved'));
    }

    /** @param  array<array-key, string>  $typed */
    private function read(Asked $request, array $typed): RoadTest
    {
        $person = $request->person();
        $unit = $person->roadUnit();
        $felt = array_intersect_key($typed, array_flip(array_column(Feel::cases(), 'value')));

        /** @var array<string, string> $felt */
        return RoadTest::of(
            $unit->read($typed['speed'] ?? '') ?? throw ImpossibleRoadTest::speed(),
            $unit->read($typed['distance'] ?? '') ?? throw ImpossibleRoadTest::distance(),
            $felt,
        );
    }
}
