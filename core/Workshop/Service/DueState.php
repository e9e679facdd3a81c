<?php

declare(strict_types=1);

namespace Yoke\Workshop\Service;

/** How near a task is. */
enum DueState: string
{
    case Over = 'overdue';
    case Soon = 'due_soon';
    case Later = 'not_yet';
}
