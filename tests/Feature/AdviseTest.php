<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;

/** @return array{int, string} exit status and what was printed */
function adviseOn(string $json): array
{
    $file = tempnam(sys_get_temp_dir(), 'job');
    file_put_contents($file, $json);
    $status = Artisan::call('yoke:advise', ['file' => $file]);
    unlink($file);

    return [$status, trim(Artisan::output())];
}

/** A job with one field changed; taken out where the value is the word `(gone)`. */
function jobWith(string $path, mixed $value, string $name = 'rig-1-after-one-trial'): string
{
    $job = json_decode((string) file_get_contents(base_path("tests/fixtures/jobs/{$name}.json")), true);
    $value === '(gone)' ? data_forget($job, $path) : data_set($job, $path, $value);

    return json_encode($job);
}

it('prints posterior, chance, next move, methods and every setting', function (string $file): void {
    $job = json_decode((string) file_get_contents($file), true);
    [$status, $printed] = adviseOn(json_encode($job));
    $advice = json_decode($printed, true);
    $carried = array_filter($job['readings'], fn (array $reading): bool => $reading['stance'] === 'carried');

    expect($status)
        ->toBe(0)
        ->and($advice['in_band_chance'] === null)
        ->toBe($carried === [])
        ->and($advice['move']['do'])
        ->toBeIn(['set', 'stop', 'read_again', 'cannot'])
        ->and($advice['move']['setting']['link'])
        ->toBeBetween(0, 8)
        ->and($advice['move']['expect']['front_mm'])
        ->toBeBetween(700, 1100)
        ->and($advice['move']['because'])
        ->toEndWith('.')
        ->and(array_keys($advice['fit']))
        ->toBe(['front_rate_kg_per_mm', 'rear_rate_kg_per_mm', 'tongue_weight_kg', 'bar_rate_kg_per_mm', 'tension_mm'])
        ->and(array_keys($advice['methods']))
        ->toBe($carried === [] ? [] : ['front_restoration', 'equal_squat', 'coupler_height', 'ball_load', 'axle_scale'])
        ->and(count($advice['ranking']))
        ->toBeGreaterThanOrEqual(17 * 7)
        ->and($advice['ranking'][0]['excluded'])
        ->toBeNull();
    foreach ($advice['ranking'] as $setting) {
        expect($setting['chance'])
            ->toBeBetween(0, 1)
            ->and($setting['minutes'])
            ->toBeIn($carried === [] ? [0] : [0, 6, 30]);
    }
})->with(fn (): array => glob(dirname(__DIR__).'/fixtures/jobs/*.json') ?: []);

it('knows more after each trial', function (string $rig): void {
    $doubt = function (string $after) use ($rig): float {
        $advice = json_decode(
            adviseOn((string) file_get_contents(base_path("tests/fixtures/jobs/{$rig}-{$after}.json")))[1],
            true,
        );

        return $advice['fit']['tension_mm']['sd'];
    };

    expect($doubt('after-one-trial'))
        ->toBeLessThanOrEqual($doubt('first') + 1e-9)
        ->and($doubt('after-two-trials'))
        ->toBeLessThan($doubt('after-one-trial') + 1e-9);
})->with(['rig-1', 'rig-2', 'rig-3']);

it('moves the other way once the front is over', function (): void {
    $advice = json_decode(
        adviseOn((string) file_get_contents(base_path('tests/fixtures/jobs/rig-2-after-two-trials.json')))[1],
        true,
    );

    expect($advice['move']['do'])
        ->toBe('set')
        ->and($advice['move']['setting']['link'])
        ->toBeLessThan(5)
        ->and($advice['move']['expect']['front_restored'])
        ->toBeLessThan(1.0)
        ->and($advice['methods']['front_restoration']['verdict'])
        ->toBe('too_much');
});

it('takes axle loads and the gauge beside heights', function (): void {
    $job = json_decode(jobWith('method', 'axle_scale'), true);
    foreach ([[1100, 900, null], [960, 1500, 464], [1040, 1360, 900]] as $i => [$front, $rear, $ball]) {
        $job['readings'][$i] +=
            ['front_kg' => $front, 'rear_kg' => $rear] + ($ball === null ? [] : ['ball_load_kg' => $ball]);
    }
    $advice = json_decode(adviseOn(json_encode($job))[1], true);

    expect($advice['methods']['axle_scale']['value'])
        ->toEqualWithDelta(80 / 140, 0.06)
        ->and($advice['methods']['axle_scale']['sd'])
        ->toBeGreaterThan(0.02);
});

