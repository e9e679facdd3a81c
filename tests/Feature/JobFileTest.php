<?php

declare(strict_types=1);

use App\Interchange\Job\ImportRefused;
use App\Interchange\Job\JobFile;
use App\Interchange\Job\JobImport;
use App\Interchange\Job\Pointers;
use App\Interchange\Job\WhenItExists;
use App\Models\Job;
use App\Models\LoadState;
use App\Models\Rig;
use App\Models\RigSnapshot;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

beforeEach(function (): void {
    $this->person('Ibby Marsh', '1 mm');
    $this->actingAs(User::query()->sole());
    $this->work = $this->job();
    $this->rig = Rig::query()->sole();
    $this->rig->trailer->update([
        'sheet' => [
            'tongue_weight_kg' => 390.5,
            'fresh_tank_kg' => 150,
            'fresh_tank_ahead_mm' => 2040,
            'coupler_height_mm' => 480,
        ],
    ]);
    $this->rig->hitch->update([
        'sheet' => ['family' => 'chain-snap-up', 'ball_height_mm' => 500, 'head_bolts_nm' => 205],
    ]);
    LoadState::query()->create([
        'rig_id' => $this->rig->id,
        'name' => 'As weighed',
        'as_weighed' => true,
        'fills' => ['fresh' => 0.2],
        'items' => [['name' => 'sacks', 'kg' => 40, 'on' => 'trailer', 'mm' => -300.5]],
        'user_id' => 1,
    ]);
    $this->work->update(['rig_as_worked' => RigSnapshot::sheetWith($this->rig->load('loadStates'))]);

    /* Every list of the file gets something, through the pages. */
    $this->doTheJob = function (): void {
        $at = "/jobs/{$this->work->id}";
        foreach (
            ['alone' => ['950', '985'], 'dropped' => ['37 1/4 in', '925'], 'bars-up' => ['956', '944']] as $station => [$front, $rear]
        ) {
            $this->tape($this->work, $station, ['front' => $front, 'rear' => $rear], ['rolled' => '1']);
        }
        $first = $this->work->readings()->firstOrFail();
        $this->tape(
            $this->work,
            'alone',
            ['front' => '951'],
            ['rolled' => '1', 'based_on' => ['front' => (string) $first->id]],
        );
        $this->post("{$at}/bars-up/rounds", ['steps' => ['link' => 4.5, 'washer' => 3, 'head' => 2]]);
        $this->post("{$at}/hook-up/set-by", ['set_by' => 'lever']);
        $this->post("{$at}/hook-up/count", ['steps' => ['link' => 4.5]]);
        $this->post("{$at}/bars-up/measures", ['coupler' => '488 mm']);
        $this->post("{$at}/weigh", ['stance' => 'alone', 'ticket' => "front 1460\nrear 1190", 'step' => '10']);
        $this->post("{$at}/tongue", ['way' => 'bathroom_scale', 'read' => '388', 'hitch_height' => '480']);
        $this->post("{$at}/sway-control/checks", ['check' => 'chains', 'answer' => 'yes']);
        $this->post("{$at}/procedures/hook-up/take", ['step' => 'chocks']);
        $this->post("{$at}/road-tests", [
            'speed' => '80',
            'distance' => '14',
            'road' => 'smooth',
            'wind' => 'light',
            'lorries' => 'felt',
            'steering' => 'same',
            'porpoising' => 'none',
            'sway' => 'none',
            'note' => 'Quay road.',
        ]);
        $this->post("{$at}/bars", [
            'ball' => '500 mm',
            'bar' => '312 mm',
            'seat' => '480 mm',
            'rest' => '470 mm',
            'chain' => '120 mm',
        ]);
        $this->post("{$at}/head/torques", ['fastener' => 'head_bolts_nm', 'wrench' => '205']);
        $picture = imagecreatetruecolor(40, 30);
        imagejpeg($picture, $path = tempnam(sys_get_temp_dir(), 'p'));
        $this->post("{$at}/photos", [
            'shows' => 'washers',
            'photo' => new UploadedFile($path, 'w.jpg', null, null, true),
        ]);
        $this->post("{$at}/hand-over/close");
        $this->post("/log/{$this->rig->id}/care", ['task' => 'distance', 'driven' => '41200 km']);
    };
    $this->empty = function (): void {
        foreach (['readings', 'measures'] as $kept) {
            DB::statement("DROP TRIGGER IF EXISTS {$kept}_no_DELETE");
        }
        DB::statement('PRAGMA defer_foreign_keys = ON');
        foreach (
            [
                'photos',
                'torques',
                'bar_tapings',
                'road_tests',
                'procedure_steps',
                'procedure_runs',
                'checks',
                'tongue_readings',
                'tickets',
                'measures',
                'readings',
                'rounds',
                'station_marks',
                'care_records',
                'load_states',
                'jobs',
                'rigs',
                'vehicles',
                'trailers',
                'hitches',
                'users',
            ] as $table
        ) {
            DB::table($table)->delete();
        }
    };
});

