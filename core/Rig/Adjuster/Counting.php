<?php

declare(strict_types=1);

namespace Yoke\Rig\Adjuster;

/** How a shop counts the steps of an adjuster aloud. The core counts so that a higher step is always more tension. */
enum Counting: string
{
    /** A higher count is more: washers, bracket holes up, threads, links from the end. */
    case TakenUp = 'taken up';

    /** A lower count is more: working links, between bar and hook. */
    case Working = 'working';
}
