<?php

declare(strict_types=1);

use App\Models\ApiRight;
use App\Models\ApiToken;
use App\Models\User;
use Illuminate\Routing\Route as Address;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Opis\JsonSchema\Validator;

beforeEach(function (): void {
    $this->person('Wren Tallow', '1 mm');
    $this->wren = User::query()->sole();
    $this->work = $this->job();
    $worked = $this->work->rig_as_worked;
    $worked['hitch']['sheet'] = ['family' => 'chain-snap-up'];
    $this->work->update(['rig_as_worked' => $worked]);
    $this->token = ApiToken::issue($this->wren, 'The gate', ApiRight::cases());
    $this->with = fn (string $token) => $this->withHeaders([
        'Authorization' => "Bearer {$token}",
        'Accept' => 'application/json',
    ]);
    $this->document = json_decode(
        (string) file_get_contents(resource_path('schema/openapi-1.json')),
        false,
        flags: JSON_THROW_ON_ERROR,
    );
});

/**
 * @return list<array{string, string, ApiRight, array<string, mixed>, string}> method, address, right, body, path of the
 *     file
 */
function apiRoutes(int $job, int $rig): array
{
    return [
        ['GET', '/jobs', ApiRight::ReadJobs, [], '/jobs'],
        ['GET', "/jobs/{$job}", ApiRight::ReadJobs, [], '/jobs/{job}'],
        ['GET', "/jobs/{$job}/card", ApiRight::ReadJobs, [], '/jobs/{job}/card'],
        ['GET', '/rigs', ApiRight::ReadRigs, [], '/rigs'],
        ['GET', "/rigs/{$rig}", ApiRight::ReadRigs, [], '/rigs/{rig}'],
        [
            'POST',
            "/jobs/{$job}/heights",
            ApiRight::PostReadings,
            ['stance' => 'alone', 'front' => '954', 'rear' => '37 1/2 in', 'rolled' => true],
            '/jobs/{job}/heights',
        ],
        [
            'POST',
            "/jobs/{$job}/measures",
            ApiRight::PostReadings,
            ['stance' => 'dropped', 'coupler' => '480', 'ball_load' => '390 kg'],
            '/jobs/{job}/measures',
        ],
        [
            'POST',
            "/jobs/{$job}/hook-ups",
            ApiRight::PostReadings,
            ['setting' => ['link' => 4, 'washer' => 3, 'head' => 2]],
            '/jobs/{job}/hook-ups',
        ],
        [
            'POST',
            "/jobs/{$job}/hook-ups/count",
            ApiRight::PostReadings,
            ['setting' => ['link' => 3]],
            '/jobs/{job}/hook-ups/count',
        ],
        [
            'POST',
            "/jobs/{$job}/tickets",
            ApiRight::PostReadings,
            ['stance' => 'alone', 'ticket' => "front 1450\nrear 1180", 'step_kg' => '10'],
            '/jobs/{job}/tickets',
        ],
        [
            'POST',
            "/jobs/{$job}/tongue-weights",
            ApiRight::PostReadings,
            ['way' => 'tongue_scale', 'read' => '380 kg'],
            '/jobs/{job}/tongue-weights',
        ],
        ['GET', "/jobs/{$job}", ApiRight::ReadJobs, [], '/jobs/{job}'],
        [
            'POST',
            "/jobs/{$job}/tickets/1/withdraw",
            ApiRight::PostReadings,
            [],
            '/jobs/{job}/tickets/{ticket}/withdraw',
        ],
        [
            'POST',
            "/jobs/{$job}/tongue-weights/1/withdraw",
            ApiRight::PostReadings,
            [],
            '/jobs/{job}/tongue-weights/{reading}/withdraw',
        ],
    ];
}

/** What the file says of an answer, as a schema by itself. */
function schemaOf(object $document, string $method, string $path, int $status): object
{
    $operation = $document->paths->{$path}->{strtolower($method)};
    $response =
        $operation->responses->{(string) $status} ??
        throw new LogicException("{$method} {$path} says nothing of {$status}.");
    if (isset($response->{'$ref'})) {
        $response = $document->components->responses->{basename($response->{'$ref'})};
    }
    $schema = json_decode(
        str_replace(
            '#/components/schemas/',
            '#/$defs/',
            json_encode($response->content->{'application/json'}->schema, JSON_UNESCAPED_SLASHES),
        ),
    );
    $schema->{'$defs'} = json_decode(
        str_replace(
            '#/components/schemas/',
            '#/$defs/',
            json_encode($document->components->schemas, JSON_UNESCAPED_SLASHES),
        ),
    );

    return $schema;
}

