<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\Driver;
use App\UseCases\Shop\ShopHealth;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** For whoever watches over the server: one line for each thing that has to be there. */
final class Up
{
    /** Devices that are switched off are told, and no reason to take the shop for dead. */
    public function show(ShopHealth $health, Driver $devices): Response
    {
        $found = ['database' => $health->hasDatabase(), 'disk' => $health->hasRoom(), 'devices' => $devices->isThere()];
        $lines = array_map(
            static fn (string $what, bool $is): string => Text::of("screen.up.{$what}-".($is ? 'fine' : 'trouble')),
            array_keys($found),
            $found,
        );

        return new Response(implode("\n", $lines)."\n", $found['database'] && $found['disk'] ? 200 : 503, [
            'Content-Type' => 'text/plain; charset=utf-8',
            'Cache-Control' => 'no-store',
        ]);
    }

    /** The program answers; nothing else is asked. */
    public function alive(): View
    {
        return view('alive');
    }
}
