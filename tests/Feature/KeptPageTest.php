<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

/** Where two pages begin to differ, from both. */
function firstDifference(string $one, string $other): string
{
    $at = strspn($one ^ $other, "\0");

    return substr($one, max(0, $at - 80), 160).' | '.substr($other, max(0, $at - 80), 160);
}

beforeEach(function (): void {
    // What a page says of the time it is now does not move while it is compared.
    $this->travelTo('2026-12-01 12:00:00');
    $this->seed(Database\Seeders\DemoSeeder::class);
    $this->wren = User::query()->where('role', Role::Owner)->sole();
    $this->actingAs($this->wren);
    /** As the next request would: nothing that was worked out before is held. */
    $this->see = function (string $page): string {
        app()->forgetScopedInstances();
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $route->flushController();
        }

        return (string) $this->get($page)->assertOk()->getContent();
    };
    /** Drawn anew: an address that is asked something unusual is never kept. */
    $this->anew = fn (string $page): string => str_replace(
        ['?anew=1', '&amp;anew=1', '&anew=1', 'anew=1'],
        '',
        ($this->see)($page.(str_contains($page, '?') ? '&' : '?').'anew=1'),
    );
    $this->queries = function (string $page): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        ($this->see)($page);

        return count(DB::getQueryLog());
    };
});

it('draws a page once, gives it out with each session\'s own token, and keeps people apart', function (): void {
    $drawn = ($this->queries)('/jobs/2/bars-up');
    expect(($this->queries)('/jobs/2/bars-up'))->toBeLessThanOrEqual(4)->and($drawn)->toBeGreaterThan(10);
    $first = csrf_token();
    $this->flushSession();
    $this->actingAs($this->wren);
    $page = ($this->see)('/jobs/2/bars-up');
    expect(csrf_token())->not->toBe($first)->and($page)->toContain(csrf_token())->not->toContain($first);

    $this->actingAs(User::query()->where('role', Role::Fitter)->sole());
    expect(($this->see)('/jobs/2/bars-up'))->toContain('mm')->not->toBe($page);
});

it('shows what is there now, whatever was written', function (): void {
    $pages = [
        '/',
        '/log',
        '/log/1',
        '/log/1/care',
        '/garage',
        '/garage/trailer',
        '/garage/trailer/1',
        '/jobs/3/bars-up',
        '/jobs/3/alone',
        '/jobs/3/head',
        '/jobs/3/sway-control',
        '/jobs/3/road-test',
        '/jobs/3/plan',
        '/jobs/3/weigh',
        '/jobs/3/tongue',
        '/jobs/3/loads',
        '/jobs/3/card',
        '/jobs/3/diagnosis',
        '/jobs/3/tape-log',
        '/jobs/3/photos',
        '/jobs/2/bars-up',
    ];
    $picture = function (): Illuminate\Http\UploadedFile {
        $path = tempnam(sys_get_temp_dir(), 'photo');
        imagejpeg(imagecreatetruecolor(40, 30), $path);

        return new Illuminate\Http\UploadedFile($path, 'a.jpg', null, null, true);
    };
    $rig = Job::query()->findOrFail(3)->rig;
    $writes = [
        'a height' => fn () => $this->tape(
            Job::query()->findOrFail(3),
            'bars-up',
            ['front' => '37 1/8'],
            [
                'based_on' => [
                    'front' => (string) DB::table('readings')
                        ->where(['job_id' => 3, 'stance' => 'carried', 'axle' => 'front'])
                        ->max('id'),
                ],
            ],
        ),
        'a height in another job' => fn () => $this->tape(Job::query()->findOrFail(6), 'alone', ['front' => '36 1/8']),
        'another measure' => fn () => $this->post('/jobs/3/bars-up/measures', [
            'kind' => 'coupler',
            'typed' => '19 1/2',
        ]),
        'a ticket' => fn () => $this->post('/jobs/3/weigh', [
            'stance' => 'alone',
            'typed' => "front 3200 lb\nrear 2600 lb",
            'step' => '20 lb',
        ]),
        'a tongue weight' => fn () => $this->post('/jobs/3/tongue', ['way' => 'scale', 'reading' => '800 lb']),
        'a check' => fn () => $this->post('/jobs/3/sway-control/checks', [
            'check' => 'friction.dry',
            'answer' => 'fine',
        ]),
        'a torque' => fn () => $this->post('/jobs/3/head/torques', ['fastener' => 'head_bolts_nm', 'wrench' => '150']),
        'a station closed' => fn () => $this->post('/jobs/3/prove/close'),
        'a method' => fn () => $this->post('/jobs/3/bars-up/method', ['method' => 'equal_squat']),
        'both sides' => fn () => $this->post('/jobs/3/alone/sides', ['each_side' => '1']),
        'a procedure' => fn () => $this->post('/jobs/3/procedures/hook-up/take', ['step' => '1']),
        'a photo' => fn () => $this->post('/jobs/3/photos', ['shows' => 'placard', 'photo' => $picture()]),
        'a link' => fn () => $this->post('/jobs/3/card/links'),
        'a road test' => fn () => $this->post('/jobs/3/road-tests', ['felt' => ['sway' => 'none']]),
        'a sheet' => fn () => $this->post("/garage/trailer/{$rig->trailer_id}", [
            'name' => 'Renamed',
            'trailer_gvwr_kg' => '9000 lb',
        ]),
        'a pair archived' => fn () => $this->post('/garage/rig/2/away'),
        'a service' => fn () => $this->post('/log/1/care', ['task' => 'distance', 'driven' => '40000']),
        'one\'s own units' => fn () => $this->post('/preferences', ['fineness' => '1 mm']),
        'somebody\'s name' => fn () => User::query()
            ->where('role', Role::Fitter)
            ->sole()
            ->update(['name' => 'Ibby Marsh-Fenn']),
        'a setting of the shop' => fn () => DB::table('shop_settings')->insert([
            'key' => 'doubt.tapeMm',
            'value' => '4.0',
            'set_at' => now(),
        ]),
        'a new job' => fn () => $this->post('/jobs', ['title' => 'One more', 'family' => 'chain-snap-up']),
        'a hand-over' => fn () => $this->post('/jobs/3/hand-over/close'),
    ];
    $changed = 0;
    foreach (['nothing yet' => fn () => null] + $writes as $what => $write) {
        $write();
        $this->actingAs($this->wren->fresh());
        // What the write had to say is said once, and on no page that is kept.
        ($this->anew)('/take-in');
        ($this->anew)('/take-in');
        foreach ($pages as $page) {
            $fresh = ($this->anew)($page);
            $kept = ($this->see)($page);
            expect($kept === $fresh)->toBeTrue("{$page} after {$what}: ".firstDifference($kept, $fresh));
            $changed += ($seen[$page] ?? $fresh) === $fresh ? 0 : 1;
            $seen[$page] = $fresh;
        }
    }
    expect($changed)->toBeGreaterThan(50, 'the writes above change pages');
});

