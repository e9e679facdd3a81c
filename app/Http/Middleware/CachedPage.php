<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\UseCases\Pages\Freshness;
use Closure;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Date;
use Symfony\Component\HttpFoundation\Response;

/**
 * A page that somebody looked at is drawn again only when something has changed that it may show: it is kept for each
 * person and address, with the marks of the last changes (Freshness). Never one that says what was refused or done.
 */
final readonly class CachedPage
{
    private const KEPT_SECONDS = 2 * 86_400;

    /** A page that looks at the time is as old as this at the most. */
    private const CLOCK_SECONDS = 300;

    /** Anything else that an address asks makes too many pages to keep. */
    private const ASKED = ['show', 'height', 'beside', 'state'];

    private const LARGEST = 400_000;

    /** Stands for the session's own token, which every form carries. */
    private const TOKEN = '{session-token}';

    public function __construct(private Repository $cache, private Freshness $freshness)
    {
    }

    /**
     * @param  Closure(Request): Response  $next
     * @param  string  $of  'job' for the pages of a job, 'any' for those that look over all, 'clock' for those that
     *     look at the time too
     */
    public function handle(Request $request, Closure $next, string $of): Response
    {
        $person = $request->user();
        if (
            ! ($person instanceof User) ||
            ! $request->isMethod('GET') ||
            array_diff(array_keys($request->query()), self::ASKED) !== [] ||
            $this->hasSomethingToSay($request)
        ) {
            return $next($request);
        }
        $key = 'page-'.hash('xxh128', $person->id.' '.$request->fullUrl());
        $mark =
            ($of === 'job' ? $this->freshness->ofJob($this->job($request)) : $this->freshness->ofAll()).
            ($of === 'clock' ? ' '.intdiv(Date::now()->getTimestamp(), self::CLOCK_SECONDS) : '');
        $kept = $this->cache->get($key);
        if (is_array($kept) && ($kept[0] ?? null) === $mark && is_string($kept[1] ?? null)) {
            return response(str_replace(self::TOKEN, (string) csrf_token(), $kept[1]));
        }

        return $this->keep($key, $mark, $next($request));
    }

    private function keep(string $key, string $mark, Response $response): Response
    {
        $page = (string) $response->getContent();
        $isPage =
            $response->getStatusCode() === 200 &&
            str_starts_with((string) $response->headers->get('Content-Type', 'text/html'), 'text/html');
        if ($isPage && strlen($page) <= self::LARGEST && ! str_contains($page, self::TOKEN)) {
            rescue(
                fn () => $this->cache->put(
                    $key,
                    [$mark, str_replace((string) csrf_token(), self::TOKEN, $page)],
                    self::KEPT_SECONDS,
                ),
            );
        }

        return $response;
    }

    private function hasSomethingToSay(Request $request): bool
    {
        $session = $request->session();

        return $session->get('_flash.old', []) !== [] ||
            $session->get('_flash.new', []) !== [] ||
            $session->has('errors') ||
            $session->has('_old_input');
    }

    private function job(Request $request): int
    {
        $job = $request->route('job');

        return $job instanceof \App\Models\Job ? $job->id : (is_string($job) ? (int) $job : 0);
    }
}
