<?php

declare(strict_types=1);

use App\Models\Hitch;
use App\Models\Job;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\Artisan;

/** What a page says of the restored share, each time it says it. @return list<string> */
function restoredOn(object $test, string $address): array
{
    preg_match_all('~data-restored>([^<]+)<~', (string) $test->get($address)->assertOk()->getContent(), $found);

    return array_values(array_unique($found[1]));
}

it('says one figure of each demo job on bench, yard, diagnosis, card, history and weigh station', function (): void {
    $this->seed(DemoSeeder::class);
    $this->actingAs(User::query()->firstWhere('email', DemoSeeder::EMAIL));
    $yard = (string) $this->get('/')->getContent();
    $judged = 0;
    foreach (Job::query()->get() as $job) {
        $bench = restoredOn($this, "/jobs/{$job->id}/bars-up");
        foreach (['diagnosis', 'card', 'weigh'] as $page) {
            expect(restoredOn($this, "/jobs/{$job->id}/{$page}"))->toBe($bench, "{$job->title}, {$page}");
        }
        if ($bench !== []) {
            $judged++;
            expect($bench)->toHaveCount(1);
            $log = (string) $this->get("/log/{$job->rig_id}")->getContent();
            $file = json_decode((string) $this->get("/jobs/{$job->id}/job.json")->getContent(), true)['analysis'];
            expect($log)
                ->toContain(e($bench[0]))
                ->and($bench[0])
                ->toStartWith(round(100 * $file['front_restored']['value']).' %');
            if (str_contains($yard, e($job->title))) {
                expect($yard)->toContain($bench[0]);
            }
        }
    }
    expect($judged)->toBeGreaterThanOrEqual(4);
});

it('moves the range of a self-levelling rig on every page, and says both figures', function (): void {
    $this->actingAs($this->person('Ibby Marsh', '1 mm'));
    $job = $this->job();
    $worked = $job->rig_as_worked;
    $worked['vehicle']['sheet'] = ['levelling' => 'rear', 'vehicle_class' => 'half-ton pick-up'];
    $worked['trailer']['sheet'] = [
        'tongue_weight_kg' => 390,
        'tongue_weight_by' => 'tongue_scale',
        'coupler_height_mm' => 480,
    ];
    $worked['hitch']['sheet'] = ['family' => 'chain-snap-up', 'bar_rating_high_kg' => 550, 'ball_height_mm' => 495];
    $job->update(['rig_as_worked' => $worked]);
    $this->post("/jobs/{$job->id}/bars-up/rounds", ['steps' => ['link' => 4, 'washer' => 3, 'head' => 2]]);
    foreach (
        ['alone' => ['950 mm', '985 mm'], 'dropped' => ['961 mm', '930 mm'], 'bars-up' => ['955 mm', '944 mm']] as $station => [$front, $rear]
    ) {
        $this->tape($job, $station, ['front' => $front, 'rear' => $rear], ['rolled' => '1']);
    }
    $said = '/(\d+) % now, about (\d+) % once the levelling is on/';
    $figures = [];
    foreach (['bars-up', 'diagnosis', 'weigh', 'card'] as $page) {
        expect(preg_match($said, (string) $this->get("/jobs/{$job->id}/{$page}")->getContent(), $found))->toBe(
            1,
            $page,
        );
        $figures[] = [$found[1], $found[2]];
    }
    foreach (['/', "/log/{$job->rig_id}"] as $page) {
        expect(preg_match($said, (string) $this->get($page)->getContent(), $found))->toBe(1, $page);
        $figures[] = [$found[1], $found[2]];
    }
    expect(array_unique($figures, SORT_REGULAR))
        ->toHaveCount(1)
        ->and((int) $figures[0][1])
        ->toBeLessThan((int) $figures[0][0] - 10);
    $this->get("/jobs/{$job->id}/bars-up")
        ->assertSee('Too little')
        ->assertSee('% is left once the levelling is on')
        ->assertSee('tighter');
    $this->get("/jobs/{$job->id}/sway-control")
        ->assertSee('the range begins at')
        ->assertDontSee('the range begins at 50 %');
    expect(
        Artisan::call('yoke:advise', [
            'file' => tap(
                tempnam(sys_get_temp_dir(), 'job'),
                fn (string $file) => file_put_contents($file, json_encode(levelledCase())),
            ),
        ]),
    )->toBe(0);
    $advice = json_decode(trim(Artisan::output()), true);
    expect($advice['methods']['front_restoration']['after_levelling'])->toBeLessThan(
        $advice['methods']['front_restoration']['value'] - 0.02,
    );
});

/** @return array<string, mixed> the first case with levelling on the road */
function levelledCase(): array
{
    $case = json_decode((string) file_get_contents(base_path('tests/fixtures/jobs/rig-2-after-two-trials.json')), true);
    $case['vehicle']['levelling'] = 'rear';
    $case['vehicle']['levelling_on_the_road'] = true;

    return $case;
}

