<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\User;
use App\UseCases\Shop\Backup;
use App\UseCases\Shop\BackupRefused;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

/* A backup is of a file: these tests leave the database in memory for one of their own. */
beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/yoke-'.bin2hex(random_bytes(6));
    mkdir($this->folder);
    touch("{$this->folder}/shop.sqlite");
    config(['database.connections.shop' => ['database' => "{$this->folder}/shop.sqlite"] + config('database.connections.sqlite'), 'database.default' => 'shop']);
    app()->instance(Backup::class, $this->shop = new Backup("{$this->folder}/kept"));
    $this->artisan('migrate', ['--force' => true]);
    $this->person('Ibby Marsh', '1 mm');
    $this->actingAs(User::query()->sole());
    $this->withSession(['auth.password_confirmed_at' => time()]);
    $this->work = $this->job();
    $this->titles = fn (): array => DB::table('jobs')->orderBy('id')->pluck('title')->all();
});

afterEach(function (): void {
    DB::disconnect('shop');
    config(['database.default' => 'sqlite']);
    array_map(unlink(...), [...glob("{$this->folder}/kept/*") ?: [], ...array_filter(glob("{$this->folder}/*") ?: [], is_file(...))]);
});

it('puts the shop back as it was, in one go, and keeps what was there first', function (): void {
    $this->tape($this->work, 'alone', ['front' => '950 mm', 'rear' => '985 mm'], ['rolled' => '1']);
    expect($this->artisan("yoke:backup --to={$this->folder}/monday.yoke"))->toBe(0);
    $this->work->update(['title' => 'Changed']);
    DB::table('jobs')->insert(['rig_id' => 1, 'title' => 'Later', 'booked_on' => '2026-01-01', 'rig_as_worked' => '{}', 'mark' => 'x']);

    expect($this->artisan("yoke:restore {$this->folder}/monday.yoke"))->toBe(0);
    expect(($this->titles)())->toBe(['A dome'])->and(DB::table('readings')->count())->toBe(2)->and($this->shop->all())->toHaveCount(1);
    $this->shop->restore($this->shop->path($this->shop->all()[0]['name']));
    expect(($this->titles)())->toBe(['Changed', 'Later']);
    expect(fn () => DB::table('readings')->delete())->toThrow(Illuminate\Database\QueryException::class, 'append-only');
});

it('copies a consistent shop while somebody writes', function (): void {
    DB::beginTransaction();
    Job::query()->whereKey($this->work->id)->update(['title' => 'Half done']);
    $file = $this->shop->make();
    DB::commit();
    $copy = new SQLite3($file, SQLITE3_OPEN_READONLY);

    expect($copy->querySingle('SELECT title FROM jobs'))->toBe('A dome')->and($copy->querySingle('PRAGMA integrity_check'))->toBe('ok')->and(($this->titles)())->toBe(['Half done']);
    $copy->close();
});

it('backs up and puts back by button, and hands a backup out', function (): void {
    $this->get('/shop')->assertOk()->assertSee('No backup yet.');
    $this->post('/shop/backups')->assertRedirect('/shop');
    $name = $this->shop->all()[0]['name'];
    $this->get('/shop')->assertSee($name)->assertSee('0.');
    $sent = (string) $this->get("/shop/backups/{$name}")->assertOk()->streamedContent();
    $this->work->update(['title' => 'Changed']);
    $this->post('/shop/restore', ['name' => $name])->assertRedirect('/shop')->assertSessionHas('done');
    expect(($this->titles)())->toBe(['A dome']);

    $this->actingAs(User::query()->sole());
    DB::table('jobs')->update(['title' => 'Changed again']);
    file_put_contents("{$this->folder}/sent", $sent);
    $this->post('/shop/restore', ['file' => new UploadedFile("{$this->folder}/sent", 'shop.yoke', null, null, true)])->assertSessionHas('done');
    expect(($this->titles)())->toBe(['A dome']);
    foreach (['..%2Fshop.sqlite', 'shop.sqlite', 'shop-1.yoke'] as $other) {
        $this->actingAs(User::query()->sole())->get("/shop/backups/{$other}")->assertNotFound();
    }
    $this->post('/shop/restore', ['name' => '../shop.sqlite'])->assertNotFound();
    $this->post('/shop/restore')->assertSessionHasErrors('file');
});

it('refuses a file that is no backup of this program, and leaves the shop as it is', function (Closure $make, string $says): void {
    $file = "{$this->folder}/foreign.yoke";
    $make($file, $this->shop);

    expect(fn () => $this->shop->restore($file))->toThrow(BackupRefused::class, $says)->and(($this->titles)())->toBe(['A dome'])->and($this->shop->all())->toBe([]);
    expect($this->artisan("yoke:restore {$file}"))->toBe(2);
})->with([
    'none at all' => [fn (string $file): bool => true, 'Expected a backup made by this program'],
    'a text' => [fn (string $file) => file_put_contents($file, 'dear diary'), 'Expected a backup made by this program'],
    'a database of another program' => [function (string $file): void {
        (new SQLite3($file))->exec('CREATE TABLE songs (title TEXT)');
    }, 'Expected a backup made by this program'],
    'one cut off' => [function (string $file, Backup $shop): void {
        $shop->make($file);
        file_put_contents($file, substr((string) file_get_contents($file), 0, 9000));
    }, 'damaged or cut off'],
    'one of a newer version' => [function (string $file, Backup $shop): void {
        $shop->make($file);
        (new SQLite3($file))->exec("INSERT INTO migrations (migration, batch) VALUES ('2031_01_01_000001_fly', 9)");
    }, 'made by a newer version'],
]);

it('writes over no file, and says where it cannot write', function (): void {
    file_put_contents("{$this->folder}/letters.txt", 'keep me');
    expect($this->artisan("yoke:backup --to={$this->folder}/letters.txt"))->toBe(2);
    expect($this->artisan('yoke:backup --to=/nowhere/at/all.yoke'))->toBe(2);

    expect(file_get_contents("{$this->folder}/letters.txt"))->toBe('keep me');
});

it('lets somebody sign in by command', function (): void {
    expect($this->artisan('yoke:person "Ash Fenn" ash@quillfeather.example --password=long-enough-words'))->toBe(0);
    auth()->logout();
    $this->post('/sign-in', ['email' => 'ash@quillfeather.example', 'password' => 'long-enough-words'])->assertRedirect('/');
    expect($this->artisan('yoke:person "<b>" nobody'))->toBe(2);
    expect($this->artisan('yoke:person "Ash Fenn" ash@quillfeather.example'))->toBe(0);

    expect(User::query()->count())->toBe(2)->and(Illuminate\Support\Facades\Hash::check('long-enough-words', User::query()->latest('id')->first()->password))->toBeFalse();
});
