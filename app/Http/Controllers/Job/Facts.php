<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\Screens\Garage\PartForm;
use App\UseCases\Garage\KeepPart;
use App\UseCases\Garage\OpenJobs;
use App\UseCases\Garage\PartModels;
use App\UseCases\Stations\BoltHead;
use App\Words\ExpectedWords;
use App\Words\Text;
use Illuminate\Http\RedirectResponse;
use Yoke\CoreException;
use Yoke\Foundation\Units\Length;
use Yoke\Rig\Specification\RigPart;
use Yoke\Workshop\Procedure\Station;

/** Takes a field of a part's specification, or a few that go together, typed where the job asks for them. */
final class Facts
{
    private const BALL = 'ball_height_mm';

    private const MAKERS = 'maker_ball_load_kg';

    public function store(
        Asked $request,
        KeepPart $parts,
        BoltHead $head,
        Job $job,
        Station $station,
        RigPart $part,
        string $field,
    ): RedirectResponse {
        $back = redirect()->route('bench', [$job, $station->value]);

        return $this->keep($request, $parts, $head, $job, $part, $field, $back);
    }

    /** Typed in the guide of a rig that is taken over. */
    public function storeForGuide(
        Asked $request,
        KeepPart $parts,
        BoltHead $head,
        Job $job,
        RigPart $part,
        string $field,
    ): RedirectResponse {
        return $this->keep($request, $parts, $head, $job, $part, $field, redirect()->route('take-over', $job));
    }

    private function keep(
        Asked $request,
        KeepPart $parts,
        BoltHead $head,
        Job $job,
        RigPart $part,
        string $field,
        RedirectResponse $back,
    ): RedirectResponse {
        abort_unless(isset($part->fields()[$field]), 404);
        $person = $request->person();
        $typed = trim($request->text($field));
        $model = PartModels::find($part, (int) $job->rig->getAttribute("{$part->value}_id"));
        $fields = array_intersect_key($request->typed(), $part->fields());
        $problems =
            $typed === ''
                ? [$field => Text::of('assumption.empty')]
                : (new PartForm($part, $model, $person))->fill([...$fields, 'name' => $model->name, $field => $typed]);
        $open = new OpenJobs($part, $model);
        if ($problems === []) {
            $problems = $this->impossible($open, $field);
        }
        if ($problems !== []) {
            return $back->withInput($fields)->withErrors($problems, 'fact');
        }
        $parts->changed($person, $part, $model, $field === self::MAKERS ? $job : null);
        $ball = $field === self::BALL ? PartModels::value($model, $part->fields()[$field]) : null;
        if ($ball !== null) {
            $head->taped($person, $job->refresh(), Length::ofMillimetres((float) $ball));
        }

        return $back;
    }

    /** @return array<string, string> what the field alone cannot see: another part stands against it */
    private function impossible(OpenJobs $open, string $field): array
    {
        try {
            $open->check();
        } catch (CoreException $impossible) {
            return [$field => ExpectedWords::of($impossible->expected())];
        }

        return [];
    }
}
