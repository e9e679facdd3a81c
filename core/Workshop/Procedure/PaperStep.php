<?php

declare(strict_types=1);

namespace Yoke\Workshop\Procedure;

/** A step on paper, which cannot ask. */
final readonly class PaperStep
{
    /** @param  array<string, OpenAnswer>  $open  the answers that it hangs on and that nobody has given, by name */
    public function __construct(public Step $step, public array $open)
    {
    }
}
