<?php

declare(strict_types=1);

namespace Yoke\Workshop\Procedure;

/** What a procedure is run for. The value is its name in addresses. */
enum Occasion: string
{
    case HookUp = 'hook-up';
    case Change = 'change-setting';
    case Departure = 'departure';
    case Reversing = 'reversing';
    case Arrival = 'arrival';
    case Unhitch = 'unhitch';
}
