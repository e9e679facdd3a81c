<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\User;
use App\UseCases\Backups\BackupFile;
use App\UseCases\Backups\BackupFolder;
use App\UseCases\Backups\BackupRefused;
use App\UseCases\Backups\Restore;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Tests\Feature\ShopOnDisk;

beforeEach(function (): void {
    $this->shop = new ShopOnDisk($this);
    $this->folder = $this->shop->folder;
    $this->work = $this->shop->job;
    $this->confirmed = fn (): array => ['auth.password_confirmed_at' => time()];
    $this->withSession(($this->confirmed)());
    $this->titles = fn (): array => DB::table('jobs')->orderBy('id')->pluck('title')->all();
    /** Puts a file back, as the page does in two steps. */
    $this->putBack = function (string $file, string $passphrase = ''): string {
        app(Restore::class)->prepare($file, "{$this->folder}/prepared", $passphrase);

        return app(Restore::class)->apply("{$this->folder}/prepared", ['file' => basename($file)]);
    };
});

afterEach(fn () => $this->shop->close());

it('puts the shop back as it was, in one go, and keeps what was there first', function (): void {
    $this->tape($this->work, 'alone', ['front' => '950 mm', 'rear' => '985 mm'], ['rolled' => '1']);
    expect($this->artisan("yoke:backup --to={$this->folder}/monday.yoke"))->toBe(0);
    $this->work->update(['title' => 'Changed']);
    DB::table('jobs')->insert([
        'rig_id' => 1,
        'title' => 'Later',
        'booked_on' => '2026-01-01',
        'rig_as_worked' => '{}',
        'mark' => 'x',
    ]);

    expect($this->artisan("yoke:restore {$this->folder}/monday.yoke --check"))
        ->toBe(0)
        ->and(($this->titles)())
        ->toBe(['Changed', 'Later']);
    expect($this->artisan("yoke:restore {$this->folder}/monday.yoke"))->toBe(0);
    expect(($this->titles)())
        ->toBe(['A dome'])
        ->and(DB::table('readings')->count())
        ->toBe(2)
        ->and($this->shop->backups->all())
        ->toHaveCount(1);
    expect(DB::table('activity_log')->where('event', 'restored')->sole()->properties)
        ->toContain('monday.yoke')
        ->toContain('before-restore');
    ($this->putBack)($this->shop->backups->path($this->shop->backups->all()[0]['name']));
    expect(($this->titles)())->toBe(['Changed', 'Later']);
    foreach (['readings', 'activity_log'] as $kept) {
        expect(fn () => DB::table($kept)->delete())->toThrow(Illuminate\Database\QueryException::class, 'append-only');
    }
    $next = Job::query()->create($this->work->only(['rig_id', 'title', 'booked_on', 'rig_as_worked']));
    expect($next->id)->toBe(3, 'no number is given twice');
});

it('copies a consistent shop while somebody writes', function (): void {
    DB::beginTransaction();
    Job::query()
        ->whereKey($this->work->id)
        ->update(['title' => 'Half done']);
    $file = $this->shop->backups->make();
    DB::commit();
    BackupFile::open($file)->unpack("{$this->folder}/out.sqlite", '');
    $copy = new SQLite3("{$this->folder}/out.sqlite", SQLITE3_OPEN_READONLY);

    expect($copy->querySingle('SELECT title FROM jobs'))
        ->toBe('A dome')
        ->and($copy->querySingle('PRAGMA integrity_check'))
        ->toBe('ok')
        ->and(($this->titles)())
        ->toBe(['Half done'])
        ->and(decoct(fileperms($file) & 0777))
        ->toBe('600')
        ->and(decoct(fileperms(dirname($file)) & 0777))
        ->toBe('700');
    $copy->close();
});

it('backs up by button, shows what a restore would change, restores, and signs everybody out', function (): void {
    $this->get('/shop')->assertOk()->assertSee('No backup yet.')->assertSee('no second folder yet');
    $this->post('/shop/backups')->assertRedirect('/shop');
    $name = $this->shop->backups->all()[0]['name'];
    $this->get('/shop')->assertSee($name)->assertSee('0.');
    $this->tape($this->work, 'alone', ['front' => '950 mm', 'rear' => '985 mm'], ['rolled' => '1']);
    DB::table('jobs')->insert([
        'rig_id' => 1,
        'title' => 'Since then',
        'booked_on' => '2026-01-01',
        'rig_as_worked' => '{}',
        'mark' => 'x',
    ]);
    $key = App\UseCases\People\Sessions::begin(User::query()->sole(), 'a tablet', '192.0.2.1');

    $this->post('/shop/restore', ['name' => $name])->assertRedirect('/shop/restore');
    $this->get('/shop/restore')
        ->assertOk()
        ->assertSee('2 readings that are here now are not in it.')
        ->assertSee('Since then')
        ->assertSeeInOrder(['Jobs', '2', '1', 'Readings', '2', '0']);
    expect(($this->titles)())->toBe(['A dome', 'Since then'], 'looking changes nothing');
    $this->post('/shop/restore/now')->assertRedirect('/sign-in');
    expect(($this->titles)())
        ->toBe(['A dome'])
        ->and(App\Models\DeviceSignIn::of($key))
        ->toBeNull();
    $this->actingAs(User::query()->sole())->withSession(($this->confirmed)());
    $this->post('/shop/restore/now')->assertRedirect('/shop');
    $this->get('/shop/restore')->assertRedirect('/shop');
});