it(
    'hands on every list of a job, and is the same to the letter after it was taken in by an empty shop',
    function (): void {
        ($this->doTheJob)();
        $file = (new JobFile($this->work))->json();
        $content = json_decode($file, true);
        foreach ([...array_keys(App\Interchange\Job\Lists::OF_JOB)] as $list) {
            expect($content['job'][$list])->not->toBe([], $list);
        }
        expect($content['rig']['care'])
            ->toHaveCount(2)
            ->and($content['rig']['load_states'])
            ->toHaveCount(1)
            ->and($content['people'])
            ->toHaveCount(1)
            ->and($content['job']['readings'][6]['supersedes_id'])
            ->toBe(0)
            ->and($file)
            ->not->toContain('tape-in-hand')
            ->not->toContain('password');
        $this->get("/jobs/{$this->work->id}/job.json")
            ->assertOk()
            ->assertHeader('Content-Type', 'application/json');
        $handed = (string) $this->get("/jobs/{$this->work->id}/job.json")->getContent();
        expect(json_decode($handed, true)['analysis'])
            ->toHaveKeys(['method', 'verdict', 'front_restored', 'chances', 'move', 'suspects'])
            ->and(array_diff_key(json_decode($handed, true), ['analysis' => 1]))
            ->toEqual($content);

        ($this->empty)();
        $taken = JobImport::take($handed, WhenItExists::Stop, new App\Interchange\Job\ImportedBy('handed.json', null));

        expect((new JobFile($taken->job))->json())
            ->toBe($file)
            ->and($taken->unknown())
            ->toBe([])
            ->and(User::query()->sole()->only('name', 'email'))
            ->toBe(['name' => 'Ibby Marsh', 'email' => 'ibby@quillfeather.example'])
            ->and($taken->job->rig->care_due_on)
            ->not->toBeNull();
        $this->actingAs(User::query()->sole())
            ->get("/jobs/{$taken->job->id}/bars-up")
            ->assertOk()
            ->assertSee('link 4.5');
    },
);

it('hands on how the bars were put on, and that they were counted', function (): void {
    ($this->doTheJob)();
    $round = array_values(
        array_filter(
            json_decode((new JobFile($this->work->fresh()))->json(), true)['job']['rounds'],
            fn (array $one): bool => $one['stance'] === 'carried',
        ),
    )[0];

    expect($round['set_by'])->toBe('lever')->and($round['is_counted'])->toBeTrue();
});

it('keeps fields that it does not know, names them, and hands them on', function (): void {
    ($this->doTheJob)();
    $content = json_decode((new JobFile($this->work))->json(), true);
    $content['colour'] = 'green';
    $content['job']['readings'][2]['light'] = ['lux' => 400];
    $content['rig']['vehicle']['odd/~key'] = null;
    $content['job']['rig_as_worked']['hitch']['engraved'] = 'Q';
    $file = json_encode($content, JobFile::ENCODED | JSON_PRETTY_PRINT)."\n";
    ($this->empty)();
    $taken = JobImport::take($file, WhenItExists::Stop, new App\Interchange\Job\ImportedBy('handed.json', null));
    $back = json_decode((new JobFile($taken->job))->json(), true);

    expect($taken->unknown())
        ->toEqualCanonicalizing(['/colour', '/job/readings/2/light', '/rig/vehicle/odd~1~0key'])
        ->and($back)
        ->toEqual($content)
        ->and($back['job']['rig_as_worked']['hitch']['engraved'])
        ->toBe('Q');
});

