<?php

declare(strict_types=1);

namespace Yoke\Workshop\Day;

/** How far a job of the day has come. The value is its key in words. */
enum SlotState: string
{
    case Waiting = 'waiting';
    case Begun = 'begun';
    case Done = 'done';
}
