<?php

declare(strict_types=1);

/** @param  array<string, mixed>  $hitch */
function carded(object $test, array $hitch): App\Models\Job
{
    $job = $test->job();
    $worked = $job->rig_as_worked;
    $worked['trailer']['sheet'] = ['tongue_weight_kg' => 390, 'frame_height_mm' => 402, 'frame_depth_mm' => 127];
    $worked['hitch']['sheet'] = ['bar_rating_high_kg' => 500, ...$hitch];
    $job->update(['rig_as_worked' => $worked]);

    return $job;
}

beforeEach(function (): void {
    $this->actingAs($this->person('Ibby Marsh', '1 mm'));
    $this->card = fn (App\Models\Job $job): string => trim(
        (string) preg_replace(
            '/\s+/',
            ' ',
            strip_tags(
                str_replace('<', ' <', (string) $this->get("/jobs/{$job->id}/card")->assertOk()->getContent()),
            ),
        ),
    );
});

it('has the axle loads of a weighed rig in three stances, as the tickets say them', function (): void {
    $job = carded($this, ['family' => 'chain-snap-up']);
    $this->post("/jobs/{$job->id}/bars-up/rounds", ['steps' => ['link' => 4, 'washer' => 3, 'head' => 2]]);
    foreach (
        [
            'alone' => 'front 1500, rear 1150',
            'dropped' => 'front 1380, rear 1600, trailer 2360',
            'carried' => 'front 1450, rear 1480, trailer 2410',
        ] as $stance => $ticket
    ) {
        $this->post("/jobs/{$job->id}/weigh", ['stance' => $stance, 'ticket' => $ticket, 'step' => '10 kg']);
    }
    $card = ($this->card)($job);

    expect($card)
        ->toContain('Front axle, weighed 1500 kg 1380 kg 1450 kg')
        ->toContain('Rear axle, weighed 1150 kg 1600 kg 1480 kg')
        ->toContain('Trailer axles, weighed – 2360 kg 2410 kg')
        ->toContain('Tongue weight')
        ->toContain('Weighed 3 times, last on ')
        ->toContain('Head hole 3.')
        ->toContain('link 4, 3 washers on both sides');
    $this->post("/jobs/{$job->id}/card/links", ['units' => '1 mm', 'language' => 'en']);
    foreach (['a4', 'letter'] as $paper) {
        $pdf = (string) $this->get("/jobs/{$job->id}/card/{$paper}.pdf")->assertOk()->getContent();
        expect(preg_match_all('~/Type\s*/Page\b~', $pdf))->toBe(1);
    }
});

it('has the figures of a gauged rig, and none of a gauge that nobody read', function (): void {
    $job = carded($this, ['family' => 'screw-jack-gauge']);
    expect(($this->card)($job))->not->toContain('Gauge in the head');
    $this->post("/jobs/{$job->id}/dropped/measures", ['ball_load' => '390 kg']);
    $this->post("/jobs/{$job->id}/bars-up/rounds", ['steps' => ['turn' => 12, 'head' => 2]]);
    $this->post("/jobs/{$job->id}/bars-up/measures", ['ball_load' => '800 kg']);

    expect(($this->card)($job))->toContain('Bars off 390 kg, bars on 800 kg.')->toContain('it is to show');
});

it('has the brackets\' distance and the holes that show', function (): void {
    $job = carded($this, [
        'family' => 'friction-bracket', 'bracket_plate_mm' => 330, 'bracket_hole_mm' => 25, 'head_gap_mm' => 84.5,
    ]);

    expect(($this->card)($job))->toContain('behind the ball, the same on both sides.')->toContain('6 holes showing');
});
