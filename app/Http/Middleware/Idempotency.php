<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Responses\DeferredResponse;
use App\Models\User;
use App\UseCases\Door\IdempotentRequest;
use App\UseCases\Door\SentBefore;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\ViewErrorBag;
use Symfony\Component\HttpFoundation\Response;

/**
 * Takes what a browser sends under a mark once, however often it arrives. What waited there for the connection is
 * answered
 * as JSON: whether it was taken, and what was said of it.
 */
final class Idempotency
{
    public const FIELD = '_once';

    public const WAITED = 'X-Waited';

    private const MARK = '/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/';

    /** What a field of the tape says when it was not written down. */
    private const NOT_TAKEN = ['refused', 'overtaken'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $mark = $request->request->get(self::FIELD);
        if (! $request->isMethod('POST') || ! is_string($mark) || preg_match(self::MARK, $mark) !== 1) {
            return self::whole($next($request));
        }
        $request->request->remove(self::FIELD);
        $sent = new IdempotentRequest(DB::connection(), self::bound($mark, $request));
        $before = $sent->before();
        if ($before !== null) {
            $sent->giveUp();

            return $this->again($before, $request);
        }

        return $this->first($sent, $request, $next);
    }

    /** @param  Closure(Request): Response  $next */
    private function first(IdempotentRequest $sent, Request $request, Closure $next): Response
    {
        $response = $next($request);
        $trouble = property_exists($response, 'exception') ? $response->exception : null;
        if ($trouble instanceof SentBefore) {
            return $this->again($sent->before() ?? '{}', $request);
        }
        if ($response->getStatusCode() >= 400) {
            $sent->giveUp();

            return $response;
        }
        $answer = $this->answer($request, $response);
        $hasWaited = $request->headers->has(self::WAITED);
        // What was sent by the page itself is answered by a page: its sentences are not told a second time.
        $sent->close(json_encode($hasWaited ? $answer : ['says' => []] + $answer, JSON_THROW_ON_ERROR));

        return $hasWaited ? $this->told($request, $answer) : self::whole($response);
    }

    /** A mark is one person's, for one address: whoever sends it elsewhere sends something else. */
    private static function bound(string $mark, Request $request): string
    {
        $person = $request->user();

        return substr(
            hash('sha256', ($person instanceof User ? $person->id : '').' '.$request->path().' '.$mark),
            0,
            36,
        );
    }

    private static function whole(Response $response): Response
    {
        return $response instanceof DeferredResponse ? $response->complete() : $response;
    }

    private function again(string $kept, Request $request): Response
    {
        /** @var array<string, mixed> $answer */
        $answer = json_decode($kept, true, 64, JSON_THROW_ON_ERROR);

        return $request->headers->has(self::WAITED)
            ? new JsonResponse($answer + ['says' => []])
            : redirect(is_string($answer['back'] ?? null) ? $answer['back'] : '/');
    }

    /** @return array<string, mixed> */
    private function answer(Request $request, Response $response): array
    {
        if ($response instanceof JsonResponse) {
            /** @var array<string, array{saved?: string, sentence?: string}> $fields */
            $fields = ((array) $response->getData(true))['fields'] ?? [];
            $refused = array_filter(
                $fields,
                static fn (array $field): bool => in_array($field['saved'] ?? '', self::NOT_TAKEN, true),
            );

            return ['says' => array_values(array_column($refused, 'sentence')), 'fields' => $fields];
        }
        $errors = $request->session()->get('errors');
        $says = [];
        foreach ($errors instanceof ViewErrorBag ? $errors->getBags() : [] as $bag) {
            array_push($says, ...$bag->all());
        }

        return ['says' => $says, 'back' => $response instanceof RedirectResponse ? $response->getTargetUrl() : null];
    }

    /** @param  array<string, mixed>  $answer */
    private function told(Request $request, array $answer): JsonResponse
    {
        $request->session()->forget(['errors', '_old_input']);

        return new JsonResponse($answer);
    }
}
