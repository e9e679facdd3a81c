<?php

declare(strict_types=1);

use App\Models\ApiRight;
use App\Models\ApiToken;
use App\Models\CalendarLink;
use App\Models\CardLink;
use App\Models\Customer;
use App\Models\Role;
use App\Models\User;
use App\UseCases\Backups\Restore;
use Illuminate\Support\Facades\DB;
use Tests\Feature\ShopOnDisk;

/*
 * What was revoked, erased or left stays so, whichever backup is restored afterwards, and in whatever order.
 */

beforeEach(function (): void {
    $this->shop = new ShopOnDisk($this);
    $this->ibby = User::query()->sole();
    $this->withSession(['auth.password_confirmed_at' => time()]);
    $this->restore = function (string $file): void {
        app(Restore::class)->prepare($file, "{$this->shop->folder}/prepared", '');
        app(Restore::class)->apply("{$this->shop->folder}/prepared", ['file' => basename($file)]);
        $this->actingAs(User::query()->where('email', $this->ibby->email)->firstOrFail());
        $this->withSession(['auth.password_confirmed_at' => time()]);
    };
    $this->lets = fn (string $token): bool => $this->getJson('/api/v1/jobs', [
        'Authorization' => "Bearer {$token}",
    ])->getStatusCode() === 200;
    $this->feeds = fn (string $secret): bool => $this->get("/calendar/{$secret}.ics")->getStatusCode() === 200;
});

afterEach(fn () => $this->shop->close());

it('gives nobody back a role that was lowered since, and keeps one that was raised', function (): void {
    $wren = $this->person('Wren Tallow', role: Role::Owner);
    $pip = $this->person('Pip Fenn', role: Role::Fitter);
    $dell = $this->person('Dell Marsh', role: Role::Owner);
    $monday = $this->shop->backups->make();
    $this->actingAs($this->ibby);
    $this->post("/people/{$wren->id}/role", ['role' => 'fitter'])->assertSessionHasNoErrors();
    $this->post("/people/{$pip->id}/role", ['role' => 'desk'])->assertSessionHasNoErrors();
    $this->post("/people/{$dell->id}/role", ['role' => 'desk'])->assertSessionHasNoErrors();
    $this->post("/people/{$dell->id}/role", ['role' => 'owner'])->assertSessionHasNoErrors();

    $this->post('/shop/restore', ['name' => basename($monday)]);
    $this->get('/shop/restore')->assertSee('1 person who is no owner any more')->assertSee('1 person who works on no jobs any more');
    ($this->restore)($monday);

    expect(User::query()->pluck('role', 'name')->map(fn (Role $role): string => $role->value)->all())->toMatchArray([
        'Wren Tallow' => 'fitter',
        'Pip Fenn' => 'desk',
        'Dell Marsh' => 'owner',
    ]);
});

it('brings back nothing that was revoked: token, calendar, private link', function (): void {
    $token = ApiToken::issue($this->ibby, 'The gate', [ApiRight::ReadJobs]);
    $calendar = CalendarLink::issue($this->ibby);
    $card = CardLink::query()->create([
        'job_id' => $this->shop->job->id,
        'token' => str_repeat('c', 40),
        'user_id' => $this->ibby->id,
        'made_at' => now(),
        'ends_at' => now()->addYear(),
    ]);
    $stays = ApiToken::issue($this->ibby, 'Another', [ApiRight::ReadJobs]);
    expect(($this->lets)($token))->toBeTrue()->and(($this->feeds)($calendar))->toBeTrue();
    $monday = $this->shop->backups->make();
    $this->actingAs($this->ibby);
    $this->post('/account/tokens/1/revoke');
    $this->post('/calendar/1/revoke');
    $this->post("/jobs/{$this->shop->job->id}/card/links/{$card->id}/revoke");

    $this->post('/shop/restore', ['name' => basename($monday)]);
    $this->get('/shop/restore')
        ->assertSee('What stays ended')
        ->assertSee('1 token for programs, revoked')
        ->assertSee('1 calendar address, revoked')
        ->assertSee('1 private link of an owner, revoked');
    ($this->restore)($monday);
    expect(($this->lets)($token))
        ->toBeFalse()
        ->and(($this->lets)($stays))
        ->toBeTrue()
        ->and(($this->feeds)($calendar))
        ->toBeFalse()
        ->and(CardLink::query()->sole()->isOpen())
        ->toBeFalse();
});