it('assumes every dimension that is missing, each with its doubt', function (): void {
    $job = json_decode(jobWith('method', 'front_restoration'), true);
    $whole = json_decode(adviseOn(json_encode($job))[1], true);
    foreach (
        [
            'vehicle' => ['wheelbase_mm', 'overhang_mm'],
            'trailer' => ['ball_to_axle_mm', 'weight_kg', 'tongue_weight', 'axle_count', 'equalised'],
            'hitch' => ['bar_arm_mm', 'ball_over_coupler_mm', 'bar_rating_kg', 'bars'],
        ] as $part => $fields
    ) {
        $job[$part] = (object) array_diff_key($job[$part], array_flip($fields));
    }
    [$status, $printed] = adviseOn(json_encode($job));
    $advice = json_decode($printed, true);

    expect($status)
        ->toBe(0)
        ->and($advice['fit']['tongue_weight_kg']['sd'])
        ->toBeGreaterThan(2 * $whole['fit']['tongue_weight_kg']['sd'])
        ->and($advice['methods']['front_restoration']['sd'])
        ->toBeGreaterThanOrEqual($whole['methods']['front_restoration']['sd'])
        ->and($advice['methods']['front_restoration']['value'])
        ->toEqualWithDelta($whole['methods']['front_restoration']['value'], 0.1);
});

it('says in one line which field was bad, exit 2', function (string $path, mixed $value, string $says): void {
    [$status, $printed] = adviseOn(jobWith($path, $value));

    expect($status)
        ->toBe(2)
        ->and($printed)
        ->toContain($path)
        ->toContain($says)
        ->and(substr_count($printed, "\n"))
        ->toBe(0);
})->with([
    'a wheelbase below 0' => ['vehicle.wheelbase_mm', -3, 'between 1500 and 6500 mm'],
    'springs of nobody\'s kind' => ['vehicle.suspension.front', 'air', 'coil, leaf'],
    'heavier tongue than trailer' => ['trailer.tongue_weight.kg', 9000, 'below the gross'],
    'weighed by guess' => ['trailer.tongue_weight.by', 'guess', 'Expected one of'],
    'four axles' => ['trailer.axle_count', 4, 'one, two or three'],
    'one bar' => ['hitch.bars', 1, 'two spring bars'],
    'bars without rating' => ['hitch.bar_rating_kg', 0, 'between 20 and 20000 kg'],
    'no adjusters' => ['hitch.adjusters', [], 'at least one'],
    'taped in words' => ['hitch.tension.taped', 'yes', 'true or false'],
    'a reference out of range' => ['hitch.tension.at', ['link' => 40, 'washer' => 3], 'between 0 and 8'],
    'a band upside down' => ['band', [1.0, 0.5], 'xpected'],
    'a band of one' => ['band', [0.5], 'list of 2'],
    'a method nobody knows' => ['method', 'feeling', 'Expected one of'],
    'readings of another kind' => ['readings', ['stance' => 'alone'], 'a list of objects'],
    'a rating of three' => ['hitch.bar_rating_of', 'three', 'one bar, pair'],
    'rolling in words' => ['vehicle.levelling', 'maybe', 'none, rear, all'],
]);

it('names a bad setting, a bad stance and a bad file', function (): void {
    [$status, $printed] = adviseOn(jobWith('readings.2.setting', ['link' => 4.25, 'washer' => 3]));
    expect($status)->toBe(2)->and($printed)->toContain('readings[2].setting')->toContain('none of its steps');
    [$status, $printed] = adviseOn(jobWith('readings.2.stance', 'floating'));
    expect($status)->toBe(2)->and($printed)->toContain('readings[2].stance');
    expect(adviseOn('not json')[0])->toBe(2)->and(Artisan::call('yoke:advise', ['file' => '/nowhere/at/all']))->toBe(2);
});

