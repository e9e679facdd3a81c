<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * Lets in what can be a form of this program: text in UTF-8 without control characters that no key types, not nested
 * deep,
 * not many fields, no larger than its address takes.
 */
final class ReadableInput
{
    private const MEGABYTE = 1_048_576;

    private const LARGEST = self::MEGABYTE;

    /**
     * Addresses that take a file, with the megabytes of a whole request there; a backup, which is as large as the shop,
     * comes in parts.
     */
    private const TAKES_FILES = [
        'jobs/*/photos' => 26,
        'jobs/*/weigh' => 10,
        'take-in' => 10,
        'shop/restore' => 26,
        'shop/restore/part' => 10,
    ];

    private const DEEPEST = 6;

    private const MOST_FIELDS = 1000;

    private int $fields = 0;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ((int) $request->server->get('CONTENT_LENGTH') > self::largest($request)) {
            throw new HttpException(413);
        }
        if (! self::isText(rawurldecode($request->getPathInfo()))) {
            throw new NotFoundHttpException();
        }
        $this->fields = 0;
        $this->check(
            [$request->query->all(), $request->request->all(), $request->isJson() ? $request->json()->all() : []],
            0,
        );

        return $next($request);
    }

    private static function largest(Request $request): int
    {
        foreach (self::TAKES_FILES as $address => $megabytes) {
            if ($request->is($address)) {
                return $megabytes * self::MEGABYTE;
            }
        }

        return self::LARGEST;
    }

    /** @param  array<array-key, mixed>  $sent */
    private function check(array $sent, int $depth): void
    {
        $this->fields += count($sent);
        if ($depth > self::DEEPEST || $this->fields > self::MOST_FIELDS) {
            throw new BadRequestHttpException();
        }
        foreach ($sent as $name => $value) {
            if (is_array($value)) {
                $this->check($value, $depth + 1);
            }
            if (! self::isText((string) $name) || (is_string($value) && ! self::isText($value))) {
                throw new BadRequestHttpException();
            }
        }
    }

    private static function isText(string $sent): bool
    {
        return preg_match('/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/', $sent) === 0 && mb_check_encoding($sent, 'UTF-8');
    }
}