it('hands a backup out without passwords, or with them, or encrypted, and takes each back', function (
    array $how,
    bool $hasPasswords,
    string $passphrase,
): void {
    $file = $this->shop->backups->make();
    $hash = User::query()->value('password');
    $answer = $this->post('/shop/backups/'.basename($file), $how)
        ->assertOk()
        ->assertHeader('Cache-Control', 'no-store, private');
    $sent = (string) $answer->streamedContent();
    expect(str_contains($sent, $hash))
        ->toBe($hasPasswords && $passphrase === '')
        ->and(str_contains($sent, 'CREATE TABLE'))
        ->toBe($passphrase === '')
        ->and(glob("{$this->folder}/kept/.*yoke"))
        ->toBe([], 'nothing of it is left on the server')
        ->and(DB::table('activity_log')->where('event', 'shop-exported')->count())
        ->toBe(1);
    DB::table('jobs')->update(['title' => 'Changed again']);
    file_put_contents("{$this->folder}/sent", $sent);
    $upload = fn (): UploadedFile => new UploadedFile("{$this->folder}/sent", 'shop.yoke', null, null, true);
    if ($passphrase !== '') {
        $this->post('/shop/restore', ['file' => $upload()])->assertSessionHasErrors([
            'file' => 'This backup is encrypted. Expected its passphrase. The shop is as it was.',
        ]);
        $this->post('/shop/restore', [
            'file' => $upload(),
            'passphrase' => 'not the passphrase',
        ])->assertSessionHasErrors(['file' => 'This passphrase does not open the backup. The shop is as it was.']);
    }
    $this->post('/shop/restore', ['file' => $upload(), 'passphrase' => $passphrase])
        ->assertRedirect('/shop/restore')
        ->assertSessionHasNoErrors();
    $this->get('/shop/restore')->assertSee('shop.yoke');
    $this->post('/shop/restore/now')->assertRedirect('/sign-in');

    expect(($this->titles)())
        ->toBe(['A dome'])
        ->and(Hash::check('tape-in-hand', User::query()->value('password')))
        ->toBeTrue();
})->with([
    'as it comes' => [[], false, ''],
    'with passwords' => [['with_passwords' => '1'], true, ''],
    'encrypted' => [
        ['passphrase' => 'four links down and level', 'passphrase_again' => 'four links down and level'],
        false,
        'four links down and level',
    ],
]);

it('refuses a passphrase that is short or typed differently, and names that are no backups', function (): void {
    $name = basename($this->shop->backups->make());
    $this->post("/shop/backups/{$name}", [
        'passphrase' => 'short',
        'passphrase_again' => 'short',
    ])->assertSessionHasErrors('passphrase');
    $this->post("/shop/backups/{$name}", [
        'passphrase' => 'four links down and level',
        'passphrase_again' => 'four links up',
    ])->assertSessionHasErrors('passphrase');
    foreach (['..%2Fshop.sqlite', 'shop.sqlite', 'shop-1.yoke'] as $other) {
        $this->post("/shop/backups/{$other}")->assertNotFound();
    }
    $this->post('/shop/restore', ['name' => '../shop.sqlite'])->assertNotFound();
    $this->post('/shop/restore')->assertSessionHasErrors('file');
});

/** The database in a backup of this shop, changed, and made a backup again with a checksum that fits. */
function forged(Tests\FeatureCase|Pest\TestCase|PHPUnit\Framework\TestCase $case, string $file, string ...$sql): void
{
    BackupFile::open($case->shop->backups->make())->unpack("{$case->folder}/forged.sqlite", '');
    $database = new SQLite3("{$case->folder}/forged.sqlite");
    foreach ($sql as $statement) {
        $database->exec($statement);
    }
    $database->close();
    BackupFile::write("{$case->folder}/forged.sqlite", $file, '', 'kept');
    array_map(unlink(...), glob("{$case->folder}/kept/*") ?: []);
}

