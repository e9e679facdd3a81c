<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Players;

use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Proving\Practice\Act\Act;
use Yoke\Proving\Practice\Act\ActKind;
use Yoke\Proving\Practice\Exercise\HitchPlace;
use Yoke\Proving\Practice\Exercise\Level;
use Yoke\Proving\Practice\Exercise\Place;
use Yoke\Proving\Practice\Exercise\Remedy;
use Yoke\Proving\Practice\Run\Done;
use Yoke\Proving\Practice\Run\Run;
use Yoke\Proving\Practice\Tape\Eye;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/** Does at a rig what it takes, in the safe order: chocks before the jack, the jack before the bars. */
final readonly class Hands
{
    public function __construct(public Run $run, private Fineness $fineness)
    {
    }

    /** Rolls, and tapes both ends from where they stand level with the eye. */
    public function tape(): void
    {
        $this->ready();
        $this->do(ActKind::Roll);
        foreach (Axle::cases() as $axle) {
            $this->tapeAt($axle);
        }
    }

    public function tapeAt(Axle $axle): void
    {
        $this->run->do(
            Act::tape($axle, $this->run->tape($axle, Eye::Level)->nearest($this->fineness)->millimetres(), Eye::Level),
        );
    }

    /** Rolls, and tapes the front alone. */
    public function tapeFront(): void
    {
        $this->ready();
        $this->do(ActKind::Roll);
        $this->tapeAt(Axle::Front);
    }

    public function stand(Stance $stance): void
    {
        if ($stance !== Stance::Carried && $this->run->situation()->isHooked) {
            $this->barsOff();
        }
        if ($stance === Stance::Alone && $this->run->situation()->isCoupled) {
            $this->lower();
            $this->chock();
            $this->do(ActKind::Uncouple);
        }
        if ($stance !== Stance::Alone && ! $this->run->situation()->isCoupled) {
            $this->do(ActKind::Couple);
        }
        if ($stance === Stance::Carried && ! $this->run->situation()->isHooked) {
            $this->raise();
            $this->do(ActKind::BarsOn);
        }
        $this->lower();
    }

    /** Puts the hitch together as it is meant, and the bars on. */
    public function hookUp(HitchPlace $meant): void
    {
        $this->putTogether($meant);
        $this->stand(Stance::Carried);
    }

    /** With the bars off, as many of the steps as stand elsewhere; uncoupled where head or shank do. */
    public function putTogether(HitchPlace $meant): void
    {
        $now = $this->run->situation()->hitch;
        $adjusters = $this->run->exercise->adjusters;
        $changes = $now->setting->changesTo($meant->setting);
        $isBolted =
            array_filter($changes, static fn (string $key): bool => $adjusters->get($key)->role !== Role::Tension) !==
                [] || $now->isTurned !== $meant->isTurned;
        $isTurned =
            array_filter($changes, static fn (string $key): bool => ! $adjusters->get($key)->isTurnedLoaded) === [];
        if (! $isTurned || $isBolted) {
            $this->stand(
                $isBolted ? Stance::Alone : ($this->run->situation()->isCoupled ? Stance::Dropped : Stance::Alone),
            );
        }
        if ($now->isTurned !== $meant->isTurned) {
            $this->do(ActKind::TurnShank);
        }
        foreach ($changes as $key) {
            $this->run->do(Act::set($key, $meant->setting->step($key)));
        }
    }

    /** Looks at a place; not from below while the jack holds the rig. */
    public function look(Place $place): ?Done
    {
        return $place->isUnderneath() && $this->run->situation()->isOnJack() ? null : $this->run->do(Act::look($place));
    }

    public function putRight(Remedy $remedy): void
    {
        if ($remedy->needsBarsOff() && $this->run->situation()->isHooked) {
            $this->barsOff();
            $this->lower();
        }
        $this->ready();
        $this->run->do(Act::putRight($remedy));
    }

    public function driveOff(): void
    {
        $this->ready();
        $this->do(ActKind::DriveOff);
    }

    private function barsOff(): void
    {
        $this->raise();
        $this->do(ActKind::BarsOff);
        $this->lower();
    }

    private function raise(): void
    {
        if (! $this->run->situation()->isRaised) {
            $this->chock();
            $this->do(ActKind::RaisePair);
        }
    }

    private function lower(): void
    {
        if ($this->run->situation()->isRaised) {
            $this->do(ActKind::LowerPair);
        }
    }

    private function chock(): void
    {
        if (! $this->run->situation()->isChocked) {
            $this->do(ActKind::Chock);
        }
    }

    /** Let down, and free to roll. */
    private function ready(): void
    {
        $this->lower();
        if ($this->run->situation()->isChocked) {
            $this->do(ActKind::TakeChocks);
        }
    }

    private function do(ActKind $kind): void
    {
        $this->run->do(Act::plain($kind));
    }
}
