<?php

declare(strict_types=1);

namespace Yoke\Rig\Family;

/** What holds the tips of a family's bars up. */
enum TakeUp
{
    /** A chain in a bracket that snaps up over its hook. */
    case SnapUpChain;

    /** A chain in a latch that turns on the frame. */
    case LatchedChain;

    /** A chain that holds the bar against a cam under the frame. */
    case ChainAndCam;

    /** A bracket with holes; the bar lies on its ledge. */
    case Bracket;

    /** A pad at a fixed height under a cover. */
    case CoveredPad;

    /** A ledge with one place; a screw on the head bends the bars. */
    case FixedLedge;

    /** Nothing: it has no bars, but chains that are stretched by nuts. */
    case StretchedChains;

    /** Nothing at all: a plain ball. */
    case Nothing;

    /** Whether the bars hang by a chain. */
    public function isChain(): bool
    {
        return in_array($this, [self::SnapUpChain, self::LatchedChain, self::ChainAndCam], true);
    }

    public function hasBars(): bool
    {
        return $this !== self::StretchedChains && $this->distributes();
    }

    /** Whether it moves load at all. */
    public function distributes(): bool
    {
        return $this !== self::Nothing;
    }
}
