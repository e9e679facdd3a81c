<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Vehicle;

beforeEach(function (): void {
    $this->person();
    $this->actingAs(App\Models\User::query()->sole());
});

it('never lets a name become markup', function (): void {
    $job = $this->job();
    $nasty = '"><script>alert(1)</script>';
    $sheet = $job->rig_as_worked;
    $sheet['vehicle']['name'] = $nasty;
    Job::query()->update(['title' => $nasty, 'rig_as_worked' => json_encode($sheet)]);
    Vehicle::query()->update(['name' => $nasty]);

    foreach (
        ['/', "/jobs/{$job->id}/alone", "/jobs/{$job->id}/prove", "/jobs/{$job->id}/tape-log", '/garage'] as $address
    ) {
        $page = $this->get($address)->assertOk()->getContent();
        expect($page)->not->toContain('<script>alert')->toContain(e($nasty));
    }
});

it('answers a page that is not there in words', function (string $address): void {
    $this->get($address)->assertNotFound()->assertSee('Page not found')->assertSee('To the yard');
})->with(['/jobs/999/alone', '/jobs/1/nowhere', '/nothing']);

it('takes forms that no page of ours sent without falling over', function (): void {
    $this->post('/jobs', [
        'title' => ['a'],
        'vehicle' => ['b'],
        'wheelbase' => ['c' => ['d']],
        'overhang' => '51',
    ])->assertRedirect('/jobs/new');
    $this->post('/jobs', ['overhang' => "51\xC3\x28"])
        ->assertStatus(400)
        ->assertSee('Expected plain text');
    $this->get('/jobs/new')->assertOk();
    $this->post('/preferences', ['fineness' => ['1 mm']])->assertSessionHasErrors('fineness');
    auth()->logout();
    $this->from('/sign-in')
        ->post('/sign-in', ['email' => ['a'], 'password' => ['b']])
        ->assertSessionHasErrors('email');
    $this->get('/sign-in')->assertOk();
});

it('says how long the server took', function (): void {
    $this->get('/')->assertHeader('Server-Timing');
});

it('says with every verdict that it is an aid, and promises no speed', function (): void {
    $page = $this->get("/jobs/{$this->job()->id}/road-test")
        ->assertOk()
        ->assertSee('An aid to measuring, not a certificate')
        ->assertSee('No hard braking, no steering against it');

    expect($page->getContent())->not->toMatch('/safe (at|up to|speed)|\d ?(km\/h|mph)/i');
});

it('gives each person a theme of their own', function (): void {
    $this->get('/')->assertSee('data-theme="sun"', false);
    $this->post('/preferences', ['theme' => 'dark']);
    $this->get('/')->assertSee('data-theme="dark"', false);
    $this->post('/preferences', ['theme' => 'neon'])->assertSessionHasErrors('theme');
    $this->actingAs($this->person('Ibby Marsh', '1 mm'));
    $this->get('/')->assertSee('data-theme="sun"', false);
});

it('names the rig, its heights and its chances to a screen reader', function (): void {
    $job = $this->job();
    $this->tape($job, 'alone', ['front' => '37 7/16', 'rear' => '38 7/8'], ['rolled' => '1']);
    $this->tape($job, 'dropped', ['front' => '38 7/16', 'rear' => '36 1/2'], ['rolled' => '1']);
    $this->tape($job, 'bars-up', ['front' => '37 11/16', 'rear' => '37 1/4'], ['rolled' => '1']);

    $this->get("/jobs/{$job->id}/bars-up")
        ->assertOk()
        ->assertSee('Side elevation of Drover with Dome, to scale', false)
        ->assertSee('aria-label="Rear fender carried: 37 1/4 in"', false)
        ->assertSee('Too little: under 1 %. In range: over 99 %. Too much: under 1 %."', false)
        ->assertSee('Front fender: dropped 38 7/16 in, halfway 37 15/16 in, full return 37 7/16 in', false)
        ->assertSee('Bars up<span class="sr-only">, done</span>', false);
});

it('keeps a rolled rig rolled in its form, and an unrolled one not', function (): void {
    $job = $this->job();
    $this->tape($job, 'alone', ['front' => '37 7/16'], ['rolled' => '1']);
    $this->tape($job, 'dropped', ['front' => '38 7/16']);

    expect($this->get("/jobs/{$job->id}/alone")->getContent())
        ->toMatch('/name="rolled" value="1"\s+checked/')
        ->and($this->get("/jobs/{$job->id}/dropped")->getContent())
        ->not->toMatch('/name="rolled" value="1"\s+checked/');
});

it('keeps no more of a refused form than anybody types', function (): void {
    $this->actingAs(App\Models\User::query()->firstOrFail());
    $this->post('/people', [
        'name' => str_repeat('a', 200_000),
        'email' => 'nobody',
        'role' => 'desk',
    ])->assertSessionHasErrors(['name', 'email']);
    expect(session()->getOldInput())->toHaveKey('email')->not->toHaveKey('name');
    $this->post('/take-in', [
        'waiting' => str_repeat('x', 40),
        'called' => str_repeat('b', 200_000),
        'then' => 'copy',
    ])->assertSessionHasErrors('file');
    expect(strlen(serialize(session()->all())))->toBeLessThan(20_000);
});
