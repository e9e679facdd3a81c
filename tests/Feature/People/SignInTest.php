<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Facades\Hash;

it('sends a stranger to the sign-in page', function (string $address): void {
    $this->get($address)->assertRedirect('/sign-in');
})->with(['/', '/jobs/new', '/jobs/1/alone', '/jobs/1/tape-log']);

it('lets an account in, with its password kept hashed', function (): void {
    $person = $this->person();

    $this->post('/sign-in', ['email' => $person->email, 'password' => 'tape-in-hand'])->assertRedirect('/');
    $this->assertAuthenticatedAs($person);
    $this->get('/sign-in')->assertRedirect('/');
    expect(User::query()->value('password'))
        ->not->toContain('tape-in-hand')
        ->and(Hash::check('tape-in-hand', User::query()->value('password')))
        ->toBeTrue();

    $this->post('/sign-out')->assertRedirect('/sign-in');
    $this->assertGuest();
});

it('refuses in words and keeps the address typed', function (array $typed, string $field, string $sentence): void {
    $this->person();

    $this->from('/sign-in')
        ->post('/sign-in', $typed)
        ->assertRedirect('/sign-in')
        ->assertSessionHasErrors([$field => $sentence]);
    expect(session()->getOldInput('email'))
        ->toBe($typed['email'] ?? null)
        ->and(session()->getOldInput('password'))
        ->toBeNull();
    $this->assertGuest();
})->with([
    'a wrong password' => [
        ['email' => 'wren@quillfeather.example', 'password' => 'guess'],
        'email',
        'No account has this e-mail address and password together.',
    ],
    'nobody' => [
        ['email' => 'nobody@quillfeather.example', 'password' => 'guess'],
        'email',
        'No account has this e-mail address and password together.',
    ],
    'no password' => [['email' => 'wren@quillfeather.example'], 'password', 'Expected your password.'],
    'nothing' => [[], 'email', 'Expected the e-mail address of your account.'],
]);

it('asks for a pause after five wrong tries, even before the right one', function (): void {
    $person = $this->person();
    foreach (range(1, 5) as $try) {
        $this->post('/sign-in', ['email' => $person->email, 'password' => "guess {$try}"]);
    }

    $this->post('/sign-in', ['email' => strtoupper($person->email), 'password' => 'tape-in-hand']);
    expect(session('errors')->first('email'))->toMatch(
        '/^Too many tries\. Expected a pause: try again in \d+ seconds\.$/',
    );
    $this->assertGuest();

    $this->travel(61)->seconds();
    $this->post('/sign-in', ['email' => $person->email, 'password' => 'tape-in-hand']);
    $this->assertAuthenticatedAs($person);
});
