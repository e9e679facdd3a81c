<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Job;
use Yoke\Measuring\Readings\Device\DeviceKind;
use Yoke\Measuring\Readings\Device\DeviceLine;
use Yoke\Measuring\Readings\Device\DeviceReading;
use Yoke\Measuring\Readings\Device\Exception\UnreadableDevice;
use Yoke\Rig\Parts\Stance;

/** Reads devices that answer lines over TCP (docs/devices.md): the simulated ones, or a box beside a real one. */
final readonly class LineDriver implements Driver
{
    private const LONGEST_LINE = 256;

    /** @param  float  $patience  seconds to wait for one line */
    public function __construct(private string $host, private int $port, private float $patience)
    {
    }

    public function read(DeviceKind $kind, Job $job, Stance $stance): DeviceReading
    {
        $line = $this->open() ?? throw UnreadableDevice::off($kind);
        try {
            stream_set_timeout($line, (int) $this->patience, (int) (fmod($this->patience, 1.0) * 1e6));
            $stands = $this->ask($line, $kind, "stand {$job->id} {$stance->value} {$job->roundOf($stance)}");

            return $stands === 'ok'
                ? DeviceLine::read($kind, $this->ask($line, $kind, "read {$kind->value}"))
                : DeviceLine::read($kind, $stands);
        } finally {
            fclose($line);
        }
    }

    public function isThere(): bool
    {
        $line = $this->open();

        return $line !== null && fclose($line);
    }

    /** @return resource|null */
    private function open()
    {
        $line = @stream_socket_client("tcp://{$this->host}:{$this->port}", $code, $why, $this->patience);

        return $line === false ? null : $line;
    }

    /** @param  resource  $line */
    private function ask($line, DeviceKind $kind, string $request): string
    {
        if (@fwrite($line, "{$request}\n") === false) {
            throw UnreadableDevice::off($kind);
        }
        $answer = fgets($line, self::LONGEST_LINE);

        return match (true) {
            stream_get_meta_data($line)['timed_out'] => throw UnreadableDevice::slow($kind),
            $answer === false => throw UnreadableDevice::off($kind),
            ! str_ends_with($answer, "\n") => throw UnreadableDevice::garbled($kind),
            default => rtrim($answer, "\r\n"),
        };
    }
}
