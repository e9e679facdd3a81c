<?php

declare(strict_types=1);

use App\Models\CheckAnswer;

beforeEach(function (): void {
    $this->person('Ibby Marsh', '1 mm');
    $this->actingAs(App\Models\User::query()->sole());
    $this->work = $this->job();
    $this->describe = function (array $hitch): void {
        $worked = $this->work->rig_as_worked;
        $worked['trailer']['sheet'] = ['tongue_weight_kg' => 390, 'coupler_height_mm' => 480];
        $worked['hitch']['sheet'] = $hitch + ['bar_rating_high_kg' => 500, 'ball_height_mm' => 480];
        $this->work->update(['rig_as_worked' => $worked]);
    };
    $this->at = "/jobs/{$this->work->id}/sway-control";
});

it('asks for the family first', function (): void {
    $this->get($this->at)->assertOk()->assertSee('The family of the hitch is not known yet');
    $this->post("{$this->at}/checks", ['check' => 'tyres', 'answer' => 'yes'])->assertNotFound();
});

it('keeps what a look found, the latest counting, and lists what invites sway', function (): void {
    ($this->describe)(['family' => 'friction-bracket']);
    $this->get($this->at)
        ->assertOk()
        ->assertSee('Both bars lie flat on their brackets')
        ->assertSee('Not looked at yet')
        ->assertSee('If it sways on the road')
        ->assertSee('once carried is measured');
    $this->post("{$this->at}/checks", ['check' => 'faces', 'answer' => 'no'])->assertRedirect(
        "{$this->at}#check-faces",
    );
    $this->get($this->at)->assertSee('found otherwise at the look')->assertSee('Wipe them with a dry cloth');
    foreach (['faces', 'flat', 'wear', 'tyres', 'tail'] as $check) {
        $this->post("{$this->at}/checks", ['check' => $check, 'answer' => 'yes']);
    }
    $this->get($this->at)
        ->assertDontSee('found otherwise')
        ->assertDontSee('Not looked at yet')
        ->assertSee('Nothing found')
        ->assertSee('no safe speed can be given');

    expect(CheckAnswer::query()->count())->toBe(6);
    $this->post("{$this->at}/checks", ['check' => 'warp drive', 'answer' => 'yes'])->assertNotFound();
    $this->post("{$this->at}/checks", ['check' => 'flat', 'answer' => 'perhaps'])->assertStatus(422);
});

it('computes what the carried rig tells', function (): void {
    ($this->describe)(['family' => 'cam-bar', 'crown_mm' => 690, 'cam_mm' => 660, 'socket_mm' => 130]);
    foreach (['alone' => ['950 mm', '985 mm'], 'dropped' => ['965 mm', '930 mm']] as $station => [$front, $rear]) {
        $this->tape($this->work, $station, ['front' => $front, 'rear' => $rear], ['rolled' => '1']);
    }
    $this->post("/jobs/{$this->work->id}/bars-up/rounds", ['steps' => ['link' => 2, 'washer' => 3, 'head' => 2]]);
    $this->tape($this->work, 'bars-up', ['front' => '962 mm', 'rear' => '935 mm'], ['rolled' => '1']);

    $this->get($this->at)
        ->assertSee('Front axle light')
        ->assertSee('More tension: the next move says how much')
        ->assertSee('Cams off the bars', false)
        ->assertSee('30 mm too far forward')
        ->assertSee('Move both cam brackets 30 mm away from the ball')
        ->assertSeeInOrder(['Bars slide, in a turn of 30°', '65 mm']);
});

it('counts threads left and right, and refuses what is no count', function (): void {
    ($this->describe)(['family' => 'tension-chain']);
    $this->post("{$this->at}/checks", [
        'check' => 'threads',
        'left' => '9',
        'right' => '11',
    ])->assertSessionHasNoErrors();
    $this->get($this->at)->assertSee('Left 9, right 11: turn the left side up by 2');
    $this->post("{$this->at}/checks", ['check' => 'plate', 'answer' => 'no']);
    $this->get($this->at)->assertSee('ease the vehicle round to bring it back');
    $this->post("{$this->at}/checks", [
        'check' => 'threads',
        'left' => 'some',
        'right' => '11',
    ])->assertSessionHasErrorsIn('checks', 'counted');
    $this->post("{$this->at}/checks", ['check' => 'threads', 'left' => '11', 'right' => '11']);

    expect(CheckAnswer::query()->latest('id')->first()->counted)
        ->toBe('11/11')
        ->and(CheckAnswer::query()->count())
        ->toBe(3);
});

it('holds a set-up against the rig\'s earlier ones, and says what is worse', function (): void {
    ($this->describe)(['family' => 'friction-bracket', 'friction' => 0.3]);
    $read = function (string $front, string $rear): void {
        foreach (
            ['alone' => ['950 mm', '985 mm'], 'dropped' => ['965 mm', '930 mm'], 'bars-up' => [$front, $rear]] as $station => [$atFront, $atRear]
        ) {
            if ($station === 'bars-up') {
                $this->post("/jobs/{$this->work->id}/bars-up/rounds", [
                    'steps' => ['hole' => 3, 'washer' => 3, 'head' => 2],
                ]);
            }
            $this->tape($this->work, $station, ['front' => $atFront, 'rear' => $atRear], ['rolled' => '1']);
        }
    };
    $read('953 mm', '950 mm');
    $this->post("/jobs/{$this->work->id}/hand-over/close");
    $this->work = App\Models\Job::query()->create([
        'rig_id' => $this->work->rig_id,
        'title' => 'Next season',
        'booked_on' => today(),
        'rig_as_worked' => $this->work->rig_as_worked,
    ]);
    $read('961 mm', '936 mm');

    $this->get("/jobs/{$this->work->id}/sway-control")
        ->assertSee('Against A dome')
        ->assertSee('The front axle is lighter')
        ->assertSee('The bars rub less')
        ->assertSee('Friction about the ball');
});
