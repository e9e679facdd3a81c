<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

afterEach(function (): void {
    DB::purge('old');
    config(['database.default' => 'sqlite']);
});

/** A shop's database as the first version left it: its migrations, a rig, a job with three stances and a ticket. */
function oldDatabase(string $file): void
{
    touch($file);
    config([
        'database.connections.old' => [...config('database.connections.sqlite'), 'database' => $file],
        'database.default' => 'old',
    ]);
    $first = array_filter(
        glob(database_path('migrations/*.php')) ?: [],
        fn (string $path): bool => str_contains($path, '2026_11_23_'),
    );
    Artisan::call('migrate', ['--force' => true, '--realpath' => true, '--path' => array_values($first)]);
    $now = '2026-11-20 09:00:00';
    DB::table('users')->insert([
        'name' => 'Wren Tallow',
        'email' => 'wren@quillfeather.example',
        'password' => bcrypt('tape-in-hand'),
        'fineness' => '1 mm',
        'theme' => 'sun',
    ]);
    DB::table('vehicles')->insert([
        'mark' => 'v',
        'name' => 'Drover',
        'body' => 'pick-up',
        'wheelbase_mm' => 3700,
        'overhang_mm' => 1300,
        'front_suspension' => 'coil',
        'rear_suspension' => 'leaf',
        'sheet' => '{"vehicle_class":"half-ton pick-up"}',
    ]);
    DB::table('trailers')->insert([
        'mark' => 't',
        'name' => 'Dome',
        'body' => 'box',
        'axles' => 2,
        'ball_to_axle_mm' => 5100,
        'gross_weight_kg' => 3100,
        'sheet' => '{"tongue_weight_kg":390}',
    ]);
    DB::table('hitches')->insert([
        'mark' => 'h',
        'name' => 'Chains',
        'bar_arm_mm' => 720,
        'sheet' => '{"family":"chain-snap-up"}',
    ]);
    DB::table('rigs')->insert(['mark' => 'r', 'vehicle_id' => 1, 'trailer_id' => 1, 'hitch_id' => 1]);
    $worked = [
        'vehicle' => [
            'name' => 'Drover',
            'body' => 'pick-up',
            'wheelbase_mm' => 3700,
            'overhang_mm' => 1300,
            'front_suspension' => 'coil',
            'rear_suspension' => 'leaf',
            'sheet' => ['vehicle_class' => 'half-ton pick-up'],
        ],
        'trailer' => [
            'name' => 'Dome',
            'body' => 'box',
            'axles' => 2,
            'ball_to_axle_mm' => 5100,
            'gross_weight_kg' => 3100,
            'sheet' => ['tongue_weight_kg' => 390],
        ],
        'hitch' => ['name' => 'Chains', 'bar_arm_mm' => 720, 'sheet' => ['family' => 'chain-snap-up']],
        'learnt' => [[13, 1], [9, 1], [390, 8], [50, 9], [500, 90], [5, 1], [20, 5]],
    ];
    DB::table('jobs')->insert([
        'mark' => 'j',
        'rig_id' => 1,
        'title' => 'Planetarium, last year',
        'booked_on' => '2025-11-20',
        'rig_as_worked' => json_encode($worked),
        'band_from' => 0.5,
        'band_to' => 1.0,
        'each_side' => 0,
        'method' => 'equal_squat',
        'handed_over_at' => $now,
    ]);
    DB::table('rounds')->insert([
        'job_id' => 1,
        'stance' => 'carried',
        'number' => 1,
        'setting' => '{"link":4,"washer":3,"head":2}',
        'user_id' => 1,
        'created_at' => $now,
        'updated_at' => $now,
    ]);
    foreach (
        [
            ['alone', 'front', 950],
            ['alone', 'rear', 985],
            ['dropped', 'front', 961],
            ['dropped', 'rear', 930],
            ['carried', 'front', 953],
            ['carried', 'rear', 948],
        ] as [$stance, $axle, $height]
    ) {
        DB::table('readings')->insert([
            'job_id' => 1,
            'stance' => $stance,
            'axle' => $axle,
            'side' => 'both',
            'round' => 1,
            'typed' => "{$height} mm",
            'typed_unit' => 'mm',
            'height_mm' => $height,
            'settling' => 'rolled',
            'user_id' => 1,
            'taken_at' => $now,
        ]);
    }
}

it('opens a database that the first version left, with its jobs, methods and verdicts', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'shop');
    oldDatabase($file);
    $before = (array) DB::table('jobs')->first();

    expect(Artisan::call('migrate', ['--force' => true]))
        ->toBe(0)
        ->and((array) DB::table('jobs')->first())
        ->toBe(
            $before + [
                'import_id' => null,
                'arrived_coupled' => 0,
                'starts_minute' => null,
                'bay' => null,
                'planned_minutes' => null,
                'person_id' => null,
            ],
        )
        ->and(collect(DB::select('PRAGMA table_info(vehicles)'))->firstWhere('name', 'wheelbase_mm')->notnull)
        ->toBe(0)
        ->and(DB::table('vehicles')->value('wheelbase_mm'))
        ->toEqual(3700)
        ->and(User::query()->sole()->language)
        ->toBe(App\Models\Language::English)
        ->and(Job::query()->sole()->method)
        ->toBe(Yoke\Judgement\Method\Criterion::EqualSquat);
    $this->actingAs(User::query()->sole());
    $this->get('/')->assertRedirect('/who-are-you');
    $this->post('/who-are-you', ['role' => 'owner'])->assertRedirect('/');
    $this->actingAs(User::query()->sole());
    foreach (
        [
            '/jobs/1/bars-up',
            '/jobs/1/diagnosis',
            '/jobs/1/card',
            '/jobs/1/weigh',
            '/jobs/1/loads',
            '/jobs/1/plan',
            '/jobs/1/job.json',
            '/log/1',
            '/',
            '/jobs/1/visit',
        ] as $page
    ) {
        $this->get($page)->assertOk();
    }
    $this->get('/jobs/1/bars-up')->assertSee('data-restored', false)->assertSee('Judged by equal squat.');
});

it('takes in a job file of version 1', function (): void {
    $this->actingAs($this->person('Ibby Marsh', '1 mm'));
    $job = $this->job();
    $content = json_decode((new App\Interchange\Job\JobFile($job))->json(), true);
    $content['version'] = 1;
    $taken = App\Interchange\Job\JobImport::take(
        (string) json_encode($content),
        App\Interchange\Job\WhenItExists::Copy,
        new App\Interchange\Job\ImportedBy('handed.json', null),
    );

    expect($taken->job->title)
        ->toBe('A dome')
        ->and($taken->unknown())
        ->toBe([])
        ->and(json_decode((new App\Interchange\Job\JobFile($taken->job))->json(), true)['version'])
        ->toBe(2);
});
