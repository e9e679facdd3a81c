<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\WeighTicket;
use App\UseCases\Analysis\JobAnalyses;
use Illuminate\Support\Str;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\TowVehicle;

/** A pick-up with helper air springs: 3 kg/mm and 20 mm of lift. */
beforeEach(function (): void {
    $this->actingAs($this->person('Wren Tallow', '1 mm'));
    $this->post('/jobs', [
        'title' => 'Kite museum',
        'family' => 'chain-snap-up',
        'bar_rating_high_kg' => '545 kg',
        'wheelbase' => '3700 mm',
        'overhang' => '1300 mm',
        'ball_to_axle' => '5200 mm',
        'gross_weight' => '2700 kg',
        'tongue_weight_kg' => '340 kg',
        'bar_arm' => '710 mm',
    ]);
    $this->post('/garage/vehicle/1', [
        'name' => 'Drover',
        'air_rate_kg_per_mm' => '3 kg/mm',
        'air_lift_mm' => '20 mm',
    ])->assertSessionHasNoErrors();
    $this->weigh = fn (string $stance, string $ticket, array $with = []) => $this->post('/jobs/1/weigh', [
        'stance' => $stance,
        'step' => '10 kg',
        'ticket' => $ticket,
        ...$with,
    ])->assertSessionHasNoErrors();
    $this->analysed = static function () {
        app()->forgetScopedInstances();

        return app()
            ->make(JobAnalyses::class)
            ->of(Job::query()->findOrFail(1));
    };
});

it('lays four stances side by side, the lifted ones by a model of their own', function (): void {
    $page = (string) $this->get('/jobs/1/weigh')
        ->assertOk()
        ->assertSee('Air and levelling: four stances')
        ->getContent();
    $analysed = ($this->analysed)();
    $rig = $analysed->posterior()->rig();
    $vehicle = $rig->vehicle();
    // Independently: the same rig on a rear that is stiffer and stands higher.
    $lifted = new CoupledRig(
        new TowVehicle($vehicle->wheelbase, $vehicle->overhang, $vehicle->frontRate, $vehicle->rearRate + 3.0, 20.0),
        $rig->trailer(),
        $rig->bars(),
    );
    $tension = $rig->tensionFor($analysed->goal->band->middle());
    preg_match('/<table class="ledger is-wide" data-air>(.*?)<\/table>/s', $page, $table);
    preg_match_all('/<tr><th scope="row">([^<]*)<\/th>(.*?)<\/tr>/s', $table[1], $rows);
    $cells = array_map(
        static fn (string $row): array => array_map(
            trim(...),
            explode('|', trim(strip_tags(str_replace('</td>', '|', $row)), '|')),
        ),
        $rows[2],
    );
    $kg = static function (float $load): string {
        $steps = (int) round(abs($load) / 5);

        return ($steps === 0 ? '' : ($load < 0 ? '−' : '+')).(5 * $steps).' kg';
    };

    expect(array_map(trim(...), $rows[1]))->toBe(['Dropped', 'Dropped, air on', 'Carried', 'Carried, air on']);
    foreach (
        [$rig->dropped(), $lifted->dropped(), $rig->carried($tension), $lifted->carried($tension)] as $i => $attitude
    ) {
        expect(array_slice($cells[$i], 2, 3))->toBe([
            $kg($attitude->frontLoad()->kilograms()),
            $kg($attitude->rearLoad()->kilograms()),
            $kg($attitude->trailerLoad()->kilograms()),
        ]);
    }
    // Bars off, the lift moves less than a step of the scale; bars on, the front loses.
    expect(abs($lifted->dropped()->frontLoad()->kilograms() - $rig->dropped()->frontLoad()->kilograms()))
        ->toBeLessThan(2.0)
        ->and($lifted->carried($tension)->frontLoad()->kilograms())
        ->toBeLessThan($rig->carried($tension)->frontLoad()->kilograms() - 10.0);
});

it('says why lifting the rear moves no load forward, with the figures of this rig', function (): void {
    $this->get('/jobs/1/weigh')
        ->assertSee('because the ball still pushes down where it did')
        ->assertSee('Bars on, the lift lets the bars go by');
});

