<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Process;
use Tests\Feature\ShopOnDisk;

/*
 * A disk without room: real where a small one can be mounted, and its own words for a session that cannot be written.
 */

beforeEach(function (): void {
    $this->shop = new ShopOnDisk($this);
});

afterEach(fn () => $this->shop->close());

it(
    'says in words that the disk is full, on pages, as JSON and to programs, and saves again when there is room',
    function (): void {
        $disk = "{$this->shop->folder}/small";
        mkdir($disk);
        if (! Process::run(['mount', '-t', 'tmpfs', '-o', 'size=4m', 'tmpfs', $disk])->successful()) {
            $this->markTestSkipped('No disk can be mounted here.');
        }
        try {
            Illuminate\Support\Facades\DB::disconnect('shop');
            copy($this->shop->database, "{$disk}/shop.sqlite");
            config([
                'database.connections.shop.database' => "{$disk}/shop.sqlite",
                'session.driver' => 'file',
                'session.files' => $disk,
                'cache.default' => 'file',
                'cache.stores.file.path' => $disk,
            ]);
            Illuminate\Support\Facades\DB::purge('shop');
            $token = App\Models\ApiToken::issue(
                App\Models\User::query()->sole(),
                'The gate',
                App\Models\ApiRight::cases(),
            );
            $fill = @file_put_contents("{$disk}/fill", str_repeat('x', 6_000_000));
            expect($fill)->not->toBe(6_000_000);
            $heights = ['typed' => ['front' => '950 mm', 'rear' => '985 mm']];
            $this->postJson('/jobs/1/alone/tape', $heights)
                ->assertStatus(503)
                ->assertJsonPath(
                    'message',
                    fn (string $says): bool => str_contains($says, 'disk') && str_contains($says, 'full'),
                );
            $this->post('/jobs/1/weigh', ['stance' => 'alone', 'ticket' => 'front 1450 kg, rear 1180 kg'])
                ->assertStatus(503)
                ->assertSee('full');
            $this->postJson(
                '/api/v1/jobs/1/heights',
                ['stance' => 'alone', 'front' => '950'],
                ['Authorization' => "Bearer {$token}"],
            )
                ->assertStatus(503)
                ->assertJsonPath('error.code', 'unavailable');
            auth()->forgetGuards();
            $this->flushSession();
            $this->post('/sign-in', ['email' => 'ibby@quillfeather.example', 'password' => 'tape-in-hand'])
                ->assertStatus(503)
                ->assertSee('full');
            unlink("{$disk}/fill");
            // Another request has another connection.
            Illuminate\Support\Facades\DB::purge('shop');
            $this->actingAs(App\Models\User::query()->sole());
            $this->postJson('/jobs/1/alone/tape', $heights)->assertOk()->assertJsonPath('fields.front.saved', 'saved');
        } finally {
            Illuminate\Support\Facades\DB::disconnect('shop');
            Process::run(['umount', '-l', $disk]);
        }
    },
);

it('knows a full disk and a damaged database by what the machine says of them', function (
    Throwable $trouble,
    string $key,
): void {
    expect(App\Exceptions\DatabaseTrouble::inWords($trouble))->toBe(__("screen.database.{$key}"));
})->with([
    'a session' => [
        new ErrorException('file_put_contents(): Write of 120 bytes failed with errno=28 No space left on device'),
        'full',
    ],
    'a quota' => [new ErrorException('fopen(x): Failed to open stream: Disk quota exceeded'), 'full'],
    'malformed' => [new PDOException('SQLSTATE[HY000]: General error: 11 database disk image is malformed'), 'damaged'],
    'full' => [new PDOException('SQLSTATE[HY000]: General error: 13 database or disk is full'), 'full'],
]);

it('takes any other trouble for what it is', function (): void {
    expect(App\Exceptions\DatabaseTrouble::inWords(new ErrorException('Undefined variable $x')))
        ->toBeNull()
        ->and(App\Exceptions\DatabaseTrouble::inWords(new RuntimeException('disk is full')))
        ->toBeNull();
});
