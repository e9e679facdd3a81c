<?php

declare(strict_types=1);

namespace Yoke\Proving\Playing;

use Yoke\Judgement\Advice\Recheck;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Stance;

/** A rig under a player's hands, in a contest or in the practice yard: what can be done to it, what is advised. */
interface RigInHand
{
    public function adjusters(): Adjusters;

    /** The setting that is on, as the player believes; before the first hook-up the one that would be. */
    public function setting(): Setting;

    /** Tapes both fenders as the rig was found, where its bars are on already. */
    public function tapeAsFound(): void;

    /** Brings the rig to stand so, and tapes both fenders. */
    public function tape(Stance $stance): void;

    /**
     * Brings the rig to stand so, and tapes the front fender alone.
     *
     * @return float its height, mm
     */
    public function tapeFront(Stance $stance): float;

    public function hookUp(Setting $setting): void;

    public function hookUps(): int;

    /** What the advice says to do: to set the hitch, or to look again; null where nothing is left to do. */
    public function next(): Setting|Recheck|null;

    public function lookAgain(Recheck $look): void;

    /** Whether the rig can be left as it stands: bars on, and read. */
    public function canBeLeft(): bool;
}
