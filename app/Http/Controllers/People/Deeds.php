<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Requests\Asked;
use App\UseCases\Audit\AuditLog;
use Illuminate\Contracts\View\View;

/** The record of who did what concerns the shop. */
final class Deeds
{
    private const A_PAGE = 50;

    public function show(Asked $request, AuditLog $deeds): View
    {
        $page = $request->whole('page', 1, 100_000);
        $lines = $deeds->page($page, self::A_PAGE + 1);

        return view('people.deeds', [
            'deeds' => array_slice($lines, 0, self::A_PAGE),
            'number' => $page,
            'hasMore' => count($lines) > self::A_PAGE,
        ]);
    }
}
