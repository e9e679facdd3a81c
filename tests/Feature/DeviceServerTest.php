<?php

declare(strict_types=1);

use App\Devices\DeviceServer;
use App\Devices\DeviceTalk;
use App\Devices\SimulatedYard;

beforeEach(function (): void {
    $this->person('Ibby Marsh', '1 mm');
    $this->work = $this->job();
    $worked = $this->work->rig_as_worked;
    $worked['hitch']['sheet'] = ['family' => 'chain-snap-up'];
    $this->work->update(['rig_as_worked' => $worked]);
    $this->port = 20_000 + random_int(0, 9999);
    $this->server = new DeviceServer(
        new DeviceTalk(new SimulatedYard(), static fn (): float => hrtime(true) / 1e9),
        '127.0.0.1',
        $this->port,
    );
    $this->call = function (string ...$lines) {
        $line = stream_socket_client("tcp://127.0.0.1:{$this->port}", timeout: 2.0);
        stream_set_blocking($line, false);
        foreach ($lines as $request) {
            fwrite($line, $request);
        }

        return $line;
    };
    $this->serveFor = function (float $seconds): void {
        $until = microtime(true) + $seconds;
        $this->server->serve(static fn (): bool => microtime(true) < $until);
    };
});

it('answers many lines at once, whole or in pieces, with either line end', function (): void {
    $whole = ($this->call)("stand {$this->work->id} dropped 1\nread height\r\n");
    $pieces = ($this->call)('sta', "nd {$this->work->id} alo", "ne 1\nread weigh", "bridge\n");
    $stranger = ($this->call)("GET / HTTP/1.1\n");
    ($this->serveFor)(0.6);

    expect((string) stream_get_contents($whole))
        ->toMatch('/^ok\nheight (moving|steady) front=\d+mm rear=\d+mm\n$/')
        ->and((string) stream_get_contents($pieces))
        ->toMatch('/^ok\nweighbridge moving front=\d+kg rear=\d+kg\n$/')
        ->and((string) stream_get_contents($stranger))
        ->toStartWith('error expected');
});

it('hangs up on a line without an end, and on one whose device is off, and goes on', function (): void {
    $endless = ($this->call)(str_repeat('x', 4000));
    $off = ($this->call)("trouble angle off\nstand {$this->work->id} dropped 1\nread angle\n");
    $sound = ($this->call)("stand {$this->work->id} dropped 1\nread gauge\n");
    ($this->serveFor)(0.6);

    expect((string) stream_get_contents($endless))
        ->toBe('')
        ->and(feof($endless))
        ->toBeTrue()
        ->and((string) stream_get_contents($off))
        ->toBe("ok\nok\n")
        ->and(feof($off))
        ->toBeTrue()
        ->and((string) stream_get_contents($sound))
        ->toStartWith("ok\ngauge ");
});

it('lets a slow device hold up no other', function (): void {
    $slow = ($this->call)("trouble gauge slow\nstand {$this->work->id} dropped 1\nread gauge\n");
    $quick = ($this->call)("stand {$this->work->id} dropped 1\nread height\n");
    ($this->serveFor)(0.5);

    expect((string) stream_get_contents($slow))
        ->toBe("ok\nok\n")
        ->and((string) stream_get_contents($quick))
        ->toContain("ok\nheight ");
});

it('says so where its address is taken', function (): void {
    new DeviceServer(new DeviceTalk(new SimulatedYard(), static fn (): float => 0.0), '127.0.0.1', $this->port);
})->throws(RuntimeException::class, 'cannot be served');
