<?php

declare(strict_types=1);

namespace Yoke\Workshop\Road;

/** How soon a finding is seen to. */
enum Severity
{
    /** Before the rig goes anywhere. */
    case StopHere;

    /** Before it is handed over. */
    case SeeTo;

    /** To be kept in mind. */
    case Watch;
}
