<?php

declare(strict_types=1);

use App\Mail\PasswordLink;
use App\Models\DeviceSignIn;
use App\Models\Role;
use App\Models\User;
use App\UseCases\People\OwnerCode;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Mail;

const PHRASE = 'four links down and level';

/** Signs in by the page, as a browser of its own. */
function signedIn(Tests\FeatureCase $case, string $email, string $password): string
{
    auth()->forgetGuards();
    $case->flushSession();
    $case->post('/sign-in', compact('email', 'password'))->assertSessionHasNoErrors();

    return (string) session('signed_in_by');
}

/** What the record holds of one kind. */
function deeds(string $kind): Illuminate\Support\Collection
{
    return DB::table('activity_log')->where('event', $kind)->get();
}

it('invites somebody by a link, who chooses a password and is in', function (): void {
    $this->actingAs($this->person());
    $this->get('/people')->assertOk()->assertSee('Wren Tallow');
    $this->post('/people', [
        'name' => 'Ash Fenn',
        'email' => 'Ash@Quillfeather.example',
        'role' => 'desk',
    ])->assertRedirect('/people');
    $link = session('handed')['link'];
    $this->get('/people')->assertSee($link)->assertSee('has not come in yet');
    $this->get('/people')->assertDontSee($link);
    auth()->forgetGuards();
    $this->flushSession();

    $this->get($link)
        ->assertOk()
        ->assertSee('Ash Fenn, you sign in as ash@quillfeather.example.')
        ->assertHeader('Cache-Control', 'no-store, private');
    $this->post($link, ['password' => 'ash', 'password_again' => 'ash', '_from' => '/join/x'])
        ->assertRedirect('/join/x')
        ->assertSessionHasErrors('password');
    $this->post($link, ['password' => PHRASE, 'password_again' => PHRASE])->assertRedirect('/');
    $ash = User::query()->where('name', 'Ash Fenn')->sole();
    $this->assertAuthenticatedAs($ash);
    expect($ash->role)
        ->toBe(Role::Desk)
        ->and(Hash::check(PHRASE, $ash->password))
        ->toBeTrue()
        ->and(deeds('invited'))
        ->toHaveCount(1)
        ->and(deeds('joined'))
        ->toHaveCount(1);
    $this->get('/')->assertOk();
    auth()->forgetGuards();
    $this->flushSession();
    $this->get($link)->assertStatus(410)->assertSee('This link is closed');
    $this->post($link, ['password' => PHRASE.'2', 'password_again' => PHRASE.'2'])->assertStatus(410);
});

it('refuses an invitation in words and keeps what was typed', function (
    array $typed,
    string $field,
    string $says,
): void {
    $this->actingAs($this->person());
    $this->post('/people', $typed + ['_from' => '/people'])
        ->assertRedirect('/people')
        ->assertSessionHasErrors($field);
    $this->get('/people')
        ->assertSee($says)
        ->assertSee($typed['name'] ?? '');
    expect(User::query()->count())->toBe(1);
})->with([
    'no name' => [
        ['name' => '', 'email' => 'ash@quillfeather.example', 'role' => 'desk'],
        'name',
        'Expected a name of at most 80 letters.',
    ],
    'markup' => [
        ['name' => '<b>Ash', 'email' => 'ash@quillfeather.example', 'role' => 'desk'],
        'name',
        'Expected a name',
    ],
    'no address' => [['name' => 'Ash Fenn', 'email' => 'ash', 'role' => 'desk'], 'email', 'Expected an e-mail address'],
    'an address that somebody has' => [
        ['name' => 'Ash Fenn', 'email' => 'WREN@quillfeather.example', 'role' => 'desk'],
        'email',
        'Somebody here has this',
    ],
    'a role that there is not' => [
        ['name' => 'Ash Fenn', 'email' => 'ash@quillfeather.example', 'role' => 'king'],
        'role',
        'Expected owner, fitter or desk.',
    ],
]);

