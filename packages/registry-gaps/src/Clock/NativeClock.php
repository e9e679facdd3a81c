<?php

declare(strict_types=1);

namespace Symfony\Component\Clock;

final class NativeClock implements ClockInterface
{
    private \DateTimeZone $zone;

    public function __construct(\DateTimeZone|string|null $timezone = null)
    {
        $this->zone = self::zoneOf($timezone ?? date_default_timezone_get());
    }

    public function now(): \DateTimeImmutable
    {
        return new \DateTimeImmutable('now', $this->zone);
    }

    public function sleep(float|int $seconds): void
    {
        usleep((int) round($seconds * 1_000_000));
    }

    public function withTimeZone(\DateTimeZone|string $timezone): static
    {
        $clock = clone $this;
        $clock->zone = self::zoneOf($timezone);

        return $clock;
    }

    private static function zoneOf(\DateTimeZone|string $timezone): \DateTimeZone
    {
        return is_string($timezone) ? new \DateTimeZone($timezone) : $timezone;
    }
}
