<?php

declare(strict_types=1);

use App\Models\Role;
use Illuminate\Routing\Route as Address;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

/*
 * Who may do what: every address of the shop, by its name. `anyone` needs no sign-in, `guest` is for who has not signed
 * in,
 * `all` for whoever has, `work` for fitters and owners, `own` for owners.
 */
const WHO = [
    'anyone' => [
        'up',
        'alive',
        'worker',
        'calendar.feed',
        'owner.card',
        'owner.loads',
        'owner.manifest',
        'owner.note',
        'owner.paper',
        'owner.pdf',
        'owner.procedure',
    ],
    'guest' => [
        'sign-in',
        'sign-in.try',
        'first-owner',
        'first-owner.make',
        'forgotten',
        'forgotten.mail',
        'join',
        'join.choose',
    ],
    'all' => [
        'sign-out',
        'preferences',
        'preferences.calling',
        'password.confirm',
        'password.check',
        'role.ask',
        'role.say',
        'account',
        'account.password',
        'account.end',
        'account.end-others',
        'yard',
        'jobs.create',
        'jobs.store',
        'jobs.resume',
        'jobs.log',
        'jobs.plan',
        'jobs.diagnosis',
        'take-over',
        'weigh',
        'tongue',
        'loads',
        'loads.preview',
        'devices.read',
        'card',
        'card.pdf',
        'files',
        'files.json',
        'files.readings',
        'files.tickets',
        'files.drawing',
        'photos',
        'photos.picture',
        'log.visit',
        'log.begin',
        'bars',
        'bars.preview',
        'gap',
        'chains',
        'gap.preview',
        'choice',
        'new-loads',
        'new-load',
        'new-load.preview',
        'new-load.start',
        'care.calendar',
        'log',
        'log.rig',
        'log.care',
        'care.rig-calendar',
        'garage',
        'garage.away',
        'garage.shelf',
        'garage.find',
        'garage.create',
        'garage.edit',
        'garage.preview',
        'procedures.show',
        'procedures.paper',
        'procedures.list',
        'day',
        'calls',
        'customers',
        'customers.edit',
        'tokens',
        'tokens.make',
        'tokens.revoke',
        'calendar',
        'calendar.make',
        'calendar.revoke',
        'offline.pages',
        'offline.none',
        'bench',
        'tape.preview',
        'gauge.preview',
        'practice',
        'practice.record',
        'practice.run',
        'practice.debrief',
        'practice.explain',
        'practice.frames',
    ],
    'work' => [
        'may.work',
        'practice.start',
        'practice.act',
        'weigh.store',
        'weigh.withdraw',
        'weigh.condition',
        'tongue.store',
        'tongue.withdraw',
        'card.link',
        'card.revoke',
        'owner-notes.seen',
        'day.put',
        'calls.store',
        'customers.create',
        'customers.store',
        'customers.update',
        'customers.assign',
        'photos.store',
        'photos.withdraw',
        'road.store',
        'jobs.head',
        'bars.store',
        'bars.skip',
        'bars.undo',
        'gap.store',
        'gap.skip',
        'files.take',
        'files.store',
        'garage.pair',
        'rigs.away',
        'rigs.back',
        'garage.store',
        'garage.copy',
        'garage.put-away',
        'garage.bring-back',
        'garage.update',
        'hook-up.set-by',
        'hook-up.count',
        'loads.store',
        'loads.copy',
        'loads.setting',
        'loads.away',
        'procedures.take',
        'procedures.ticked',
        'procedures.undo',
        'procedures.give-up',
        'care.store',
        'care.withdraw',
        'tape.store',
        'gauge.store',
        'measures.store',
        'rounds.store',
        'torques.store',
        'checks.store',
        'facts.store',
        'facts.guide',
        'stations.method',
        'stations.sides',
        'stations.close',
        'stations.open',
    ],
    'own' => [
        'may.own',
        'practice.team',
        'people',
        'people.invite',
        'people.link',
        'people.role',
        'people.let-go',
        'people.take-back',
        'deeds',
        'customers.file',
        'customers.erase',
        'experience',
        'settings',
        'settings.preview',
        'settings.store',
        'shop',
        'shop.make',
        'shop.download',
        'shop.part',
        'shop.prepare',
        'shop.preview',
        'shop.restore',
    ],
];

