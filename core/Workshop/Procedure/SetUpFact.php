<?php

declare(strict_types=1);

namespace Yoke\Workshop\Procedure;

/** What holds of a set-up besides what was measured. */
enum SetUpFact
{
    /** A setting is recorded at which nothing was read yet. */
    case Unread;

    /** The setting that is on can stay. */
    case Settled;

    /** Measured from carried to alone. */
    case ArrivedCoupled;

    case HandedOver;
}
