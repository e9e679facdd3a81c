<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\UseCases\Pages\OfflinePages;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;

/** What a browser of the workshop keeps for when there is no connection. */
final class Offline
{
    public function pages(OfflinePages $pages): JsonResponse
    {
        return new JsonResponse(['pages' => $pages->marked()]);
    }

    /** What stands where a page was not kept. */
    public function none(): View
    {
        return view('no-connection');
    }
}
