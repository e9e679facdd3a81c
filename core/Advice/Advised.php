<?php

declare(strict_types=1);

namespace Yoke\Advice;

/** The one best next move, and what was weighed against it. */
final readonly class Advised
{
    /**
     * @param  Outlook  $outlook  of the setting to go to, to stay at or to read again
     * @param  Outlook|null  $present  of the setting that is on
     * @param  non-empty-list<Outlook>  $ranking  every setting, best first
     */
    public function __construct(public Move $move, public Outlook $outlook, public ?Outlook $present, public array $ranking)
    {
    }
}