it('bears a single reading, or stances that make no sense', function (array $readings): void {
    $job = json_decode(jobWith('readings', $readings), true);
    [$status, $printed] = adviseOn(json_encode($job));
    $advice = json_decode($printed, true);

    expect($status)
        ->toBe(0)
        ->and($advice['move']['chance'])
        ->toBeBetween(0, 1)
        ->and($advice['move']['do'])
        ->toBeString();
})->with([
    'one height' => [[['stance' => 'alone', 'rolled' => true, 'front_mm' => 950]]],
    'carried without dropped' => [
        [
            ['stance' => 'alone', 'rolled' => true, 'front_mm' => 950, 'rear_mm' => 985],
            [
                'stance' => 'carried',
                'rolled' => false,
                'setting' => ['link' => 4, 'washer' => 3],
                'front_mm' => 952,
                'rear_mm' => 960,
            ],
        ],
    ],
    'all the same' => [
        array_map(fn (array $stance): array => [...$stance, 'rolled' => true, 'front_mm' => 950, 'rear_mm' => 950], [
            ['stance' => 'alone'],
            ['stance' => 'dropped'],
            ['stance' => 'carried', 'setting' => ['link' => 4, 'washer' => 3]],
        ]),
    ],
    'in reverse, front falling' => [
        [
            [
                'stance' => 'carried',
                'rolled' => true,
                'setting' => ['link' => 8, 'washer' => 6],
                'front_mm' => 930,
                'rear_mm' => 990,
            ],
            ['stance' => 'dropped', 'rolled' => true, 'front_mm' => 940, 'rear_mm' => 900],
            ['stance' => 'alone', 'rolled' => true, 'front_mm' => 950, 'rear_mm' => 985],
        ],
    ],
]);

it('says the minutes to go with a range, and none once it stops', function (string $file): void {
    $advice = json_decode(adviseOn((string) file_get_contents($file))[1], true);
    $toGo = $advice['minutes_to_go'];

    match ($advice['move']['do']) {
        'stop' => expect($toGo)->toBe(['mean' => 0.0, 'least' => 0.0, 'most' => 0.0]),
        'cannot' => expect($toGo)->toBeNull(),
        default => expect($toGo['least'])
            ->toBeGreaterThan(0.5)
            ->toBeLessThanOrEqual($toGo['mean'])
            ->and($toGo['mean'])
            ->toBeLessThanOrEqual($toGo['most'])
            ->toBeLessThan(60),
    };
})->with(fn (): array => glob(dirname(__DIR__).'/fixtures/jobs/*.json') ?: []);

it('gives heights with their doubt, and none of a fender that nobody taped', function (): void {
    $advice = json_decode(adviseOn(jobWith('method', 'front_restoration'))[1], true);
    expect($advice['move']['expect'])
        ->toHaveKeys(['front_mm', 'rear_mm', 'front_restored'])
        ->and($advice['move']['expect']['front_mm_sd'])
        ->toBeBetween(0.3, 15)
        ->and($advice['move']['expect']['rear_mm_sd'])
        ->toBeBetween(0.3, 15)
        ->and($advice['move']['expect']['front_restored_sd'])
        ->toBeBetween(0.005, 0.5);

    $job = json_decode(jobWith('method', 'front_restoration'), true);
    $job['readings'] = array_map(fn (array $one): array => array_diff_key($one, ['rear_mm' => 0]), $job['readings']);
    $front = json_decode(adviseOn(json_encode($job))[1], true)['move']['expect'];
    expect($front['rear_mm'])
        ->toBeNull()
        ->and($front['rear_mm_sd'])
        ->toBeNull()
        ->and($front['front_mm'])
        ->toBeBetween(800, 1100);
});

it('has one chance for the setting that is on, wherever it is said', function (string $file): void {
    $job = json_decode((string) file_get_contents($file), true);
    $carried = array_values(array_filter($job['readings'], fn (array $one): bool => $one['stance'] === 'carried'));
    if ($carried === []) {
        expect(json_decode(adviseOn(json_encode($job))[1], true)['in_band_chance'])->toBeNull();

        return;
    }
    $on = end($carried)['setting'];
    $advice = json_decode(adviseOn(json_encode($job))[1], true);
    $ranked = array_values(
        array_filter(
            $advice['ranking'],
            fn (array $one): bool => (float) $one['setting']['link'] === (float) $on['link'] &&
                (float) $one['setting']['washer'] === (float) $on['washer'],
        ),
    );
    expect($ranked)->toHaveCount(1)->and($ranked[0]['chance'])->toBe($advice['in_band_chance']);
    if (in_array($advice['move']['do'], ['stop', 'read_again'], true) && $advice['move']['setting'] === $ranked[0]['setting']) {
        expect($advice['move']['chance'])->toBe($advice['in_band_chance']);
    }
})->with(fn (): array => glob(dirname(__DIR__).'/fixtures/jobs/*.json') ?: []);

