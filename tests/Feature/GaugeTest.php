<?php

declare(strict_types=1);

use App\Models\Hitch;
use App\Models\Job;
use App\Models\Measure;
use App\Models\Round;
use App\Models\Trailer;
use App\UseCases\Analysis\JobAnalyses;
use Yoke\Foundation\Units\Load;
use Yoke\Rig\Specification\RigPart;

/** A screw jack head behind a pick-up: wheelbase 3700, a 1300, L 5200, b 710 mm. */
beforeEach(function (): void {
    $this->actingAs($this->person());
    $this->post('/jobs', [
        'title' => 'Kite museum',
        'family' => 'screw-jack-gauge',
        'bar_rating_high_kg' => '545 kg',
        'wheelbase' => '3700 mm',
        'overhang' => '1300 mm',
        'ball_to_axle' => '5200 mm',
        'gross_weight' => '2700 kg',
        'tongue_weight_kg' => '340 kg',
        'bar_arm' => '710 mm',
    ]);
    $this->work = Job::query()->sole();
    // By hand, from docs/model.md: R(rho) = TW (1 + rho a (L - b) / (b (L + a))).
    $this->ballLoad = static fn (float $tongue, float $share): float => $tongue *
        (1.0 + ($share * 1300.0 * (5200.0 - 710.0)) / (710.0 * (5200.0 + 1300.0)));
    $this->shown = static fn (string $page): float => preg_match('/data-gauge-target>([\d,]+) lb/', $page, $found) === 1
        ? Load::ofPounds((float) str_replace(',', '', $found[1]))->kilograms()
        : NAN;
});

it('shows the target from Brief on, from tongue weight and three lengths', function (string $station): void {
    $page = (string) $this->get("/jobs/1/{$station}")
        ->assertOk()
        ->assertSee('Target at the gauge')
        ->assertSee('From the tongue weight, 750 lb')
        ->getContent();

    // 340 kg at 75 %: 662.5 kg; what is shown is round in pounds.
    expect(($this->shown)($page))->toEqualWithDelta(($this->ballLoad)(340.0, 0.75), 3.0);
})->with(['brief', 'dropped', 'bars-up']);

it('lets the figure of the maker govern where it is entered, and says ours beside', function (): void {
    $this->post('/jobs/1/brief/facts/hitch/maker_ball_load_kg', [
        'maker_ball_load_kg' => '1500',
    ])->assertSessionHasNoErrors();
    $page = (string) $this->get('/jobs/1/brief')
        ->assertSee('The figure of the hitch maker, which governs. Ours would be 1460 lb.')
        ->getContent();

    expect(($this->shown)($page))->toEqualWithDelta(Load::ofPounds(1500.0)->kilograms(), 0.5);
});

it('questions a figure of the maker that the bars or the ball cannot have', function (
    string $typed,
    string $says,
): void {
    $this->post('/jobs/1/brief/facts/hitch/maker_ball_load_kg', [
        'maker_ball_load_kg' => $typed,
    ])->assertSessionHasNoErrors();
    $this->get('/jobs/1/brief')->assertSee($says);
    $this->get('/jobs/1/bars-up')->assertSee($says);
})->with([
    'past the bars' => ['1700 kg', 'past its rating of 1202 lb'],
    'kilograms for pounds' => ['300 kg', 'is less than the ball carries with no bars at all'],
]);

it('takes the unloaded gauge for the tongue weight, and works the target out again', function (): void {
    $this->post('/jobs/1/dropped/gauge', ['ball_load' => '400 kg'])
        ->assertRedirect('/jobs/1/dropped#gauge-step')
        ->assertSessionHasNoErrors();
    $page = (string) $this->get('/jobs/1/dropped')
        ->assertSee('Bars off, the gauge shows the tongue weight')
        ->getContent();
    $tongue = app()
        ->make(JobAnalyses::class)
        ->of(Job::query()->findOrFail(1))
        ->analysis()
        ->gauge()
        ->tongueWeight()
        ->mean();

    // Stated 340 kg with 12 % doubt, gauge 400 kg with 3 %: close to the gauge.
    expect($tongue)
        ->toBeGreaterThan(385.0)
        ->toBeLessThan(405.0)
        ->and(($this->shown)($page))
        ->toEqualWithDelta(($this->ballLoad)($tongue, 0.75), 4.0);
});

