<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Language;
use App\Models\User;
use Closure;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Every page in the language of whoever has signed in; before that in the one that the browser asks for. */
final readonly class SpeaksLanguage
{
    public function __construct(private Application $application)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $person = $request->hasSession() ? $request->user() : null;
        $this->application->setLocale(($person instanceof User ? $person->language : Language::askedBy($request))->value);

        return $next($request);
    }
}
