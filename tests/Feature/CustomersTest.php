<?php

declare(strict_types=1);

use App\Models\CardLink;
use App\Models\Customer;
use App\Models\OwnerNote;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

beforeEach(function (): void {
    Storage::fake('local');
    $this->person('Wren Tallow', '1 mm');
    $this->actingAs(User::query()->sole());
    $this->work = $this->job();
    $this->add = fn (array $typed = []) => $this->post('/customers', [
        'name' => 'Perpetua Lisle',
        'phone' => '+1 555 0100',
        'mail' => 'perpetua@lisle.example',
        'agreed' => '1',
        'rig' => (string) $this->work->rig_id,
        ...$typed,
    ]);
});

it('keeps a customer with the rig, with their consent', function (): void {
    $this->get("/log/{$this->work->rig_id}")
        ->assertOk()
        ->assertSee('Add customer');
    $this->get("/customers/new?rig={$this->work->rig_id}")
        ->assertOk()
        ->assertSee($this->work->rig->title());
    ($this->add)()->assertRedirect('/customers/1');
    $this->get('/customers/1')->assertSee('Perpetua Lisle')->assertSee('Agreed')->assertSee('Wren Tallow');
    $this->get("/log/{$this->work->rig_id}")
        ->assertSee('Perpetua Lisle')
        ->assertSee('+1 555 0100');
    $this->get('/customers?find=Lisle')->assertSee('Perpetua Lisle');
    $this->get('/customers?find=nobody')->assertDontSee('Perpetua Lisle');
});

it('keeps nothing without consent, and says what was expected', function (array $typed, string $field): void {
    ($this->add)($typed)
        ->assertRedirect()
        ->assertSessionHasErrors([$field]);
    expect(Customer::query()->count())->toBe(0);
})->with([
    'no consent' => [['agreed' => ''], 'agreed'],
    'no name' => [['name' => ' '], 'name'],
    'a tag for a name' => [['name' => '<b>'], 'name'],
    'no phone' => [['phone' => 'call me'], 'phone'],
    'no mail' => [['mail' => 'somewhere'], 'mail'],
]);

it('gives a rig to another customer, or to nobody', function (): void {
    ($this->add)();
    ($this->add)(['name' => 'Ludo Finch', 'rig' => '']);
    $this->post("/rigs/{$this->work->rig_id}/customer", ['customer' => '2'])->assertRedirect(
        "/log/{$this->work->rig_id}",
    );
    expect($this->work->rig->fresh()->customer?->name)->toBe('Ludo Finch');
    $this->post("/rigs/{$this->work->rig_id}/customer", ['customer' => '']);
    expect($this->work->rig->fresh()->customer)->toBeNull();
    $this->post("/rigs/{$this->work->rig_id}/customer", ['customer' => '99'])->assertNotFound();
});

it('hands out everything it keeps of somebody, to the owner of the shop alone', function (): void {
    ($this->add)();
    $this->tape($this->work, 'alone', ['front' => '950 mm', 'rear' => '985 mm']);
    $file = $this->get('/customers/1/data.json')->assertOk()->json();
    $job = $file['rigs'][0]['jobs'][0];
    expect($file['name'])
        ->toBe('Perpetua Lisle')
        ->and($job['title'])
        ->toBe($this->work->title)
        ->and($job['record']['job']['readings'])
        ->toHaveCount(2)
        ->and($job['record'])
        ->not->toHaveKey('people')
        ->and(json_encode($file, JSON_UNESCAPED_SLASHES))
        ->not->toContain('http')
        ->not->toContain('Wren Tallow');
    $fitter = $this->person('Ash Fenn', '1 mm', Role::Fitter);
    $this->actingAs(User::query()->find($fitter->id));
    $this->get('/customers/1/data.json')->assertForbidden();
    $this->post('/customers/1/erase', ['sure' => '1'])->assertForbidden();
});

