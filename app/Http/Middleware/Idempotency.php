<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\ViewErrorBag;
use Symfony\Component\HttpFoundation\Response;

/**
 * Takes what a browser sends under a mark once, however often it arrives. What waited there for the connection is answered
 * as JSON: whether it was taken, and what was said of it.
 */
final class Idempotency
{
    public const FIELD = '_once';

    public const WAITED = 'X-Waited';

    private const MARK = '/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/';

    private const KEPT_DAYS = 60;

    /** What a field of the tape says when it was not written down. */
    private const NOT_TAKEN = ['refused', 'overtaken'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $mark = $request->request->get(self::FIELD);
        if (! $request->isMethod('POST') || ! is_string($mark) || preg_match(self::MARK, $mark) !== 1) {
            return $next($request);
        }
        $request->request->remove(self::FIELD);
        DB::beginTransaction();
        if (DB::table('sent_entries')->insertOrIgnore(['mark' => $mark, 'sent_at' => Date::now()]) === 0) {
            DB::rollBack();

            return $this->again($mark, $request);
        }

        return $this->first($mark, $request, $next);
    }

    /** @param  Closure(Request): Response  $next */
    private function first(string $mark, Request $request, Closure $next): Response
    {
        $response = $next($request);
        if ($response->getStatusCode() >= 400) {
            DB::rollBack();

            return $response;
        }
        $answer = $this->answer($request, $response);
        $hasWaited = $request->headers->has(self::WAITED);
        // What was sent by the page itself is answered by a page: its sentences are not told a second time.
        DB::table('sent_entries')->where('mark', $mark)->update(['answer' => json_encode($hasWaited ? $answer : ['says' => []] + $answer, JSON_THROW_ON_ERROR)]);
        DB::table('sent_entries')->where('sent_at', '<', Date::now()->subDays(self::KEPT_DAYS))->delete();
        DB::commit();

        return $hasWaited ? $this->told($request, $answer) : $response;
    }

    private function again(string $mark, Request $request): Response
    {
        $kept = DB::table('sent_entries')->where('mark', $mark)->value('answer');
        /** @var array<string, mixed> $answer */
        $answer = json_decode(is_string($kept) ? $kept : '{}', true, 64, JSON_THROW_ON_ERROR);

        return $request->headers->has(self::WAITED) ? new JsonResponse($answer + ['says' => []]) : redirect(is_string($answer['back'] ?? null) ? $answer['back'] : '/');
    }

    /** @return array<string, mixed> */
    private function answer(Request $request, Response $response): array
    {
        if ($response instanceof JsonResponse) {
            /** @var array<string, array{saved?: string, sentence?: string}> $fields */
            $fields = ((array) $response->getData(true))['fields'] ?? [];
            $refused = array_filter($fields, static fn (array $field): bool => in_array($field['saved'] ?? '', self::NOT_TAKEN, true));

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
