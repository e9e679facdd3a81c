<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Weighing;

/** A ticket with what it was read from. */
final readonly class ReadTicket
{
    public function __construct(public Ticket $ticket, public string $typed)
    {
    }
}
