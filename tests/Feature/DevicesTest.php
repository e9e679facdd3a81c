<?php

declare(strict_types=1);

use App\Devices\DeviceTalk;
use App\Devices\Driver;
use App\Devices\LineDriver;
use App\Devices\SimulatedYard;
use App\Models\Job;
use App\Models\Simulation;
use Yoke\Measuring\Readings\Device\DeviceKind;
use Yoke\Measuring\Readings\Device\DeviceLine;
use Yoke\Measuring\Readings\Device\DeviceReading;
use Yoke\Measuring\Readings\Device\Exception\UnreadableDevice;
use Yoke\Rig\Parts\Stance;

beforeEach(function (): void {
    $this->person('Ibby Marsh', '1 mm');
    $this->actingAs(App\Models\User::query()->sole());
    $this->work = $this->job();
    $worked = $this->work->rig_as_worked;
    $worked['hitch']['sheet'] = ['family' => 'chain-snap-up', 'bar_rating_high_kg' => 500];
    $this->work->update(['rig_as_worked' => $worked]);
    $this->now = 100.0;
    $this->talk = new DeviceTalk(new SimulatedYard(), fn (): float => $this->now);
    $this->rigStands = null;
    $this->say = fn (string $line): ?string => $this->talk->answer($line, $this->rigStands);
});

/** A device that answers a line, or fails. */
function deviceSaying(string|UnreadableDevice $line): Driver
{
    return new class($line) implements Driver
    {
        public function __construct(private string|UnreadableDevice $line)
        {
        }

        public function read(DeviceKind $kind, Job $job, Stance $stance): DeviceReading
        {
            return is_string($this->line) ? DeviceLine::read($kind, $this->line) : throw $this->line;
        }

        public function isThere(): bool
        {
            return is_string($this->line);
        }
    };
}

it(
    'answers for the rig that stands there: settling first, then steady, other weights at another setting',
    function (): void {
        $this->post("/jobs/{$this->work->id}/bars-up/rounds", ['steps' => ['link' => 3, 'washer' => 3, 'head' => 2]]);
        $weigh = function (string $stands): array {
            expect(($this->say)("stand {$stands}"))->toBe('ok');
            $this->now += 5.0;

            return DeviceLine::read(DeviceKind::Weighbridge, (string) ($this->say)('read weighbridge'))->values;
        };
        expect(($this->say)('read weighbridge'))
            ->toBe('error nothing stands here')
            ->and(($this->say)("stand {$this->work->id} dropped 1"))
            ->toBe('ok')
            ->and(($this->say)('read weighbridge'))
            ->toStartWith('weighbridge moving front=');
        $dropped = $weigh("{$this->work->id} dropped 1");
        $loose = $weigh("{$this->work->id} carried 1");
        $this->tape($this->work, 'bars-up', ['front' => '950 mm']);
        $this->post("/jobs/{$this->work->id}/bars-up/rounds", ['steps' => ['link' => 7, 'washer' => 3, 'head' => 2]]);
        $tight = $weigh("{$this->work->id} carried 2");

        expect($tight['front'])
            ->toBeGreaterThan($loose['front'])
            ->and($loose['front'])
            ->toBeGreaterThanOrEqual($dropped['front'])
            ->and(array_sum($tight))
            ->toEqualWithDelta(array_sum($dropped), 20.0)
            ->and(Simulation::query()->count())
            ->toBe(1);
    },
);

it('answers what it does not understand with what it expects', function (string $line, string $answer): void {
    expect(($this->say)($line))->toStartWith($answer);
})->with([
    ['', 'error expected read KIND'],
    ['hello', 'error expected'],
    ['read toaster', 'error expected'],
    ['read weighbridge', 'error nothing stands here'],
    ['stand 1 upside-down 1', 'error expected'],
    ['trouble gauge hiccups', 'error expected'],
    [str_repeat('x', 5000), 'error expected'],
]);

it('can be made to fail, device by device', function (): void {
    ($this->say)("stand {$this->work->id} dropped 1");
    $this->now += 9;
    foreach (['garbled', 'absurd', 'off', 'none'] as $trouble) {
        ($this->say)("trouble gauge {$trouble}");
        $answers[$trouble] = ($this->say)('read gauge');
    }
    ($this->say)('trouble gauge slow');

    expect($answers['off'])
        ->toBeNull()
        ->and($answers['none'])
        ->toStartWith('gauge steady ball=')
        ->and(fn () => DeviceLine::read(DeviceKind::BallLoadGauge, $answers['garbled']))
        ->toThrow(UnreadableDevice::class, 'device.garbled device=gauge')
        ->and(fn () => DeviceLine::read(DeviceKind::BallLoadGauge, $answers['absurd']))
        ->toThrow(UnreadableDevice::class, 'device.absurd device=gauge')
        ->and($this->talk->isSlow('read gauge'))
        ->toBeTrue()
        ->and($this->talk->isSlow('read angle'))
        ->toBeFalse();
});