it('never keeps what was refused or done, nor yesterday\'s day', function (): void {
    ($this->see)('/jobs/2/alone');
    $this->post('/jobs/2/alone/tape', ['typed' => ['front' => 'tall']]);
    expect(($this->see)('/jobs/2/alone'))
        ->toContain('tall')
        ->and(($this->see)('/jobs/2/alone'))
        ->not->toContain('"tall"');
    expect(($this->queries)('/jobs/2/alone'))->toBeLessThanOrEqual(4);
    $this->travel(1)->days();
    expect(($this->queries)('/jobs/2/alone'))->toBeGreaterThan(8);
});

it('sweeps away what was kept for its time, and nothing else', function (): void {
    $folder = sys_get_temp_dir().'/yoke-sweep-'.bin2hex(random_bytes(4));
    // Files tell their age by the clock on the wall.
    $this->travelBack();
    config(['cache.stores.file.path' => $folder]);
    $cache = Illuminate\Support\Facades\Cache::build(['driver' => 'file', 'path' => $folder]);
    $cache->put('old', 'page', 10);
    $cache->put('new', 'page', 10_000);
    foreach (glob("{$folder}/*/*/*") as $file) {
        str_contains((string) file_get_contents($file), (string) (time() + 10)) &&
            file_put_contents($file, time() - 5 .'s:4:"page";');
    }
    expect($this->artisan('yoke:sweep'))
        ->toBe(0)
        ->and($cache->get('new'))
        ->toBe('page')
        ->and(glob("{$folder}/*/*/*"))
        ->toHaveCount(1);
});

it('runs the backup in the hour that the shop chose, and the sweep, by the schedule', function (): void {
    [$backup, $sweep] = app(Illuminate\Console\Scheduling\Schedule::class)->events();
    expect($backup->command)
        ->toContain('yoke:backup --prune')
        ->and($backup->expression)
        ->toBe('30 * * * *')
        ->and($sweep->command)
        ->toContain('yoke:sweep')
        ->and($sweep->expression)
        ->toBe('30 3 * * *');
    $runs = function (string $at) use ($backup): bool {
        $this->travelTo("2026-11-28 {$at}");

        return $backup->filtersPass(app());
    };
    expect($runs('02:30'))->toBeTrue()->and($runs('14:30'))->toBeFalse();
    DB::table('shop_settings')->insert(['key' => 'backups.hour', 'value' => '14.0', 'set_at' => now()]);
    expect($runs('02:30'))->toBeFalse()->and($runs('14:30'))->toBeTrue();
});

it(
    'draws a page again after an upgrade: kept pages name the styles and scripts of the program that drew them',
    function (): void {
        $ready = storage_path('framework/testing/ready-'.bin2hex(random_bytes(4)).'.php');
        @mkdir(dirname($ready), 0700, true);
        file_put_contents($ready, '<?php return [];');
        touch($ready, 1_700_000_000);
        putenv("APP_CONFIG_CACHE={$ready}");
        $_ENV['APP_CONFIG_CACHE'] = $_SERVER['APP_CONFIG_CACHE'] = $ready;
        $drawn = ($this->queries)('/log');
        $kept = ($this->queries)('/log');
        touch($ready, 1_700_000_060);
        clearstatcache();
        $upgraded = ($this->queries)('/log');
        unset($_ENV['APP_CONFIG_CACHE'], $_SERVER['APP_CONFIG_CACHE']);
        putenv('APP_CONFIG_CACHE');
        unlink($ready);

        expect($kept)->toBeLessThan($drawn)->and($upgraded)->toBe($drawn);
    },
);
