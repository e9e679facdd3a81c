<?php

declare(strict_types=1);

use App\Interchange\Job\JobFile;
use App\Models\Role;
use App\Models\User;
use Illuminate\Http\UploadedFile;

/*
 * What each role may do, through whichever door: the form of a page, the HTTP interface with a token that was given
 * every right
 * while its person was still an owner, and a file taken in. `null` where a door does not have it.
 */
const DOORS = [
    'read a job' => [
        'form' => ['GET', '/jobs/1/alone', []],
        'interface' => ['GET', '/jobs/1', []],
        'import' => null,
        'may' => [Role::Owner, Role::Fitter, Role::Desk],
    ],
    'read a rig' => [
        'form' => ['GET', '/log/1', []],
        'interface' => ['GET', '/rigs/1', []],
        'import' => null,
        'may' => [Role::Owner, Role::Fitter, Role::Desk],
    ],
    'write heights' => [
        'form' => ['POST', '/jobs/1/alone/tape', ['typed' => ['front' => '954 mm']]],
        'interface' => ['POST', '/jobs/1/heights', ['stance' => 'alone', 'front' => '954']],
        'import' => 'a whole job',
        'may' => [Role::Owner, Role::Fitter],
    ],
    'write a ticket' => [
        'form' => ['POST', '/jobs/1/weigh', ['stance' => 'alone', 'ticket' => "front 1450 kg\nrear 1180 kg"]],
        'interface' => ['POST', '/jobs/1/tickets', ['stance' => 'alone', 'ticket' => "front 1450\nrear 1180"]],
        'import' => null,
        'may' => [Role::Owner, Role::Fitter],
    ],
    'write a tongue weight' => [
        'form' => ['POST', '/jobs/1/tongue', ['way' => 'tongue_scale', 'read' => '380 kg']],
        'interface' => ['POST', '/jobs/1/tongue-weights', ['way' => 'tongue_scale', 'read' => '380 kg']],
        'import' => null,
        'may' => [Role::Owner, Role::Fitter],
    ],
];

/** A token with every right, made on the page by a person as they are now. */
function madeByPage(object $test, User $person): string
{
    $test->actingAs($person->fresh());
    $test->post('/account/tokens', [
        'name' => 'The gate',
        'rights' => ['jobs:read', 'rigs:read', 'readings:write'],
        'days' => '30',
        'password_now' => 'tape-in-hand',
    ]);
    $token = (string) session('token');
    auth()->forgetGuards();
    $test->flushSession();

    return $token;
}

it('gives the same answer by form, interface and import', function (Role $role, string $deed): void {
    $job = $this->job();
    $ash = $this->person('Ash Fenn', '1 mm', Role::Owner);
    $token = madeByPage($this, $ash);
    $ash->update(['role' => $role]);
    ['form' => $form, 'interface' => $interface, 'import' => $import, 'may' => $may] = DOORS[$deed];
    $lets = in_array($role, $may, true);

    $byInterface = $this->json($interface[0], "/api/v1{$interface[1]}", $interface[2], [
        'Authorization' => "Bearer {$token}",
    ])->getStatusCode();
    expect($byInterface < 300)
        ->toBe($lets, "interface: {$byInterface}")
        ->and($lets || $byInterface === 403)
        ->toBeTrue();
    auth()->forgetGuards();
    $this->actingAs($ash->fresh());
    $byForm = $this->call($form[0], $form[1], $form[2])->getStatusCode();
    expect($byForm < 400)
        ->toBe($lets, "form: {$byForm}")
        ->and($lets || $byForm === 403)
        ->toBeTrue();
    if ($import !== null) {
        $file = UploadedFile::fake()->createWithContent(
            'job.json',
            str_replace(
                '"mark":"'.$job->mark.'"',
                '"mark":"01234567-89ab-cdef-0123-456789abcdef"',
                (new JobFile($job))->json(),
            ),
        );
        $byImport = $this->post('/take-in', ['file' => $file])->getStatusCode();
        expect($byImport < 400)->toBe($lets, "import: {$byImport}");
    }
    foreach (['readings', 'tickets', 'tongue_readings'] as $table) {
        expect($lets || Illuminate\Support\Facades\DB::table($table)->doesntExist())->toBeTrue($table);
    }
})
    ->with(Role::cases())
    ->with(array_keys(DOORS));