it('closes a link with its time, with the next one, and with whoever leaves', function (): void {
    $owner = $this->person();
    $ash = $this->person('Ash Fenn', '1 mm', Role::Fitter);
    $link = function () use ($owner, $ash): string {
        $this->actingAs($owner)
            ->post("/people/{$ash->id}/link")
            ->assertRedirect('/people');
        $made = session('handed')['link'];
        auth()->forgetGuards();
        $this->flushSession();

        return $made;
    };
    $first = $link();
    $second = $link();
    $this->get($first)->assertStatus(410);
    $this->get($second)->assertOk();
    $this->get(substr($second, 0, -1))->assertStatus(410);
    $this->get(str_replace('/invitation/', '/reset/', $second))->assertStatus(410);
    $this->get(str_replace("/{$ash->id}/", "/{$owner->id}/", $second))->assertStatus(410);
    $this->get(str_replace('/invitation/', '/made-up/', $second))->assertStatus(410);
    $this->travel(8)->days();
    $this->get($second)->assertStatus(410);
    $third = $link();
    $this->actingAs($owner)->post("/people/{$ash->id}/let-go");
    auth()->forgetGuards();
    $this->get($third)->assertStatus(410);
});

it('ends every sign-in of whoever leaves, and keeps what they did', function (): void {
    $owner = $this->person();
    $ash = $this->person('Ash Fenn', '1 mm', Role::Fitter);
    $job = $this->job();
    $key = signedIn($this, $ash->email, 'tape-in-hand');
    $this->tape($job, 'alone', ['front' => '950 mm'])->assertOk();
    DB::table('users')
        ->where('id', $ash->id)
        ->update(['left_at' => now()]);
    auth()->forgetGuards();
    $this->postJson("/jobs/{$job->id}/alone/tape", ['typed' => ['rear' => '985 mm']])->assertUnauthorized();
    expect($key)->not->toBe('');
    DB::table('users')
        ->where('id', $ash->id)
        ->update(['left_at' => null]);

    $this->actingAs($owner)
        ->post("/people/{$ash->id}/let-go")
        ->assertRedirect('/people');
    $this->get('/people')->assertSee('Left, or known from files')->assertSee('Ash Fenn');
    expect(DeviceSignIn::open()->where('user_id', $ash->id)->count())
        ->toBe(0)
        ->and(deeds('left'))
        ->toHaveCount(1);
    $this->get("/jobs/{$job->id}/tape-log")->assertSee('Ash Fenn');
    auth()->forgetGuards();
    $this->flushSession();
    $this->post('/sign-in', ['email' => $ash->email, 'password' => 'tape-in-hand'])->assertSessionHasErrors('email');
    $this->actingAs($owner)->post("/people/{$ash->id}/take-back");
    signedIn($this, $ash->email, 'tape-in-hand');
    $this->assertAuthenticatedAs($ash);
});

it('changes a role for the very next page', function (): void {
    $owner = $this->person();
    $ash = $this->person('Ash Fenn', '1 mm', Role::Fitter);
    $this->actingAs($owner)
        ->post("/people/{$ash->id}/role", ['role' => 'owner'])
        ->assertRedirect('/people');
    $this->actingAs($ash->fresh())->get('/people')->assertOk();
    $this->actingAs($owner)
        ->post("/people/{$ash->id}/role", ['role' => 'nobody'])
        ->assertSessionHasErrors('role');
    expect($ash->fresh()->role)
        ->toBe(Role::Owner)
        ->and(deeds('role-changed')->sole()->properties)
        ->toContain('Ash Fenn');
});

