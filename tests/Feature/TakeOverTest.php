<?php

declare(strict_types=1);

use App\Models\Job;
use Yoke\Mechanics\Statics\Bars;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\TowedTrailer;
use Yoke\Mechanics\Statics\TowVehicle;

/** A rig as it truly is: the ball 40 mm under the coupler, the bars so tight that the front is heavier than alone. */
function foundRig(float $ball): CoupledRig
{
    return new CoupledRig(
        new TowVehicle(3700.0, 1300.0, 12.5, 9.5),
        new TowedTrailer(5200.0, 2700.0, 340.0, 500.0, [['offset' => 0.0, 'rate' => 42.0]]),
        new Bars(2, 5.6, 710.0, $ball),
    );
}

beforeEach(function (): void {
    $this->actingAs($this->person('Wren Tallow', '1 mm'));
    $this->post('/jobs', [
        'title' => 'Bell tower',
        'family' => 'chain-snap-up',
        'bar_rating_high_kg' => '480 kg',
        'wheelbase' => '3700 mm',
        'overhang' => '1300 mm',
        'ball_to_axle' => '5200 mm',
        'gross_weight' => '2700 kg',
        'tongue_weight_kg' => '340 kg',
        'bar_arm' => '710 mm',
        'arrived_coupled' => '1',
    ])->assertRedirect('/jobs/1/take-over');
    $this->work = Job::query()->sole();
    $this->post('/garage/vehicle/1', ['name' => 'V', 'receiver_height_mm' => '470 mm']);
    $this->post('/garage/hitch/1', [
        'name' => 'H',
        'shank_drop_mm' => '20 mm',
        'shank_rise_mm' => '10 mm',
        'head_hole_mm' => '32 mm',
        'head_holes' => '5',
        'pitch_mm' => '28 mm',
    ]);
});

it('asks in reverse order, and says what comes next', function (): void {
    $this->get('/jobs/1/take-over')
        ->assertOk()
        ->assertSeeInOrder([
            'Count the setting as it is',
            'Tape the fenders as it stands: front first',
            'Read the nose of the trailer',
            'Take the tension off',
            'Uncouple and tape the vehicle alone',
            'Level the trailer on its jack',
            'Tape the ball as it stands',
        ])
        ->assertSee('The moves follow from these measurements');
    $this->get('/jobs/1')->assertRedirect('/jobs/1/bars-up');
    expect($this->tape($this->work, 'bars-up', ['front' => '941 mm', 'rear' => '955 mm'])->json('next'))
        ->toEndWith('/jobs/1/dropped')
        ->and($this->tape($this->work, 'dropped', ['front' => '976 mm', 'rear' => '927 mm'])->json('next'))
        ->toEndWith('/jobs/1/alone')
        ->and($this->tape($this->work, 'alone', ['front' => '951 mm', 'rear' => '987 mm'])->json('next'))
        ->toEndWith('/jobs/1/take-over');
    $this->get('/jobs/1/bars-up')->assertSee('Guide: take over a rig');
});

it('ends in two moves, head first, whose expected result the true rig keeps', function (): void {
    $found = foundRig(-60.0);
    $tension = $found->tensionFor(1.12);
    $this->post('/jobs/1/bars-up/rounds', [
        'steps' => ['link' => 6, 'washer' => 3, 'head' => 2],
    ])->assertSessionHasNoErrors();
    foreach (
        ['bars-up' => $found->carried($tension), 'dropped' => $found->dropped(), 'alone' => null] as $station => $stance
    ) {
        $this->tape(
            $this->work,
            $station,
            [
                'front' => round(950.0 + ($stance?->frontRise()->millimetres() ?? 0.0)).' mm',
                'rear' => round(985.0 + ($stance?->rearRise()->millimetres() ?? 0.0)).' mm',
            ],
            ['rolled' => '1'],
        )->assertOk();
    }
    $this->post('/jobs/1/bars-up/measures', [
        'coupler' => round(480.0 + $found->carried($tension)->ballRise()->millimetres()).' mm',
    ]);
    $this->post('/jobs/1/take-over/facts/trailer/coupler_height_mm', ['coupler_height_mm' => '480 mm'])->assertRedirect(
        '/jobs/1/take-over',
    );
    $this->post('/jobs/1/take-over/facts/hitch/ball_height_mm', [
        'ball_height_mm' => '420 mm',
    ])->assertSessionHasNoErrors();
    $page = (string) $this->get('/jobs/1/take-over')->assertSee('too low')->getContent();

    preg_match('/data-head>(.*?)<\/p>/s', $page, $head);
    preg_match('/<li>Go (\d+(?: 1\/2)?|half a) links? (tighter|looser)\.<\/li>/', $page, $move);
    preg_match('/data-figure="move">[^<]*to link ([\d.]+)/', $page, $link);
    preg_match(
        '/class="expected">Expect (\d+) % ± (\d+) restored, the trailer ([\d.]+)° ± [\d.]+ nose-(up|down)/',
        $page,
        $expected,
    );
    preg_match('/Bolt the head (in (?:drop|rise), hole \d)/', $head[1] ?? '', $place);
    expect($place)
        ->not->toBe([])
        ->and($move[2] ?? '')
        ->toBe('looser')
        ->and($expected)
        ->not->toBe([])
        ->and($link)
        ->not->toBe([]);

    // Made on the true rig: the ball at the hole that is named, the chain at the link that is named.
    preg_match('/in (drop|rise), hole (\d)/', $place[1], $hole);
    $ball =
        470.0 +
        ($hole[1] === 'rise' ? 10.0 + 32.0 * ((int) $hole[2] - 1) : -(20.0 + 32.0 * ((int) $hole[2] - 1))) -
        480.0;
    $then = foundRig($ball)->carried($tension + 28.0 * ((float) $link[1] - 6.0));
    expect(abs(100.0 * $then->frontRestored() - (float) $expected[1]))
        ->toBeLessThan(2.5 * (float) $expected[2])
        ->and($then->frontRestored())
        ->toBeGreaterThan(0.45)
        ->toBeLessThan(1.0)
        ->and(abs($then->trailerPitchAngle()->degrees() - ($expected[4] === 'up' ? 1 : -1) * (float) $expected[3]))
        ->toBeLessThan(0.35)
        ->and(abs($then->trailerPitchAngle()->degrees()))
        ->toBeLessThan(
            abs(
                foundRig(-60.0)
                    ->carried($tension)
                    ->trailerPitchAngle()
                    ->degrees(),
            ),
        );
});

