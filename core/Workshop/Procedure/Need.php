<?php

declare(strict_types=1);

namespace Yoke\Workshop\Procedure;

/** Whether a step may be left out. */
enum Need
{
    case Must;
    case May;
}
