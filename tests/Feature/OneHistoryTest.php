<?php

declare(strict_types=1);

use App\Interchange\Fields;
use App\Interchange\FileHistory;
use App\Interchange\JobFields;
use App\Models\ApiRight;
use App\Models\ApiToken;
use App\Models\Job;
use App\UseCases\Analysis\AnalysedJob;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Analysis\JobHistory;
use Illuminate\Support\Facades\Date;
use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Job\Record\HistoryMapper;
use Yoke\Job\Record\ReadingHistory;
use Yoke\Job\Record\SettingOffsets;
use Yoke\Job\Shop\ShopRules;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Measuring\Readings\Height\HeightDoubt;
use Yoke\Proving\Practice\Exercise\ExerciseCode;
use Yoke\Proving\Practice\Exercise\ExerciseSampler;
use Yoke\Proving\Practice\Exercise\Level;
use Yoke\Proving\Practice\Players\YardRig;
use Yoke\Proving\Practice\Run\Belief;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Parts\Suspension;

/* Whoever fills a history of readings, what it tells is the same to the last digit. */

/** What was read, by hand: stance, setting where the bars are on, fields in mm and kg. */
function readAtARig(): array
{
    $first = ['link' => 4.0, 'washer' => 3.0, 'head' => 2.0];
    $second = ['link' => 5.0, 'washer' => 3.0, 'head' => 2.0];

    return [
        ['alone', null, ['front_mm' => 951.0, 'rear_mm' => 987.0, 'front_kg' => 1450.0, 'rear_kg' => 1180.0]],
        ['alone', null, ['front_mm' => 952.0, 'rear_mm' => 986.0]],
        ['dropped', null, ['front_mm' => 976.0, 'rear_mm' => 927.0, 'ball_load_kg' => 395.0]],
        ['carried', $first, ['front_mm' => 963.0, 'rear_mm' => 941.0, 'ball_load_kg' => 640.0]],
        ['carried', $first, ['front_mm' => 964.0, 'rear_mm' => 940.0]],
        ['carried', $second, ['front_mm' => 957.0, 'rear_mm' => 949.0]],
    ];
}

/** @return list<array<string, mixed>> */
function toldByHistory(ReadingHistory $history, AnalysedJob $of): array
{
    $offsets = new SettingOffsets($of->adjusters, $of->reference(), $of->rig->hitch->barArm->millimetres());
    $readings = new HistoryMapper(
        $history,
        $of->described->inPlace()->mapper($of->reference()),
        $offsets,
        $of->rig->vehicle->wheelbase->millimetres(),
    );
    $posterior = (new Estimation($of->described->prior(), $readings->observations()))->posterior();
    $current = $readings->current();
    $parameters = array_map(
        static fn (int $parameter): array => [
            $posterior->value($parameter)->mean(),
            $posterior->value($parameter)->deviation(),
        ],
        range(0, 5),
    );

    return [
        count($readings->observations()),
        $parameters,
        $posterior->tensionTold()->mean(),
        $posterior->tensionTold()->deviation(),
        $current?->setting?->steps(),
        $current?->readings,
        $current?->hookUp,
    ];
}

beforeEach(function (): void {
    $this->wren = $this->person('Wren Tallow', '1 mm');
    $this->actingAs($this->wren);
    $this->chains = function (): Job {
        $job = $this->job();
        $worked = $job->rig_as_worked;
        $worked['hitch']['sheet'] = ['family' => 'chain-snap-up', 'bar_rating_high_kg' => 550];
        $worked['trailer']['sheet'] = ['tongue_weight_kg' => 390, 'tongue_weight_by' => 'tongue_scale'];
        $job->update(['rig_as_worked' => $worked]);

        return $job;
    };
    $this->analysed = function (Job $job): AnalysedJob {
        app()->forgetScopedInstances();

        return app(JobAnalyses::class)->of(Job::query()->findOrFail($job->id));
    };
    $this->history = fn (AnalysedJob $of): ReadingHistory => (new JobHistory(
        $of->job,
        $of->described,
        $of->taped,
    ))->history();
});

afterEach(fn () => Date::setTestNow());

