<?php

declare(strict_types=1);

namespace App\Http\Controllers\Practice;

use App\Http\Requests\Asked;
use App\Models\User;
use App\Screens\Practice\ExplainerPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Yoke\Showing\Explainer\KnobValues;
use Yoke\Showing\Explainer\Topic;

/** The explainers: one screen each, and the frames of the settings next to the one that is shown, fetched ahead. */
final readonly class Explainers
{
    /** Frames to each side of the one that is shown. */
    private const AHEAD = 3;

    public function show(Asked $request, Topic $topic): View
    {
        return view('practice.explain', [
            'page' => ExplainerPage::of($topic, $request->steps('at'), $request->person()),
        ]);
    }

    /** The frame that is asked for, and those next to it along one knob, by the place of all knobs. */
    public function frames(Asked $request, Topic $topic): JsonResponse
    {
        $knobs = $topic->explainer()->knobs();
        $at = KnobValues::of($knobs, $request->steps('at'));
        $frames = [$at->key() => $this->frame($topic, $at, $request->person())];
        foreach ($knobs as $knob) {
            foreach (
                $knob->key === $request->text('along') ? $knob->about($at->at($knob->key), self::AHEAD) : [] as $value
            ) {
                $next = $at->with($knob->key, $value);
                $frames[$next->key()] ??= $this->frame($topic, $next, $request->person());
            }
        }

        return response()->json(['frames' => $frames]);
    }

    private function frame(Topic $topic, KnobValues $at, User $person): string
    {
        return view('practice.frame', ['page' => new ExplainerPage($topic, $at, $person)])->render();
    }
}