it('asks what to do with a rig that is here, and does what the person chose', function (): void {
    ($this->doTheJob)();
    Storage::fake('local');
    $content = json_decode((new JobFile($this->work))->json(), true);
    $content['job']['mark'] = '11111111-2222-4333-8444-555555555555';
    $content['job']['title'] = 'Another visit';
    $send = fn (array $content) => $this->post('/take-in', [
        'file' => UploadedFile::fake()->createWithContent('job.json', json_encode($content)),
    ]);
    $this->get('/take-in')->assertOk()->assertSee('at most 8 MB');

    $send($content)->assertRedirect('/take-in')->assertSessionHasErrors('file')->assertSessionHas('waiting');
    $waiting = session('waiting');
    $this->get('/take-in')
        ->assertSee('Here already: the rig Drover with Dome, the vehicle Drover')
        ->assertSee('Import as a copy');
    $this->post('/take-in', ['waiting' => $waiting, 'then' => 'stop']);
    $this->get('/take-in')->assertSee('Nothing was imported.');
    expect(Job::query()->count())
        ->toBe(1)
        ->and(Storage::disk('local')->allFiles())
        ->toBe([]);

    $send($content);
    $this->post('/take-in', ['waiting' => session('waiting'), 'then' => 'merge'])->assertRedirect('/jobs/2/files');
    expect(Rig::query()->count())
        ->toBe(1)
        ->and(Job::query()->where('rig_id', $this->rig->id)->count())
        ->toBe(2)
        ->and(LoadState::query()->count())
        ->toBe(1, 'what is here stays as it is')
        ->and(DB::table('care_records')->count())
        ->toBe(2);

    $send($content);
    $this->post('/take-in', ['waiting' => session('waiting'), 'then' => 'merge'])->assertRedirect('/take-in');
    $waiting = session('waiting');
    $this->get('/take-in')->assertSee('The job Another visit is here already, so that there is nothing to merge.');
    $this->post('/take-in', ['waiting' => $waiting, 'then' => 'copy'])->assertRedirect('/jobs/3/files');
    expect(Rig::query()->count())
        ->toBe(2)
        ->and(Rig::query()->latest('id')->first()->title())
        ->toBe('Drover (copy) with Dome (copy)')
        ->and(DB::table('readings')->where('job_id', 3)->count())
        ->toBe(7)
        ->and(Storage::disk('local')->allFiles())
        ->toBe([]);
    $this->post('/take-in', ['waiting' => '../../.env', 'then' => 'copy'])->assertSessionHasErrors('file');
});