it('says the share and the turns to go while a loaded reading is typed, and keeps nothing of it', function (): void {
    $this->post('/jobs/1/dropped/gauge', ['ball_load' => '340 kg']);
    $says = fn (string $typed): string => strip_tags(
        (string) $this->postJson('/jobs/1/bars-up/gauge/preview', ['ball_load' => $typed])
            ->assertOk()
            ->json('parts.gauge'),
    );
    $low = $says(round(($this->ballLoad)(340.0, 0.3)).' kg');
    $right = $says(round(($this->ballLoad)(340.0, 0.75)).' kg');
    $high = $says(round(($this->ballLoad)(340.0, 1.15)).' kg');

    expect($low)
        ->toMatch('/restored: (2[5-9]|3[0-5]) %/')
        ->toContain('tighter')
        ->and($right)
        ->toMatch('/restored: 7\d %/')
        ->toContain('The gauge is at its target: leave the screw.')
        ->and($high)
        ->toMatch('/restored: 1[01]\d %/')
        ->toContain('Let the screw go by')
        ->and(Measure::query()->count())
        ->toBe(1);
});

it('turns as far as the bars have yet to bend: an independent reckoning', function (): void {
    $this->post('/jobs/1/dropped/gauge', ['ball_load' => '340 kg']);
    $reading = round(($this->ballLoad)(340.0, 0.3));
    $this->post('/jobs/1/bars-up/gauge', ['ball_load' => "{$reading} kg"])->assertSessionHasNoErrors();
    $gauge = app()
        ->make(JobAnalyses::class)
        ->of(Job::query()->findOrFail(1))
        ->analysis()
        ->gauge();
    $posterior = app()
        ->make(JobAnalyses::class)
        ->of(Job::query()->findOrFail(1))
        ->posterior();
    $rig = $posterior->rig();
    // By bisection over the carried stance: the tension at which the load of ball and bars is the target.
    $find = function (float $load) use ($rig): float {
        [$low, $high] = [-200.0, 400.0];
        for ($i = 0; $i < 60; $i++) {
            $middle = ($low + $high) / 2.0;
            [$low, $high] = $rig->carried($middle)->ballLoad()->kilograms() < $load ? [$middle, $high] : [$low, $middle];
        }

        return $low;
    };
    $now = $posterior->predict(static fn ($rig, float $tension): float => $rig->taut($tension)->ballLoad()->kilograms())->mean();

    expect($now)
        ->toEqualWithDelta($reading, 12.0)
        ->and($gauge->tensionToGo())
        ->toEqualWithDelta($find($gauge->target()->kilograms()) - $posterior->tension(), 0.05)
        ->and($gauge->stepsToGo(6.0))
        ->toBe(round($gauge->tensionToGo() / 3.0) / 2.0)
        ->toBeGreaterThan(0.0);
});

it('takes a turn for another setting without a new hook-up, and each reading for its own', function (): void {
    $this->post('/jobs/1/bars-up/rounds', ['steps' => ['turn' => 8, 'head' => 2]])->assertSessionHasNoErrors();
    $this->post('/jobs/1/bars-up/gauge', ['ball_load' => '480 kg'])->assertSessionHasNoErrors();
    $this->post('/jobs/1/bars-up/gauge', ['ball_load' => '560 kg', 'turned' => '2.5'])->assertSessionHasNoErrors();
    $this->post('/jobs/1/bars-up/gauge', ['ball_load' => '540 kg', 'turned' => '-0.5'])->assertSessionHasNoErrors();

    expect(
        Round::query()
            ->where('stance', 'carried')
            ->orderBy('number')
            ->get()
            ->map(fn (Round $round): float => (float) $round->setting['turn'])
            ->all(),
    )
        ->toBe([8.0, 10.5, 10.0])
        ->and(Measure::query()->orderBy('id')->pluck('round')->all())
        ->toBe([1, 2, 3]);
});

it('reads a gauge where nobody counts turns: the latest reading counts', function (): void {
    $this->post('/jobs/1/dropped/gauge', ['ball_load' => '340 kg']);
    $this->post('/jobs/1/bars-up/gauge', ['ball_load' => '420 kg']);
    $this->post('/jobs/1/bars-up/gauge', ['ball_load' => '650 kg', 'turned' => '4'])->assertSessionHasNoErrors();

    expect(Measure::query()->orderBy('id')->pluck('round')->all())->toBe([1, 1, 2]);
    $this->get('/jobs/1/bars-up')->assertSee('Front axle load restored: 7')->assertSee('The gauge is at its target');
});

