<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Language;
use App\Models\User;
use Closure;
use Illuminate\Cookie\CookieJar;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Every page in the language of whoever has signed in. Where nobody has, or nobody knows yet, it is the one that was
 * read last on
 * this device, and before that the one that the browser asks for.
 */
final readonly class SpeaksLanguage
{
    /** Says nothing but which of two languages: it travels as it is. */
    public const COOKIE = 'language';

    private const COOKIE_MINUTES = 60 * 24 * 365;

    public function __construct(private Application $application, private CookieJar $cookies)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $person = $request->hasSession() ? $request->user() : null;
        $read = Language::tryFrom((string) $request->cookies->get(self::COOKIE));
        $language = $person instanceof User ? $person->language : $read ?? Language::askedBy($request);
        $this->application->setLocale($language->value);
        if ($person instanceof User && $read !== $language && ! QuietSession::isQuiet($request)) {
            $this->cookies->queue(self::COOKIE, $language->value, self::COOKIE_MINUTES);
        }

        return $next($request);
    }
}
