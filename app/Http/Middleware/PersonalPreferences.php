<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\View;
use Symfony\Component\HttpFoundation\Response;

/** Gives every view the signed-in person, and through them their units and theme. */
final class PersonalPreferences
{
    /** Pages that are filled in by whoever works on jobs; all others see what is in them. */
    private const FILLED_IN = [
        'bench',
        'weigh',
        'tongue',
        'loads',
        'card',
        'photos',
        'bars',
        'gap',
        'procedures.show',
        'procedures.list',
        'log.care',
        'garage',
        'garage.*',
    ];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $person = $request->user();
        View::share('person', $person instanceof User ? $person : null);
        View::share(
            'readsOnly',
            $person instanceof User &&
                ! ($person->role?->worksOnJobs() ?? true) &&
                $request->routeIs(...self::FILLED_IN),
        );

        return $next($request);
    }
}