it('remembers what was revoked through a backup that knew nothing of it', function (): void {
    $sunday = $this->shop->backups->make();
    $token = ApiToken::issue($this->ibby, 'The gate', [ApiRight::ReadJobs]);
    $monday = $this->shop->backups->make();
    ApiToken::query()->sole()->revoke();
    ($this->restore)($sunday);
    expect(ApiToken::query()->count())->toBe(0);
    ($this->restore)($monday);
    expect(ApiToken::query()->count())
        ->toBe(1)
        ->and(($this->lets)($token))
        ->toBeFalse();
});

it('lets nobody back in who was let go, and ends their tokens and calendars for good', function (): void {
    $ash = $this->person('Ash Fenn', '1 mm', Role::Fitter);
    $token = ApiToken::issue($ash, 'The gate', [ApiRight::ReadJobs]);
    $calendar = CalendarLink::issue($ash);
    $monday = $this->shop->backups->make();
    $this->actingAs($this->ibby);
    $this->post("/people/{$ash->id}/let-go")->assertRedirect();
    ($this->restore)($monday);
    expect(User::query()->find($ash->id)?->isHere())
        ->toBeFalse()
        ->and(($this->lets)($token))
        ->toBeFalse()
        ->and(($this->feeds)($calendar))
        ->toBeFalse();

    $this->actingAs($this->ibby->fresh());
    $this->post("/people/{$ash->id}/take-back")->assertRedirect();
    expect(User::query()->find($ash->id)?->isHere())
        ->toBeTrue()
        ->and(($this->lets)($token))
        ->toBeFalse('back without the old token')
        ->and(($this->feeds)($calendar))
        ->toBeFalse();
    $this->travel(2)->seconds();
    ($this->restore)($monday);
    expect(User::query()->find($ash->id)?->isHere())->toBeTrue('was taken back since');
});

it('never leaves a shop to nobody: its owners of now stay where all of the backup\'s have gone', function (): void {
    $ash = $this->person('Ash Fenn', '1 mm', Role::Fitter);
    $monday = $this->shop->backups->make();
    $ash->update(['role' => Role::Owner]);
    $this->actingAs($ash->fresh());
    $this->post("/people/{$this->ibby->id}/let-go")->assertRedirect();
    app(Restore::class)->prepare($monday, "{$this->shop->folder}/prepared", '');
    app(Restore::class)->apply("{$this->shop->folder}/prepared", ['file' => 'monday']);
    expect(User::query()->where('email', $ash->email)->sole()->role)
        ->toBe(Role::Owner)
        ->and(User::query()->where('email', $this->ibby->email)->sole()->isHere())
        ->toBeFalse();
});

it('erases again whom a backup brings back, and says so first', function (): void {
    $this->post('/customers', [
        'name' => 'Perpetua Lisle',
        'phone' => '+1 555 0100',
        'agreed' => '1',
        'rig' => (string) $this->shop->job->rig_id,
    ]);
    $this->shop->job->update(['title' => 'Perpetua Lisle, float']);
    $monday = $this->shop->backups->make();
    $this->post('/customers/1/erase', ['sure' => '1']);
    $this->post('/customers', ['name' => 'Ludo Finch', 'agreed' => '1']);
    $this->post('/shop/restore', ['name' => basename($monday)]);
    $this->get('/shop/restore')->assertSee('1 customer, erased');
    ($this->restore)($monday);

    expect(Customer::query()->count())
        ->toBe(0)
        ->and($this->shop->job->fresh()->title)
        ->toBe("Job {$this->shop->job->id}")
        ->and((string) file_get_contents($this->shop->database))
        ->not->toContain('Lisle');
});

