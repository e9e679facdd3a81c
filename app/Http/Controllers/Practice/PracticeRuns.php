<?php

declare(strict_types=1);

namespace App\Http\Controllers\Practice;

use App\Http\Requests\PracticeActRequest;
use App\Models\PracticeRun;
use App\Models\User;
use App\Screens\Practice\DebriefPage;
use App\Screens\Practice\RunPage;
use App\UseCases\Practice\PlayedRun;
use App\UseCases\Practice\Playing;
use App\Words\PracticeWords;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Yoke\Proving\Practice\Act\Exception\ImpossibleAct;

/** One run of the practice yard: the rig as it stands, one act after the other, and the debrief. */
final readonly class PracticeRuns
{
    public function __construct(private Playing $playing)
    {
    }

    public function show(PracticeActRequest $request, PracticeRun $run): View|RedirectResponse
    {
        $this->checkWhose($run, $request->person());
        if ($run->finished_at !== null) {
            return redirect()->route('practice.debrief', $run);
        }

        return view('practice.run', [
            'page' => new RunPage(PlayedRun::of($run), $request->person(), $request->axle(), $request->eye()),
        ]);
    }

    public function act(PracticeActRequest $request, PracticeRun $run): RedirectResponse
    {
        $person = $request->person();
        abort_unless($run->user_id === $person->id, 404);
        $back = redirect()->route('practice.run', [
            'run' => $run,
            ...array_filter(['axle' => $request->text('taping'), 'eye' => $request->text('eye')]),
        ]);
        $act = $request->act($person->lengthParser());
        if ($act === null) {
            return $back->withErrors(['act' => Text::of('practice.refusal.unreadable')]);
        }
        try {
            $done = $this->playing->do($run, $act, $request->position());
        } catch (ImpossibleAct $impossible) {
            $says = (new PracticeWords(PlayedRun::exercise($run)->rig->told, $person))->refusal($impossible);

            return $back->withInput($request->texts(['read']))->withErrors(['act' => $says]);
        }

        return $done === null ? $back->withErrors(['act' => Text::of('practice.refusal.elsewhere')]) : $back;
    }

    public function debrief(PracticeActRequest $request, PracticeRun $run): View|RedirectResponse
    {
        $this->checkWhose($run, $request->person());

        return $run->finished_at === null
            ? redirect()->route('practice.run', $run)
            : view('practice.debrief', ['page' => new DebriefPage(PlayedRun::of($run), $request->person())]);
    }

    /** One's own, and an owner's apprentices'. */
    private function checkWhose(PracticeRun $run, User $person): void
    {
        abort_unless($run->user_id === $person->id || ($run->finished_at !== null && $person->can('own')), 404);
    }
}
