<?php

declare(strict_types=1);

namespace Yoke\Workshop\Procedure;

use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Parts\Stance;

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

    /** @return non-empty-list<self> those of a rig, in order: on a plain ball nothing is tensioned */
    public static function along(?HitchFamily $family): array
    {
        $isPlain = $family?->facts()->takeUp->distributes() === false;

        return $isPlain
            ? [
                self::Brief,
                self::Ground,
                self::Alone,
                self::Head,
                self::Dropped,
                self::Prove,
                self::Sway,
                self::HookUp,
                self::Road,
                self::HandOver,
            ]
            : self::cases();
    }

    /** The next station in the order of the job; none after the last. */
    public function next(?HitchFamily $family = null): ?self
    {
        return $this->stepped($family, 1);
    }

    /** The station before this one; none before the first. */
    public function before(?HitchFamily $family = null): ?self
    {
        return $this->stepped($family, -1);
    }

    private function stepped(?HitchFamily $family, int $by): ?self
    {
        $all = self::along($family);
        $place = array_search($this, $all, true);

        return $place === false ? $this->stepped(null, $by) : $all[$place + $by] ?? null;
    }
}
