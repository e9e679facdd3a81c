<?php

declare(strict_types=1);

namespace App\Devices;

use Closure;
use Yoke\Measuring\Readings\Device\DeviceKind;
use Yoke\Measuring\Readings\Device\DeviceLine;
use Yoke\Measuring\Readings\Device\DeviceReading;
use Yoke\Measuring\Readings\Device\Display;
use Yoke\Measuring\Readings\Device\Exception\UnreadableDevice;
use Yoke\Proving\Simulation\SimulatedDevices;
use Yoke\Rig\Parts\Stance;

/** Answers the lines of the protocol (docs/devices.md) for the simulated devices. */
final class DeviceTalk
{
    /** A rig that nobody read for so long, s, has rolled off: asked for again, it comes to stand anew. */
    private const ROLLS_OFF_S = 20.0;

    private const EXPECTED = 'error expected read KIND, stand JOB STANCE ROUND, or trouble KIND '.
        'none|off|slow|garbled|absurd';

    /** @var array<string, array{float, float, int}> by what stands there: since when, last read, the occasion */
    private array $standing = [];

    /** @var array<string, Trouble> by kind */
    private array $trouble = [];

    private int $occasions = 0;

    /** @param  Closure(): float  $seconds  a clock that only runs forward */
    public function __construct(private readonly SimulatedYard $yard, private readonly Closure $seconds)
    {
    }

    /**
     * @param  string|null  $rig  what this line's caller said stands there; set by `stand`
     * @return string|null the answer; null where a device that is off hangs up
     */
    public function answer(string $line, ?string &$rig): ?string
    {
        return match (true) {
            preg_match(
                '/^stand (?<job>\d{1,9}) (?<stance>alone|dropped|carried) (?<round>\d{1,4})$/',
                $line,
                $part,
            ) === 1 => $this->stand($rig = "{$part['job']} {$part['stance']} {$part['round']}"),
            preg_match('/^read (?<kind>[a-z-]+)$/', $line, $part) === 1 => $this->read(
                DeviceKind::tryFrom($part['kind']),
                $rig,
            ),
            preg_match('/^trouble (?<kind>[a-z-]+) (?<trouble>[a-z]+)$/', $line, $part) === 1 => $this->beset(
                DeviceKind::tryFrom($part['kind']),
                Trouble::tryFrom($part['trouble']),
            ),
            default => self::EXPECTED,
        };
    }

    /** Whether a device is made to answer too late. */
    public function isSlow(string $line): bool
    {
        return preg_match('/^read (?<kind>[a-z-]+)$/', $line, $part) === 1 &&
            ($this->trouble[$part['kind']] ?? Trouble::None) === Trouble::Slow;
    }

    private function stand(string $rig): string
    {
        $now = ($this->seconds)();
        $this->standing = array_filter(
            $this->standing,
            static fn (array $stands): bool => $now - $stands[1] <= self::ROLLS_OFF_S,
        );
        $this->standing[$rig] ??= [$now, $now, ++$this->occasions];
        $this->standing[$rig][1] = $now;

        return 'ok';
    }

    private function read(?DeviceKind $kind, ?string $rig): ?string
    {
        if ($kind === null || $rig === null || ! isset($this->standing[$rig])) {
            return $kind === null ? self::EXPECTED : 'error nothing stands here';
        }
        [$since, , $occasion] = $this->standing[$rig];
        [$job, $stance, $round] = explode(' ', $rig);
        $devices = $this->yard->devicesAt((int) $job, Stance::from($stance), (int) $round, $occasion);

        return match ($this->trouble[$kind->value] ?? Trouble::None) {
            Trouble::Off => null,
            Trouble::Garbled => "#\x01%~ {$kind->value}",
            Trouble::Absurd => DeviceLine::of(
                new DeviceReading($kind, Display::Steady, array_fill_keys($kind->channels(), 99_999.0)),
            ),
            default => $devices === null
                ? 'error nobody said which setting is on'
                : $this->shown($devices, $kind, ($this->seconds)() - $since),
        };
    }

    private function shown(SimulatedDevices $devices, DeviceKind $kind, float $seconds): string
    {
        try {
            return DeviceLine::of($devices->show($kind, $seconds));
        } catch (UnreadableDevice $unreadable) {
            return 'error '.$unreadable->why();
        }
    }

    private function beset(?DeviceKind $kind, ?Trouble $trouble): string
    {
        if ($kind === null || $trouble === null) {
            return self::EXPECTED;
        }
        $this->trouble[$kind->value] = $trouble;

        return 'ok';
    }
}
