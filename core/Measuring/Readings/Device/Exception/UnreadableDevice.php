<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Device\Exception;

use RuntimeException;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;
use Yoke\Measuring\Readings\Device\DeviceKind;

/** A device that tells nothing that can be used, in a sentence for whoever stands at it. */
final class UnreadableDevice extends RuntimeException implements CoreException
{
    use Expecting;

    private function __construct(
        private readonly Expected $expected,
        private readonly DeviceKind $kind,
        private readonly string $why = '',
    ) {
        parent::__construct($expected->text());
    }

    public static function off(DeviceKind $kind): self
    {
        return new self(Expected::of('device.off', ['device' => $kind]), $kind);
    }

    public static function slow(DeviceKind $kind): self
    {
        return new self(Expected::of('device.slow', ['device' => $kind]), $kind);
    }

    public static function garbled(DeviceKind $kind): self
    {
        return new self(Expected::of('device.garbled', ['device' => $kind]), $kind);
    }

    public static function absurd(DeviceKind $kind, string $channel, float $value): self
    {
        return new self(
            Expected::of('device.absurd', [
                'device' => $kind,
                'value' => $value,
                'unit' => $kind->unit(),
                'channel' => $channel,
            ]),
            $kind,
        );
    }

    /** @param  string  $why  as the device says it */
    public static function refused(DeviceKind $kind, string $why): self
    {
        return new self(Expected::of('device.refused', ['device' => $kind, 'why' => rtrim($why, '.')]), $kind, $why);
    }

    /** As the device said it; an empty text where it said nothing. */
    public function why(): string
    {
        return $this->why;
    }

    public function kind(): DeviceKind
    {
        return $this->kind;
    }
}