/** Asked for as the page or the form of its own would. */
function asked(Address $route): array
{
    $with = [
        'job' => 1,
        'rig' => 1,
        'id' => 1,
        'ticket' => 1,
        'reading' => 1,
        'photo' => 1,
        'link' => 1,
        'record' => 1,
        'person' => 1,
        'signIn' => 1,
        'run' => 1,
        'note' => 1,
        'customer' => 1,
        'access' => 1,
        'day' => '2026-05-04',
        'topic' => 'bars',
        'part' => 'trailer',
        'station' => 'alone',
        'state' => 'weighed',
        'occasion' => 'hook-up',
        'paper' => 'a4',
        'kind' => 'weighbridge',
        'token' => 'guessed',
        'field' => 'gross_weight_kg',
        'name' => 'shop-20260101-000000.yoke',
    ];
    $address = preg_replace_callback(
        '/\{(\w+)\??\}/',
        static fn (array $part): string => (string) $with[$part[1]],
        $route->uri(),
    );

    return [in_array('GET', $route->methods(), true) ? 'GET' : 'POST', "/{$address}"];
}

it('has every address of the shop in the table of who may do what, once', function (): void {
    $named = array_merge(...array_values(WHO));
    $there = array_filter(
        array_map(static fn (Address $route): ?string => $route->getName(), Route::getRoutes()->getRoutes()),
        static fn (?string $name): bool => ! str_starts_with((string) $name, 'storage.') &&
            ! str_starts_with((string) $name, 'api.'),
    );

    expect(array_unique($named))->toHaveCount(count($named));
    sort($named);
    sort($there);
    expect($there)->toBe($named);
});

it('lets each role do what the table says, and nothing else', function (?Role $role, array $lets): void {
    $this->job();
    $this->person('Wren Tallow');
    $link = App\Models\CardLink::query()->create([
        'job_id' => 1,
        'token' => 'another',
        'user_id' => 1,
        'made_at' => now(),
        'ends_at' => now(),
    ]);
    App\Models\Customer::query()->create(['name' => 'Somebody', 'agreed_at' => now()]);
    App\Models\CalendarLink::query()->create(['user_id' => 1, 'hash' => hash('sha256', 'secret'), 'made_at' => now()]);
    App\Models\OwnerNote::query()->create([
        'job_id' => 1,
        'card_link_id' => $link->id,
        'note' => 'Hello',
        'sent_at' => now(),
    ]);
    App\Models\PracticeRun::query()->create([
        'user_id' => 1,
        'code' => '2-00005-3',
        'tape' => '1 mm',
        'coach' => 'off',
    ]);
    $actor = $role === null ? null : $this->person('Ash Fenn', '1 mm', $role);
    $wrong = [];
    foreach (Route::getRoutes()->getRoutes() as $route) {
        $who =
            array_keys(
                array_filter(WHO, static fn (array $names): bool => in_array($route->getName(), $names, true)),
            )[0] ?? null;
        if ($who === null) {
            continue;
        }
        DB::beginTransaction();
        auth()->forgetGuards();
        $this->flushSession();
        if ($actor !== null) {
            $this->actingAs($actor->fresh());
        }
        [$method, $address] = asked($route);
        $answer = $this->call($method, $address);
        $refused = match (true) {
            $answer->isRedirect(url('/sign-in')) && ($actor === null || $route->getName() !== 'sign-out') => 'signed out',
            $answer->getStatusCode() === 403 => 'forbidden',
            default => 'let in',
        };
        $expected = $lets[$who];
        if ($refused !== $expected && ! ($who === 'guest' && $actor === null)) {
            $wrong[] = "{$route->getName()}: {$refused}, expected {$expected}";
        }
        DB::rollBack();
    }

    expect($wrong)->toBe([]);
})->with([
    'nobody' => [
        null,
        [
            'anyone' => 'let in',
            'guest' => 'let in',
            'all' => 'signed out',
            'work' => 'signed out',
            'own' => 'signed out',
        ],
    ],
    'the desk' => [
        Role::Desk,
        ['anyone' => 'let in', 'guest' => 'let in', 'all' => 'let in', 'work' => 'forbidden', 'own' => 'forbidden'],
    ],
    'a fitter' => [
        Role::Fitter,
        ['anyone' => 'let in', 'guest' => 'let in', 'all' => 'let in', 'work' => 'let in', 'own' => 'forbidden'],
    ],
    'an owner' => [
        Role::Owner,
        ['anyone' => 'let in', 'guest' => 'let in', 'all' => 'let in', 'work' => 'let in', 'own' => 'let in'],
    ],
]);

it('sends whoever is signed in away from the pages of those who are not', function (): void {
    $this->actingAs($this->person());
    foreach (['/sign-in', '/first-owner', '/forgotten', '/join/invitation/1/guessed'] as $page) {
        $this->get($page)->assertRedirect('/');
    }
});