it('refuses a file that is no backup of this program, and leaves the shop as it is', function (
    Closure $make,
    string $says,
): void {
    $file = "{$this->folder}/foreign.yoke";
    $make($file, $this);

    expect(fn () => ($this->putBack)($file))
        ->toThrow(BackupRefused::class, $says)
        ->and(($this->titles)())
        ->toBe(['A dome'])
        ->and($this->shop->backups->all())
        ->toBe([])
        ->and(is_file("{$this->folder}/prepared"))
        ->toBeFalse();
    expect($this->artisan("yoke:restore {$file}"))->toBe(2);
})->with([
    'none at all' => [fn (string $file): bool => true, 'Expected a backup made by this program'],
    'a text' => [fn (string $file) => file_put_contents($file, 'dear diary'), 'Expected a backup made by this program'],
    'an empty one' => [fn (string $file) => touch($file), 'Expected a backup made by this program'],
    'a database of another program' => [
        function (string $file): void {
            (new SQLite3($file))->exec('CREATE TABLE songs (title TEXT)');
        },
        'Expected a backup made by this program',
    ],
    'one cut off' => [
        function (string $file, $test): void {
            $test->shop->backups->makeAt($file);
            file_put_contents($file, substr((string) file_get_contents($file), 0, 9000));
        },
        'damaged or cut off',
    ],
    'one with 400 bytes written over' => [
        function (string $file, $test): void {
            $test->shop->backups->makeAt($file);
            file_put_contents(
                $file,
                substr_replace((string) file_get_contents($file), str_repeat("\xA5", 400), 60_000, 400),
            );
        },
        'damaged or cut off',
    ],
    'one of a newer version' => [
        fn (string $file, $test) => forged(
            $test,
            $file,
            "INSERT INTO migrations (migration, batch) VALUES ('2031_01_01_000001_fly', 9)",
        ),
        'made by a newer version',
    ],
    'one with a trigger more' => [
        fn (string $file, $test) => forged(
            $test,
            $file,
            'CREATE TRIGGER spy AFTER INSERT ON readings BEGIN UPDATE users SET role = \'owner\'; END',
        ),
        'that this program did not make, or lacks some',
    ],
    'one with a trigger less' => [
        fn (string $file, $test) => forged($test, $file, 'DROP TRIGGER readings_no_DELETE'),
        'did not make, or lacks some',
    ],
    'one with a table more' => [
        fn (string $file, $test) => forged($test, $file, 'CREATE TABLE songs (title TEXT)'),
        'did not make, or lacks some',
    ],
    'one with a table less' => [
        fn (string $file, $test) => forged($test, $file, 'DROP TABLE sent_entries'),
        'did not make, or lacks some',
    ],
    'one with a view for a table' => [
        fn (string $file, $test) => forged(
            $test,
            $file,
            'ALTER TABLE torques RENAME TO hidden',
            'CREATE VIEW torques AS SELECT * FROM hidden',
        ),
        'did not make, or lacks some',
    ],
    'one with a column more' => [
        fn (string $file, $test) => forged($test, $file, 'ALTER TABLE jobs ADD COLUMN song TEXT'),
        'did not make, or lacks some',
    ],
    'one without an index' => [
        fn (string $file, $test) => forged($test, $file, 'DROP INDEX readings_first'),
        'did not make, or lacks some',
    ],
    'one that claims fewer steps than it took' => [
        fn (string $file, $test) => forged($test, $file, "DELETE FROM migrations WHERE migration LIKE '%000025%'"),
        'did not make, or lacks some',
    ],
    'one with nobody in it' => [fn (string $file, $test) => forged($test, $file, 'DELETE FROM users'), 'has no owner'],
    'one whose owner has left' => [
        fn (string $file, $test) => forged($test, $file, "UPDATE users SET left_at = '2026-01-01'"),
        'has no owner',
    ],
]);

it('restores a backup of the first version, a bare database of before there were roles', function (): void {
    $old = "{$this->folder}/old.yoke";
    touch($old);
    config([
        'database.connections.old' => ['database' => $old, 'journal_mode' => 'DELETE'] + config('database.connections.sqlite'),
    ]);
    $first = array_filter(
        glob(database_path('migrations/*.php')) ?: [],
        fn (string $path): bool => preg_match('/0000(0\d|1\d|2[0-4])_/', $path) === 1,
    );
    Illuminate\Support\Facades\Artisan::call('migrate', [
        '--database' => 'old',
        '--force' => true,
        '--realpath' => true,
        '--path' => array_values($first),
    ]);
    DB::connection('old')
        ->table('users')
        ->insert([
            'name' => 'Wren Tallow',
            'email' => 'wren@quillfeather.example',
            'password' => bcrypt('tape-in-hand'),
            'fineness' => '1 mm',
            'theme' => 'sun',
        ]);
    DB::purge('old');
    (new SQLite3($old))->exec('PRAGMA application_id = '.App\UseCases\Backups\ShopCopy::OURS);
    ($this->putBack)($old);

    expect(
        User::query()
            ->sole()
            ->only(['name', 'role', 'role_standing']),
    )
        ->toBe(['name' => 'Wren Tallow', 'role' => App\Models\Role::Desk, 'role_standing' => 'asked'])
        ->and(($this->titles)())
        ->toBe([]);
});

