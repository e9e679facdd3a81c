<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** What the HTTP interface takes and answers, as an OpenAPI file. */
final class ApiDocument
{
    public function __invoke(): BinaryFileResponse
    {
        return response()->file(resource_path('schema/openapi-1.json'), [
            'Content-Type' => 'application/json',
            'Cache-Control' => 'no-cache',
        ]);
    }
}
