<?php

declare(strict_types=1);

use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Support\Defer\DeferredCallbackCollection;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Mail;

/** Counts what is compared with a password, and how much work each is. */
final class CountingHasher implements Hasher
{
    /** @var list<int> */
    public array $costs = [];

    public function __construct(private readonly Hasher $hasher)
    {
    }

    public function info($hashedValue): array
    {
        return $this->hasher->info($hashedValue);
    }

    public function make($value, array $options = []): string
    {
        return $this->hasher->make($value, $options);
    }

    public function check($value, $hashedValue, array $options = []): bool
    {
        $this->costs[] = (int) (password_get_info((string) $hashedValue)['options']['cost'] ?? 0);

        return $this->hasher->check($value, $hashedValue, $options);
    }

    public function needsRehash($hashedValue, array $options = []): bool
    {
        return $this->hasher->needsRehash($hashedValue, $options);
    }
}

/** What is compared while somebody tries to sign in. */
function comparedWhile(object $test, string $email): array
{
    $counting = new CountingHasher(new Illuminate\Hashing\BcryptHasher(['rounds' => 4]));
    app()->instance('hash', $counting);
    app()->instance(Hasher::class, $counting);
    Hash::clearResolvedInstances();
    $test->post('/sign-in', ['email' => $email, 'password' => 'a guess of mine']);

    return $counting->costs;
}

it(
    'does the same work for an account and for none, for somebody who left and for a name from a file',
    function (): void {
        $this->person();
        $this->person('Ash Fenn')->update(['left_at' => now()]);
        $this->person('Ludo Finch', '1 mm', null);
        $this->person('Ibby Marsh')
            ->forceFill(['password' => 'x'])
            ->save();
        Illuminate\Support\Facades\DB::table('users')
            ->where('name', 'Ibby Marsh')
            ->update(['password' => '!']);
        $compared = comparedWhile($this, 'wren@quillfeather.example');
        expect($compared)->toBe([4]);
        foreach (
            [
                'nobody@quillfeather.example',
                'ash@quillfeather.example',
                'ludo@quillfeather.example',
                'ibby@quillfeather.example',
            ] as $other
        ) {
            expect(comparedWhile($this, $other))->toBe($compared, $other);
        }
    },
);

it('answers who has forgotten a password before it looks whether there is such an account', function (): void {
    $this->person();
    Mail::fake();
    $asked = [];
    Illuminate\Support\Facades\DB::listen(function ($query) use (&$asked): void {
        $asked[] = str_contains($query->sql, 'from "users"');
    });
    // What is put off until the answer is out is done here when it is asked for.
    app()->instance(DeferredCallbackCollection::class, $put = new DeferredCallbackCollection());
    $controller = app(App\Http\Controllers\People\ForgottenPassword::class);
    $request = App\Http\Requests\Asked::create('/forgotten', 'POST', ['email' => 'wren@quillfeather.example']);
    $request->setContainer(app());
    $controller->store(
        $request,
        app(App\UseCases\People\EntryLinks::class),
        app(App\UseCases\People\SignInTries::class),
    );
    expect($asked)->toBe([]);
    Mail::assertNothingOutgoing();
    $put->invoke();
    Mail::assertSentCount(1);
});

it(
    'lets who has signed in here before come back, while strangers guess at the account from everywhere',
    function (): void {
        $this->person();
        $in = ['email' => 'wren@quillfeather.example', 'password' => 'tape-in-hand'];
        $device = $this->post('/sign-in', $in)->assertRedirect('/')->getCookie('device')?->getValue();
        $this->post('/sign-out');
        $this->assertGuest();
        foreach (range(1, 6) as $address) {
            foreach (range(1, 5) as $guess) {
                $this->withServerVariables(['REMOTE_ADDR' => "198.51.100.{$address}"])->post(
                    '/sign-in',
                    ['password' => "guess {$guess}"] + $in,
                );
            }
        }
        $this->withServerVariables(['REMOTE_ADDR' => '203.0.113.9'])->post('/sign-in', $in);
        $this->assertGuest();
        $this->withServerVariables(['REMOTE_ADDR' => '203.0.113.9'])
            ->withCookie('device', (string) $device)
            ->post('/sign-in', $in)
            ->assertRedirect('/');
        $this->assertAuthenticated();
    },
);

it('takes a device for known by its own account alone, and by no cookie that somebody made up', function (): void {
    $this->person();
    $this->person('Ash Fenn');
    $device = $this->post('/sign-in', ['email' => 'ash@quillfeather.example', 'password' => 'tape-in-hand'])
        ->getCookie('device')
        ?->getValue();
    $this->post('/sign-out');
    $mark = substr(hash('sha256', 'wren@quillfeather.example'), 0, 24);
    foreach (range(1, 30) as $address) {
        $this->withServerVariables(['REMOTE_ADDR' => "198.51.100.{$address}"])->post('/sign-in', [
            'email' => 'wren@quillfeather.example',
            'password' => 'guess',
        ]);
    }
    foreach (
        [
            'another account' => fn () => $this->withCookie('device', (string) $device),
            'made up' => fn () => $this->withUnencryptedCookie('device', $mark),
        ] as $what => $with
    ) {
        $with()
            ->withServerVariables(['REMOTE_ADDR' => '203.0.113.9'])
            ->post('/sign-in', ['email' => 'wren@quillfeather.example', 'password' => 'tape-in-hand']);
        $this->assertGuest();
    }
});