it('tells the desk in words what it may not do, and shows it no button for it', function (): void {
    $job = $this->job();
    $this->actingAs($this->person('Ash Fenn', '1 mm', Role::Desk));
    $this->postJson("/jobs/{$job->id}/alone/tape", ['typed' => ['front' => '950']])->assertForbidden();
    $this->post("/jobs/{$job->id}/alone/tape", ['typed' => ['front' => '950']])
        ->assertForbidden()
        ->assertSee('Expected somebody who works on jobs');
    $this->get("/jobs/{$job->id}/alone")
        ->assertOk()
        ->assertSee('<fieldset class="read-only" disabled>', false)
        ->assertSee('You read and book');
    $this->get('/jobs/new')->assertOk()->assertDontSee('read-only');
    $this->get('/log')->assertDontSee('/take-in')->assertDontSee('/shop');
    $this->post('/jobs', ['title' => 'A desk books'])->assertSessionHasNoErrors();

    expect(DB::table('readings')->count())
        ->toBe(0)
        ->and(DB::table('jobs')->where('title', 'A desk books')->exists())
        ->toBeTrue();
});

it('never lets an owner take the last owner away', function (): void {
    $owner = $this->person();
    $this->actingAs($owner);
    foreach (
        [
            "/people/{$owner->id}/let-go",
            "/people/{$owner->id}/role",
            "/people/{$owner->id}/link",
            "/people/{$owner->id}/take-back",
        ] as $own
    ) {
        $this->post($own, ['role' => 'desk'])->assertForbidden();
    }

    expect($owner->fresh()->role)
        ->toBe(Role::Owner)
        ->and($owner->fresh()->isHere())
        ->toBeTrue();
});

it('lets nobody in whose name only came with a file', function (): void {
    $this->person('Ash Fenn', '1 mm', null);
    $this->person();
    $this->post('/sign-in', ['email' => 'ash@quillfeather.example', 'password' => 'tape-in-hand']);
    $this->assertGuest();
});

it(
    'asks each person of a shop of before there were roles what they are: the first owner at once, the others until they are confirmed',
    function (): void {
        $wren = $this->person('Wren Tallow', '1 mm', Role::Desk);
        $ash = $this->person('Ash Fenn', '1 mm', Role::Desk);
        $ibby = $this->person('Ibby Marsh', '1 mm', Role::Desk);
        App\Models\User::query()->update(['role_standing' => 'asked']);
        $job = $this->job();
        $say = fn ($who, string $role) => $this->actingAs($who->fresh())->post('/who-are-you', ['role' => $role]);

        $this->actingAs($ash->fresh());
        foreach (['/', "/jobs/{$job->id}/alone", '/people'] as $page) {
            $this->get($page)->assertRedirect('/who-are-you');
        }
        $this->tape($job, 'alone', ['front' => '950'])->assertStatus(409);
        $this->get('/who-are-you')->assertOk()->assertSee('There is none yet');
        $say($ash, 'king')->assertSessionHasErrors('role');
        $say($ash, 'fitter')->assertRedirect('/');
        $this->get('/')->assertOk();
        expect($ash->fresh()->only(['role', 'role_standing']))->toBe([
            'role' => Role::Fitter,
            'role_standing' => 'fitter',
        ]);
        $say($wren, 'owner');
        expect($wren->fresh()->only(['role', 'role_standing']))->toBe(['role' => Role::Owner, 'role_standing' => null]);
        $this->actingAs($ibby->fresh())->get('/who-are-you')->assertSee('who has to confirm you');
        $say($ibby, 'owner');
        expect($ibby->fresh()->only(['role', 'role_standing']))->toBe([
            'role' => Role::Fitter,
            'role_standing' => 'owner',
        ]);
        $this->actingAs($ibby->fresh())->get('/people')->assertForbidden();
        $say($ibby, 'owner');
        expect($ibby->fresh()->role)->toBe(Role::Fitter, 'asked once');

        $this->actingAs($wren->fresh())->get('/people')->assertSee('Says to be: Owner')->assertSee('Confirm');
        $this->post("/people/{$ibby->id}/role", ['role' => 'owner']);
        expect($ibby->fresh()->only(['role', 'role_standing']))
            ->toBe(['role' => Role::Owner, 'role_standing' => null])
            ->and(DB::table('activity_log')->where('event', 'role-changed')->count())
            ->toBe(4);
    },
);
