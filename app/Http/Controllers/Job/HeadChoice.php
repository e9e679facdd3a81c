<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\Screens\Plan\PlanPage;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Stations\BoltHead;
use App\Words\Figures;
use App\Words\HeadWords;
use App\Words\Text;
use Illuminate\Http\RedirectResponse;
use Yoke\Job\Planning\RigPlan;
use Yoke\Judgement\Head\ShankPlace;
use Yoke\Workshop\Procedure\Station;

/** Records where the head was bolted; a place that has something against it needs its reason. */
final class HeadChoice
{
    private const LONGEST_REASON = 200;

    private const MOST_HOLES = 20.0;

    public function __construct(private readonly JobAnalyses $analyses)
    {
    }

    public function store(Asked $request, BoltHead $head, Job $job): RedirectResponse
    {
        $person = $request->person();
        $because = trim($request->text('because'));
        $plan = PlanPage::ofJob($this->analyses->of($job), $person)->plan;
        $station = redirect()->route('bench', [$job, Station::Head->value]);
        $hole = $request->text('hole') === '' ? null : $this->hole($request->text('hole'));
        $turned = $request->text('turned') === 'rise' ? 'rise' : 'drop';
        $isElsewhere = $request->has('hole');
        $place = match (true) {
            ! $isElsewhere => $this->listed($plan, $request->text('place')),
            $hole === null => null,
            default => $plan->shankPlace($turned, $hole),
        };
        $problems = $isElsewhere
            ? [...$this->holeProblems($plan, $hole), ...$this->reasonProblems($place, $because)]
            : ($place === null
                ? ['place' => Text::of('expected.form.place')]
                : $this->reasonProblems($place, $because));
        if ($problems !== []) {
            return $station
                ->withInput($request->texts(['place', 'because', 'hole', 'turned']))
                ->withErrors($problems, 'head');
        }
        $place === null
            ? $head->somewhere($person, $job, $turned, (float) $hole, $because)
            : $head->at($person, $job, $place, $because);

        return $station;
    }

    private function listed(RigPlan $plan, string $key): ?ShankPlace
    {
        return collect($plan->shankPlaces())->first(static fn (ShankPlace $place): bool => $place->key() === $key);
    }

    /** As it was typed, in whole or half ones; null for anything else. */
    private function hole(string $typed): ?float
    {
        $hole = filter_var(strtr(trim($typed), [',' => '.', ' 1/2' => '.5']), FILTER_VALIDATE_FLOAT);

        return $hole === false || $hole < 1.0 || $hole > self::MOST_HOLES || floor(2 * $hole) !== 2 * $hole
            ? null
            : $hole;
    }

    /** @return array<string, string> field => sentence */
    private function holeProblems(RigPlan $plan, ?float $hole): array
    {
        $places = $plan->headPlaces();

        return match (true) {
            $hole === null => ['hole' => Text::of('expected.form.hole')],
            $places->lacks($hole) => [
                'hole' => Text::of('expected.form.no_such_hole', [
                    'most' => $places->holes(),
                    'hole' => Figures::short($hole),
                ]),
            ],
            default => [],
        };
    }

    /** @return array<string, string> field => sentence */
    private function reasonProblems(?ShankPlace $place, string $because): array
    {
        return match (true) {
            mb_strlen($because) > self::LONGEST_REASON || preg_match('/[<>[:cntrl:]]/u', $because) !== 0 => [
                'because' => Text::of('expected.form.reason', ['most' => self::LONGEST_REASON]),
            ],
            $place !== null && $place->inTheWay !== [] && $because === '' => [
                'because' => Text::of('expected.form.reason_for_place', [
                    'why' => lcfirst(HeadWords::inTheWay($place)[0]),
                ]),
            ],
            default => [],
        };
    }
}