it('knows no rig that nobody set, and no job that is not there', function (string $stands): void {
    ($this->say)(str_replace('JOB', (string) $this->work->id, $stands));
    expect(($this->say)('read height'))->toBe('error nobody said which setting is on');
})->with(['stand JOB carried 1', 'stand 999 alone 1']);

it('fills fields in the person\'s units once the display stands still', function (
    string $kind,
    string $line,
    array $fields,
): void {
    $this->app->instance(Driver::class, deviceSaying($line));
    $this->getJson("/jobs/{$this->work->id}/devices/{$kind}?stance=dropped")
        ->assertOk()
        ->assertJson(['state' => 'steady', 'fields' => $fields]);
    $this->app->instance(Driver::class, deviceSaying(str_replace('steady', 'moving', $line)));
    $moving = $this->getJson("/jobs/{$this->work->id}/devices/{$kind}?stance=dropped")->assertJson([
        'state' => 'moving',
        'fields' => [],
    ]);
    expect($moving->json('says'))->toContain('settling');
})->with([
    [
        'weighbridge',
        'weighbridge steady front=1320kg rear=1720kg trailer=2710kg',
        ['ticket' => "front 1320 kg\nrear 1720 kg\ntrailer 2710 kg"],
    ],
    ['gauge', 'gauge steady ball=402kg', ['ball_load' => '402 kg', 'way' => 'gauge']],
    ['tongue-scale', 'tongue-scale steady tongue=398kg', ['read' => '398 kg']],
    ['angle', 'angle steady vehicle=1.2deg trailer=-0.4deg', ['trailer_angle' => '-0.4']],
    ['height', 'height steady front=961mm rear=930mm', ['front' => '961 mm', 'rear' => '930 mm']],
]);

it('says in words what a device does wrong; typing stays possible', function (
    string|UnreadableDevice $does,
    string $says,
): void {
    $this->app->instance(Driver::class, deviceSaying($does));
    $answer = $this->getJson("/jobs/{$this->work->id}/devices/gauge?stance=dropped")->assertOk();
    expect($answer->json('state'))
        ->toBe('trouble')
        ->and($answer->json('says'))
        ->toContain($says)
        ->and($answer->json('fields'))
        ->toBe([]);
})->with([
    'off' => [fn () => UnreadableDevice::off(DeviceKind::BallLoadGauge), 'Is it switched on?'],
    'slow' => [fn () => UnreadableDevice::slow(DeviceKind::BallLoadGauge), 'takes too long'],
    'garbled' => ['%%%', 'not in words'],
    'absurd' => ['gauge steady ball=88888kg', 'cannot be'],
    'a refusal' => ['error nothing is on the ball', 'nothing is on the ball'],
]);

it('finds a device that is off by itself, within its patience', function (): void {
    $began = hrtime(true);
    expect(fn () => (new LineDriver('127.0.0.1', 1, 0.3))->read(DeviceKind::Weighbridge, $this->work, Stance::Alone))
        ->toThrow(UnreadableDevice::class, 'device.off device=weighbridge')
        ->and((hrtime(true) - $began) / 1e9)
        ->toBeLessThan(2.0);
    $this->getJson("/jobs/{$this->work->id}/devices/toaster?stance=alone")->assertNotFound();
    $this->getJson("/jobs/{$this->work->id}/devices/gauge?stance=flying")->assertNotFound();
});

it('takes an angle gauge\'s reading into the fit', function (): void {
    foreach (['alone' => ['950 mm', '985 mm'], 'dropped' => ['961 mm', '930 mm']] as $station => [$front, $rear]) {
        $this->tape($this->work, $station, ['front' => $front, 'rear' => $rear]);
    }
    $this->post("/jobs/{$this->work->id}/dropped/measures", ['trailer_angle' => '31'])->assertSessionHasErrorsIn(
        'measures',
        'trailer_angle',
    );
    $this->post("/jobs/{$this->work->id}/dropped/measures", ['trailer_angle' => '-0.6'])->assertSessionHasNoErrors();

    expect($this->work->refresh()->measures->sole()->value)->toBe(-0.6);
    $this->get("/jobs/{$this->work->id}/dropped")
        ->assertOk()
        ->assertSee('value="-0.6"', false);
});

it('lets two people read two rigs at once, each to the end of its settling', function (): void {
    $other = $this->job();
    $other->update(['rig_as_worked' => $this->work->rig_as_worked]);
    foreach ([0.0, 1.0, 2.0] as $seconds) {
        $this->now = 100.0 + $seconds;
        foreach ([$this->work->id, $other->id] as $job) {
            ($this->say)("stand {$job} dropped 1");
            $shown[$job] = (string) ($this->say)('read weighbridge');
        }
    }
    expect($shown)
        ->each->toStartWith('weighbridge steady')
        ->and($shown[$this->work->id])
        ->not->toBe($shown[$other->id]);
    $before = $shown[$other->id];
    $this->now += 60.0;
    ($this->say)("stand {$other->id} dropped 1");

    expect(($this->say)('read weighbridge'))->toStartWith('weighbridge moving')->not->toBe($before);
});
