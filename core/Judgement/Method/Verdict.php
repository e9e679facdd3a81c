<?php

declare(strict_types=1);

namespace Yoke\Judgement\Method;

/** What a method says of a carried rig; the value is its key in files and words. */
enum Verdict: string
{
    case TooLittle = 'too_little';
    case InRange = 'in_range';
    case TooMuch = 'too_much';
    /** No class has enough of the chance. */
    case NotSure = 'not_sure';
    /** Nothing that the method looks at was measured. */
    case Waiting = 'waiting';
}
