<?php

declare(strict_types=1);

/*
 * A tablet that several people use: what its browser fetches by itself leaves no trace in anybody's session, and
 * whoever signs
 * out leaves nothing behind.
 */

beforeEach(function (): void {
    $this->signInAs = function (string $email) {
        $answer = $this->post('/sign-in', ['email' => $email, 'password' => 'tape-in-hand']);
        // One process answers all of a test's requests, and would hand on what it queued for the one before.
        app('cookie')->flushQueuedCookies();

        return $answer;
    };
    $this->quietly = fn (string $address) => $this->get($address, ['X-Keeping' => '1']);
});

it(
    'gives a fetch that nobody waits for no cookie and no address to go to, before, while and after somebody is signed in',
    function (): void {
        $this->job();
        $this->person();
        ($this->quietly)('/jobs/1/alone')->assertStatus(401)->assertHeaderMissing('Set-Cookie');
        ($this->quietly)('/offline.json')->assertStatus(401)->assertHeaderMissing('Set-Cookie');
        expect(session('url.intended'))->toBeNull();
        ($this->signInAs)('wren@quillfeather.example')->assertRedirect('/');
        ($this->quietly)('/jobs/1/alone')->assertOk()->assertHeaderMissing('Set-Cookie');
        $this->get('/jobs/1/alone')->assertHeader('Set-Cookie');
        $this->post('/sign-out');
        app('cookie')->flushQueuedCookies();
        ($this->quietly)('/')->assertStatus(401)->assertHeaderMissing('Set-Cookie');
        expect(session('url.intended'))->toBeNull();
    },
);

it('leaves a sentence that was to be shown for the page that shows it', function (): void {
    $this->person();
    ($this->signInAs)('wren@quillfeather.example');
    $this->post('/calendar');
    ($this->quietly)('/day')->assertOk();
    $this->get('/calendar')->assertSee('Address made');
});

it('goes back to a page after a sign-in, never to a picture', function (): void {
    $this->person();
    $this->get('/jobs/1/photos/1.jpg', ['Sec-Fetch-Dest' => 'image'])->assertStatus(401);
    ($this->signInAs)('wren@quillfeather.example')->assertRedirect('/');
    $this->post('/sign-out');
    $this->get('/garage', ['Sec-Fetch-Dest' => 'document'])->assertRedirect('/sign-in');
    ($this->signInAs)('wren@quillfeather.example')->assertRedirect('/garage');
});

it('tells the browser at sign-out to forget all it keeps, but what waits there to be sent', function (
    string $waits,
    string $clears,
): void {
    $this->person();
    ($this->signInAs)('wren@quillfeather.example');
    $this->post('/sign-out', ['waits' => $waits])
        ->assertRedirect('/sign-in')
        ->assertHeader('Clear-Site-Data', $clears);
})->with(['nothing' => ['', '"cache", "storage"'], 'entries' => ['1', '"cache"']]);

it('lets no browser keep a page with people, accounts or customers', function (): void {
    $job = $this->job();
    $this->actingAs($this->person());
    App\Models\Customer::query()->create(['name' => 'Perpetua Lisle', 'agreed_at' => now()]);
    foreach (
        [
            '/account',
            '/account/tokens',
            '/calendar',
            '/people',
            '/deeds',
            '/customers',
            '/customers/1',
            '/customers/new',
            '/calls',
            '/day',
            "/log/{$job->rig_id}",
            '/settings',
            '/practice/team',
            '/practice/record',
            '/password-again',
        ] as $page
    ) {
        expect(
            str_contains((string) $this->get($page)->assertOk()->headers->get('Cache-Control'), 'no-store'),
        )->toBeTrue($page);
    }
});

it('has a browser ask each time before it shows a photo that it has', function (): void {
    $job = $this->job();
    $this->actingAs($this->person());
    $photo = $job
        ->photos()
        ->create([
            'shows' => 'other',
            'width' => 1,
            'height' => 1,
            'jpeg' => 'JPEG',
            'user_id' => 1,
            'taken_at' => now(),
        ]);
    $answer = $this->get("/jobs/{$job->id}/photos/{$photo->id}.jpg")->assertOk();
    expect((string) $answer->headers->get('Cache-Control'))->toContain('no-cache')->not->toContain('max-age=3');
    $this->get("/jobs/{$job->id}/photos/{$photo->id}.jpg", [
        'If-None-Match' => (string) $answer->headers->get('ETag'),
    ])->assertStatus(304);
    auth()->forgetGuards();
    $this->flushSession();
    $this->get("/jobs/{$job->id}/photos/{$photo->id}.jpg", [
        'If-None-Match' => (string) $answer->headers->get('ETag'),
        'Sec-Fetch-Dest' => 'image',
    ])->assertStatus(401);
});
