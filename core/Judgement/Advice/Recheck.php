<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Estimation\Stories\Mistake;
use Yoke\Rig\Parts\Stance;

/** What can be looked at once more; the value is its key in files. */
enum Recheck: string
{
    /** The vehicle alone, rolled and taped again. */
    case Alone = 'alone';
    /** Coupled, bars off, rolled and taped again. */
    case Dropped = 'dropped';
    /** The hook-up that is on, rolled and taped again. */
    case Carried = 'carried';
    /** The links, holes or turns of the hook-up that is on. */
    case Count = 'count';

    public static function of(Stance $stance): self
    {
        return match ($stance) {
            Stance::Alone => self::Alone,
            Stance::Dropped => self::Dropped,
            Stance::Carried => self::Carried,
        };
    }

    /**
     * Which look would show a mistake; null where none would any more.
     *
     * @param  int  $hookUp  that is on; 0 before the first
     */
    public static function at(Mistake $mistake, Posterior $posterior, int $hookUp): ?self
    {
        if ($mistake->observation === null) {
            return $hookUp > 0 && $mistake->movedAt($hookUp) !== 0.0 ? self::Count : null;
        }
        $observation = $posterior->readings[$mistake->observation]->observation;
        if ($hookUp > 0 && $mistake->kind->isSeenCarried()) {
            return self::Carried;
        }
        $isGone =
            $observation->context->stance === Stance::Carried && $observation->context->hookUp->number !== $hookUp;

        return $isGone || ! $observation->observed->isHeight() ? null : self::of($observation->context->stance);
    }

    /** What is taped again; null where nothing is. */
    public function stance(): ?Stance
    {
        return match ($this) {
            self::Alone => Stance::Alone,
            self::Dropped => Stance::Dropped,
            self::Carried => Stance::Carried,
            self::Count => null,
        };
    }

    /** Minutes that it takes while the rig stands there anyway, before the first hook-up. */
    public function minutesBeforehand(): float
    {
        return 1.0;
    }

    /** Minutes that it takes once bars are on: they come off for the one, and the trailer for the other. */
    public function minutes(): float
    {
        return match ($this) {
            self::Alone => 10.0,
            self::Dropped => 5.0,
            self::Carried, self::Count => 1.0,
        };
    }
}
