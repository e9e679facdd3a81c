<?php

declare(strict_types=1);

namespace Yoke\Job\Record;

use Yoke\Measuring\Readings\Weighing\Ticket;

/** A weighbridge ticket of a job that counts with the tape: nothing was otherwise when it was weighed. */
final readonly class TicketTaken
{
    /**
     * @param  int  $round  of its stance, from 1
     * @param  string  $key  its own among the readings of the job
     */
    public function __construct(public int $round, public Ticket $ticket, public string $key)
    {
    }
}
