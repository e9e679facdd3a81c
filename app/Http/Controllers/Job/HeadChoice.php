<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\Screens\Plan\PlanPage;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Stations\BoltHead;
use App\Words\HeadWords;
use App\Words\Text;
use Illuminate\Http\RedirectResponse;
use Yoke\Judgement\Head\ShankPlace;
use Yoke\Workshop\Procedure\Station;

/** Records where the head was bolted; a place that has something against it needs its reason. */
final class HeadChoice
{
    private const LONGEST_REASON = 200;

    public function __construct(private readonly JobAnalyses $analyses)
    {
    }

    public function store(Asked $request, BoltHead $head, Job $job): RedirectResponse
    {
        $person = $request->person();
        $because = trim($request->text('because'));
        $place = collect(PlanPage::ofJob($this->analyses->of($job), $person)->plan->shankPlaces())->first(
            fn (ShankPlace $place): bool => $place->key() === $request->text('place'),
        );
        $problems = $this->problems($place, $because);
        $station = redirect()->route('bench', [$job, Station::Head->value]);
        if ($place === null || $problems !== []) {
            return $station->withInput($request->texts(['place', 'because']))->withErrors($problems, 'head');
        }
        $head->at($person, $job, $place, $because);

        return $station;
    }

    /** @return array<string, string> field => sentence */
    private function problems(?ShankPlace $place, string $because): array
    {
        return match (true) {
            $place === null => ['place' => Text::of('expected.form.place')],
            mb_strlen($because) > self::LONGEST_REASON || preg_match('/[<>[:cntrl:]]/u', $because) !== 0 => [
                'because' => Text::of('expected.form.reason', ['most' => self::LONGEST_REASON]),
            ],
            $place->inTheWay !== [] && $because === '' => [
                'because' => Text::of('expected.form.reason_for_place', [
                    'why' => lcfirst(HeadWords::inTheWay($place)[0]),
                ]),
            ],
            default => [],
        };
    }
}
