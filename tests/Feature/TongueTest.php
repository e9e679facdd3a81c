<?php

declare(strict_types=1);

use App\Models\TongueWeighing;

beforeEach(function (): void {
    $this->person('Ibby Marsh', '1 mm');
    $this->actingAs(App\Models\User::query()->sole());
    $this->work = $this->job();
    $worked = $this->work->rig_as_worked;
    $worked['trailer']['sheet'] = [
        'tongue_weight_by' => 'estimate',
        'coupler_height_mm' => 480,
        'cg_above_axle_mm' => 800,
    ];
    $worked['hitch']['sheet'] = ['family' => 'chain-snap-up', 'bar_rating_high_kg' => 500, 'ball_height_mm' => 500];
    $this->work->update(['rig_as_worked' => $worked]);
    $this->read = fn (array $typed) => $this->post("/jobs/{$this->work->id}/tongue", $typed);
});

it('teaches first, then tells the tongue weight level and in use, and draws the curve', function (): void {
    $this->get("/jobs/{$this->work->id}/tongue")
        ->assertOk()
        ->assertSee('One reading tells the tongue weight')
        ->assertDontSee('class="height-curve"', false);
    ($this->read)([
        'way' => 'tongue_scale',
        'read' => '400 kg',
        'hitch_height' => '',
        'behind_ball' => '',
    ])->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->work->id}/tongue")
        ->assertSee('class="height-curve"', false)
        ->assertSeeInOrder([
            'Trailer level',
            '400 kg ± 8 kg',
            '12.9 % of gross',
            'as usual',
            'With the hitch 100 mm higher the tongue weighs −10 kg ± ',
            'another height would tell more',
        ]);
    ($this->read)(['way' => 'tongue_scale', 'read' => '375 kg', 'hitch_height' => '730 mm']);

    $this->get("/jobs/{$this->work->id}/tongue")
        ->assertSee('Centre of gravity: about')
        ->assertSee('375 kg ± 8 kg')
        ->assertSee('at 730 mm');
});

it('weighs by lever with its ratio and doubt, and by a share of gross', function (): void {
    ($this->read)([
        'way' => 'lever',
        'read' => '131 kg',
        'arm_scale' => '900 mm',
        'arm_tongue' => '300 mm',
    ])->assertSessionHasNoErrors();
    ($this->read)(['way' => 'share', 'read' => '12.5'])->assertSessionHasNoErrors();

    $this->get("/jobs/{$this->work->id}/tongue")
        ->assertSee('lever 3.00 to 1, ± 1.1 %')
        ->assertSee('393 kg ± 20 kg')
        ->assertSee('388 kg ± 47 kg');
});

it('refuses in words, keeps what was typed', function (array $typed, string $field, string $says): void {
    ($this->read)($typed)->assertSessionHasErrors($field);
    expect(session('errors')->first($field))
        ->toContain($says)
        ->and(TongueWeighing::query()->count())
        ->toBe(0);
    $this->get("/jobs/{$this->work->id}/tongue")
        ->assertSee($says)
        ->assertSee($typed['read'], false);
})->with([
    'a zero arm' => [
        ['way' => 'lever', 'read' => '131 kg', 'arm_scale' => '900 mm', 'arm_tongue' => '0'],
        'arm_tongue',
        'above 0',
    ],
    'no arms' => [['way' => 'lever', 'read' => '131 kg'], 'arm_scale', 'xpected'],
    'prose' => [['way' => 'gauge', 'read' => 'heavy'], 'read', 'xpected'],
    'nothing' => [['way' => 'gauge', 'read' => '0'], 'read', 'above 0'],
    'more than the trailer' => [
        ['way' => 'lever', 'read' => '900 kg', 'arm_scale' => '900 mm', 'arm_tongue' => '150 mm'],
        'read',
        'below the gross trailer weight',
    ],
    'a share over all' => [['way' => 'share', 'read' => '112'], 'read', 'in percent'],
    'a way of its own' => [['way' => 'guess', 'read' => '200'], 'way', 'Expected one of the ways'],
    'a scale behind the axles' => [
        ['way' => 'bathroom_scale', 'read' => '200', 'behind_ball' => '6 m'],
        'behind_ball',
        'xpected',
    ],
    'a coupler in the clouds' => [
        ['way' => 'bathroom_scale', 'read' => '200', 'hitch_height' => '1900 mm'],
        'hitch_height',
        'between 100 and 1500 mm',
    ],
]);

it('joins the fit, until it is taken back', function (): void {
    foreach (['alone' => ['950 mm', '985 mm'], 'dropped' => ['961 mm', '930 mm']] as $station => [$front, $rear]) {
        $this->tape($this->work, $station, ['front' => $front, 'rear' => $rear], ['rolled' => '1']);
    }
    $tongue = function (): array {
        preg_match(
            '/Tongue weight<\/th><td[^>]*>(\d+) kg ± (\d+) kg/',
            (string) $this->get("/jobs/{$this->work->id}/dropped?show=rig")->getContent(),
            $found,
        );

        return [(int) $found[1], (int) $found[2]];
    };
    $before = $tongue();
    ($this->read)(['way' => 'tongue_scale', 'read' => '430 kg']);
    expect($tongue()[1])->toBeLessThanOrEqual(10)->and($tongue()[0])->toBeBetween(418, 434);
    $this->post("/jobs/{$this->work->id}/tongue/1/withdraw");

    expect($tongue())
        ->toBe($before)
        ->and(TongueWeighing::query()->sole()->typed['read'])
        ->toBe('430 kg');
});

it('shows what two tickets make of it beside the scales', function (): void {
    foreach (
        ['alone' => 'front 1460, rear 1190', 'dropped' => 'front 1320, rear 1720, trailer 2710'] as $stance => $ticket
    ) {
        $this->post("/jobs/{$this->work->id}/weigh", ['stance' => $stance, 'ticket' => $ticket, 'step' => '10 kg']);
    }
    ($this->read)(['way' => 'gauge', 'read' => '398 kg', 'behind_ball' => '0']);

    $this->get("/jobs/{$this->work->id}/tongue")
        ->assertSeeInOrder([
            'By two tickets, level',
            '38',
            'kg ± ',
            'Trailer level',
            '398 kg ± 12 kg',
            'At the height in use, coupler at',
            'as planned',
        ])
        ->assertSee('Gauge in the head')
        ->assertSee('Delete');
});
