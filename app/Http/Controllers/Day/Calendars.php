<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Http\Requests\Asked;
use App\Models\CalendarLink;
use App\Models\Job;
use App\Screens\Day\JobCalendar;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Foundation\Application;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Date;

/** A person's jobs at a private address, for calendar programs: made, asked, revoked. */
final class Calendars
{
    private const DAYS_BACK = 14;

    private const DAYS_AHEAD = 90;

    private const MOST_JOBS = 500;

    public function show(Asked $request): View
    {
        return view('day.calendar', [
            'links' => CalendarLink::query()->where('user_id', $request->person()->id)->orderByDesc('id')->get(),
        ]);
    }

    public function make(Asked $request): RedirectResponse
    {
        return redirect()
            ->route('calendar')
            ->with('address', route('calendar.feed', CalendarLink::issue($request->person())))
            ->with('saved', Text::of('day.calendar_made'));
    }

    public function revoke(Asked $request, int $link): RedirectResponse
    {
        CalendarLink::query()
            ->where('user_id', $request->person()->id)
            ->whereNull('revoked_at')
            ->findOrFail($link)
            ->revoke();

        return redirect()->route('calendar')->with('saved', Text::of('day.calendar_revoked'));
    }

    /** Without a sign-in: whoever has the address, in the language of whose jobs they are. */
    public function feed(Application $application, string $token): Response
    {
        $link = CalendarLink::presented($token);
        if ($link === null) {
            return new Response(view('card.closed')->render(), 410);
        }
        $application->setLocale($link->user->language->value);
        $jobs = Job::query()
            ->where('person_id', $link->user_id)
            ->whereDate('booked_on', '>=', Date::today()->subDays(self::DAYS_BACK))
            ->whereDate('booked_on', '<=', Date::today()->addDays(self::DAYS_AHEAD))
            ->orderBy('booked_on')
            ->limit(self::MOST_JOBS)
            ->get();

        return new Response((new JobCalendar($link->user, Date::now()->toDateTimeImmutable()))->text($jobs), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'inline; filename="jobs.ics"',
        ]);
    }
}
