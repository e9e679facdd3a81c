<?php

declare(strict_types=1);

namespace App\Interchange\Job;

/** What to do with a file whose rig, or a part of it, is here already. */
enum WhenItExists: string
{
    /** The job joins the rig that is here; what is here stays as it is. */
    case Merge = 'merge';

    /** Everything in the file is added beside what is here. */
    case Copy = 'copy';

    case Stop = 'stop';
}