it('bears no readings, and a file of nothing but readings or of nothing at all', function (): void {
    $job = json_decode(jobWith('readings', []), true);
    $empty = json_decode(adviseOn(json_encode($job))[1], true);
    unset($job['readings']);
    $without = json_decode(adviseOn(json_encode($job))[1], true);
    expect($empty)
        ->toBe($without)
        ->and($empty['in_band_chance'])
        ->toBeNull()
        ->and($empty['move']['do'])
        ->toBe('set')
        ->and($empty['move']['expect']['front_mm'])
        ->toBeNull()
        ->and($empty['methods'])
        ->toBe([]);

    $readings = json_decode(jobWith('method', 'front_restoration'), true)['readings'];
    $bare = json_decode(adviseOn(json_encode(['readings' => $readings]))[1], true);
    expect($bare['move']['do'])->toBe('tension')->and($bare['methods']['front_restoration']['sd'])->toBeGreaterThan(0.1);
    expect(json_decode(adviseOn('{}')[1], true)['move']['do'])->toBe('tension');
});

it('takes a rating of the pair for half of it each', function (): void {
    $rate = fn (string $job): float => json_decode(adviseOn($job)[1], true)['fit']['bar_rate_kg_per_mm']['value'];
    $first = json_decode(jobWith('readings', []), true);
    $one = $rate(json_encode($first));
    $first['hitch']['bar_rating_of'] = 'pair';
    $pair = $rate(json_encode($first));
    $first['hitch']['bar_rating_of'] = 'one bar';

    expect($pair)->toEqualWithDelta($one / 2, 1e-9)->and($rate(json_encode($first)))->toBe($one);
});

it('plays the contest on the command line', function (): void {
    Artisan::call('yoke:bench', ['--stances' => 100, '--rigs' => 12, '--seed' => 2, '--json' => true]);
    $measured = json_decode(trim(Artisan::output()), true);

    expect(array_keys($measured['players']))
        ->toBe(['one step at a time', 'advised'])
        ->and($measured['players']['advised']['hook_ups'])
        ->toBeGreaterThanOrEqual(1.0)
        ->and($measured['rigs'])
        ->toBe(12)
        ->and($measured['seconds'])
        ->toBeGreaterThan(0);
    Artisan::call('yoke:bench', ['--stances' => 100, '--rigs' => 12, '--seed' => 2]);
    expect(Artisan::output())->toContain('one step at a time')->toContain('truly in band');
});

/** The answer to a job with fields changed. @param  array<string, mixed>  $with @return array<string, mixed> */
function adviceWith(array $with, string $name = 'rig-2-after-one-trial'): array
{
    $job = json_decode(jobWith('method', 'front_restoration', $name), true);
    foreach ($with as $path => $value) {
        data_set($job, $path, $value);
    }
    [$status, $printed] = adviseOn(json_encode($job));
    expect($status)->toBe(0, $printed);

    return json_decode($printed, true);
}

it(
    'asks for alone again before coupling and for dropped again before the first hook-up, and says which',
    function (): void {
        $job = json_decode(jobWith('method', 'front_restoration', 'rig-1-first'), true);
        $once = [];
        foreach (['alone', 'dropped'] as $stance) {
            $once[] = array_values(
                array_filter($job['readings'], fn (array $reading): bool => $reading['stance'] === $stance),
            )[0];
        }
        $asked = [];
        $readings = [$once[0]];
        for ($i = 0; $i < 6; $i++) {
            $move = adviceWith(['readings' => $readings], 'rig-1-first')['move'];
            $asked[] = $move['do'] === 'read_again' ? $move['what'] : $move['do'];
            if ($move['do'] !== 'read_again' && count($readings) === 2) {
                $readings[] = $once[1];

                continue;
            }
            if ($move['do'] !== 'read_again') {
                break;
            }
            expect($move['because'])->toContain('second reading');
            $readings[] = $once[$move['what'] === 'alone' ? 0 : 1];
        }

        expect($asked)->toBe(['alone', 'set', 'set']);
    },
);

