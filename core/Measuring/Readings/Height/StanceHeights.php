<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Height;

use Yoke\Foundation\Units\Length;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/** The fender heights of one rig in its three stances, as far as they are taped. */
final readonly class StanceHeights
{
    /** @param  array<string, array<string, HeightReading>>  $readings stance => axle => reading */
    private function __construct(private array $readings)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    public function with(Stance $stance, Axle $axle, HeightReading $reading): self
    {
        $readings = $this->readings;
        $readings[$stance->value][$axle->value] = $reading;

        return new self($readings);
    }

    public function at(Stance $stance, Axle $axle): ?HeightReading
    {
        return $this->readings[$stance->value][$axle->value] ?? null;
    }

    /** How far an axle's fender rose from alone to a stance; up is positive. */
    public function rise(Stance $stance, Axle $axle): ?Length
    {
        $alone = $this->at(Stance::Alone, $axle);
        $then = $this->at($stance, $axle);

        return $alone === null || $then === null ? null : $then->height()->minus($alone->height());
    }

    /**
     * How much higher the rear fender stands than the front; below 0 where it stands lower. Null until both are taped.
     */
    public function rake(Stance $stance): ?Length
    {
        $front = $this->at($stance, Axle::Front);

        return $front === null ? null : $this->at($stance, Axle::Rear)?->height()->minus($front->height());
    }

    /** Whether no rear fender was taped in any stance. */
    public function hasNoRear(): bool
    {
        return array_filter(
            Stance::cases(),
            fn (Stance $stance): bool => $this->at($stance, Axle::Rear) !== null,
        ) === [];
    }

    public function holdsBothEndsOf(Stance $stance): bool
    {
        return $this->at($stance, Axle::Front) !== null && $this->at($stance, Axle::Rear) !== null;
    }
}
