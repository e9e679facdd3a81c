<?php

declare(strict_types=1);

use App\Models\CardLink;
use App\UseCases\Shop\ShopHealth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Tests\FeatureCase;

/** What has an address of its own for a page to look at, by name. */
function pagesOfTheShop(FeatureCase $case): array
{
    $job = $case->job();

    return [
        '/',
        '/jobs/new',
        "/jobs/{$job->id}/alone",
        "/jobs/{$job->id}/plan",
        "/jobs/{$job->id}/weigh",
        "/jobs/{$job->id}/files",
        "/jobs/{$job->id}/photos",
        "/jobs/{$job->id}/card",
        '/garage',
        '/garage/trailer/1',
        '/log',
        '/shop',
        '/take-in',
        '/nowhere',
    ];
}

it('forbids what does not ship with the program, on every page, and needs none of it', function (): void {
    $this->actingAs($this->person());
    foreach ([...pagesOfTheShop($this), '/sign-in', '/up', '/alive'] as $page) {
        $answer = $this->get($page);
        $headers = $answer->headers;
        expect($headers->get('Content-Security-Policy'))
            ->toContain("default-src 'self'")
            ->toContain("frame-ancestors 'none'")
            ->not->toContain('unsafe')
            ->and($headers->get('X-Content-Type-Options'))
            ->toBe('nosniff')
            ->and($headers->get('Referrer-Policy'))
            ->toBe('no-referrer')
            ->and($headers->get('X-Robots-Tag'))
            ->toContain('noindex');
        // A data block is run by nobody; all else that a policy would stop must not be there.
        $page = preg_replace('#<script type="application/json".*?</script>#s', '', (string) $answer->getContent());
        expect($page)
            ->not->toMatch('/\sstyle="/')
            ->not->toMatch('/\son[a-z]+="/')
            ->not->toMatch('/<script(?![^>]*\ssrc=)/')
            ->not->toContain('<style');
    }
});

it('lets no browser and no cache keep a card', function (): void {
    $this->actingAs($person = $this->person());
    $job = $this->job();
    $link = CardLink::query()->create([
        'job_id' => $job->id,
        'token' => str_repeat('a', 40),
        'user_id' => $person->id,
        'made_at' => now(),
        'ends_at' => now()->addDay(),
    ]);
    foreach (["/jobs/{$job->id}/card", $link->address(), '/card/guessed'] as $card) {
        expect($this->get($card)->headers->get('Cache-Control'))->toContain('no-store');
    }
    foreach (Route::getRoutes()->getRoutes() as $route) {
        $guards = $route->gatherMiddleware();
        $isPrivate =
            preg_match('#^(card|join|calendar)/\{token\}|^join/|^jobs/\{job\}/card(/\{paper\}|$)#', $route->uri()) ===
                1 ||
            in_array('can:own', $guards, true) ||
            (in_array('GET', $route->methods(), true) &&
                preg_match(
                    '#^(account(/tokens)?|calendar|calls|customers(/.*)?|day/.*|log/\{rig\}|password-again|who-are-you|practice/record/.*)$#',
                    $route->uri(),
                ) === 1);
        expect(
            in_array(App\Http\Middleware\KeepNoCopy::class, $guards, true) || in_array('no-copy', $guards, true),
        )->toBe($isPrivate, $route->uri());
    }
});

it('begins links with the public address, whatever name it was asked under', function (): void {
    config(['shop.address' => 'https://shop.quillfeather.example']);
    (new App\Providers\AppServiceProvider(app()))->boot();
    $this->actingAs($person = $this->person());
    $job = $this->job();
    CardLink::query()->create([
        'job_id' => $job->id,
        'token' => str_repeat('a', 40),
        'user_id' => $person->id,
        'made_at' => now(),
        'ends_at' => now()->addDay(),
    ]);

    $this->get("http://127.0.0.1/jobs/{$job->id}/card")->assertSee(
        'value="https://shop.quillfeather.example/card/',
        false,
    );
    $this->get("https://shop.quillfeather.example/jobs/{$job->id}/card")->assertOk();
    $this->get("http://evil.example/jobs/{$job->id}/card")
        ->assertStatus(400)
        ->assertDontSee('evil.example');
});

it('believes only the servers in front that it is told of about who asks', function (
    string $proxies,
    string $seen,
): void {
    config(['shop.proxies' => $proxies]);
    (new App\Providers\AppServiceProvider(app()))->boot();
    Route::get('/who', fn (): string => (string) request()->ip());

    expect($this->get('/who', ['X-Forwarded-For' => '203.0.113.7'])->getContent())->toBe($seen);
    Illuminate\Http\Middleware\TrustProxies::flushState();
})->with([
    'none' => ['', '127.0.0.1'],
    'this machine' => ['127.0.0.1', '203.0.113.7'],
    'another' => ['192.0.2.1', '127.0.0.1'],
]);

it('tells whoever watches what is out of order', function (): void {
    $this->get('/up')
        ->assertOk()
        ->assertSee('database: answers')
        ->assertSee('disk: has room')
        ->assertSee('devices: no answer');
    app()->instance(ShopHealth::class, new ShopHealth('/'));
    DB::table('migrations')->delete();
    $this->get('/up')->assertStatus(503)->assertSee('database: out of reach');
    config([
        'database.connections.gone' => ['database' => '/nowhere/yoke.sqlite'] + config('database.connections.sqlite'),
        'database.default' => 'gone',
    ]);
    $this->get('/up')->assertStatus(503)->assertSee('database: out of reach');
    $this->get('/alive')->assertOk();
    config(['database.default' => 'sqlite']);
});
