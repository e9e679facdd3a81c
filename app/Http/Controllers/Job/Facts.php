<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Models\Job;
use App\Models\User;
use App\Screens\Garage\PartForm;
use App\UseCases\Garage\OpenJobs;
use App\UseCases\Garage\PartModels;
use App\Words\Text;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Yoke\CoreException;
use Yoke\Procedure\Station;
use Yoke\Specification\RigPart;

/** Takes one field of a part's specification, typed where the job asks for it. */
final class Facts
{
    public function store(Request $request, Job $job, Station $station, RigPart $part, string $field): RedirectResponse
    {
        abort_unless(isset($part->fields()[$field]), 404);
        /** @var User $person */
        $person = $request->user();
        $typed = is_string($request->input($field)) ? trim($request->input($field)) : '';
        $model = PartModels::find($part, (int) $job->rig->getAttribute("{$part->value}_id"));
        $problems = $typed === '' ? [$field => Text::of('assumption.empty')] : (new PartForm($part, $model, $person))->fill(['name' => $model->name, $field => $typed]);
        $open = new OpenJobs($part, $model);
        $back = redirect()->route('bench', [$job, $station->value]);
        if ($problems === []) {
            $problems = $this->impossible($open, $field);
        }
        if ($problems !== []) {
            return $back->withInput([$field => $typed])->withErrors($problems, 'fact');
        }
        $model->save();
        $open->planAgain();

        return $back;
    }

    /** @return array<string, string> what the field alone cannot see: another part stands against it */
    private function impossible(OpenJobs $open, string $field): array
    {
        try {
            $open->check();
        } catch (CoreException $impossible) {
            return [$field => $impossible->getMessage()];
        }

        return [];
    }
}
