<?php

declare(strict_types=1);

namespace Yoke\Procedure;

use Yoke\Rig\Stance;

/** The stations of a set-up in the order of the job. The value is the name used in addresses. */
enum Station: string
{
    case Brief = 'brief';
    case Ground = 'ground';
    case Alone = 'alone';
    case Head = 'head';
    case Brackets = 'brackets';
    case Dropped = 'dropped';
    case BarsUp = 'bars-up';
    case Prove = 'prove';
    case Sway = 'sway-control';
    case HookUp = 'hook-up-checks';
    case Road = 'road-test';
    case HandOver = 'hand-over';

    /** The stance that is taped here, if any. */
    public function stance(): ?Stance
    {
        return match ($this) {
            self::Alone => Stance::Alone,
            self::Dropped => Stance::Dropped,
            self::BarsUp => Stance::Carried,
            default => null,
        };
    }

    public static function of(Stance $stance): self
    {
        return match ($stance) {
            Stance::Alone => self::Alone,
            Stance::Dropped => self::Dropped,
            Stance::Carried => self::BarsUp,
        };
    }

    /** The next station in the order of the job; none after the last. */
    public function next(): ?self
    {
        $all = self::cases();
        $place = (int) array_search($this, $all, true);

        return $all[$place + 1] ?? null;
    }

    /** The station before this one; none before the first. */
    public function before(): ?self
    {
        $all = self::cases();
        $place = (int) array_search($this, $all, true);

        return $all[$place - 1] ?? null;
    }

    /** The next station with a stance to tape; none after the last. */
    public function nextTaped(): ?self
    {
        $next = $this->next();
        while ($next !== null && $next->stance() === null) {
            $next = $next->next();
        }

        return $next;
    }
}