it('names the reading that slipped and asks for what it belongs to', function (int $which, string $field): void {
    $job = json_decode(jobWith('method', 'front_restoration', 'rig-2-after-one-trial'), true);
    $job['readings'][$which][$field] += 12.7;
    $advice = adviceWith(['readings' => $job['readings']]);
    $named = array_column($advice['suspects'], 'chance', 'what');

    expect($named)
        ->toHaveKey("reading {$which} {$field}")
        ->and($advice['suspects'])
        ->each(fn ($suspect) => $suspect->toHaveKeys(['what', 'slip', 'chance']))
        ->and(min(array_column($advice['suspects'], 'chance')))
        ->toBeGreaterThan(0.05)
        ->and($advice['move']['do'])
        ->toBe('read_again')
        ->and($advice['move']['what'])
        ->toBeIn(['alone', 'dropped', 'carried']);
    $sorted = array_column($advice['suspects'], 'chance');
    rsort($sorted);
    expect(array_column($advice['suspects'], 'chance'))->toBe($sorted);
})->with(['carried, front' => [2, 'front_mm'], 'carried, rear' => [2, 'rear_mm'], 'dropped, rear' => [1, 'rear_mm']]);

it('takes a count of the links, and how the bars were put on', function (): void {
    $job = json_decode(jobWith('method', 'front_restoration', 'rig-2-after-one-trial'), true);
    $carried = array_keys(array_filter($job['readings'], fn (array $reading): bool => $reading['stance'] === 'carried'));
    $with = function (array $fields) use ($job, $carried): array {
        $readings = $job['readings'];
        foreach ($carried as $i) {
            $readings[$i] = [...$readings[$i], ...$fields];
        }

        return adviceWith(['readings' => $readings]);
    };
    [$plain, $counted, $jacked, $levered] = [
        $with([]),
        $with(['counted' => true]),
        $with(['set_by' => 'jack']),
        $with(['set_by' => 'lever']),
    ];

    expect($counted['move']['what'] ?? '')
        ->not->toBe('count')
        ->and(array_column($counted['suspects'], 'what'))
        ->not->toContain('setting')
        ->and($levered['methods']['front_restoration']['value'])
        ->not->toBe($jacked['methods']['front_restoration']['value'])
        ->and($plain['methods']['front_restoration']['value'])
        ->toBeBetween(
            min($levered['methods']['front_restoration']['value'], $jacked['methods']['front_restoration']['value']) -
                0.01,
            max($levered['methods']['front_restoration']['value'], $jacked['methods']['front_restoration']['value']) +
                0.01,
        );
});

it('suspects the setting where a taped tension and the readings are a link apart', function (): void {
    $job = json_decode(jobWith('method', 'front_restoration', 'rig-2-after-one-trial'), true);
    $job['hitch']['tension']['taped'] = true;
    $pitch = $job['hitch']['adjusters'][0]['pitch_mm'];
    $fit = adviceWith([])['fit']['tension_mm'];
    $apart = fn (float $by): array => adviceWith([
        'hitch.tension' => [...$job['hitch']['tension'], 'mm' => $fit['value'] + $by],
    ])['suspects'];
    $chance = fn (array $suspects): float => array_column($suspects, 'chance', 'what')['setting'] ?? 0.0;

    expect(max($chance($apart($pitch)), $chance($apart(-$pitch))))
        ->toBeGreaterThan(0.05)
        ->and($chance($apart(0.0)))
        ->toBeLessThan(0.05);
    foreach ([...$apart($pitch), ...$apart(-$pitch)] as $suspect) {
        expect($suspect['what'] === 'setting' ? $suspect['slip'] : 'one link')->toBe('one link');
    }
});

it('refuses what it does not know of a hook-up, with its field', function (string $field, mixed $value): void {
    $job = json_decode(jobWith('method', 'front_restoration', 'rig-2-after-one-trial'), true);
    $carried = array_keys(
        array_filter($job['readings'], fn (array $reading): bool => $reading['stance'] === 'carried'),
    )[0];
    [$status, $printed] = adviseOn(jobWith("readings.{$carried}.{$field}", $value, 'rig-2-after-one-trial'));

    expect($status)
        ->toBe(2)
        ->and($printed)
        ->toContain("readings[{$carried}].{$field}");
})->with([
    'put on by hand' => ['set_by', 'hand'],
    'counted twice' => ['counted', 2],
    'hook-up by name' => ['hook', 'first'],
]);

