<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\UseCases\Door\IdempotentRequest;
use App\UseCases\Door\SentBefore;
use App\Words\Text;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * What a program sends under a key is taken once, however often it is sent: what comes again is answered as the first
 * was.
 */
final class IdempotencyKey
{
    public const HEADER = 'Idempotency-Key';

    /** Says of an answer that it was given before. */
    private const REPLAYED = 'Idempotency-Replayed';

    private const KEY = '/^[\x21-\x7e]{1,100}$/';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $once = $request->input(Idempotency::FIELD);
        $key = $request->headers->get(self::HEADER) ?? (is_string($once) && $once !== '' ? $once : null);
        if ($key === null) {
            return $next($request);
        }
        if (preg_match(self::KEY, $key) !== 1) {
            return ApiSignedIn::refuse(422, 'invalid', Text::of('api.expected_key'));
        }
        $sent = new IdempotentRequest(DB::connection(), self::bound($key, $request));
        $before = $sent->before();
        if ($before !== null) {
            $sent->giveUp();

            return self::again($before, $request);
        }

        return $this->first($sent, $request, $next($request));
    }

    private function first(IdempotentRequest $sent, Request $request, Response $response): Response
    {
        $trouble = property_exists($response, 'exception') ? $response->exception : null;
        if ($trouble instanceof SentBefore) {
            return self::again($sent->before() ?? '{}', $request);
        }
        if ($response->getStatusCode() >= 400) {
            $sent->giveUp();

            return $response;
        }
        $answer = [
            'of' => self::body($request),
            'status' => $response->getStatusCode(),
            'answer' => (string) $response->getContent(),
        ];
        $sent->close(json_encode($answer, JSON_THROW_ON_ERROR));

        return $response;
    }

    private static function again(string $kept, Request $request): Response
    {
        /** @var array{of?: string, status?: int, answer?: string} $before */
        $before = json_decode($kept, true, 64, JSON_THROW_ON_ERROR);
        if (($before['of'] ?? '') !== self::body($request)) {
            return ApiSignedIn::refuse(422, 'invalid', Text::of('api.expected_same_body'));
        }

        return JsonResponse::fromJsonString($before['answer'] ?? '{}', $before['status'] ?? 200, [
            self::REPLAYED => 'true',
        ]);
    }

    /** A key is one person's, for one address. */
    private static function bound(string $key, Request $request): string
    {
        $person = $request->user();
        $whose = $person instanceof User ? $person->id : '';

        return substr(hash('sha256', "api {$whose} {$request->method()} {$request->path()} {$key}"), 0, 36);
    }

    private static function body(Request $request): string
    {
        return hash('xxh128', serialize($request->except(Idempotency::FIELD)));
    }
}
