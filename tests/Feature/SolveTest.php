<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Process;

/** @return array{int, string} exit status and what was printed */
function solve(string $json): array
{
    $file = tempnam(sys_get_temp_dir(), 'case');
    file_put_contents($file, $json);
    $status = Artisan::call('yoke:solve', ['file' => $file]);
    unlink($file);

    return [$status, trim(Artisan::output())];
}

/** A worked case with one field changed, or taken out where the value is null and `without` is said. */
function caseWith(string $path, mixed $value): string
{
    $case = json_decode((string) file_get_contents(base_path('tests/fixtures/cases/06-unequalised.json')), true);
    data_set($case, $path, $value);

    return json_encode($case);
}

it('prints the whole case again with results beside its stances', function (string $file): void {
    $case = json_decode((string) file_get_contents($file), true);
    [$status, $printed] = solve(json_encode([...$case, 'note' => ['kept' => new stdClass()]]));
    $solved = json_decode($printed, true);

    expect($status)->toBe(0)->and(json_decode($printed)->note->kept)->toBeInstanceOf(stdClass::class);
    foreach ($case['stances'] as $i => $stance) {
        $result = $solved['stances'][$i]['result'];
        expect(array_keys($result))
            ->toBe(array_keys($stance['expect']))
            ->and($result['front_rise_mm'])
            ->toEqualWithDelta($stance['expect']['front_rise_mm'], 0.05)
            ->and($result['ball_load_kg'])
            ->toEqualWithDelta($stance['expect']['ball_load_kg'], 0.1)
            ->and($result['front_restored'])
            ->toEqualWithDelta($stance['expect']['front_restored'], 0.001);
        unset($solved['stances'][$i]['result']);
    }
    unset($solved['note']);
    expect($solved)->toEqual($case);
})->with(fn (): array => glob(__DIR__.'/../fixtures/cases/*.json') ?: []);

it('names the field that is wrong in one line, and exits with 2', function (string $json, string $line): void {
    expect(solve($json))->toBe([2, $line]);
})->with([
    'not JSON' => ['{"vehicle": ', 'file: Expected one JSON object. Syntax error.'],
    'a list' => ['[1, 2]', 'file: Expected one JSON object.'],
    'no wheelbase to speak of' => [
        fn () => caseWith('vehicle.wheelbase_mm', 0),
        'vehicle.wheelbase_mm: Expected a wheelbase above 0 mm.',
    ],
    'a wheelbase below zero' => [
        fn () => caseWith('vehicle.wheelbase_mm', -3700),
        'vehicle.wheelbase_mm: Expected a wheelbase above 0 mm.',
    ],
    'a wheelbase in words' => [
        fn () => caseWith('vehicle.wheelbase_mm', 'long'),
        'vehicle.wheelbase_mm: Expected a number.',
    ],
    'a rate missing without levelling' => [
        fn () => caseWith('vehicle.rear_rate_kg_per_mm', null),
        'vehicle.rear_rate_kg_per_mm: Expected a number.',
    ],
    'a rate where levelling holds the height' => [
        fn () => caseWith('vehicle.levelling', 'rear'),
        'vehicle.rear_rate_kg_per_mm: Expected null where levelling holds the height.',
    ],
    'levelling of an unknown kind' => [
        fn () => caseWith('vehicle.levelling', 'front'),
        'vehicle.levelling: Expected one of none, rear, all.',
    ],
    'tongue weight above gross' => [
        fn () => caseWith('trailer.tongue_weight_kg', 9999),
        'trailer.tongue_weight_kg: Expected a tongue weight below the gross trailer weight.',
    ],
    'no axles' => [fn () => caseWith('trailer.axles', []), 'trailer.axles: Expected a list of at least one object.'],
    'four axles' => [
        fn () => caseWith('trailer.axles', array_fill(0, 4, ['offset_mm' => 0, 'rate_kg_per_mm' => 20])),
        'trailer.axles: Expected one, two or three trailer axles.',
    ],
    'an axle without its rate' => [
        fn () => caseWith('trailer.axles', [['offset_mm' => 0]]),
        'trailer.axles[0].rate_kg_per_mm: Expected this field, and it is missing.',
    ],
    'an axle that is a number' => [fn () => caseWith('trailer.axles', [7]), 'trailer.axles[0]: Expected an object.'],
    'half a bar' => [fn () => caseWith('hitch.bars', 1.5), 'hitch.bars: Expected a whole number.'],
    'bars hooked up behind the axles' => [
        fn () => caseWith('hitch.bar_arm_mm', 20_000),
        'hitch.bar_arm_mm: Expected a bar arm shorter than the length from ball to trailer axle.',
    ],
    'no stances' => [fn () => caseWith('stances', null), 'stances: Expected a list of at least one object.'],
    'a stance that says nothing' => [
        fn () => caseWith('stances', [['expect' => 1]]),
        'stances[0].bars: Expected this field, and it is missing.',
    ],
    'bars half on' => [fn () => caseWith('stances', [['bars' => 'on']]), 'stances[0].bars: Expected one of off.'],
    'a vehicle that is a list' => [fn () => caseWith('vehicle', [1]), 'vehicle: Expected an object.'],
]);

it('keeps results and complaints apart, as a program that calls it expects', function (): void {
    $good = Process::path(base_path())->run(['php', 'artisan', 'yoke:solve', 'tests/fixtures/cases/09-triple.json']);
    $bad = Process::path(base_path())->run(['php', 'artisan', 'yoke:solve', 'no-such-file.json']);

    expect($good->exitCode())
        ->toBe(0)
        ->and(json_decode($good->output()))
        ->not->toBeNull()
        ->and($good->errorOutput())
        ->toBe('')
        ->and($bad->exitCode())
        ->toBe(2)
        ->and($bad->output())
        ->toBe('')
        ->and($bad->errorOutput())
        ->toBe("file: Expected a file that can be read, and no-such-file.json is none.\n");
});

it('prints what it measured of itself', function (): void {
    expect(Artisan::call('yoke:bench', ['--stances' => '200', '--json' => true]))->toBe(0);
    $measured = json_decode(trim(Artisan::output()), true);

    expect($measured['stances'])
        ->toBe(200)
        ->and($measured['microseconds_per_stance'])
        ->toBeGreaterThan(0.0)
        ->toBeLessThan(1000.0)
        ->and($measured['peak_memory_mib'])
        ->toBeGreaterThan(0);
});