it('lists where somebody is signed in, and ends one there or all others', function (): void {
    $ash = $this->person('Ash Fenn');
    $first = signedIn($this, $ash->email, 'tape-in-hand');
    $second = signedIn($this, $ash->email, 'tape-in-hand');
    $third = signedIn($this, $ash->email, 'tape-in-hand');
    $as = function (string $key) use ($ash): void {
        auth()->forgetGuards();
        $this->flushSession()->withSession([auth()->guard()->getName() => $ash->id, 'signed_in_by' => $key]);
    };
    $as($first);
    $this->get('/account')->assertOk()->assertSee('this one')->assertSee('Sign out everywhere else');
    $other = DeviceSignIn::of($second);
    $this->post("/account/sign-ins/{$other->id}/end")->assertRedirect('/account');
    $as($second);
    $this->get('/')->assertRedirect('/sign-in');
    $as($first);
    $this->get('/')->assertOk();
    $this->post('/account/sign-ins/end');
    $as($third);
    $this->get('/')->assertRedirect('/sign-in');
    $as($first);
    $this->get('/')->assertOk();
    $as('guessed');
    $this->get('/')->assertRedirect('/sign-in');
    $ibby = $this->person('Ibby Marsh');
    $as($first);
    $this->withSession([auth()->guard()->getName() => $ibby->id]);
    $this->get('/')->assertRedirect('/sign-in');
    expect(signedIn($this, $ibby->email, 'tape-in-hand'))->not->toBe('');
    $this->post('/account/sign-ins/'.DeviceSignIn::of($first)->id.'/end')->assertNotFound();
});

it('changes a password with the one before, and signs out everywhere else', function (): void {
    $ash = $this->person('Ash Fenn');
    $other = signedIn($this, $ash->email, 'tape-in-hand');
    $here = signedIn($this, $ash->email, 'tape-in-hand');
    $this->post('/account/password', [
        'password_now' => 'guess',
        'password' => PHRASE,
        'password_again' => PHRASE,
    ])->assertSessionHasErrors('password_now');
    $this->post('/account/password', [
        'password_now' => 'tape-in-hand',
        'password' => PHRASE,
        'password_again' => 'typed wrong',
    ])->assertSessionHasErrors('password');
    expect(session()->getOldInput())->not->toHaveKey('password')->not->toHaveKey('password_now');
    $this->post('/account/password', [
        'password_now' => 'tape-in-hand',
        'password' => PHRASE,
        'password_again' => PHRASE,
    ])->assertSessionHasNoErrors();

    expect(Hash::check(PHRASE, $ash->fresh()->password))
        ->toBeTrue()
        ->and(DeviceSignIn::of($other))
        ->toBeNull()
        ->and(DeviceSignIn::of($here))
        ->not->toBeNull()
        ->and(deeds('password-changed'))
        ->toHaveCount(1);
});

it('asks for the password again before what concerns the whole shop', function (): void {
    $this->actingAs($this->person());
    $this->get('/shop')->assertRedirect('/password-again');
    $this->get('/password-again')->assertOk()->assertSee('The password is good for ten minutes there.');
    $this->post('/password-again', ['password' => 'guess'])->assertSessionHasErrors('password');
    $this->get('/shop')->assertRedirect('/password-again');
    $this->post('/password-again', ['password' => 'tape-in-hand'])->assertRedirect('/shop');
    $this->get('/shop')->assertOk();
    $this->travel(11)->minutes();
    $this->post('/shop/backups')->assertRedirect('/password-again');
});

it('mails a link to who forgot, and says the same of an address that nobody has', function (): void {
    Mail::fake();
    $ash = $this->person('Ash Fenn');
    $this->get('/forgotten')->assertOk()->assertSee('This shop sends no mail');
    $this->post('/forgotten', ['email' => 'ASH@quillfeather.example'])->assertRedirect('/forgotten');
    $said = session('done');
    $this->post('/forgotten', ['email' => 'nobody@quillfeather.example'])->assertRedirect('/forgotten');
    expect(session('done'))->toBe($said);
    $link = '';
    Mail::assertSent(PasswordLink::class, 1);
    Mail::assertSent(PasswordLink::class, function (PasswordLink $mail) use (&$link): bool {
        $link = $mail->link;

        return $mail->hasTo('ash@quillfeather.example') && str_contains($mail->render(), $mail->link);
    });
    $key = signedIn($this, $ash->email, 'tape-in-hand');
    auth()->forgetGuards();
    $this->flushSession();
    $this->post($link, ['password' => PHRASE, 'password_again' => PHRASE])->assertRedirect('/');
    expect(Hash::check(PHRASE, $ash->fresh()->password))->toBeTrue()->and(DeviceSignIn::of($key))->toBeNull();
    $this->flushSession();
    auth()->forgetGuards();
    $this->post('/forgotten')->assertSessionHasErrors('email');
});