it('tells the same by bench, file and interface', function (): void {
    // Five minutes from reading to reading, as a file takes it that does not say when.
    Date::setTestNow('2026-05-04 09:00:00');
    $minutes = 0;
    $bench = ($this->chains)();
    $interface = ($this->chains)();
    $headers = ['Authorization' => 'Bearer '.ApiToken::issue($this->wren, 'The gate', ApiRight::cases())];
    $on = null;
    $rounds = [];
    foreach (readAtARig() as [$stance, $setting, $fields]) {
        $station = $stance === 'carried' ? 'bars-up' : $stance;
        $isAgain = isset($rounds[$stance]) && $setting === $on;
        if ($isAgain || $setting !== null) {
            $this->post(
                "/jobs/{$bench->id}/{$station}/rounds",
                $isAgain ? ['again' => '1'] : ['steps' => $setting],
            )->assertSessionHasNoErrors();
            $this->postJson(
                "/api/v1/jobs/{$interface->id}/hook-ups",
                $isAgain ? ['again' => true, 'stance' => $stance] : ['setting' => $setting],
                $headers,
            )->assertCreated();
        }
        [$rounds[$stance], $on] = [true, $setting ?? $on];
        $heights = ['front' => "{$fields['front_mm']} mm", 'rear' => "{$fields['rear_mm']} mm"];
        Date::setTestNow($bench->created_at->addMinutes(5 * $minutes));
        $this->tape($bench, $station, $heights, ['rolled' => '1'])->assertOk();
        $this->postJson(
            "/api/v1/jobs/{$interface->id}/heights",
            ['stance' => $stance, 'rolled' => true, ...$heights],
            $headers,
        )->assertCreated();
        $minutes++;
        $others = array_filter([
            'front_axle' => $fields['front_kg'] ?? null,
            'rear_axle' => $fields['rear_kg'] ?? null,
            'ball_load' => $fields['ball_load_kg'] ?? null,
        ]);
        if ($others !== []) {
            $typed = array_map(static fn (float $kilograms): string => "{$kilograms} kg", $others);
            $this->post("/jobs/{$bench->id}/{$station}/measures", $typed)->assertSessionHasNoErrors();
            $this->postJson(
                "/api/v1/jobs/{$interface->id}/measures",
                ['stance' => $stance, ...$typed],
                $headers,
            )->assertCreated();
        }
    }
    $of = ($this->analysed)($bench);
    $file = Fields::ofJson(
        json_encode(
            [
                'vehicle' => ['suspension' => ['front' => 'coil', 'rear' => 'leaf']],
                'readings' => array_map(
                    static fn (array $read): array => [
                        'stance' => $read[0],
                        ...$read[1] === null ? [] : ['setting' => $read[1]],
                        ...$read[2],
                        'rolled' => true,
                        ...$read[0] === 'carried' ? ['set_by' => 'jack'] : [],
                    ],
                    readAtARig(),
                ),
            ],
            JSON_PRESERVE_ZERO_FRACTION,
        ),
    );
    $fields = new JobFields($file, ShopRules::usual());
    $fromFile = (new FileHistory(
        $file,
        $fields,
        $of->described->settings($of->reference()),
        ShopRules::usual()->heights,
    ))->history();
    Job::query()->each(
        fn (Job $job) => $job
            ->rounds()
            ->where('stance', Stance::Carried)
            ->update(['set_by' => 'jack']),
    );
    $of = ($this->analysed)($bench);
    $expected = toldByHistory(($this->history)($of), $of);

    expect($expected[0])
        ->toBe(16)
        ->and($expected[4])
        ->toEqual(['link' => 5, 'washer' => 3, 'head' => 2])
        ->and(toldByHistory($fromFile, $of))
        ->toBe($expected)
        ->and(toldByHistory(($this->history)(($this->analysed)($interface)), $of))
        ->toBe($expected);
});

it('tells the same of a practice run as of a file of the same readings', function (int $seed): void {
    $exercise = (new ExerciseSampler(new PriorDoubts()))->draw(ExerciseCode::of(Level::RealTape, $seed));
    $run = YardRig::advised($exercise, Fineness::Millimetre);
    $readings = [];
    foreach ($run->heights() as $height) {
        if (! $height->isSpoiled) {
            $readings[$height->standing] = [
                'stance' => $height->stance->value,
                'rolled' => $height->isRolled,
                ...$height->stance === Stance::Carried
                    ? [
                        'setting' => $height->hitch->setting->steps(),
                        'hook' => $height->hookUp,
                        'counted' => true,
                        'set_by' => 'jack',
                    ]
                    : [],
                ...$readings[$height->standing] ?? [],
                "{$height->axle->value}_mm" => $height->read,
            ];
        }
    }
    $springs = array_map(static fn (Suspension $spring): string => $spring->value, $exercise->hidden->springs);
    $file = Fields::ofJson(
        json_encode(
            ['vehicle' => ['suspension' => $springs], 'readings' => array_values($readings)],
            JSON_PRESERVE_ZERO_FRACTION,
        ),
    );
    $told = $exercise->told($run->situation()->hitch);
    $history = (new FileHistory(
        $file,
        new JobFields($file, ShopRules::usual()),
        $told->settings($exercise->reference),
        new HeightDoubt(),
    ))->history();
    $known = $told->prior()->known();
    $mapper = new HistoryMapper(
        $history,
        $told->inPlace()->mapper($exercise->reference),
        new SettingOffsets($exercise->adjusters, $exercise->reference, $known->barArm),
        $known->wheelbase,
    );
    $belief = new Belief($run);
    $of = fn (array $observations): float => (new Estimation($told->prior(), $observations))
        ->posterior()
        ->tensionTold()
        ->mean();

    expect(count($belief->observations()))
        ->toBeGreaterThan(4)
        ->and($run->weights())
        ->toBe([])
        ->and($of($mapper->observations()))
        ->toBe($of($belief->observations()))
        ->and($mapper->current()?->setting?->steps())
        ->toBe($belief->current()?->setting?->steps())
        ->and($mapper->current()?->readings)
        ->toBe($belief->current()?->readings);
})->with([5, 18, 31]);

it('tells the same in whatever order it was filled', function (): void {
    $job = ($this->chains)();
    foreach (['alone' => ['951 mm', '987 mm'], 'dropped' => ['976 mm', '927 mm']] as $station => [$front, $rear]) {
        $this->tape($job, $station, ['front' => $front, 'rear' => $rear], ['rolled' => '1']);
    }
    $of = ($this->analysed)($job);
    $history = ($this->history)($of);
    $turned = new ReadingHistory(
        [],
        array_reverse($history->heights),
        array_reverse($history->measures),
        $history->tickets,
        $history->tongueWeights,
    );
    expect(toldByHistory($turned, $of))->toBe(toldByHistory($history, $of));
});
