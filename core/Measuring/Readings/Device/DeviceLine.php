<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Device;

use Yoke\Measuring\Readings\Device\Exception\UnreadableDevice;

/**
 * A reading as a line of the protocol: `weighbridge steady front=1320kg rear=1720kg trailer=2710kg` (docs/devices.md).
 */
final class DeviceLine
{
    private const READING = '/^(?<kind>[a-z-]+) (?<display>steady|moving)'.
        '(?<values>( [a-z]+=-?\d{1,6}(\.\d{1,3})?(kg|mm|deg))+)$/';

    private const VALUE = '/^(?<channel>[a-z]+)=(?<number>-?[\d.]+)(?<unit>kg|mm|deg)$/';

    private const REFUSAL = '/^error (?<why>[ -~]{1,160})$/';

    public static function of(DeviceReading $reading): string
    {
        $values = [];
        foreach ($reading->values as $channel => $value) {
            $values[] = sprintf(
                '%s=%s%s',
                $channel,
                rtrim(rtrim(sprintf('%.3F', $value), '0'), '.'),
                $reading->kind->unit(),
            );
        }

        return "{$reading->kind->value} {$reading->display->value} ".implode(' ', $values);
    }

    /**
     * @param  string  $line  without its end
     *
     * @throws UnreadableDevice
     */
    public static function read(DeviceKind $kind, string $line): DeviceReading
    {
        if (preg_match(self::REFUSAL, $line, $refusal) === 1) {
            throw UnreadableDevice::refused($kind, $refusal['why']);
        }
        if (preg_match(self::READING, $line, $part) !== 1 || $part['kind'] !== $kind->value) {
            throw UnreadableDevice::garbled($kind);
        }
        $values = [];
        foreach (explode(' ', trim($part['values'])) as $value) {
            [$channel, $number] = self::value($kind, $value);
            $values[$channel] = $number;
        }

        return new DeviceReading($kind, Display::from($part['display']), $values);
    }

    /** @return array{string, float} */
    private static function value(DeviceKind $kind, string $value): array
    {
        if (
            preg_match(self::VALUE, $value, $part) !== 1 ||
            $part['unit'] !== $kind->unit() ||
            ! in_array($part['channel'], $kind->channels(), true)
        ) {
            throw UnreadableDevice::garbled($kind);
        }
        $number = (float) $part['number'];
        if ($kind->range()->side($number) !== 0) {
            throw UnreadableDevice::absurd($kind, $part['channel'], $number);
        }

        return [$part['channel'], $number];
    }
}
