<?php

declare(strict_types=1);

namespace App\Http\Controllers\Log;

use App\Http\Requests\Asked;
use App\Models\Rig;
use App\Screens\Service\CareCalendar;
use App\Screens\Service\CareLine;
use App\UseCases\Door\WritingDoor;
use App\UseCases\Service\RigCare;
use App\Words\ExpectedWords;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Date;
use Yoke\Workshop\Service\CareDone;
use Yoke\Workshop\Service\CareTask;
use Yoke\Workshop\Service\Exception\ImpossibleDistance;

/** The care books: what falls due on a rig, what was done, and the calendar of it. */
final class CareBooks
{
    /** A calendar holds no more rigs, the first due first. */
    private const MOST_RIGS = 300;

    private const LONGEST_NOTE = 300;

    public function show(Asked $request, Rig $rig): View
    {
        $care = new RigCare($rig->load(['vehicle', 'trailer', 'hitch', 'careRecords.user']));

        return view('log.care', [
            'rig' => $rig,
            'lines' => CareLine::of($care, $request->person()),
            'driven' => $care->book()->driven(),
            'tasks' => array_column($care->tasks(), null, 'key'),
        ]);
    }

    public function store(Asked $request, WritingDoor $door, Rig $rig): RedirectResponse
    {
        $care = new RigCare($rig);
        $task = $request->text('task');
        if (
            ! in_array(
                $task,
                [CareDone::DISTANCE, ...array_map(static fn (CareTask $one): string => $one->key, $care->tasks())],
                true,
            )
        ) {
            abort(404);
        }
        $back = redirect()->route('log.care', $rig);
        $driven = trim($request->text('driven'));
        $found = trim($request->text('found'));
        if (mb_strlen($found) > self::LONGEST_NOTE) {
            return $back
                ->withInput($request->texts(['task', 'driven', 'found']))
                ->withErrors(
                    ['found' => Text::of('service.note_too_long', ['most' => self::LONGEST_NOTE])],
                    'care',
                );
        }
        try {
            $door->inShop(
                $request->person(),
                'work',
                static fn () => $care->write($task, $driven, $request->person(), $found),
            );
        } catch (ImpossibleDistance $impossible) {
            return $back
                ->withInput($request->texts(['task', 'driven', 'found']))
                ->withErrors(['driven' => ExpectedWords::of($impossible->expected())], 'care');
        }

        return $back;
    }

    public function withdraw(Asked $request, WritingDoor $door, Rig $rig, int $record): RedirectResponse
    {
        $door->inShop($request->person(), 'work', static fn () => (new RigCare($rig))->withdraw($record));

        return redirect()->route('log.care', $rig);
    }

    public function calendar(Asked $request, Rig $rig): Response
    {
        return $this->file($request, [$rig]);
    }

    /** Of every rig at hand that anything falls due on. */
    public function everyRig(Asked $request): Response
    {
        /** @var Collection<int, Rig> $rigs */
        $rigs = Rig::atHand()
            ->with(['vehicle', 'trailer', 'hitch', 'careRecords'])
            ->whereNotNull('care_due_on')
            ->orderBy('care_due_on')
            ->limit(self::MOST_RIGS)
            ->get();

        return $this->file($request, $rigs->all());
    }

    /** @param  array<int, Rig>  $rigs */
    private function file(Asked $request, array $rigs): Response
    {
        return new Response((new CareCalendar($request->person(), Date::now()->toImmutable()))->text($rigs), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="care.ics"',
        ]);
    }
}