it('shows nothing of air on a rig that nothing lifts', function (): void {
    $this->post('/garage/vehicle/1', ['name' => 'Drover', 'air_rate_kg_per_mm' => '', 'air_lift_mm' => '']);
    $this->get('/jobs/1/weigh')->assertOk()->assertDontSee('four stances');
});

it('takes a weighing with air up alone for what is left on the road, and nothing otherwise weighed for anything', function (): void {
    ($this->weigh)('alone', 'front 1500, rear 1150');
    ($this->weigh)('dropped', 'front 1380, rear 1600, trailer 2360');
    ($this->weigh)('carried', 'front 1300, rear 1400, trailer 2400', ['driver_out' => '1', 'other_setting' => '1']);
    expect(($this->analysed)()->current())->toBeNull();
    ($this->weigh)('carried', 'front 1450, rear 1500, trailer 2390', ['air_up' => '1']);

    expect(
        WeighTicket::query()->orderBy('id')->get()->map(fn (WeighTicket $ticket): ?array => $ticket->conditions)->all(),
    )->toBe([null, null, ['driver_out', 'other_setting'], ['air_up']]);
    $analysed = ($this->analysed)();
    // By hand: 70 kg of the 120 kg that coupling took.
    expect($analysed->road?->left()->mean())
        ->toEqualWithDelta(70 / 120, 1e-9)
        ->and($analysed->verdict()?->shareOnTheRoad()->mean())
        ->toEqualWithDelta(70 / 120, 0.06)
        ->and($analysed->verdict()?->share->mean())
        ->toBeGreaterThan(70 / 120 + 0.03);
    $this->get('/jobs/1/weigh')
        ->assertSee('Air up')
        ->assertSee('Driver out')
        ->assertSee('weighed −50 kg')
        ->assertSee('weighed 58 %')
        ->assertSee('Weighed with the air springs up, 58 ±')
        ->assertSee('Nothing was read without');
    $this->get('/jobs/1/card')->assertSee('Weighed with the air springs up, 58 ±');
});

it('lets the scale say what air takes where both were weighed, and raises the range by that', function (): void {
    ($this->weigh)('alone', 'front 1500, rear 1150');
    ($this->weigh)('dropped', 'front 1380, rear 1600, trailer 2360');
    ($this->weigh)('carried', 'front 1490, rear 1440, trailer 2410');
    $before = ($this->analysed)();
    ($this->weigh)('carried', 'front 1430, rear 1520, trailer 2390', ['air_up' => '1']);
    $after = ($this->analysed)();
    $share = $before->verdict()->share->mean();

    expect($after->verdict()->share->mean())
        ->toEqualWithDelta($share, 1e-9)
        ->and($after->verdict()->shareOnTheRoad()->mean())
        ->toEqualWithDelta(50 / 120, 0.005)
        ->and($after->verdict()->lost)
        ->toEqualWithDelta($share - 50 / 120, 0.005)
        ->not->toEqualWithDelta($before->verdict()->lost, 0.02)
        ->and($after->goal->levelling?->lost($after->posterior()->rig(), $after->posterior()->tension()))
        ->toEqualWithDelta($after->verdict()->lost, 1e-6);
    $this->get('/jobs/1/weigh')->assertSee('What was weighed counts')->assertSee('42 ± ');
    $this->get('/jobs/1/bars-up')->assertSee('% is taken here');
});

it('compares four stances by what was weighed where nobody gave the rate of the air springs', function (): void {
    $this->post('/garage/vehicle/1', ['name' => 'Drover', 'air_rate_kg_per_mm' => '', 'air_lift_mm' => '']);
    ($this->weigh)('alone', 'front 1500, rear 1150');
    ($this->weigh)('dropped', 'front 1380, rear 1600, trailer 2360');
    $this->get('/jobs/1/weigh')->assertDontSee('four stances');
    ($this->weigh)('carried', 'front 1490, rear 1440, trailer 2410');
    ($this->weigh)('carried', 'front 1460, rear 1490, trailer 2390', ['air_up' => '1']);
    $this->get('/jobs/1/weigh')
        ->assertSee('four stances')
        ->assertSee('Nobody gave the rate or lift of air')
        ->assertSee('weighed −40 kg')
        ->assertSee('weighed 67 %')
        ->assertSee('weighed 92 %')
        ->assertSee('data-changes-drawn', false);
});

