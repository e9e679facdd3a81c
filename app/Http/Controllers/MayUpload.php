<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Response;

/** Says to the server in front whether whoever sends a file may; the route asks. */
final class MayUpload
{
    public function show(): Response
    {
        return new Response('', 204);
    }
}
