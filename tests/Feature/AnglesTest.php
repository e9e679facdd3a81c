<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Measure;
use App\UseCases\Analysis\JobAnalyses;

beforeEach(function (): void {
    $this->actingAs($this->person());
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
    $this->work = Job::query()->sole();
    $this->analysis = static function () {
        app()->forgetScopedInstances();

        return app()
            ->make(JobAnalyses::class)
            ->of(Job::query()->findOrFail(1))
            ->analysis();
    };
    $this->read = fn (string $station, array $typed) => $this->post(
        "/jobs/1/{$station}/measures",
        $typed,
    )->assertSessionHasNoErrors();
});

it('takes the angle of the vehicle in every stance, and of the trailer once it is coupled', function (): void {
    $this->get('/jobs/1/alone')->assertSee('Vehicle, degrees nose-up')->assertDontSee('Trailer, degrees nose-up');
    $this->get('/jobs/1/bars-up')->assertSee('Vehicle, degrees nose-up')->assertSee('Trailer, degrees nose-up');
    ($this->read)('alone', ['vehicle_angle' => '-0.4']);
    ($this->read)('dropped', ['vehicle_angle' => '0.5', 'trailer_angle' => '-0.8']);
    $this->post('/jobs/1/dropped/measures', ['vehicle_angle' => '40'])->assertSessionHasErrors(
        'vehicle_angle',
        null,
        'measures',
    );

    expect(Measure::query()->pluck('value')->all())->toBe([-0.4, 0.5, -0.8]);
});

it('says the rake of each stance in one line, by tape and by level', function (): void {
    $this->tape($this->work, 'alone', ['front' => '37 1/2', 'rear' => '39'], ['rolled' => '1']);
    $this->get('/jobs/1/bars-up')->assertDontSee('Rake, rear over front');
    ($this->read)('alone', ['vehicle_angle' => '-0.4']);
    $this->tape($this->work, 'dropped', ['front' => '38 1/2', 'rear' => '36 3/4'], ['rolled' => '1']);
    $this->tape($this->work, 'bars-up', ['front' => '37 3/4', 'rear' => '37 1/2'], ['rolled' => '1']);

    $this->get('/jobs/1/bars-up')->assertSee(
        'Rake, rear over front: alone +1 1/2 in, +0.4°; dropped −1 3/4 in; carried −1/4 in.',
    );
});

it(
    'reads load from a level alone, in its own doubt, and says nothing of one that was not read alone',
    function (): void {
        $rig = ($this->analysis)()->posterior()->rig();
        $tension = $rig->tensionFor(0.3);
        $turn = fn ($attitude): string => sprintf(
            '%.2f',
            rad2deg(($attitude->frontRise()->millimetres() - $attitude->rearRise()->millimetres()) / 3700.0) - 0.4,
        );
        ($this->read)('dropped', ['vehicle_angle' => $turn($rig->dropped())]);
        ($this->read)('bars-up', ['vehicle_angle' => $turn($rig->carried($tension))]);
        expect(($this->analysis)()->evidence())->toBe([]);
        $before = ($this->analysis)()->verdict()->share;
        ($this->read)('alone', ['vehicle_angle' => '-0.4']);
        $after = ($this->analysis)()->verdict()->share;

        expect($after->deviation())
            ->toBeLessThan($before->deviation())
            ->and(abs($after->mean() - 0.3))
            ->toBeLessThan(1.5 * $after->deviation())
            ->and($after->mean())
            ->toBeLessThan($before->mean());
    },
);