it('refuses a file that it cannot take in, in words, and takes nothing of it', function (
    Closure $change,
    string $says,
): void {
    ($this->doTheJob)();
    $json = (new JobFile($this->work))->json();
    $before = collect(['jobs', 'rigs', 'vehicles', 'readings', 'users'])->mapWithKeys(
        fn (string $table): array => [$table => DB::table($table)->count()],
    );
    $changed = $change(json_decode($json, true), $json);
    $take = fn () => JobImport::take(
        is_string($changed) ? $changed : json_encode($changed, JobFile::ENCODED),
        WhenItExists::Copy,
        new App\Interchange\Job\ImportedBy('handed.json', null),
    );

    expect($take)
        ->toThrow(ImportRefused::class, $says)
        ->and(
            collect($before)
                ->mapWithKeys(fn (int $count, string $table): array => [$table => DB::table($table)->count()])
                ->all(),
        )
        ->toBe($before->all());
})->with([
    'from a newer version' => [
        fn (array $file): array => ['version' => 3] + $file,
        'of version 3, and this program reads up to version 2',
    ],
    'cut off' => [fn (array $file, string $json): string => substr($json, 0, -400), 'breaks off or is not JSON'],
    'empty' => [fn (): string => '', 'breaks off or is not JSON'],
    'over 8 MB' => [fn (array $file, string $json): string => $json.str_repeat(' ', 8 * 1024 * 1024), 'at most 8 MB'],
    'of another program' => [
        fn (): array => ['format' => 'shopping', 'version' => 1],
        'Expected a job file of this program',
    ],
    'a script in a name' => [
        function (array $file): array {
            $file['job']['title'] = '<script>alert(1)</script>';

            return $file;
        },
        '/job/title: Expected a name in plain text',
    ],
    'a path in a name' => [
        function (array $file): array {
            $file['rig']['vehicle']['name'] = '../../etc/passwd';

            return $file;
        },
        '/rig/vehicle/name: Expected a name in plain text',
    ],
    'a name of somebody with markup' => [
        function (array $file): array {
            $file['people'][0]['name'] = '<img src=x>';

            return $file;
        },
        '/people/0/name',
    ],
    'a height that is not the one typed' => [
        function (array $file): array {
            $file['job']['readings'][1]['height_mm'] += 12.7;

            return $file;
        },
        '/job/readings/1/height_mm: Expected the height that was typed there.',
    ],
    'a typed text that is no height' => [
        function (array $file): array {
            $file['job']['readings'][0]['typed'] = 'about a metre';

            return $file;
        },
        '/job/readings/0/height_mm',
    ],
    'a reading twice' => [
        function (array $file): array {
            $file['job']['readings'][] = ['supersedes_id' => null] + $file['job']['readings'][0];

            return $file;
        },
        'Expected each entry once, and this one is there already.',
    ],
    'a check twice' => [
        function (array $file): array {
            $file['job']['stations'][] = $file['job']['stations'][0];

            return $file;
        },
        'Expected each entry once',
    ],
    'a picture with a segment of a phone' => [
        function (array $file): array {
            $jpeg = base64_decode($file['job']['photos'][0]['jpeg']);
            $file['job']['photos'][0]['jpeg'] = base64_encode(
                substr($jpeg, 0, 20)."\xFF\xED\0\x0Esecret place".substr($jpeg, 20),
            );

            return $file;
        },
        '/job/photos/0/jpeg',
    ],
    'a picture with something after its end' => [
        function (array $file): array {
            $file['job']['photos'][0]['jpeg'] = base64_encode(
                base64_decode($file['job']['photos'][0]['jpeg'])."secret\xFF\xD9",
            );

            return $file;
        },
        '/job/photos/0/jpeg',
    ],
    'a picture that is cut off' => [
        function (array $file): array {
            $file['job']['photos'][0]['jpeg'] = base64_encode(
                substr(base64_decode($file['job']['photos'][0]['jpeg']), 0, -20),
            );

            return $file;
        },
        '/job/photos/0/jpeg',
    ],
    'a height as a word' => [
        function (array $file): array {
            $file['job']['readings'][1]['height_mm'] = 'tall';

            return $file;
        },
        '/job/readings/1/height_mm',
    ],
    'a stance nobody knows' => [
        function (array $file): array {
            $file['job']['readings'][0]['stance'] = 'flying';

            return $file;
        },
        '/job/readings/0/stance',
    ],
    'a field missing' => [
        function (array $file): array {
            unset($file['rig']['hitch']['bar_arm_mm']);

            return $file;
        },
        '/rig/hitch',
    ],
    'a wheelbase that no vehicle has' => [
        function (array $file): array {
            $file['job']['rig_as_worked']['vehicle']['wheelbase_mm'] = 1100;

            return $file;
        },
        '/job/rig_as_worked: Expected',
    ],
    'a correction of what comes later' => [
        function (array $file): array {
            $file['job']['readings'][2]['supersedes_id'] = 5;

            return $file;
        },
        '/readings/2/supersedes_id: Expected the place of an earlier reading',
    ],
    'a reading by nobody' => [
        function (array $file): array {
            $file['job']['readings'][2]['user_id'] = 7;

            return $file;
        },
        '/readings/2/user_id',
    ],
    'a page in a picture\'s clothes' => [
        function (array $file): array {
            $file['job']['photos'][0]['jpeg'] = base64_encode('<html>');

            return $file;
        },
        '/job/photos/0/jpeg: Expected a JPEG picture',
    ],
]);

it('exports and imports by command, with one line on standard error for what cannot be', function (): void {
    ($this->doTheJob)();
    $to = tempnam(sys_get_temp_dir(), 'job');
    expect($this->artisan("yoke:export {$this->work->id} --to={$to}"))->toBe(0);
    expect(array_diff_key(json_decode((string) file_get_contents($to), true), ['analysis' => 1]))->toEqual(
        json_decode((new JobFile($this->work))->json(), true),
    );
    expect($this->artisan("yoke:export {$this->work->mark} --to=/nowhere/at/all.json"))->toBe(2);
    expect($this->artisan('yoke:export 77'))->toBe(2);
    expect($this->artisan("yoke:import {$to}"))->toBe(2);
    expect($this->artisan("yoke:import {$to} --if-exists=perhaps"))->toBe(2);
    expect($this->artisan('yoke:import /nowhere.json'))->toBe(2);
    expect($this->artisan("yoke:import {$to} --if-exists=copy"))->toBe(0);

    expect(Job::query()->count())->toBe(2);
});