it('hands on no right that its person has not', function (): void {
    $this->actingAs($this->person('Ash Fenn', '1 mm', Role::Desk));
    $this->get('/account/tokens')->assertOk()->assertSee('jobs:read')->assertDontSee('readings:write');
    $this->post('/account/tokens', [
        'name' => 'The gate',
        'rights' => ['readings:write'],
        'password_now' => 'tape-in-hand',
    ])->assertSessionHasErrors(['rights']);
});

it('asks for the password before it makes a token, and slows who guesses', function (): void {
    $this->actingAs($this->person());
    $ask = fn (string $password) => $this->post('/account/tokens', [
        'name' => 'The gate',
        'rights' => ['jobs:read'],
        'password_now' => $password,
    ]);
    $ask('guess')->assertSessionHasErrors(['password_now' => 'This is not your password.']);
    foreach (range(1, 5) as $guess) {
        $last = $ask("guess {$guess}");
    }
    $last->assertSessionHasErrors('password_now');
    expect(session('errors')->first('password_now'))
        ->toStartWith('Too many tries')
        ->and(App\Models\ApiToken::query()->count())
        ->toBe(0);
});

it('ends a token after a year at the latest', function (string $days): void {
    $this->actingAs($this->person());
    $this->post('/account/tokens', [
        'name' => 'The gate',
        'rights' => ['jobs:read'],
        'days' => $days,
        'password_now' => 'tape-in-hand',
    ]);
    $ends = App\Models\ApiToken::query()->sole()->ends_at;
    expect($ends?->isBefore(now()->addDays(366)))->toBeTrue();
})->with(['0', '100000', 'never', '365']);

it('counts tokens, lists all of them to their person and the owner, and lets an owner revoke each', function (): void {
    $ash = $this->person('Ash Fenn', '1 mm', Role::Fitter);
    foreach (range(1, 20) as $number) {
        App\Models\ApiToken::issue($ash, "Device {$number}", [App\Models\ApiRight::ReadJobs]);
    }
    $this->actingAs($ash);
    $this->post('/account/tokens', [
        'name' => 'One more',
        'rights' => ['jobs:read'],
        'password_now' => 'tape-in-hand',
    ])->assertSessionHasErrors(['made']);
    $listed = $this->get('/account/tokens');
    foreach (range(1, 20) as $number) {
        $listed->assertSee("Device {$number}");
    }
    $this->actingAs($this->person());
    $this->get('/account/tokens')->assertSee('Ash Fenn')->assertSee('Device 20');
    $first = App\Models\ApiToken::query()->firstOrFail();
    $this->post("/account/tokens/{$first->id}/revoke")->assertRedirect();
    expect($first->fresh('user')?->isOpen())->toBeFalse();
    $this->actingAs($this->person('Ludo Finch', '1 mm', Role::Fitter));
    $this->get('/account/tokens')->assertDontSee('Ash Fenn');
    $this->post('/account/tokens/2/revoke')->assertNotFound();
});

it('lets nobody guess at tokens, whatever they are called', function (): void {
    $codes = [];
    for ($guess = 0; $guess < 60; $guess++) {
        $codes[] = $this->getJson('/api/v1/jobs', [
            'Authorization' => 'Bearer yoke_'.str_pad((string) $guess, 48, 'x'),
        ])->getStatusCode();
    }
    expect(array_count_values($codes))->toBe([401 => 20, 429 => 40]);
    $this->getJson('/api/v1/jobs', ['Authorization' => 'Bearer yoke_other'])
        ->assertStatus(429)
        ->assertHeader('Retry-After');
    $token = App\Models\ApiToken::issue($this->person(), 'The gate', [App\Models\ApiRight::ReadJobs]);
    $this->getJson('/api/v1/jobs', ['Authorization' => "Bearer {$token}"])->assertOk();
});