it('erases who somebody is, and leaves what was measured', function (): void {
    ($this->add)();
    $this->work->update(['title' => 'Perpetua Lisle, float']);
    $this->work->rig->vehicle->update(['name' => 'Lisle van']);
    $worked = $this->work->rig_as_worked;
    $worked['vehicle']['name'] = 'Lisle van';
    $this->work->update(['rig_as_worked' => $worked]);
    $this->tape($this->work, 'alone', ['front' => '950 mm', 'rear' => '985 mm']);
    $link = $this->work
        ->cardLinks()
        ->create([
            'token' => str_repeat('c', 40),
            'user_id' => User::query()->sole()->id,
            'made_at' => Date::now(),
            'ends_at' => Date::now()->addDay(),
        ]);
    OwnerNote::query()->create([
        'job_id' => $this->work->id,
        'card_link_id' => $link->id,
        'note' => 'Perpetua Lisle was here',
        'sent_at' => Date::now(),
    ]);
    $this->work
        ->photos()
        ->create([
            'shows' => 'other',
            'width' => 1,
            'height' => 1,
            'jpeg' => 'JPEG',
            'user_id' => 1,
            'taken_at' => Date::now(),
        ]);
    $this->get('/log');
    // Where else the name has gone: the record, practice on their rig, a file that waits, an answer kept for a browser.
    $this->get("/jobs/{$this->work->id}/job.json")->assertOk();
    App\Models\PracticeRun::query()->create([
        'user_id' => 1,
        'code' => '2-00005-3',
        'tape' => '1 mm',
        'coach' => 'off',
        'rig_name' => 'Lisle van and Dome',
        'sheet' => ['vehicle' => ['name' => 'Lisle van']],
    ]);
    Storage::disk('local')->put('imports/waits.json', '{"job":{"title":"Perpetua Lisle, float"}}');
    Storage::disk('local')->put('imports/other.json', '{"job":{"title":"Ludo Finch"}}');
    DB::table('sent_entries')->insert([
        'mark' => 'kept',
        'answer' => '{"says":["Perpetua Lisle, float: saved"]}',
        'sent_at' => now(),
    ]);
    $deeds = DB::table('activity_log')->count();

    $this->post('/customers/1/erase')->assertSessionHasErrors(['sure']);
    expect(Customer::query()->count())->toBe(1);
    $this->post('/customers/1/erase', ['sure' => '1'])->assertRedirect('/customers');
    $tables = array_column(
        DB::select("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'"),
        'name',
    );
    foreach (array_diff($tables, ['cache', 'cache_locks', 'sessions']) as $table) {
        expect(json_encode(DB::table($table)->get()))->not->toContain('Lisle', "table {$table}");
    }
    expect($this->work->liveReadings()->count())
        ->toBe(2)
        ->and(CardLink::query()->sole()->isOpen())
        ->toBeFalse()
        ->and(DB::table('photos')->count())
        ->toBe(0)
        ->and($this->work->fresh()->title)
        ->toBe("Job {$this->work->id}")
        ->and(Storage::disk('local')->files('imports'))
        ->toBe(['imports/other.json'])
        ->and(DB::table('activity_log')->count())
        ->toBe($deeds + 1, 'the record is whole')
        ->and(fn () => DB::table('activity_log')->update(['event' => 'nothing']))
        ->toThrow(Illuminate\Database\QueryException::class, 'append-only');
    $this->get('/deeds')
        ->assertOk()
        ->assertSee("Job {$this->work->id}")
        ->assertDontSee('Lisle');
    foreach (['/log', "/log/{$this->work->rig_id}", "/jobs/{$this->work->id}/alone", '/', '/garage'] as $page) {
        $this->get($page)->assertOk()->assertDontSee('Lisle');
    }
});

it('takes names out of what people typed, and changes no figure, key or longer word beside them', function (): void {
    ($this->add)();
    $this->work->update(['title' => '550']);
    $this->work->rig->vehicle->update(['name' => 'half-ton']);
    $sheet = [
        'vehicle' => ['name' => 'half-ton', 'wheelbase_mm' => 550, 'vehicle_class' => 'half-ton pick-up'],
        'hitch' => ['name' => 'Bars 550'],
    ];
    App\Models\PracticeRun::query()->create([
        'user_id' => 1,
        'code' => '2-00005-3',
        'tape' => '1 mm',
        'coach' => 'off',
        'rig_name' => 'half-ton and half-tonne',
        'sheet' => $sheet,
    ]);
    $this->get("/jobs/{$this->work->id}/job.json")->assertOk();
    $this->post('/customers/1/erase', ['sure' => '1'])->assertRedirect('/customers');
    $run = App\Models\PracticeRun::query()->sole();
    $deed = json_decode((string) DB::table('activity_log')->where('event', 'job-exported')->value('properties'), true);

    expect($run->sheet['vehicle']['wheelbase_mm'])
        ->toBe(550)
        ->and($run->sheet['vehicle']['vehicle_class'])
        ->toBe('half-ton pick-up')
        ->and($run->sheet['vehicle']['name'])
        ->not->toContain('half-ton')
        ->and($run->rig_name)
        ->toEndWith(' and half-tonne')
        ->and($deed)
        ->toBe(['job' => $this->work->id, 'title' => "Job {$this->work->id}"]);
});