it('takes a signed-in browser out with a restore', function (): void {
    $monday = $this->shop->backups->make();
    $before = App\UseCases\People\Sessions::begin($this->ibby, 'a tablet', '192.0.2.1');
    $inBackup = App\UseCases\People\Sessions::begin($this->ibby, 'another', '192.0.2.2');
    $tuesday = $this->shop->backups->make();
    ($this->restore)($monday);
    expect(App\Models\DeviceSignIn::of($before))->toBeNull();
    ($this->restore)($tuesday);
    expect(App\Models\DeviceSignIn::of($inBackup))
        ->toBeNull()
        ->and(App\Models\DeviceSignIn::of($before))
        ->toBeNull()
        ->and(DB::table('sign_ins')->count())
        ->toBe(2);
});

it('keeps no link to choose a password, and no invitation, through a restore', function (
    string $kind,
    string $table,
): void {
    $link = app(App\UseCases\People\EntryLinks::class)->make($this->ibby, $kind);
    $monday = $this->shop->backups->make();
    expect(DB::table($table)->count())->toBe(1);
    ($this->restore)($monday);
    expect(DB::table($table)->count())->toBe(0);
    auth()->logout();
    $this->get($link)->assertStatus(410);
})->with([
    'to choose a password' => [App\UseCases\People\EntryLinks::RESET, 'password_reset_tokens'],
    'an invitation' => [App\UseCases\People\EntryLinks::INVITATION, 'invitation_tokens'],
]);

it('refuses a backup whose rows point at nothing', function (): void {
    DB::statement('PRAGMA foreign_keys = OFF');
    DB::table('jobs')->insert([
        'rig_id' => 4711,
        'title' => 'Of no rig',
        'booked_on' => '2026-01-01',
        'rig_as_worked' => '{}',
        'mark' => 'x',
    ]);
    $file = $this->shop->backups->make();
    DB::statement('PRAGMA foreign_keys = ON');
    expect(fn () => app(Restore::class)->prepare($file, "{$this->shop->folder}/prepared", ''))->toThrow(
        App\UseCases\Backups\BackupRefused::class,
    );
});

it('leaves tokens and calendar addresses out of an export without passwords', function (array $how, int $tokens): void {
    ApiToken::issue($this->ibby, 'The gate', [ApiRight::ReadJobs]);
    CalendarLink::issue($this->ibby);
    $name = basename($this->shop->backups->make());
    file_put_contents(
        "{$this->shop->folder}/sent",
        (string) $this->post("/shop/backups/{$name}", $how)
            ->assertOk()
            ->streamedContent(),
    );
    App\UseCases\Backups\BackupFile::open("{$this->shop->folder}/sent")->unpack("{$this->shop->folder}/out.sqlite", '');
    $sent = new SQLite3("{$this->shop->folder}/out.sqlite", SQLITE3_OPEN_READONLY);
    expect($sent->querySingle('SELECT count(*) FROM api_tokens'))
        ->toBe($tokens)
        ->and($sent->querySingle('SELECT count(*) FROM calendar_links'))
        ->toBe($tokens);
    $sent->close();
})->with(['without' => [[], 0], 'with' => [['with_passwords' => '1'], 1]]);

it('makes no database anew where the shop\'s is gone', function (): void {
    $name = $this->shop->database;
    DB::disconnect('shop');
    rename($name, "{$name}.away");
    $this->get('/')->assertStatus(503);
    expect(fn () => $this->shop->backups->make())
        ->toThrow(App\UseCases\Backups\BackupRefused::class)
        ->and(is_file($name))
        ->toBeFalse();
    rename("{$name}.away", $name);
});
