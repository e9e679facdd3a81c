<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing;

/** Whether an arrow's load was weighed, is known in all, or only as its change from alone. */
enum LoadKnown
{
    case Weighed;
    case InAll;
    case ChangeOnly;
}
