<?php

declare(strict_types=1);

namespace Yoke\Workshop\Sway;

/** What a look at a check found; the value is what is stored. */
enum Answer: string
{
    case Yes = 'yes';
    case No = 'no';
}
