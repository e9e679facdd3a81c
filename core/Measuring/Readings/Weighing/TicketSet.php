<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Weighing;

use Yoke\Foundation\Units\Load;
use Yoke\Rig\Parts\Stance;

/** Of one rig under one load the ticket that counts in each stance: carried at the setting that is on. */
final readonly class TicketSet
{
    /** @param  float  $weighbridge  one deviation of a platform's load, where it shows the usual steps, kg */
    public function __construct(
        private ?Ticket $alone,
        private ?Ticket $dropped,
        private ?Ticket $carried,
        private float $weighbridge = Weighing::WEIGHBRIDGE_KG,
    ) {
    }

    public static function none(): self
    {
        return new self(null, null, null);
    }

    /** Null where it was not weighed in that stance. */
    public function in(Stance $stance): ?Ticket
    {
        return match ($stance) {
            Stance::Alone => $this->alone,
            Stance::Dropped => $this->dropped,
            Stance::Carried => $this->carried,
        };
    }

    /** What alone and dropped come to by statics; null until both were weighed. */
    public function weighing(): ?Weighing
    {
        return $this->alone === null || $this->dropped === null
            ? null
            : new Weighing($this->alone, $this->dropped, $this->weighbridge);
    }

    /** Of the trailer; null where the tickets do not tell it. */
    public function gross(): ?Load
    {
        return $this->weighing()?->gross();
    }

    /** What an axle carries alone; null where it was not weighed by itself. */
    public function alone(WeighedAxle $axle): ?Load
    {
        return $this->alone?->axle($axle);
    }
}
