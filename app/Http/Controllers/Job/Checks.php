<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\UseCases\Stations\RecordCheck;
use App\Words\Text;
use Illuminate\Http\RedirectResponse;
use Yoke\Workshop\Procedure\Station;
use Yoke\Workshop\Sway\Answer;
use Yoke\Workshop\Sway\CountedThreads;
use Yoke\Workshop\Sway\SwayCheck;

/** Keeps what a look at a check found. */
final class Checks
{
    private const MOST_THREADS = 200;

    public function store(Asked $request, RecordCheck $checks, Job $job, Station $station): RedirectResponse
    {
        $family = $station === Station::Sway ? $job->rigAsWorked()->specified()->family() : null;
        $key = $request->text('check');
        abort_if($family === null || ! in_array($key, array_column(SwayCheck::of($family), 'key'), true), 404);
        [$answer, $counted] = $this->answer($request);
        if ($answer === null) {
            return redirect()
                ->route('bench', [$job, $station->value])
                ->withInput($request->texts(['left', 'right']))
                ->withErrors(['counted' => Text::of('expected.form.threads')], 'checks');
        }
        $checks->answered($request->person(), $job, $station, $key, $answer, $counted);

        return redirect()->to(route('bench', [$job, $station->value])."#check-{$key}");
    }

    /** @return array{Answer|null, string|null} */
    private function answer(Asked $request): array
    {
        if (! $request->has('left')) {
            return [$request->choice('answer', Answer::class) ?? abort(422, Text::of('expected.form.yes_or_no')), null];
        }
        $sides = array_map(static fn (string $side): string => trim($request->text($side)), ['left', 'right']);
        foreach ($sides as $count) {
            if (preg_match('/^\d{1,3}$/', $count) !== 1 || (int) $count > self::MOST_THREADS) {
                return [null, null];
            }
        }

        return [
            (new CountedThreads((int) $sides[0], (int) $sides[1]))->answer(),
            implode('/', array_map(intval(...), $sides)),
        ];
    }
}