it('gives readings, tickets and the drawing to other programs, and no spreadsheet a formula', function (): void {
    ($this->doTheJob)();
    DB::table('users')->update(['name' => '=HYPERLINK("x")']);
    $lines = fn (string $file): array => array_map(
        fn (string $line): array => str_getcsv($line, ',', '"', ''),
        explode(
            "\n",
            trim(
                (string) $this->get("/jobs/{$this->work->id}/{$file}.csv")
                    ->assertOk()
                    ->assertHeader('Content-Type', 'text/csv; charset=utf-8')
                    ->getContent(),
            ),
        ),
    );
    [$headings, $first] = $lines('readings');
    $reading = array_combine($headings, $first);
    $ticket = array_combine(...array_slice(array_map(fn (array $line): array => $line, $lines('tickets')), 0, 2));

    expect($lines('readings'))
        ->toHaveCount(8)
        ->and($reading['typed'])
        ->toBe('950')
        ->and((float) $reading['height_mm'])
        ->toBe(950.0)
        ->and($reading['state'])
        ->toBe('superseded')
        ->and($reading['by'])
        ->toBe('\'=HYPERLINK("x")')
        ->and((float) $ticket['front_kg'])
        ->toBe(1460.0)
        ->and((float) $ticket['gross_kg'])
        ->toBe(2650.0);
    $drawing = (string) $this->get("/jobs/{$this->work->id}/drawing.svg")
        ->assertOk()
        ->assertHeader('Content-Type', 'image/svg+xml')
        ->getContent();
    expect(simplexml_load_string($drawing)->getName())->toBe('svg');
    $this->get("/jobs/{$this->work->id}/files")
        ->assertOk()
        ->assertSee('job.json')
        ->assertSee('care.ics');
});

it('finds what one tree has and another has not, and puts it back', function (): void {
    $whole = ['a' => 1, 'b' => ['c' => [1, 2, 3], 'd/e' => ['x' => null]], 'f' => []];
    $known = ['a' => 9, 'b' => ['c' => [1, 2]]];
    $missing = Pointers::missing($whole, $known);

    expect($missing)
        ->toBe(['/b/c/2' => 3, '/b/d~1e' => ['x' => null], '/f' => []])
        ->and(Pointers::put(['a' => 1, 'b' => ['c' => [1, 2]]], $missing))
        ->toBe($whole)
        ->and(Pointers::put(['a' => 1], ['/a/b' => 2]))
        ->toBe(['a' => 1]);
});

it('hands every job of the demo workshop on and back to the letter, whatever order they come in', function (): void {
    ($this->empty)();
    $this->seed(Database\Seeders\DemoSeeder::class);
    $files = Job::query()
        ->get()
        ->mapWithKeys(fn (Job $job): array => [$job->mark => (new JobFile($job))->json()])
        ->all();
    DB::table('simulations')->delete();
    DB::table('card_links')->delete();
    ($this->empty)();
    foreach (array_reverse($files) as $file) {
        JobImport::take($file, WhenItExists::Merge, new App\Interchange\Job\ImportedBy('handed.json', null));
    }

    expect(count($files))
        ->toBe(7)
        ->and(Rig::query()->count())
        ->toBe(5)
        ->and(User::query()->count())
        ->toBe(2);
    foreach ($files as $mark => $file) {
        expect((new JobFile(Job::query()->where('mark', $mark)->sole()))->json() === $file)->toBeTrue($mark);
    }
});

it('finds and puts back whatever is missing from any tree', function (int $seed): void {
    $random = new Yoke\Proving\Simulation\SeededSource($seed);
    $grow = function (int $depth) use (&$grow, $random): array {
        $tree = [];
        for ($i = 0; $i < 4; $i++) {
            $key = ['a', 'b/c', '~d', 'e~1f', '0'][(int) $random->between(0, 4.99)].($i % 2 === 0 ? '' : $i);
            $tree[$key] =
                $depth > 0 && $random->between(0, 1) > 0.4 ? $grow($depth - 1) : (int) $random->between(0, 99);
        }

        return $tree;
    };
    $prune = function (array $tree) use (&$prune, $random): array {
        $kept = array_filter($tree, fn (): bool => $random->between(0, 1) > 0.3);

        return array_map(fn (mixed $value): mixed => is_array($value) ? $prune($value) : $value, $kept);
    };
    $whole = $grow(3);
    $known = $prune($whole);

    expect(Pointers::put($known, Pointers::missing($whole, $known)))
        ->toEqual($whole)
        ->and(Pointers::missing($whole, $whole))
        ->toBe([])
        ->and(Pointers::missing($known, $whole))
        ->toBe([]);
})->with(range(1, 15));