it('answers every address as its file says, with the right and without', function (): void {
    foreach (apiRoutes($this->work->id, $this->work->rig_id) as [$method, $address, $right, $body, $path]) {
        // Who guesses has to wait: another minute for each.
        $this->travel(1)->minutes();
        $answer = ($this->with)($this->token)->json($method, "/api/v1{$address}", $body);
        expect($answer->status())->toBe($method === 'GET' ? 200 : 201, "{$method} {$address}: {$answer->getContent()}");
        $valid = (new Validator())->validate(
            json_decode((string) $answer->getContent()),
            schemaOf($this->document, $method, $path, $answer->status()),
        );
        expect($valid->isValid())->toBeTrue(
            "{$method} {$address}: ".json_encode($valid->error()?->args()).' '.$answer->getContent(),
        );

        $others = array_values(array_filter(ApiRight::cases(), static fn (ApiRight $one): bool => $one !== $right));
        foreach (
            [401 => 'yoke_guessed', 403 => ApiToken::issue($this->wren, 'Without', $others)] as $status => $token
        ) {
            $refused = ($this->with)($token)
                ->json($method, "/api/v1{$address}", $body)
                ->assertStatus($status);
            expect(
                (new Validator())
                    ->validate(
                        json_decode((string) $refused->getContent()),
                        schemaOf($this->document, $method, $path, $status),
                    )
                    ->isValid(),
            )->toBeTrue();
        }
        $this->flushHeaders()
            ->json($method, "/api/v1{$address}", $body)
            ->assertStatus(401)
            ->assertHeader('WWW-Authenticate', 'Bearer');
    }
});

it('has every address in its file, with its right, and no other', function (): void {
    $there = [];
    foreach (
        array_filter(
            Route::getRoutes()->getRoutes(),
            static fn (Address $route): bool => str_starts_with((string) $route->getName(), 'api.'),
        ) as $route
    ) {
        $rights = array_values(
            array_filter(
                array_map(
                    static fn (mixed $one): string => is_string($one) && str_starts_with($one, 'token:')
                        ? substr($one, 6)
                        : '',
                    $route->gatherMiddleware(),
                ),
            ),
        );
        $there[
            strtolower(array_values(array_diff($route->methods(), ['HEAD']))[0]).
                ' /'.
                substr($route->uri(), strlen('api/v1/'))
        ] = $rights;
    }
    $said = [];
    foreach (get_object_vars($this->document->paths) as $path => $operations) {
        foreach (get_object_vars($operations) as $method => $operation) {
            $said["{$method} {$path}"] = $operation->security === [] ? [] : $operation->security[0]->token;
        }
    }
    ksort($there);
    ksort($said);
    expect($said)->toBe($there);
});

it(
    'is a sound OpenAPI file: every reference leads somewhere, every operation has its name, answers and schema',
    function (): void {
        $text = (string) file_get_contents(resource_path('schema/openapi-1.json'));
        preg_match_all('/"\$ref": "#\/([^"]+)"/', $text, $references);
        foreach (array_unique($references[1]) as $reference) {
            $at = $this->document;
            foreach (explode('/', $reference) as $part) {
                expect(isset($at->{$part}))->toBeTrue($reference);
                $at = $at->{$part};
            }
        }
        $names = [];
        foreach (get_object_vars($this->document->paths) as $path => $operations) {
            preg_match_all('/\{(\w+)\}/', $path, $parameters);
            foreach (get_object_vars($operations) as $method => $operation) {
                $names[] = $operation->operationId;
                $inPath = array_map(
                    static fn (object $one): string => $one->name,
                    array_filter($operation->parameters ?? [], static fn (object $one): bool => $one->in === 'path'),
                );
                expect(array_values($inPath))
                    ->toBe($parameters[1])
                    ->and(isset($operation->responses->{'429'}))
                    ->toBeTrue("{$method} {$path}")
                    ->and($method === 'post')
                    ->toBe(isset($operation->requestBody));
            }
        }
        expect($this->document->openapi)->toStartWith('3.1')->and(array_unique($names))->toHaveCount(count($names));
        $this->get('/api/v1/openapi.json')->assertOk();
    },
);

it('saves what is posted with who posted it, once', function (): void {
    $sent = ['stance' => 'alone', 'front' => '954', 'rear' => '985 mm', 'rolled' => true];
    ($this->with)($this->token)
        ->postJson("/api/v1/jobs/{$this->work->id}/heights", $sent)
        ->assertCreated()
        ->assertJson(['data' => ['saved' => ['alone.front', 'alone.rear']]]);
    expect($this->work->liveReadings()->pluck('height_mm', 'axle')->all())
        ->toEqual(['front' => 954.0, 'rear' => 985.0])
        ->and($this->work->liveReadings()->pluck('user_id')->unique()->all())
        ->toBe([$this->wren->id]);
    $job = ($this->with)($this->token)
        ->getJson("/api/v1/jobs/{$this->work->id}")
        ->json('data');
    expect($job['readings'])->toHaveCount(2)->and($job['family'])->toBe('chain-snap-up');
});