it('gives a verdict and a move from the front fender, tickets or the gauge alone', function (
    array $readings,
    string $sees,
): void {
    $this->actingAs($this->person('Ibby Marsh', '1 mm'));
    $job = $this->job();
    $worked = $job->rig_as_worked;
    $worked['trailer']['sheet'] = ['tongue_weight_kg' => 390, 'tongue_weight_by' => 'tongue_scale'];
    $worked['hitch']['sheet'] = ['family' => 'chain-snap-up', 'bar_rating_high_kg' => 550];
    $job->update(['rig_as_worked' => $worked]);
    $this->post("/jobs/{$job->id}/bars-up/rounds", ['steps' => ['link' => 2, 'washer' => 3, 'head' => 2]]);
    foreach ($readings as [$how, $where, $what]) {
        match ($how) {
            'tape' => $this->tape($job, $where, $what, ['rolled' => '1'])->assertOk(),
            'ticket' => $this->post("/jobs/{$job->id}/weigh", [
                'stance' => $where,
                'ticket' => $what,
                'step' => '10 kg',
            ])->assertSessionHas('saved'),
            'gauge' => $this->post("/jobs/{$job->id}/{$where}/measures", [
                'ball_load' => $what,
            ])->assertSessionHasNoErrors(),
        };
    }
    expect(restoredOn($this, "/jobs/{$job->id}/bars-up"))->toHaveCount(1);
    $this->get("/jobs/{$job->id}/bars-up")
        ->assertSee('Too little')
        ->assertSee('tighter')
        ->assertSee($sees)
        ->assertDontSee('No verdict yet');
})->with([
    'the front fender' => [
        [
            ['tape', 'alone', ['front' => '950 mm']],
            ['tape', 'dropped', ['front' => '964 mm']],
            ['tape', 'bars-up', ['front' => '963 mm']],
        ],
        'Tape',
    ],
    'tickets' => [
        [
            ['ticket', 'alone', 'front 1460, rear 1190'],
            ['ticket', 'dropped', 'front 1320, rear 1720, trailer 2710'],
            ['ticket', 'carried', 'front 1335, rear 1695, trailer 2720'],
        ],
        'Scale',
    ],
    'the gauge' => [[['gauge', 'dropped', '390 kg'], ['gauge', 'bars-up', '450 kg']], 'Gauge'],
]);

it('names an axle load that was typed wrong, in kilograms, on bench, weigh station and diagnosis', function (
    string $front,
): void {
    $this->actingAs($this->person('Ibby Marsh', '1 mm'));
    $job = $this->job();
    $worked = $job->rig_as_worked;
    $worked['trailer']['sheet'] = ['tongue_weight_kg' => 390];
    $worked['hitch']['sheet'] = ['family' => 'chain-snap-up'];
    $job->update(['rig_as_worked' => $worked]);
    $this->post("/jobs/{$job->id}/bars-up/rounds", ['steps' => ['link' => 4, 'washer' => 3, 'head' => 2]]);
    foreach (
        ['alone' => ['950 mm', '985 mm'], 'dropped' => ['961 mm', '930 mm'], 'bars-up' => ['953 mm', '948 mm']] as $station => [$one, $other]
    ) {
        $this->tape($job, $station, ['front' => $one, 'rear' => $other], ['rolled' => '1']);
    }
    foreach (
        [
            'alone' => 'front 1460, rear 1190',
            'dropped' => 'front 1320, rear 1720, trailer 2710',
            'carried' => "front {$front}, rear 1560, trailer 2770",
        ] as $stance => $ticket
    ) {
        $this->post("/jobs/{$job->id}/weigh", ['stance' => $stance, 'ticket' => $ticket, 'step' => '10 kg']);
    }
    foreach (['bars-up', 'weigh', 'diagnosis'] as $page) {
        $content = (string) $this->get("/jobs/{$job->id}/{$page}")->getContent();
        preg_match_all('~data-suspect>([^<]+)<~', $content, $suspects);
        expect($suspects[1])
            ->toHaveCount(1)
            ->and($suspects[1][0])
            ->toContain('Check the front axle on the weighbridge, carried (hook-up 1) (')
            ->toContain("it says {$front} kg");
    }
})->with(['100 kg high' => ['1520'], '200 kg high' => ['1620'], 'a tonne high' => ['2420']]);

it('keeps what was measured when the family is changed, and asks for the setting anew', function (): void {
    $this->actingAs($this->person('Ibby Marsh', '1 mm'));
    $job = $this->job();
    Hitch::query()->update(['sheet' => json_encode(['family' => 'chain-snap-up'])]);
    (new App\UseCases\Garage\OpenJobs(Yoke\Rig\Specification\RigPart::Hitch, Hitch::query()->sole()))->planAgain();
    $this->post("/jobs/{$job->id}/bars-up/rounds", ['steps' => ['link' => 4, 'washer' => 3, 'head' => 2]]);
    foreach (
        ['alone' => ['950 mm', '985 mm'], 'dropped' => ['961 mm', '930 mm'], 'bars-up' => ['958 mm', '938 mm']] as $station => [$one, $other]
    ) {
        $this->tape($job, $station, ['front' => $one, 'rear' => $other], ['rolled' => '1']);
    }
    $this->post('/garage/hitch/1', ['name' => 'Chains', 'family' => 'friction-bracket'])->assertSessionHasNoErrors();

    $this->get("/jobs/{$job->id}/bars-up")
        ->assertOk()
        ->assertSee('Choose the setting that is on')
        ->assertSee('More tension: bring the front down')
        ->assertSee('value="958 mm"', false);
    expect($job->fresh()->settingOf(1)['link'])->toEqual(4.0);
});
