<?php

declare(strict_types=1);

namespace App\Http\Controllers\Practice;

use App\Http\Requests\Asked;
use App\Models\PracticeRun;
use App\Models\Rig;
use App\Models\User;
use App\Screens\Practice\PracticeIndex;
use App\Screens\Practice\PracticeTeam;
use App\UseCases\Practice\Playing;
use App\Words\PracticeWords;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Yoke\Proving\Practice\Coach\CoachMode;
use Yoke\Proving\Practice\Exception\NoExercise;
use Yoke\Proving\Practice\Exception\UnknownCode;
use Yoke\Proving\Practice\Exercise\ExerciseCode;
use Yoke\Proving\Practice\Exercise\Level;

/** The practice yard: beginning an exercise, and what was learned so far. */
final readonly class PracticeYard
{
    public function __construct(private Playing $playing)
    {
    }

    public function show(Asked $request): View
    {
        return view('practice.index', ['page' => new PracticeIndex($request->person())]);
    }

    /** By level, by a code, or on a rig of the garage. */
    public function store(Asked $request): RedirectResponse
    {
        $coach = $request->choice('coach', CoachMode::class) ?? CoachMode::Off;
        $run = match ($request->text('by')) {
            'code' => $this->byCode($request, $coach),
            'rig' => $this->onRig($request, $coach),
            default => $this->byLevel($request, $coach),
        };

        return redirect()->route('practice.run', $run);
    }

    /** One person's record, to be printed; an owner may see everybody's. */
    public function record(Asked $request, ?int $person = null): View
    {
        $whose =
            $person === null || $person === $request->person()->id
                ? $request->person()
                : User::query()->findOrFail($person);
        abort_unless($whose->is($request->person()) || $request->person()->can('own'), 404);

        return view('practice.record', ['page' => new PracticeIndex($whose)]);
    }

    /** How everybody gets on. */
    public function team(): View
    {
        return view('practice.team', ['lines' => PracticeTeam::lines()]);
    }

    private function byLevel(Asked $request, CoachMode $coach): PracticeRun
    {
        $level = Level::tryFrom($request->whole('level'));
        if ($level === null || $level === Level::OwnRig) {
            $request->refuse(['level' => Text::of('practice.none.no_level')]);
        }

        return $this->playing->begin(
            $request->person(),
            ExerciseCode::of($level, random_int(0, ExerciseCode::SEEDS - 1)),
            $coach,
        );
    }

    private function byCode(Asked $request, CoachMode $coach): PracticeRun
    {
        try {
            $code = ExerciseCode::parse($request->text('code'));
        } catch (UnknownCode $unknown) {
            $request->refuse(['code' => PracticeWords::code($unknown)]);
        }
        $run =
            $code->level === Level::OwnRig
                ? $this->playing->beginAgain($request->person(), $code, $coach)
                : $this->playing->begin($request->person(), $code, $coach);

        return $run ?? $request->refuse(['code' => Text::of('practice.code.not_here', ['typed' => $code->text()])]);
    }

    private function onRig(Asked $request, CoachMode $coach): PracticeRun
    {
        $rig = Rig::query()
            ->with(['vehicle', 'trailer', 'hitch'])
            ->find($request->whole('rig'));
        try {
            return $rig === null
                ? $request->refuse(['rig' => Text::of('practice.none.no_rig')])
                : $this->playing->beginOn($rig, $request->person(), $this->playing->newOwnCode(), $coach);
        } catch (NoExercise $none) {
            $request->refuse(['rig' => PracticeWords::none($none)]);
        }
    }
}
