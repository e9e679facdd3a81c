<?php

declare(strict_types=1);

namespace Yoke\Job\Analysis;

/** Why two instruments may differ by more than chance; the value is its key in words. */
enum DisagreementCause: string
{
    /** A reading that the others contradict. */
    case SuspectReading = 'suspect_reading';
    /** Levelling that moved the fenders while they were taped. */
    case Levelling = 'levelling';
    /** Springs that stick where they stopped. */
    case Friction = 'friction';
}
