<?php

declare(strict_types=1);

namespace Yoke\Workshop\Procedure;

/** An answer that a step hangs on, while nobody has given one. */
final readonly class OpenAnswer
{
    public function __construct(public Question $question, public string $answer)
    {
    }
}