it(
    'asks whether the air was up where the scale finds less than the tape by what air takes, and takes the answer',
    function (): void {
        $analysed = ($this->analysed)();
        $rig = $analysed->posterior()->rig();
        $vehicle = $rig->vehicle();
        $lifted = new CoupledRig(
            new TowVehicle(
                $vehicle->wheelbase,
                $vehicle->overhang,
                $vehicle->frontRate,
                $vehicle->rearRate + 3.0,
                20.0,
            ),
            $rig->trailer(),
            $rig->bars(),
        );
        $tension = $rig->tensionFor(0.9);
        $this->post('/jobs/1/bars-up/rounds', ['steps' => ['link' => 4, 'washer' => 3, 'head' => 2]]);
        $ten = static fn (float $kg): int => 10 * (int) round($kg / 10);
        foreach (
            ['alone' => null, 'dropped' => $rig->dropped(), 'bars-up' => $rig->carried($tension)] as $station => $attitude
        ) {
            $this->tape(
                Job::query()->sole(),
                $station,
                [
                    'front' => round(950 + ($attitude?->frontRise()->millimetres() ?? 0)).' mm',
                    'rear' => round(985 + ($attitude?->rearRise()->millimetres() ?? 0)).' mm',
                ],
                ['rolled' => '1'],
            );
        }
        ($this->weigh)('alone', 'front 1500, rear 1150');
        ($this->weigh)(
            'dropped',
            sprintf(
                'front %d, rear %d, trailer %d',
                $ten(1500 + $rig->dropped()->frontLoad()->kilograms()),
                $ten(1150 + $rig->dropped()->rearLoad()->kilograms()),
                $ten(2360 + $rig->dropped()->trailerLoad()->kilograms()),
            ),
        );
        $on = $lifted->carried($tension);
        ($this->weigh)(
            'carried',
            sprintf(
                'front %d, rear %d, trailer %d',
                $ten(1500 + $on->frontLoad()->kilograms()),
                $ten(1150 + $on->rearLoad()->kilograms()),
                $ten(2360 + $on->trailerLoad()->kilograms()),
            ),
        );

        $this->get('/jobs/1/weigh')->assertSee('Was the air on when carried was weighed?');
        $this->post('/jobs/1/weigh/3/condition', ['air_up' => '1'])->assertRedirect('/jobs/1/weigh');
        $this->get('/jobs/1/weigh')->assertDontSee('Was the air on')->assertSee('Air up');
        expect(WeighTicket::query()->find(3)->conditions)->toBe(['air_up']);
    },
);

it('tells whoever reads its files, and its card in the yard, that a ticket does not count', function (): void {
    $this->post('/jobs/1/bars-up/rounds', ['steps' => ['link' => 4, 'washer' => 3, 'head' => 2]]);
    ($this->weigh)('alone', 'front 1500, rear 1150');
    ($this->weigh)('dropped', 'front 1380, rear 1600, trailer 2360');
    ($this->weigh)('carried', 'front 1470, rear 1450, trailer 2420');
    $this->get('/')->assertSee('data-restored', false);
    $this->post('/jobs/1/weigh/3/condition', ['air_up' => '1', 'driver_out' => '1']);

    $this->get('/')->assertDontSee('data-restored', false);
    expect((string) $this->get('/jobs/1/tickets.csv')->getContent())
        ->toContain('air_up driver_out')
        ->and(
            json_decode((string) $this->get('/jobs/1/job.json')->getContent(), true)['job']['tickets'][2]['conditions'],
        )
        ->toBe(['air_up', 'driver_out']);
});

it('says what one link moved in loads, by two tickets', function (): void {
    ($this->weigh)('alone', 'front 1500, rear 1150');
    ($this->weigh)('dropped', 'front 1380, rear 1600, trailer 2360');
    $this->post('/jobs/1/bars-up/rounds', ['steps' => ['link' => 3, 'washer' => 3, 'head' => 2]]);
    ($this->weigh)('carried', 'front 1410, rear 1550, trailer 2380');
    $this->post('/jobs/1/bars-up/rounds', ['steps' => ['link' => 5, 'washer' => 3, 'head' => 2]]);
    ($this->weigh)('carried', 'front 1470, rear 1450, trailer 2420');

    $this->get('/jobs/1/weigh')
        ->assertSee('Worth of one link')
        ->assertSee('front +30 kg ± 2 kg, rear −50 kg ± 2 kg, trailer +20 kg ± 2 kg');
});

