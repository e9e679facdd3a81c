<?php

declare(strict_types=1);

/*
 * typist.php FIELD STATION ENOUGH : types one height after the other at a station, each through the whole application,
 * until the
 * file ENOUGH is there, and says "saved TEXT" of each that was acknowledged, "stopped" where it was told to wait.
 */

use App\Models\User;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

[, $field, $station, $enough] = $argv;
require __DIR__.'/../../../vendor/autoload.php';
$app = require __DIR__.'/../../../bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$kernel->bootstrap();
config(['session.driver' => 'array', 'cache.default' => 'array']);

$based = '';
for ($number = 0; ! file_exists($enough); $number++) {
    $typed = sprintf('9%02d.%d mm', $number % 100, 1000 + $number);
    $request = Request::create(
        "/jobs/1/{$station}/tape",
        'POST',
        ['typed' => [$field => $typed], 'based_on' => [$field => $based]],
        [],
        [],
        ['HTTP_ACCEPT' => 'application/json', 'REMOTE_ADDR' => '127.0.0.1'],
    );
    $app->instance('request', $request);
    Auth::setUser(User::query()->firstOrFail());
    $answer = $kernel->handle($request);
    $said = json_decode((string) $answer->getContent(), true);
    $based = (string) ($said['fields'][$field]['basedOn'] ?? $based);
    $saved = $said['fields'][$field]['saved'] ?? '';
    fwrite(
        STDOUT,
        match (true) {
            $saved === 'saved' => "saved {$typed}\n",
            $answer->getStatusCode() === 503 => "stopped\n",
            default => "other {$answer->getStatusCode()} {$saved}\n",
        },
    );
    $app->forgetScopedInstances();
    clearstatcache();
}
