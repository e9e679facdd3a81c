<?php

declare(strict_types=1);

use App\UseCases\People\SignInTries;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;

beforeEach(function (): void {
    $this->tries = app(SignInTries::class);
    /** Takes tries until one is refused. */
    $this->until = function (Closure $account, Closure $address): array {
        for ($taken = 0; $taken < 1000; $taken++) {
            $wait = $this->tries->take($account($taken), $address($taken));
            if ($wait > 0) {
                return [$taken, $wait];
            }
        }

        return [$taken, 0];
    };
});

it('slows whoever guesses at one account, longer each time', function (): void {
    [$first, $wait] = ($this->until)(fn (): string => 'wren@quillfeather.example', fn (): string => '192.0.2.1');
    expect($first)->toBe(5)->and($wait)->toBeBetween(50, 60);
    $this->travel(61)->seconds();
    [$second, $wait] = ($this->until)(fn (): string => 'WREN@quillfeather.example', fn (): string => '192.0.2.1');
    expect($second)->toBe(5)->and($wait)->toBeGreaterThan(400);
    $this->travel(601)->seconds();
    expect(($this->until)(fn (): string => 'wren@quillfeather.example', fn (): string => '192.0.2.1')[0])->toBe(5);
    $this->travel(601)->seconds();
    [$fourth, $wait] = ($this->until)(fn (): string => 'wren@quillfeather.example', fn (): string => '192.0.2.1');
    expect($fourth)->toBe(5)->and($wait)->toBeGreaterThan(1500);
});

it('slows whoever tries one password at many accounts, and many addresses at one account', function (): void {
    expect(
        ($this->until)(fn (int $try): string => "person{$try}@quillfeather.example", fn (): string => '192.0.2.1')[0],
    )->toBe(20);
    expect(
        ($this->until)(fn (): string => 'ibby@quillfeather.example', fn (int $try): string => "198.51.100.{$try}")[0],
    )->toBe(30);
});

it('holds nothing against who comes in', function (): void {
    foreach (range(1, 60) as $tablet) {
        expect($this->tries->take("person{$tablet}@quillfeather.example", '192.0.2.7'))->toBe(0);
        $this->tries->succeeded("person{$tablet}@quillfeather.example", '192.0.2.7');
    }
});

it('counts tries that are made at once', function (): void {
    config([
        'cache.default' => 'file',
        'cache.stores.file.path' => ($folder = sys_get_temp_dir().'/yoke-tries-'.bin2hex(random_bytes(4))),
    ]);
    $try =
        'config(["cache.default" => "file", "cache.stores.file.path" => "'.
        $folder.
        '"]); $tries = app(App\UseCases\People\SignInTries::class); '.
        'for ($i = 0, $let = 0; $i < 10; $i++) { $let += $tries->take("wren@quillfeather.example", "192.0.2.1") === 0 ? 1 : 0; } echo $let;';
    $boot =
        'require "'.
        base_path('vendor/autoload.php').
        '"; $app = require "'.
        base_path('bootstrap/app.php').
        '"; $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap(); ';
    $running = array_map(static fn () => Process::start([PHP_BINARY, '-r', $boot.$try]), range(1, 6));
    $let = array_sum(array_map(static fn ($one): int => (int) $one->wait()->output(), $running));

    expect($let)->toBe(5);
});

it('asks the framework for a lock at the sign-in page, and keeps a record of what was slowed, once', function (): void {
    $this->person();
    foreach (range(1, 9) as $guess) {
        $this->post('/sign-in', ['email' => 'wren@quillfeather.example', 'password' => "guess {$guess}"]);
    }
    $slowed = DB::table('activity_log')->where('event', 'sign-in-slowed')->get();

    expect($slowed)
        ->toHaveCount(1)
        ->and($slowed[0]->properties)
        ->toContain('wren@quillfeather.example')
        ->not->toContain('guess');
});
