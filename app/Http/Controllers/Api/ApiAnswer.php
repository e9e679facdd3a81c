<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Middleware\ApiSignedIn;
use App\Words\Text;
use Illuminate\Http\JsonResponse;

/** What the HTTP interface says to what was posted: taken, or refused field by field. */
final class ApiAnswer
{
    /** @param  array<string, mixed>  $data */
    public static function made(array $data): JsonResponse
    {
        return new JsonResponse(['data' => $data], 201);
    }

    /** @param  array<string, string>  $fields  what was expected of each */
    public static function invalid(array $fields): JsonResponse
    {
        return self::refuse(422, 'invalid', $fields);
    }

    /** @param  array<string, string>  $fields  who saved what meanwhile */
    public static function conflict(array $fields): JsonResponse
    {
        return self::refuse(409, 'conflict', $fields);
    }

    /** @param  array<string, string>  $fields */
    private static function refuse(int $status, string $code, array $fields): JsonResponse
    {
        $refused = ApiSignedIn::refuse($status, $code, Text::of("api.{$code}"));

        return $refused->setData(['error' => [...(array) $refused->getData(true)['error'], 'fields' => $fields]]);
    }
}
