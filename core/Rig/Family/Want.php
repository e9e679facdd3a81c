<?php

declare(strict_types=1);

namespace Yoke\Rig\Family;

/** What the use of a rig may ask of its hitch, besides moving load. The value is its key in words. */
enum Want: string
{
    /** It is reversed often, and nothing should have to come off before. */
    case Reversing = 'reversing';

    /** A tailgate swings down over the head. */
    case Tailgate = 'tailgate';

    /** Gas bottles, a tray or a jack stand where brackets go. */
    case Obstructions = 'obstructions';

    /**
     * Self-levelling or air springs move load after the bars are set, or the load changes often: fine steps, quickly
     * made.
     */
    case FineSteps = 'fine_steps';

    /** Noise in tight turns is not welcome. */
    case Quiet = 'quiet';

    /** It has to hold a trailer back from swaying. */
    case SwayControl = 'sway_control';
}