it('thins backups out by day, week and month, and keeps what was before a restore for a while', function (): void {
    $folder = new BackupFolder("{$this->folder}/many", '', '');
    $usual = Yoke\Job\Shop\ShopSettings::of([]);
    mkdir("{$this->folder}/many");
    $this->travelTo('2026-11-28 12:00');
    for ($hours = 0; $hours < 24 * 500; $hours += 12) {
        touch("{$this->folder}/many/shop-".date('Ymd-His', strtotime('2026-11-28 02:30') - 3600 * $hours).'.yoke');
    }
    touch("{$this->folder}/many/shop-".date('Ymd-His', time() - 86_400 * 30).'-before-restore.yoke');
    touch("{$this->folder}/many/shop-20200101-000000-before-restore.yoke");
    touch("{$this->folder}/many/letters.txt");
    $gone = $folder->prune($usual);
    $left = array_column($folder->all(), 'name');

    expect(count($left))
        ->toBeBetween(14 + 6 + 14, 14 + 8 + 18)
        ->and(array_filter($left, fn (string $name): bool => str_contains($name, 'before-restore')))
        ->toHaveCount(1)
        ->and($left)
        ->toContain('shop-20261128-023000.yoke')
        ->and(is_file("{$this->folder}/many/letters.txt"))
        ->toBeTrue()
        ->and($gone)
        ->toContain('shop-20200101-000000-before-restore.yoke')
        ->and($folder->prune($usual))
        ->toBe([], 'what is left stays left');
    $folder->prune(
        Yoke\Job\Shop\ShopSettings::of([
            'backups.days' => 2.0,
            'backups.weeks' => 0.0,
            'backups.months' => 1.0,
            'backups.beforeRestoreDays' => 7.0,
        ]),
    );
    expect(array_column($folder->all(), 'name'))->toBe(['shop-20261128-023000.yoke', 'shop-20261127-143000.yoke']);
});

it(
    'copies each to a second folder, encrypts by the passphrase of the shop, and says where that fails',
    function (): void {
        mkdir("{$this->folder}/second");
        $folder = new BackupFolder("{$this->folder}/kept", "{$this->folder}/second", 'four links down and level');
        app()->instance(BackupFolder::class, $folder);
        $file = $folder->make();
        expect(file_get_contents("{$this->folder}/second/".basename($file)))
            ->toBe(file_get_contents($file))
            ->and(BackupFile::open($file)->isEncrypted())
            ->toBeTrue();
        DB::table('jobs')->update(['title' => 'Changed']);
        app()->forgetInstance(Restore::class);
        ($this->putBack)($file);
        expect(($this->titles)())->toBe(['A dome']);
        expect(fn () => (new BackupFolder("{$this->folder}/kept", "{$this->folder}/none", ''))->make())->toThrow(
            BackupRefused::class,
            'could not be copied',
        );
    },
);

it('writes over no file, and says where it cannot write', function (): void {
    file_put_contents("{$this->folder}/letters.txt", 'keep me');
    expect($this->artisan("yoke:backup --to={$this->folder}/letters.txt"))->toBe(2);
    expect($this->artisan('yoke:backup --to=/nowhere/at/all.yoke'))->toBe(2);

    expect(file_get_contents("{$this->folder}/letters.txt"))->toBe('keep me');
});

it('lets somebody sign in by command', function (): void {
    expect($this->artisan('yoke:person "Ash Fenn" ash@quillfeather.example --password=long-enough-words'))->toBe(0);
    auth()->forgetGuards();
    $this->flushSession();
    $this->post('/sign-in', ['email' => 'ash@quillfeather.example', 'password' => 'long-enough-words'])->assertRedirect(
        '/',
    );
    expect($this->artisan('yoke:person "<b>" nobody'))->toBe(2);
    expect($this->artisan('yoke:person "Ash Fenn" ash@quillfeather.example --role=king'))->toBe(2);
    expect($this->artisan('yoke:person "Ash Fenn" ash@quillfeather.example'))->toBe(0);

    expect(User::query()->count())
        ->toBe(2)
        ->and(User::query()->latest('id')->first()->role)
        ->toBe(App\Models\Role::Fitter)
        ->and(Hash::check('long-enough-words', User::query()->latest('id')->first()->password))
        ->toBeFalse();
});
