<?php

declare(strict_types=1);

namespace Yoke\Workshop\Procedure;

/** What became of a step; the value is what is stored. */
enum StepOutcome: string
{
    case Done = 'done';
    case LeftOut = 'left out';
}