it('plays a harder world and one trouble on the command line, and refuses any other', function (): void {
    Artisan::call('yoke:bench', [
        '--stances' => 100,
        '--rigs' => 6,
        '--seed' => 2,
        '--world' => 'moderate',
        '--json' => true,
    ]);
    $moderate = json_decode(trim(Artisan::output()), true);
    Artisan::call('yoke:bench', [
        '--stances' => 100,
        '--rigs' => 6,
        '--seed' => 2,
        '--trouble' => 'slip:dropped:rear',
        '--json' => true,
    ]);
    $slip = json_decode(trim(Artisan::output()), true);

    expect($moderate['world'])
        ->toBe('moderate')
        ->and($moderate['trouble'])
        ->toBe('none')
        ->and($moderate['players']['advised'])
        ->toHaveKeys(['truly_in_band', 'finished_over_restored', 'minutes', 'claimed', 'claimed_minus_landed'])
        ->not->toHaveKey('named')
        ->and($slip['trouble'])
        ->toBe('slip:dropped:rear')
        ->and($slip['players']['advised']['named'])
        ->toBe(1)
        ->and($slip['claimed_at_the_end'])
        ->not->toBe([])
        ->and(Artisan::call('yoke:bench', ['--world' => 'upside-down']))
        ->toBe(2)
        ->and(Artisan::output())
        ->toContain('upside-down')
        ->and(Artisan::call('yoke:bench', ['--trouble' => 'slip:nowhere']))
        ->toBe(2)
        ->and(Artisan::output())
        ->toContain('slip:nowhere');
});

it('takes a step that nobody knows: it stays in every move, the next setting is less sure, and links there must be', function (): void {
    $whole = json_decode(adviseOn(jobWith('method', 'front_restoration'))[1], true);
    $job = json_decode(jobWith('method', 'front_restoration'), true);
    foreach ($job['readings'] as $i => $reading) {
        if (isset($reading['setting'])) {
            $job['readings'][$i]['setting']['washer'] = null;
        }
    }
    [$status, $printed] = adviseOn(json_encode($job));
    $half = json_decode($printed, true);
    $tilts = array_unique(array_column(array_column($half['ranking'], 'setting'), 'washer'));

    expect($status)
        ->toBe(0)
        ->and($half['move']['setting'])
        ->toHaveKey('washer', null)
        ->and($tilts)
        ->toBe([null])
        ->and($half['fit']['tension_mm']['sd'])
        ->toBeGreaterThan($whole['fit']['tension_mm']['sd']);

    $job['readings'][count($job['readings']) - 1]['setting']['link'] = null;
    [$status, $printed] = adviseOn(json_encode($job));
    expect($status)->not->toBe(0)->and($printed)->toContain('Expected a count for the link');
});

it('lists every look with its minutes and what it saves, when asked', function (): void {
    $first = json_decode((string) file_get_contents(base_path('tests/fixtures/jobs/rig-2-first.json')), true);
    $looksAt = fn (array $job): array => array_column(
        json_decode(adviseOn(json_encode([...$job, 'looks' => true]))[1], true)['looks'],
        null,
        'what',
    );
    expect(json_decode(adviseOn(json_encode($first))[1], true))->not->toHaveKey('looks');

    $untaped = $first;
    $untaped['hitch']['tension']['taped'] = false;
    $bare = [...$untaped, 'readings' => []];
    expect($looksAt([...$first, 'readings' => []]))
        ->not->toHaveKey('four_heights', 'they were taped')
        ->and($looksAt($bare)['four_heights']['minutes'])
        ->toBe(8.0)
        ->and($looksAt($bare)['four_heights']['saves_minutes'])
        ->toBeGreaterThan(1.0)
        ->and($looksAt($bare))
        ->not->toHaveKey('bar_gap');

    $dropped = [...$untaped, 'readings' => array_values(
        array_filter($first['readings'], fn (array $one): bool => $one['stance'] !== 'carried'),
    )];
    // A file does not say how the bars hang: its gap would tell less than is known.
    expect($looksAt($dropped))->not->toHaveKey('bar_gap')->not->toHaveKey('four_heights');

    $slipped = json_decode((string) file_get_contents(base_path('tests/fixtures/jobs/rig-2-after-one-trial.json')), true);
    $slipped['readings'][] = [...$slipped['readings'][1], 'front_mm' => $slipped['readings'][1]['front_mm'] + 25.4];
    $looks = $looksAt($slipped);
    expect($looks['dropped']['minutes'])
        ->toBe(5.0)
        ->and($looks['dropped']['saves_minutes'])
        ->toBeGreaterThan(0.0);
    $nets = array_map(fn (array $one): float => $one['saves_minutes'] - $one['minutes'], array_values($looks));
    $sorted = $nets;
    rsort($sorted);
    expect($nets)->toBe($sorted);
    foreach ($looks as $look) {
        expect($look['worth'])->toBe($look['saves_minutes'] > $look['minutes']);
    }
});
