<?php

declare(strict_types=1);

use App\Models\Job;
use Yoke\Foundation\Units\Length;
use Yoke\Workshop\Sway\CamCentring;

beforeEach(function (): void {
    $this->actingAs($this->person());
    $this->post('/jobs', [
        'title' => 'Kite museum',
        'family' => 'cam-bar',
        'bar_rating_high_kg' => '545 kg',
        'gross_weight' => '2700 kg',
    ]);
});

it('works out from two lengths which way the cam brackets go, and draws it', function (
    string $crown,
    string $cam,
    string $says,
    string $picture,
): void {
    $this->get('/jobs/1/sway-control')
        ->assertSee('Cams under the crown')
        ->assertSee('Noise in tight turns is normal. Grease cams sparingly or not at all')
        ->assertDontSee('data-cams', false);
    $this->post('/jobs/1/sway-control/facts/hitch/crown_mm', ['crown_mm' => $crown, 'cam_mm' => $cam])
        ->assertRedirect('/jobs/1/sway-control')
        ->assertSessionHasNoErrors();

    $this->get('/jobs/1/sway-control')
        ->assertSee($says)
        ->assertSee($picture)
        ->assertSee('After a change of washers or of the head, centre the cams again');
})->with([
    'forward' => [
        '26 in',
        '24 1/2 in',
        'Move both cam brackets 1 1/2 in away from the ball',
        'The cam forward of the crown',
    ],
    'back' => ['26 in', '26 3/4 in', 'Move both cam brackets 3/4 in towards the ball', 'The cam behind the crown'],
    'within a tape' => ['26 in', '26 1/8 in', 'Centred.', 'The cam under the crown'],
]);

it('keeps a length that does not read, and says what was expected', function (): void {
    $this->post('/jobs/1/sway-control/facts/hitch/crown_mm', [
        'crown_mm' => '26 in',
        'cam_mm' => 'there',
    ])->assertSessionHasErrors('cam_mm', null, 'fact');
    $this->get('/jobs/1/sway-control')->assertSee('value="there"', false)->assertSee('does not read as a length');
});

it('has cams on their own family alone', function (): void {
    $this->post('/jobs', ['title' => 'Second', 'family' => 'friction-bracket']);
    $this->get('/jobs/2/sway-control')->assertOk()->assertDontSee('Cams under the crown');
});

it('centres the cams again after the head moved: in the procedure, and beside the move', function (): void {
    $this->post('/jobs/1/procedures/change-setting/take', ['step' => 'in-line']);
    $paper = (string) $this->get('/jobs/1/procedures/change-setting/paper')->assertOk()->getContent();
    expect(substr_count($paper, 'each cam sits under the crown of its bar'))->toBe(2);

    // Restored in full and nose-down by far: the head goes up, and the cams with it.
    $job = Job::query()->sole();
    $this->post('/garage/trailer/1', ['name' => 'T', 'coupler_height_mm' => '500 mm', 'frame_height_mm' => '430 mm']);
    $this->post('/garage/hitch/1', ['name' => 'H', 'ball_height_mm' => '430 mm']);
    $this->post('/jobs/1/bars-up/rounds', ['steps' => ['link' => 4, 'washer' => 3, 'head' => 1]]);
    foreach (
        ['alone' => ['951 mm', '987 mm'], 'dropped' => ['976 mm', '927 mm'], 'bars-up' => ['958 mm', '952 mm']] as $station => [$front, $rear]
    ) {
        $this->tape($job, $station, ['front' => $front, 'rear' => $rear], ['rolled' => '1']);
    }
    foreach (['alone', 'dropped'] as $again) {
        $this->post("/jobs/1/{$again}/rounds", ['again' => '1']);
        $this->tape(
            $job,
            $again,
            $again === 'alone' ? ['front' => '951 mm', 'rear' => '987 mm'] : ['front' => '976 mm', 'rear' => '927 mm'],
            ['rolled' => '1'],
        );
    }
    $page = (string) $this->get('/jobs/1/bars-up')->getContent();
    $move = preg_match('/data-figure="move">([^<]*)/', $page, $found) === 1 ? $found[1] : '';

    expect($move)
        ->toContain('raise the head')
        ->and($page)
        ->toContain('After a change of washers or of the head, centre the cams again');
});

it('slides and stands by plain trigonometry', function (float $crown, float $cam, float $move): void {
    expect(
        (new CamCentring(Length::ofMillimetres($crown), Length::ofMillimetres($cam)))->toMove()->millimetres(),
    )->toEqualWithDelta($move, 1e-9);
})->with([[660.0, 640.0, -20.0], [660.0, 680.0, 20.0]]);
