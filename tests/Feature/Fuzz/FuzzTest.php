<?php

declare(strict_types=1);

use App\Models\User;
use Database\Seeders\DemoSeeder;
use Tests\Feature\Fuzz\Fuzzer;
use Tests\Feature\ShopOnDisk;

/* bin/fuzz asks for more of them, from another seed. */
$requests = (int) (getenv('YOKE_FUZZ_REQUESTS') ?: 600);
$seed = (int) (getenv('YOKE_FUZZ_SEED') ?: 15);

afterEach(fn () => $this->shop->close());

it('answers whatever is sent to any route in words, and breaks at none', function () use ($requests, $seed): void {
    $this->shop = new ShopOnDisk($this, DemoSeeder::class);
    $fuzzer = new Fuzzer($seed);
    $broke = [];
    $answers = [];
    foreach (range(1, $requests) as $number) {
        [
            'method' => $method,
            'uri' => $uri,
            'fields' => $fields,
            'files' => $files,
            'headers' => $headers,
            'body' => $body,
        ] = $fuzzer->request($number);
        $number % 7 === 0 ? auth()->logout() : $this->actingAs(User::query()->firstOrFail());
        $answer = $this->call(
            $method,
            $uri,
            $fields,
            [],
            $files,
            $headers + ($body === null ? [] : ['CONTENT_TYPE' => 'application/json']),
            $body,
        );
        $status = $answer->getStatusCode();
        $answers[$status] = ($answers[$status] ?? 0) + 1;
        if ($status >= 500) {
            $broke[] =
                "{$method} ".
                mb_strimwidth($uri, 0, 120, '…').
                ": {$status} ".
                mb_strimwidth((string) $answer->exception?->getMessage(), 0, 160, '…').
                ' '.
                basename((string) $answer->exception?->getFile()).
                ':'.
                $answer->exception?->getLine();
        }
        app()->forgetScopedInstances();
    }
    if (getenv('YOKE_FUZZ_REQUESTS') !== false) {
        ksort($answers);
        fwrite(
            STDERR,
            "\n{$requests} requests over {$fuzzer->routes()} routes, seed {$seed}: ".
                http_build_query($answers, '', ', ').
                "\n",
        );
    }

    expect($broke)
        ->toBe([])
        ->and($answers[200] ?? 0)
        ->toBeGreaterThan($requests / 20)
        ->and($answers[302] ?? 0)
        ->toBeGreaterThan($requests / 20);
});