it('refuses what does not read, whole, field by field', function (string $to, array $sent, string $field): void {
    $answer = ($this->with)($this->token)
        ->postJson("/api/v1/jobs/{$this->work->id}/{$to}", $sent)
        ->assertStatus(422);
    expect($answer->json('error.fields'))
        ->toHaveKey($field)
        ->and($this->work->liveReadings()->count())
        ->toBe(0)
        ->and($this->work->tickets()->count())
        ->toBe(0)
        ->and($this->work->tongueReadings()->count())
        ->toBe(0);
})->with([
    'no stance' => ['heights', ['front' => '954'], 'stance'],
    'no height' => ['heights', ['stance' => 'alone'], 'front'],
    'one good, one bad' => ['heights', ['stance' => 'alone', 'front' => '954', 'rear' => 'low'], 'rear'],
    'no fender' => ['heights', ['stance' => 'alone', 'front' => '9 mm'], 'front'],
    'no ticket' => ['tickets', ['stance' => 'alone', 'ticket' => 'heavy'], 'ticket'],
    'a ticket in tonnes' => ['tickets', ['stance' => 'alone', 'ticket' => 'front 1.46, rear 1.19'], 'ticket'],
    'a height in inches without its unit' => ['heights', ['stance' => 'alone', 'front' => '37.5'], 'front'],
    'no step' => ['tickets', ['stance' => 'alone', 'ticket' => 'front 1450', 'step_kg' => '-1'], 'step_kg'],
    'no way' => ['tongue-weights', ['way' => 'guess', 'read' => '380'], 'way'],
]);

it('lets no token in that ended, was revoked, or belongs to somebody who left', function (Closure $spoil): void {
    $token = ApiToken::issue($this->wren, 'Old', ApiRight::cases(), 1);
    ($this->with)($token)->getJson('/api/v1/jobs')->assertOk();
    $spoil();
    ($this->with)($token)->getJson('/api/v1/jobs')->assertStatus(401);
    Date::setTestNow();
})->with([
    'ended' => [fn () => Date::setTestNow(Date::now()->addDays(2))],
    'revoked' => [fn () => ApiToken::query()->update(['revoked_at' => Date::now()])],
    'left' => [fn () => User::query()->update(['left_at' => Date::now()])],
]);

it('keeps the hash of a token alone, and notes its last use', function (): void {
    expect(json_encode(DB::table('api_tokens')->get()))->not->toContain(substr($this->token, 5));
    ($this->with)($this->token)->getJson('/api/v1/jobs');
    expect(ApiToken::query()->first()?->used_at)->not->toBeNull();
});

it('throttles, and answers in one shape where there is nothing', function (): void {
    ($this->with)($this->token)
        ->getJson('/api/v1/nothing')
        ->assertNotFound()
        ->assertJson(['error' => ['code' => 'not_found']]);
    ($this->with)($this->token)
        ->getJson('/api/v1/jobs/4711')
        ->assertNotFound()
        ->assertJson(['error' => ['code' => 'not_found']]);
    ($this->with)($this->token)
        ->deleteJson('/api/v1/jobs')
        ->assertStatus(405)
        ->assertJson(['error' => ['code' => 'method']]);
    for ($i = 0; $i < 125; $i++) {
        $last = ($this->with)($this->token)->getJson('/api/v1/jobs/4711');
    }
    $last
        ->assertStatus(429)
        ->assertJson(['error' => ['code' => 'too_many']])
        ->assertHeader('Retry-After');
});

it('makes a token for a person, shows it once, and revokes it', function (): void {
    $this->actingAs($this->wren);
    $this->post('/account/tokens', ['name' => '', 'rights' => []])->assertSessionHasErrors(['name', 'rights']);
    $this->post('/account/tokens', [
        'name' => 'Scale at the gate',
        'rights' => ['readings:write', 'everything'],
        'days' => '90',
        'password_now' => 'tape-in-hand',
    ])->assertRedirect('/account/tokens');
    $token = ApiToken::query()->latest('id')->firstOrFail();
    $this->get('/account/tokens')->assertSee('yoke_')->assertSee('Scale at the gate');
    $this->get('/account/tokens')->assertDontSee('yoke_', false);
    expect($token->rights)
        ->toBe(['readings:write'])
        ->and($token->ends_at?->isFuture())
        ->toBeTrue();
    $this->post("/account/tokens/{$token->id}/revoke")->assertRedirect();
    expect($token->fresh('user')?->isOpen())->toBeFalse();
});
