<?php

declare(strict_types=1);

namespace App\Exceptions;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** What the HTTP interface answers where a request went nowhere: JSON of one shape, whatever went wrong. */
final class ApiTrouble
{
    private const CODES = [404 => 'not_found', 405 => 'method', 429 => 'too_many'];

    /** Null for whatever is no request of the interface. */
    public static function answer(Throwable $trouble, Request $request): ?JsonResponse
    {
        if (! $request->is('api/*')) {
            return null;
        }
        $status = $trouble instanceof HttpExceptionInterface ? $trouble->getStatusCode() : 500;
        $code = self::CODES[$status] ?? ($status < 500 ? 'invalid' : 'failed');

        return new JsonResponse(
            ['error' => ['code' => $code, 'message' => __("api.{$code}")]],
            $status,
            $trouble instanceof HttpExceptionInterface ? $trouble->getHeaders() : [],
        );
    }
}