it('asks about a gauge that reads less loaded than unloaded', function (): void {
    $this->post('/jobs/1/dropped/gauge', ['ball_load' => '400 kg']);
    $this->post('/jobs/1/bars-up/gauge', ['ball_load' => '360 kg'])->assertSessionHasNoErrors();

    $this->get('/jobs/1/bars-up')->assertSee(
        'The gauge reads less with the bars on, 794 lb, than with them off, 882 lb.',
    );
});

it('keeps what does not read, says what was expected, and saves nothing', function (array $typed, string $field): void {
    $this->post('/jobs/1/bars-up/gauge', $typed)->assertSessionHasErrors($field, null, 'gauge');
    $this->get('/jobs/1/bars-up')
        ->assertSee('value="'.e($typed[$field]).'"', false)
        ->assertSee('xpected');

    expect(Measure::query()->count())
        ->toBe(0)
        ->and(Round::query()->count())
        ->toBe(0);
})->with([
    [['ball_load' => 'heavy'], 'ball_load'],
    [['ball_load' => '9000 kg'], 'ball_load'],
    [['ball_load' => '500 kg', 'turned' => 'twice'], 'turned'],
    [['ball_load' => '500 kg', 'turned' => '400'], 'turned'],
]);

it('says the order: grease, jack away, then turn, and no hook-up minutes', function (): void {
    $this->get('/jobs/1/bars-up')
        ->assertSeeInOrder([
            'Grease the screw.',
            'Raise the jack clear of the ground.',
            'Turn, and watch the gauge.',
            'No new hook-up: about a minute.',
        ])
        ->assertDontSee('six or thirty');
});

it('reaches a new load on the same hitch in three taps from the yard, with its new target', function (): void {
    $this->get('/')->assertSee('href="'.route('new-loads').'"', false);
    $this->get('/new-load')
        ->assertSee('href="'.route('new-load', 1).'"', false)
        ->assertSee('Hitch of Kite museum');
    $same = (string) $this->get('/new-load/1')->assertOk()->getContent();
    $lighter = (string) $this->postJson('/new-load/1/preview', [
        'vehicle' => '1',
        'trailer' => '1',
        'tongue_weight_kg' => '260 kg',
    ])
        ->assertOk()
        ->json('parts.new-load');

    expect(($this->shown)($same))
        ->toEqualWithDelta(($this->ballLoad)(340.0, 0.75), 3.0)
        ->and(($this->shown)($lighter))
        ->toEqualWithDelta(($this->ballLoad)(260.0, 0.75), 3.0)
        ->and(Trailer::query()->sole()->sheet['tongue_weight_kg'])
        ->toEqual(340);

    $this->post('/new-load/1', ['vehicle' => '1', 'trailer' => '1', 'tongue_weight_kg' => '260 kg'])->assertRedirect(
        '/jobs/2/brief',
    );
    expect(Job::query()->count())
        ->toBe(2)
        ->and(Trailer::query()->sole()->sheet['tongue_weight_kg'])
        ->toEqual(260)
        ->and(Hitch::query()->count())
        ->toBe(1);
});

it('works the target out for another vehicle and trailer, and says how the head goes back together', function (): void {
    $this->post('/garage/vehicle/new', [
        'name' => 'Wayfare',
        'body' => 'SUV or van',
        'wheelbase_mm' => '2985 mm',
        'overhang_mm' => '1245 mm',
        'front_suspension' => 'coil',
        'rear_suspension' => 'coil',
        'receiver_height_mm' => '420 mm',
    ])->assertSessionHasNoErrors();
    $this->post('/garage/trailer/new', [
        'name' => 'Seed library',
        'body' => 'caravan',
        'axles' => '1',
        'ball_to_axle_mm' => '4280 mm',
        'gross_weight_kg' => '1725 kg',
        'tongue_weight_kg' => '222 kg',
        'coupler_height_mm' => '455 mm',
    ])->assertSessionHasNoErrors();
    $this->post('/garage/hitch/1', [
        'name' => 'Gauge head',
        'shank_drop_mm' => '30 mm',
        'shank_rise_mm' => '10 mm',
        'head_hole_mm' => '32 mm',
        'head_holes' => '6',
    ])->assertSessionHasNoErrors();
    $page = (string) $this->postJson('/new-load/1/preview', [
        'vehicle' => '2',
        'trailer' => '2',
        'tongue_weight_kg' => '',
    ])
        ->assertOk()
        ->json('parts.new-load');

    expect(($this->shown)($page))
        ->toEqualWithDelta(222.0 * (1.0 + (0.75 * 1245.0 * (4280.0 - 710.0)) / (710.0 * (4280.0 + 1245.0))), 3.0)
        ->and($page)
        ->toMatch('/Bolt the head in (rise|drop), hole \d, \d hole|no hole|one hole/')
        ->toContain('the ball then stands');
});

