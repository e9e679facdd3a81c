<?php

declare(strict_types=1);

use App\Models\Role;
use App\UseCases\Backups\BackupUpload;
use Illuminate\Http\UploadedFile;
use Tests\Feature\ShopOnDisk;

/* A backup that is sent in parts. */

beforeEach(function (): void {
    $this->shop = new ShopOnDisk($this);
    $this->withSession(['auth.password_confirmed_at' => time()]);
    app()->instance(BackupUpload::class, new BackupUpload("{$this->shop->folder}/uploads"));
    $this->bytes = (string) file_get_contents($this->shop->backups->make());
    $this->part = fn (string $id, int $at, string $bytes, ?int $of = null) => $this->postJson('/shop/restore/part', [
        'upload' => $id,
        'at' => (string) $at,
        'of' => (string) ($of ?? strlen($this->bytes)),
        'part' => UploadedFile::fake()->createWithContent('part', $bytes),
    ]);
    $this->id = str_repeat('a1', 16);
});

afterEach(fn () => $this->shop->close());

it('takes a backup in parts, each after the one before, and shows what a restore would change', function (): void {
    $cut = intdiv(strlen($this->bytes), 3);
    ($this->part)($this->id, 0, substr($this->bytes, 0, $cut))
        ->assertOk()
        ->assertJson(['here' => $cut]);
    ($this->part)($this->id, $cut, substr($this->bytes, $cut))
        ->assertOk()
        ->assertJson(['here' => strlen($this->bytes)]);
    $this->post('/shop/restore', ['upload' => $this->id, 'called' => 'monday.yoke'])
        ->assertRedirect('/shop/restore')
        ->assertSessionHasNoErrors();
    $this->get('/shop/restore')->assertOk()->assertSee('monday.yoke');
});

it('refuses a part out of its place, one too many, and a name that is none; what came before stays', function (): void {
    ($this->part)($this->id, 0, substr($this->bytes, 0, 100))->assertOk();
    foreach (
        [
            [$this->id, 50, 'x'],
            [$this->id, 200, 'x'],
            [str_repeat('b2', 16), 100, 'x'],
            ['../../shop', 0, 'x'],
            [$this->id, 100, str_repeat('x', strlen($this->bytes))],
        ] as [$id, $at, $bytes]
    ) {
        ($this->part)($id, $at, $bytes)->assertStatus(422);
    }
    ($this->part)($this->id, 100, 'x', 5 * 1024 ** 3)->assertStatus(422);
    ($this->part)($this->id, 100, substr($this->bytes, 100))->assertOk();
    $this->post('/shop/restore', ['upload' => str_repeat('b2', 16)])->assertSessionHasErrors('file');
});

it('takes one at a time: another owner waits, the same one begins anew', function (): void {
    ($this->part)($this->id, 0, 'begun')->assertOk();
    ($this->part)(str_repeat('b2', 16), 0, 'begun anew')->assertOk();
    expect(glob("{$this->shop->folder}/uploads/*"))->toHaveCount(1);
    $this->actingAs($this->person('Ash Fenn', '1 mm', Role::Owner));
    ($this->part)(str_repeat('c3', 16), 0, 'mine')
        ->assertStatus(422)
        ->assertJsonPath('message', fn (string $says): bool => str_contains($says, 'one at a time'));
    $this->post('/shop/restore', ['upload' => str_repeat('b2', 16)])->assertSessionHasErrors('file');
    touch(glob("{$this->shop->folder}/uploads/*")[0], time() - 3600);
    ($this->part)(str_repeat('c3', 16), 0, 'mine')->assertOk();
});