it(
    'says of what was imported that it was, with the file and who took it in, and gives those it names no sign-in',
    function (): void {
        ($this->doTheJob)();
        $content = json_decode((new JobFile($this->work))->json(), true);
        $content['people'][0] = ['name' => 'Ash Fenn', 'email' => 'ash@quillfeather.example'] + $content['people'][0];
        $path = tempnam(sys_get_temp_dir(), 'job');
        file_put_contents($path, json_encode($content, JobFile::ENCODED));
        $this->post('/take-in', [
            'file' => new Illuminate\Http\UploadedFile($path, '<Tuesday>.json', null, null, true),
        ]);
        $waits = session()->only(['waiting', 'called']);
        $this->get('/take-in')->assertSee('value="&lt;Tuesday&gt;.json"', false);
        $this->post('/take-in', $waits + ['then' => 'copy'])->assertRedirect('/jobs/2/files');
        $taken = Job::query()->findOrFail(2);

        $this->get('/jobs/2/tape-log')->assertSee('Ash Fenn')->assertSee('by the file -Tuesday-.json, imported');
        $this->get("/jobs/{$this->work->id}/tape-log")->assertDontSee('imported');
        expect($taken->readings()->whereNull('import_id')->count())
            ->toBe(0)
            ->and($this->work->readings()->whereNotNull('import_id')->count())
            ->toBe(0)
            ->and(DB::table('activity_log')->where('event', 'job-imported')->sole()->properties)
            ->toContain('-Tuesday-.json')
            ->and((new JobFile($taken))->json())
            ->not->toContain('import_id');
        auth()->forgetGuards();
        $this->flushSession();
        foreach (['', '!', 'tape-in-hand'] as $guess) {
            $this->post('/sign-in', [
                'email' => 'ash@quillfeather.example',
                'password' => $guess,
            ])->assertSessionHasErrors();
        }
        $this->assertGuest();
    },
);

it('leaves who owns the rig and who works on it in the shop, and takes neither in', function (): void {
    $this->post('/customers', [
        'name' => 'Perpetua Lisle',
        'phone' => '+1 555 0100',
        'mail' => '',
        'agreed' => '1',
        'rig' => (string) $this->rig->id,
    ])->assertRedirect();
    $this->work->update(['person_id' => 1]);
    expect($this->rig->refresh()->customer_id)->toBe(1);
    $file = (new JobFile($this->work->refresh()))->json();
    expect($file)
        ->not->toContain('customer_id')
        ->not->toContain('person_id')
        ->not->toContain('Perpetua')
        ->not->toContain('555 0100');

    ($this->empty)();
    $content = json_decode($file, true);
    $content['rig']['customer_id'] = 1;
    $content['job']['person_id'] = 1;
    JobImport::take(
        (string) json_encode($content),
        WhenItExists::Stop,
        new App\Interchange\Job\ImportedBy('foreign.json', null),
    );

    expect(Rig::query()->sole()->customer_id)
        ->toBeNull()
        ->and(Job::query()->sole()->person_id)
        ->toBeNull();
});

it('writes no cell that a spreadsheet would work out', function (string $typed): void {
    $this->actingAs($this->person());
    $job = $this->job();
    Illuminate\Support\Facades\DB::table('tickets')->insert([
        'job_id' => $job->id,
        'stance' => 'alone',
        'round' => 1,
        'typed' => $typed,
        'platforms' => '[{"axles":["front"],"kg":1450}]',
        'step_kg' => 10,
        'user_id' => 1,
        'weighed_at' => '2026-12-01 10:00:00',
    ]);
    $lines = array_map(
        static fn (string $line): array => str_getcsv($line, ',', '"', ''),
        explode("\n", trim(App\Interchange\Csv::tickets($job))),
    );

    expect(end($lines[1]))->toBe("'{$typed}");
})->with(['=1+1', '+1', '-1', '@SUM(A1)', "\tfront"]);
