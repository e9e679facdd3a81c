<?php

declare(strict_types=1);

namespace App\UseCases\People;

use App\Models\User;
use Illuminate\Cookie\CookieJar;
use Illuminate\Http\Request;

/**
 * Whose accounts a browser has signed in to before, in a cookie that nobody else can write: strangers who guess at an
 * account from
 * many places do not lock out who comes back to it.
 */
final readonly class KnownDevices
{
    public const COOKIE = 'device';

    private const MINUTES = 60 * 24 * 365;

    /** A shared tablet knows as many people. */
    private const MOST = 12;

    public function __construct(private CookieJar $cookies)
    {
    }

    public function knows(Request $request, string $email): bool
    {
        return in_array(self::mark($email), self::marks($request), true);
    }

    public function remember(Request $request, User $person): void
    {
        $marks = array_slice(
            array_values(array_unique([self::mark($person->email), ...self::marks($request)])),
            0,
            self::MOST,
        );
        $this->cookies->queue(self::COOKIE, implode('.', $marks), self::MINUTES);
    }

    /** @return list<string> */
    private static function marks(Request $request): array
    {
        $kept = $request->cookies->get(self::COOKIE);

        return is_string($kept) && preg_match('/^[0-9a-f.]+$/', $kept) === 1 ? explode('.', $kept) : [];
    }

    private static function mark(string $email): string
    {
        return substr(hash('sha256', mb_strtolower($email)), 0, 24);
    }
}
