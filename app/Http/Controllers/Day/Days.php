<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\Models\User;
use App\Screens\Day\DayPage;
use App\UseCases\Day\DayBook;
use App\Words\DayWords;
use App\Words\Text;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Date;
use Yoke\Job\Shop\ShopSettings;

/** The line of a day: which job at what time, in which bay, with whom. */
final class Days
{
    public function show(Asked $request, DayBook $book, ShopSettings $settings, string $day = ''): View
    {
        return view('day.show', [
            'page' => new DayPage(self::day($day) ?? Date::today()->toImmutable(), $book, $settings),
        ]);
    }

    /** Puts a job at a time; what was left empty is taken from it. */
    public function put(Asked $request, DayBook $book, Job $job): RedirectResponse
    {
        $typed = $request->typed();
        $day = isset($typed['day']) ? self::day($typed['day']) : $job->booked_on;
        $minute = DayWords::minute($typed['at'] ?? '');
        $bay = trim($typed['bay'] ?? '');
        $person =
            ($typed['person'] ?? '') === '' ? null : User::query()->whereNull('left_at')->find((int) $typed['person']);
        $problems = array_filter([
            'at' => $minute === null && trim($typed['at'] ?? '') !== '' ? Text::of('day.expected_time') : '',
            'bay' => preg_match('/^[\p{L}\d ]{0,20}$/u', $bay) === 1 ? '' : Text::of('day.expected_bay'),
            'person' => $person === null && ($typed['person'] ?? '') !== '' ? Text::of('day.expected_person') : '',
            'day' => $day === null ? Text::of('day.expected_day') : '',
        ]);
        $back =
            ($typed['back'] ?? '') === 'yard'
                ? redirect()->route('yard')
                : redirect()->route('day', ($day ?? $job->booked_on)->toDateString());
        if ($problems !== [] || $day === null) {
            return $back->withInput($typed)->withErrors($problems, "slot-{$job->id}");
        }
        $job->booked_on = $day;
        $book->put($job, $minute, $bay === '' ? null : $bay, $person);

        return $back->with('saved', Text::of('day.saved'));
    }

    /** Null for what is no day. */
    private static function day(string $typed): ?CarbonImmutable
    {
        if (
            preg_match('/^(20\d\d)-(\d\d)-(\d\d)$/', $typed, $parts) !== 1 ||
            ! checkdate((int) $parts[2], (int) $parts[3], (int) $parts[1])
        ) {
            return null;
        }

        return CarbonImmutable::createFromFormat('!Y-m-d', $typed) ?: null;
    }
}