it('compares two hitches and two dates on the same vehicle and trailer by their tickets', function (): void {
    $set = function (int $job, string $carried): void {
        $this->post("/jobs/{$job}/weigh", [
            'stance' => 'alone',
            'step' => '10 kg',
            'ticket' => 'front 1500, rear 1150',
        ]);
        $this->post("/jobs/{$job}/weigh", [
            'stance' => 'dropped',
            'step' => '10 kg',
            'ticket' => 'front 1380, rear 1600, trailer 2360',
        ]);
        $this->post("/jobs/{$job}/weigh", ['stance' => 'carried', 'step' => '10 kg', 'ticket' => $carried]);
    };
    $set(1, 'front 1440, rear 1500, trailer 2400');
    $this->get('/jobs/1/weigh')->assertDontSee('The same vehicle and trailer, by their tickets');
    $this->post('/jobs', [
        'title' => 'Other hitch',
        'vehicle' => '1',
        'trailer' => '1',
        'hitch_name' => 'Gauge head',
        'family' => 'screw-jack-gauge',
        'bar_arm' => '700 mm',
    ])->assertSessionHasNoErrors();
    $set(2, 'front 1500, rear 1400, trailer 2440');

    // 120 kg lost, 60 and 120 restored; 330 kg on the ball, of it 60 and 40, 120 and 80 moved.
    $this->get('/jobs/2/weigh')
        ->assertSee('The same vehicle and trailer, by their tickets')
        ->assertSeeInOrder([
            'Gauge head',
            '330 kg',
            '100 ±',
            '36 %, 24 %',
            '1500 kg',
            'Hitch of Kite museum',
            '330 kg',
            '50 ±',
            '18 %, 12 %',
            '1440 kg',
        ]);
    // Over alone: 0 and +250 kg with the one, −60 and +350 with the other; the longest bar is 150 wide.
    $drawn = (string) Str::of((string) $this->get('/jobs/2/weigh')->getContent())->afterLast('data-changes-drawn')->before('</svg>');
    preg_match_all('/class="is-(front|rear)" fill="[^"]+" x="([0-9.]+)" [^>]*width="([0-9.]+)"/', $drawn, $bars);
    expect($bars[1])
        ->toBe(['front', 'rear', 'front', 'rear'])
        ->and(array_map(floatval(...), $bars[3]))
        ->toBe([1.0, round(150 * 250 / 350, 1), round(150 * 60 / 350, 1), 150.0])
        ->and(array_map(floatval(...), $bars[2]))
        ->toBe([380.0, 380.0, round(380 - 150 * 60 / 350, 1), 380.0])
        ->and($drawn)
        ->toContain('+250 kg')
        ->toContain('−60 kg');
});

it('raises nothing where levelling is off for good, or the air stays down with the bars on', function (): void {
    $analysed = fn () => app(JobAnalyses::class)->of(Job::query()->sole());
    expect(($this->analysed)()->lifter())->toBe('air');
    $this->post('/garage/vehicle/1', ['name' => 'Drover', 'lift_use' => 'stays_off', 'air_lift_mm' => '20 mm']);

    expect($analysed()->lifter())->toBeNull()->and($analysed()->goal->levelling)->toBeNull();
    $this->get('/jobs/1/weigh')->assertDontSee('four stances')->assertOk();
    $this->get('/jobs/1/bars-up')->assertSee('Target range 50 to 100 %')->assertDontSee('is on');
});

it('offers air springs with the vehicle of a new job, and aims higher from the first minute', function (): void {
    $this->post('/jobs', [
        'title' => 'Air of its own', 'family' => 'chain-snap-up', 'air_lift_mm' => '1 in',
    ])->assertRedirect();
    $job = Job::query()->orderByDesc('id')->first();

    expect($job->rig_as_worked['vehicle']['sheet']['air_lift_mm'])->toBe(25.4);
    $this->get("/jobs/{$job->id}/alone")->assertSee('% is left once');
    $this->post('/jobs', ['title' => 'Air of nothing', 'air_lift_mm' => 'up'])->assertSessionHasErrors('air_lift_mm');
    $this->get('/jobs/new')->assertSee('value="up"', false);
});
