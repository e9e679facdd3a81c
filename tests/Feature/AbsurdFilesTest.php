<?php

declare(strict_types=1);

use App\Interchange\AdviceFile;
use App\Interchange\BadField;
use Yoke\Job\Shop\ShopSettings;

/** A job as one would send it: a rig that drops and comes back as rigs do. */
function sensibleJob(): array
{
    $job = json_decode((string) file_get_contents(base_path('tests/fixtures/jobs/rig-2-after-one-trial.json')), true);
    $job['readings'] = [
        ['stance' => 'alone', 'rolled' => true, 'front_mm' => 938.0, 'rear_mm' => 1017.0],
        ['stance' => 'dropped', 'rolled' => true, 'front_mm' => 956.0, 'rear_mm' => 957.0],
        ['stance' => 'carried', 'rolled' => true, 'front_mm' => 945.0, 'rear_mm' => 976.0, 'setting' => ['link' => 4, 'washer' => 3]],
    ];

    return $job;
}

/** @return array<string, mixed> */
function adviceOf(array $job): array
{
    return json_decode(AdviceFile::ofJson(json_encode($job), app(ShopSettings::class))->advised(), true);
}

/** @param  array<string, string>  $as  stance by what it is written down as */
function writtenDownAs(array $as): array
{
    $job = sensibleJob();
    foreach ($job['readings'] as &$reading) {
        $reading['stance'] = $as[$reading['stance']] ?? $reading['stance'];
        unset($reading['setting']);
        if ($reading['stance'] === 'carried') {
            $reading['setting'] = ['link' => 4, 'washer' => 3];
        }
    }

    return $job;
}

it('names the field, and what its number would be in another unit', function (
    string $path,
    mixed $value,
    string $says,
): void {
    $job = sensibleJob();
    data_set($job, $path, $value);
    try {
        adviceOf($job);
        $said = '';
    } catch (BadField $bad) {
        $said = $bad->getMessage();
    }

    expect($said)->toContain($says);
    if (! str_contains($says, ':')) {
        expect($said)->toStartWith(preg_replace('/\.(\d+)\./', '[$1].', $path));
    }
})->with([
    'a wheelbase in inches' => ['vehicle.wheelbase_mm', 145, 'Read as in it would be 3683 mm'],
    'a wheelbase in metres' => ['vehicle.wheelbase_mm', 3.7, 'Read as m it would be 3700 mm'],
    'a wheelbase in feet' => ['vehicle.wheelbase_mm', 12, 'Read as ft it would be 3658 mm'],
    'an overhang in centimetres' => ['vehicle.overhang_mm', 130, 'Read as cm it would be 1300 mm'],
    'an overhang longer than the wheelbase' => ['vehicle.wheelbase_mm', 1600, 'vehicle.overhang_mm: Expected an overhang, rear axle centre to ball, shorter'],
    'a gross weight in tonnes' => ['trailer.weight_kg', 2.7, 'Read as t it would be 2700 kg'],
    'a tongue weight in tonnes' => ['trailer.tongue_weight.kg', 0.31, 'Read as t it would be 310 kg'],
    'a rating in tonnes' => ['hitch.bar_rating_kg', 0.54, 'Read as t it would be 540 kg'],
    'a bar arm longer than the trailer' => ['hitch.bar_arm_mm', 4415, 'Expected between 300 and 1500 mm'],
    'a bar arm in inches' => ['hitch.bar_arm_mm', 28, 'Read as in it would be 711 mm'],
    'a pitch in inches' => ['hitch.adjusters.0.pitch_mm', 0.31, 'Read as in it would be 8 mm'],
    'a height in inches' => ['readings.0.front_mm', 37.5, 'Read as in it would be 953 mm'],
    'a height in centimetres' => ['readings.1.rear_mm', 95.7, 'Read as cm it would be 957 mm'],
    'a height of nothing' => ['readings.0.rear_mm', 0, 'between 300 and 1800 mm'],
    'a negative load' => ['readings.0.front_kg', -900, 'between 20 and 20000 kg'],
    'a load in tonnes' => ['readings.2.trailer_kg', 2.36, 'Read as t it would be 2360 kg'],
    'a ball load below nothing' => ['readings.2.ball_load_kg', -300, 'between 20 and 20000 kg'],
]);

