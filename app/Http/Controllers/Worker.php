<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The script that keeps pages for when there is no connection, as it was built. */
final class Worker
{
    public function __invoke(): BinaryFileResponse
    {
        $built = public_path('build/worker.js');
        abort_unless(is_file($built), 404);

        return response()->file($built, [
            'Content-Type' => 'text/javascript; charset=utf-8',
            'Cache-Control' => 'no-cache',
        ]);
    }
}