it('refuses a pair that is none, and keeps what was typed', function (array $typed, string $field): void {
    $this->post('/new-load/1', [
        'vehicle' => '1',
        'trailer' => '1',
        'tongue_weight_kg' => '260 kg',
        ...$typed,
    ])->assertSessionHasErrors($field);
    expect(Job::query()->count())
        ->toBe(1)
        ->and(Trailer::query()->sole()->sheet['tongue_weight_kg'])
        ->toEqual(340);
})->with([
    [['vehicle' => '99'], 'vehicle'],
    [['trailer' => 'x'], 'trailer'],
    [['tongue_weight_kg' => 'heavy'], 'tongue_weight_kg'],
    [['tongue_weight_kg' => '2 kg'], 'tongue_weight_kg'],
    [['tongue_weight_kg' => '2900 kg'], 'tongue_weight_kg'],
]);

it('asks for the maker\'s figure anew under another load, and keeps it for the one that it was given for', function (): void {
    $this->post('/jobs/1/brief/facts/hitch/maker_ball_load_kg', ['maker_ball_load_kg' => '1500']);
    $this->get('/jobs/1/brief')->assertSee('The figure of the hitch maker, which governs')->assertDontSee('asked anew');
    Job::query()->whereKey(1)->update(['handed_over_at' => now()]);

    $lighter = (string) $this->postJson('/new-load/1/preview', [
        'vehicle' => '1',
        'trailer' => '1',
        'tongue_weight_kg' => '260 kg',
    ])->json('parts.new-load');
    expect(($this->shown)($lighter))
        ->toEqualWithDelta(($this->ballLoad)(260.0, 0.75), 3.0)
        ->and($lighter)
        ->toContain('was given for another vehicle, trailer or load');
    $this->post('/new-load/1', ['vehicle' => '1', 'trailer' => '1', 'tongue_weight_kg' => '260 kg']);
    $page = (string) $this->get('/jobs/2/brief')
        ->assertSee('The maker&#039;s figure, 1500 lb, was given for another vehicle', false)
        ->assertDontSee('which governs')
        ->getContent();
    expect(($this->shown)($page))->toEqualWithDelta(($this->ballLoad)(260.0, 0.75), 3.0);
    $kept = fn (): ?Load => Job::query()->findOrFail(1)->rigAsWorked()->values(RigPart::Hitch)->load('maker_ball_load_kg');
    expect($kept()?->pounds())->toEqualWithDelta(1500.0, 1e-6);

    $this->post('/jobs/2/brief/facts/hitch/maker_ball_load_kg', ['maker_ball_load_kg' => '1180']);
    $this->get('/jobs/2/brief')
        ->assertSee('which governs')
        ->assertDontSee('was given for another vehicle, trailer or load');
    expect($kept()?->pounds())->toEqualWithDelta(1500.0, 1e-6);
});

it('cautions about a maker\'s figure that restores more than full return', function (): void {
    $this->post('/jobs/1/brief/facts/hitch/maker_ball_load_kg', ['maker_ball_load_kg' => '900 kg']);
    $this->get('/jobs/1/brief')->assertSee('the front axle would carry more than alone');
});

it('gives an owner today\'s target for what the gauge shows with the bars off', function (): void {
    $this->post('/jobs/1/bars-up/rounds', ['steps' => ['turn' => 12]]);
    $this->post('/jobs/1/card/links');
    $link = App\Models\CardLink::query()->sole();
    $page = (string) $this->get($link->address().'&'.http_build_query(['gauge' => '600 lb']))
        ->assertOk()
        ->assertSee('The gauge today')
        ->getContent();
    preg_match('/<option value="600 lb" data-target="([\d,]+) lb" ?(selected)?/', $page, $found);
    preg_match('/data-todays-target>([\d,]+) lb/', $page, $said);

    expect(Load::ofPounds((float) str_replace(',', '', $found[1] ?? '0'))->kilograms())
        ->toEqualWithDelta(($this->ballLoad)(Load::ofPounds(600.0)->kilograms(), 0.75), 3.0)
        ->and($said[1] ?? '')
        ->toBe($found[1]);
});