it('names what touches several readings, and makes no confident move of it', function (array $job, string $name): void {
    $advice = adviceOf($job);
    $names = array_column($advice['suspects'], 'slip');

    expect(array_filter($names, fn (string $one): bool => str_contains($one, $name)))
        ->not->toBe([], implode(', ', $names))
        ->and($advice['move']['do'])
        ->toBe('read_again')
        ->and($advice['move']['because'])
        ->not->toBe('');
})->with([
    'four carried readings spread over 14 mm' => [
        fn (): array => [
            ...sensibleJob(),
            'readings' => [
                ...array_slice(sensibleJob()['readings'], 0, 2),
                ...array_map(
                    fn (int $off): array => [
                        ...sensibleJob()['readings'][2],
                        'front_mm' => 945 + $off,
                        'rear_mm' => 976 - $off,
                    ],
                    [-7, 7, -5, 6],
                ),
            ],
        ],
        'not to be trusted',
    ],
    'dropped written down as carried' => [
        fn (): array => writtenDownAs(['dropped' => 'carried', 'carried' => 'dropped']),
        'stances exchanged',
    ],
    'alone written down as dropped' => [
        fn (): array => writtenDownAs(['alone' => 'dropped', 'dropped' => 'alone']),
        'stances exchanged',
    ],
    'three stances, each as the one before' => [
        fn (): array => writtenDownAs(['alone' => 'carried', 'dropped' => 'alone', 'carried' => 'dropped']),
        'stances exchanged',
    ],
    'three stances, each as the next' => [
        fn (): array => writtenDownAs(['alone' => 'dropped', 'dropped' => 'carried', 'carried' => 'alone']),
        'stances exchanged',
    ],
]);

it('makes nothing of a sensible job', function (): void {
    $advice = adviceOf(sensibleJob());

    expect(max([0, ...array_column($advice['suspects'], 'chance')]))
        ->toBeLessThan(0.2)
        ->and($advice['move']['do'])
        ->toBe('stop')
        ->and($advice['methods']['front_restoration']['value'])->toBeBetween(0.3, 0.9);
});

/** @return array<string, mixed> */
function weighedJob(float $carried): array
{
    $job = sensibleJob();
    foreach ([[900.0, 900.0], [770.0, 1260.0], [$carried, null]] as $i => [$front, $rear]) {
        $job['readings'][$i] += array_filter(['front_kg' => $front, 'rear_kg' => $rear]);
    }

    return $job;
}

it('holds a stop up while the scale contradicts the tape, and no longer once either was read again', function (
    float $carried,
    bool $isHeld,
): void {
    $job = weighedJob($carried);
    $advice = adviceOf($job);
    $names = array_column($advice['suspects'], 'slip');
    expect($advice['move']['do'])
        ->toBe($isHeld ? 'read_again' : 'stop')
        ->and(in_array('ticket against tape', $names, true))
        ->toBe($isHeld)
        ->and($advice['methods']['axle_scale']['value'])
        ->toEqualWithDelta(($carried - 770.0) / 130.0, 1e-9);
    if ($isHeld) {
        expect($advice['move']['how'])->toBe('weigh')->and($advice['move']['because'])->toContain('contradict');
        $job['readings'][] = array_diff_key($job['readings'][2], ['front_kg' => 0]);
        expect(adviceOf($job)['move']['do'])->toBe('stop', 'both are kept: whoever taped again may leave it');
    }
})->with([
    'a tenth by the scale, six tenths by the tape' => [780.0, true],
    'a quarter' => [800.0, true],
    'both alike' => [848.0, false],
]);

it('says how a look is made, so that it tells what is suspected', function (): void {
    $job = sensibleJob();
    [$alone, $dropped, $carried] = $job['readings'];
    $job['trailer']['tongue_weight'] = ['kg' => 230, 'by' => 'tongue_scale'];
    // Three tenths of the tongue weight on the jack: the vehicle stands as if so much less lay on its ball.
    $dropped = [...$dropped, 'front_mm' => 956.0 - 0.3 * 18.0, 'rear_mm' => 957.0 + 0.3 * 60.0];
    $tighter = [...$carried, 'front_mm' => 942.0, 'rear_mm' => 982.0, 'setting' => ['link' => 5, 'washer' => 3]];
    $job['readings'] = [$alone, $alone, $dropped, $dropped, $carried, $carried, $tighter];
    $advice = adviceOf($job);

    expect(array_column($advice['suspects'], 'slip'))->toContain('weight on the jack');
    expect(array_intersect_key($advice['move'], ['do' => 0, 'what' => 0, 'how' => 0]))->toBe([
        'do' => 'read_again',
        'what' => 'dropped',
        'how' => 'raise_jack',
    ]);
});

it('says at once what statics do not allow, in the file as on the page', function (array $heights, array $says): void {
    $job = sensibleJob();
    foreach ($heights as $i => [$front, $rear]) {
        $job['readings'][$i] = [...$job['readings'][$i], 'front_mm' => $front, 'rear_mm' => $rear];
    }

    expect(array_map(fn (array $one): string => implode(' ', $one), adviceOf($job)['cautions']))->toBe($says);
})->with([
    'a sensible job' => [[], []],
    'nothing moved at all' => [
        [[938, 1017], [938.5, 1016.5], [938, 1017]],
        ['dropped rear nothing_moved'],
    ],
    'the rear no lower dropped than alone' => [[1 => [956, 1030]], ['dropped rear rear_not_dropped', 'carried rear rear_not_brought_up']],
    'the rear lower carried than dropped' => [[2 => [945, 945]], ['carried rear rear_not_brought_up']],
    'carried typed as dropped' => [[2 => [956, 957]], ['carried front same_as_dropped', 'carried rear same_as_dropped']],
]);
