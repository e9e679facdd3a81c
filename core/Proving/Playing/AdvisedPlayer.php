<?php

declare(strict_types=1);

namespace Yoke\Proving\Playing;

use Yoke\Judgement\Advice\Recheck;
use Yoke\Rig\Parts\Stance;

/** Follows the advice to the letter: reads alone and dropped once, then does what is named until it says stop. */
final readonly class AdvisedPlayer
{
    private const MOST_HOOK_UPS = 8;

    private const MOST_STEPS = 40;

    public function play(RigInHand $rig): void
    {
        $rig->tapeAsFound();
        $rig->tape(Stance::Alone);
        while ($rig->next() === Recheck::Alone) {
            $rig->lookAgain(Recheck::Alone);
        }
        $rig->tape(Stance::Dropped);
        for ($step = 0; $step < self::MOST_STEPS; $step++) {
            $next = $rig->next();
            if ($next instanceof Recheck) {
                $rig->lookAgain($next);

                continue;
            }
            $isDone = $next === null || $rig->hookUps() >= self::MOST_HOOK_UPS;
            if ($isDone && $rig->canBeLeft()) {
                return;
            }
            $rig->hookUp($isDone ? $rig->setting() : $next);
            $rig->tape(Stance::Carried);
        }
    }
}
