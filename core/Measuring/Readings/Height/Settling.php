<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Height;

/** Whether the rig was rolled forward and back, to settle its springs, before a height was taped. */
enum Settling: string
{
    case Rolled = 'rolled';
    case NotRolled = 'not_rolled';
}