it(
    'turns the shank over where no hole on its side reaches, names what is in the way, and records the compromise',
    function (): void {
        $this->post('/garage/vehicle/1', ['name' => 'V', 'receiver_height_mm' => '470 mm', 'tailgate_mm' => '520 mm']);
        $this->post('/garage/trailer/1', ['name' => 'T', 'coupler_height_mm' => '520 mm']);
        $this->post('/garage/hitch/1', ['name' => 'H', 'ball_height_mm' => '418 mm']);
        $this->post('/jobs/1/bars-up/rounds', ['steps' => ['link' => 6, 'washer' => 3, 'head' => 2]]);
        foreach (
            ['bars-up' => ['952 mm', '950 mm'], 'dropped' => ['976 mm', '927 mm'], 'alone' => ['951 mm', '987 mm']] as $station => [$front, $rear]
        ) {
            $this->tape($this->work, $station, ['front' => $front, 'rear' => $rear], ['rolled' => '1']);
        }
        $this->get('/jobs/1/take-over')
            ->assertSee('too low')
            ->assertSee('Bolt the head in rise')
            ->assertSee('Turn the shank over.')
            ->assertSee('The open tailgate meets the head');
        $this->post('/jobs/1/head-place', [
            'place' => 'rise-1',
            'because' => 'tailgate opens only uncoupled, owner agrees',
        ])->assertSessionHasNoErrors();
        expect($this->work->refresh()->head_place['because'])->toBe('tailgate opens only uncoupled, owner agrees');
    },
);

it('says so where the ball is right, and gives the move of tension alone', function (): void {
    $this->post('/garage/trailer/1', ['name' => 'T', 'coupler_height_mm' => '440 mm']);
    $advised = app()
        ->make(App\UseCases\Analysis\JobAnalyses::class)
        ->of(Job::query()->sole())
        ->plan()
        ->ballPlanned()->millimetres();
    $this->post('/garage/hitch/1', ['name' => 'H', 'ball_height_mm' => round(440.0 + $advised).' mm']);
    $this->post('/jobs/1/bars-up/rounds', ['steps' => ['link' => 4, 'washer' => 3, 'head' => 2]]);
    foreach (
        ['bars-up' => ['970 mm', '935 mm'], 'dropped' => ['976 mm', '927 mm'], 'alone' => ['951 mm', '987 mm']] as $station => [$front, $rear]
    ) {
        $this->tape($this->work, $station, ['front' => $front, 'rear' => $rear], ['rolled' => '1']);
    }
    $this->get('/jobs/1/take-over')
        ->assertSee('The ball stands where it should, within a tape.')
        ->assertDontSee('Turn the shank over');
});

it('counts holes where nobody measured the shank, and says where they do not reach', function (
    string $ball,
    array $says,
): void {
    $this->post('/garage/hitch/1', [
        'name' => 'H',
        'shank_drop_mm' => '',
        'shank_rise_mm' => '',
        'ball_height_mm' => $ball,
    ]);
    $this->post('/garage/trailer/1', ['name' => 'T', 'coupler_height_mm' => '480 mm']);
    $this->post('/jobs/1/bars-up/rounds', ['steps' => ['link' => 4, 'washer' => 3, 'head' => 2]]);
    foreach (
        ['bars-up' => ['941 mm', '955 mm'], 'dropped' => ['976 mm', '927 mm'], 'alone' => ['951 mm', '987 mm']] as $station => [$front, $rear]
    ) {
        $this->tape($this->work, $station, ['front' => $front, 'rear' => $rear], ['rolled' => '1']);
    }
    $page = $this->get('/jobs/1/take-over')->assertSee('likely to be in range');
    foreach ($says as $said) {
        $page->assertSee($said);
    }
})->with([
    'two holes' => ['400 mm', ['Raise the head 2 holes.']],
    'beyond its holes' => ['330 mm', ['Its holes do not reach', 'Turn the shank over, or take another shank.']],
]);

it('keeps a height that does not read, in the guide', function (): void {
    $this->post('/jobs/1/take-over/facts/hitch/ball_height_mm', ['ball_height_mm' => 'high'])
        ->assertRedirect('/jobs/1/take-over')
        ->assertSessionHasErrors('ball_height_mm', null, 'fact');
    $this->get('/jobs/1/take-over')->assertSee('value="high"', false)->assertSee('does not read as a length');
});
