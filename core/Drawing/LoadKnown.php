<?php

declare(strict_types=1);

namespace Yoke\Drawing;

/** Whether an arrow's load is known in all, or only as its change from alone. */
enum LoadKnown
{
    case InAll;
    case ChangeOnly;
}