it('makes the owner of an empty shop once, with the code of the console', function (): void {
    $this->get('/sign-in')->assertRedirect('/first-owner');
    $code = app(OwnerCode::class)->make();
    $typed = [
        'name' => 'Wren Tallow',
        'email' => 'wren@quillfeather.example',
        'password' => PHRASE,
        'password_again' => PHRASE,
    ];
    $this->get('/first-owner')->assertOk()->assertSee('php artisan yoke:owner-code');
    $this->post('/first-owner', ['code' => 'guessed', '_from' => '/first-owner'] + $typed)
        ->assertRedirect('/first-owner')
        ->assertSessionHasErrors('code');
    $this->post('/first-owner', ['code' => $code, 'email' => 'wren'] + $typed)->assertSessionHasErrors('email');
    expect(User::query()->count())->toBe(0);
    $this->post('/first-owner', ['code' => ' '.strtoupper($code).' '] + $typed)->assertRedirect('/');
    $this->assertAuthenticatedAs(User::query()->where('role', 'owner')->sole());
    $this->get('/people')->assertOk();

    auth()->forgetGuards();
    $this->flushSession();
    $this->get('/first-owner')->assertNotFound();
    $this->post('/first-owner', ['code' => $code, 'email' => 'ash@quillfeather.example'] + $typed)->assertNotFound();
    $this->get('/sign-in')->assertOk();
    expect($this->artisan('yoke:owner-code'))->toBe(0)->and(app(OwnerCode::class)->is($code))->toBeFalse();
});

it('refuses the code of the console after a few guesses', function (): void {
    $code = app(OwnerCode::class)->make();
    $typed = [
        'name' => 'Wren Tallow',
        'email' => 'wren@quillfeather.example',
        'password' => PHRASE,
        'password_again' => PHRASE,
    ];
    foreach (range(1, 5) as $guess) {
        $this->post('/first-owner', ['code' => "guess{$guess}"] + $typed);
    }
    $this->post('/first-owner', ['code' => $code] + $typed)->assertSessionHasErrors('code');
    expect(User::query()->count())->toBe(0);
    app(OwnerCode::class)->forget();
});

it('keeps the record of deeds as it is, and shows it in words', function (): void {
    $owner = $this->person();
    signedIn($this, $owner->email, 'tape-in-hand');
    $this->get('/deeds')->assertOk()->assertSee('Signed in from 127.0.0.1.')->assertSee('Wren Tallow');
    foreach (['UPDATE activity_log SET causer_id = 9', 'DELETE FROM activity_log'] as $forge) {
        expect(fn () => DB::statement($forge))->toThrow(QueryException::class, 'append-only');
    }
});

it(
    'records a rating that is changed on a sheet or at a station, and a link that is made or revoked',
    function (): void {
        $this->actingAs($this->person());
        $job = $this->job();
        $sheet = ['name' => 'Dome', 'trailer_gvwr_kg' => '8000 lb'];
        $this->post('/garage/trailer/1', $sheet)->assertSessionHasNoErrors();
        $this->post('/garage/trailer/1', $sheet)->assertSessionHasNoErrors();
        $this->post('/garage/trailer/1', [
            'name' => 'Dome',
            'tongue_weight_kg' => '900 lb',
        ])->assertSessionHasNoErrors();
        $this->post("/jobs/{$job->id}/brief/facts/trailer/trailer_gvwr_kg", [
            'trailer_gvwr_kg' => '7500 lb',
        ])->assertSessionHasNoErrors();
        $this->post("/jobs/{$job->id}/card/links");
        $this->post("/jobs/{$job->id}/card/links/1/revoke");
        $this->get("/jobs/{$job->id}/job.json")->assertOk();

        $this->get('/deeds')
            ->assertOk()
            ->assertSeeInOrder([
                'Exported job 1, A dome.',
                'Revoked a private link',
                'Made a private link',
                'Dome, GVWR: 8000 lb to 7500 lb.',
                'Dome, GVWR: nothing to 8000 lb.',
            ])
            ->assertDontSee('Tongue weight');
        expect(deeds('rating-changed'))->toHaveCount(2);
    },
);
