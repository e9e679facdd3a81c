<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Coach;

use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\Recommendation;
use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Proving\Practice\Exercise\HitchPlace;
use Yoke\Proving\Practice\Exercise\Situation;
use Yoke\Proving\Practice\Exercise\Solution;
use Yoke\Proving\Practice\Reading\TakenHeight;
use Yoke\Proving\Practice\Run\Belief;
use Yoke\Proving\Practice\Run\Run;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/** Says what to do next. A hint knows where something is wrong; full advice knows no more than the readings tell. */
final readonly class Coach
{
    private Situation $now;

    public function __construct(private Run $run)
    {
        $this->now = $run->situation();
    }

    /** One that was asked for: it may name a place where something is wrong. */
    public function hint(): Hint
    {
        foreach ($this->now->faults as $fault) {
            if (
                ! in_array($fault, $this->run->found(), true) &&
                $fault->showsIn($this->now->stance()) &&
                ! ($fault->place()->isUnderneath() && $this->now->isOnJack())
            ) {
                return Hint::lookAt($fault->place());
            }
        }

        return $this->advice();
    }

    /** What the readings, and what was seen, call for. */
    public function advice(): Hint
    {
        foreach ($this->now->faults as $fault) {
            $isHead = $fault === Fault::BallTooLow && $this->run->exercise->isBallLow($this->now->hitch);
            if (in_array($fault, $this->run->found(), true) && ($fault->remedy() !== null || $isHead)) {
                return $isHead
                    ? Hint::setting(HintKind::MoveHead, (new Solution($this->run->exercise))->head())
                    : Hint::putRight($fault);
            }
        }
        foreach ([Stance::Alone, Stance::Dropped] as $stance) {
            if (! $this->isTaped($stance)) {
                return $this->toTape($stance);
            }
        }
        if ($this->now->isHooked && ! $this->isTaped(Stance::Carried)) {
            return $this->toTape(Stance::Carried);
        }
        $recommendation = (new Belief($this->run))->analysis()->recommendation();

        return match ($recommendation?->action) {
            null, Action::Cannot, Action::Stop => $this->atTheEnd(),
            Action::Set => Hint::setting(HintKind::HookUp, $this->now->hitch->at($recommendation->forecast->setting)),
            Action::ReadAgain => $this->again($recommendation),
        };
    }

    private function again(Recommendation $recommendation): Hint
    {
        $stance = $recommendation->look?->stance() ?? Stance::Carried;

        return $stance === $this->now->stance() && $this->now->isRolled && $this->isTapedNow()
            ? Hint::plain(HintKind::Roll)
            : $this->toTape($stance);
    }

    private function atTheEnd(): Hint
    {
        return match (true) {
            ! $this->now->isHooked => Hint::setting(HintKind::HookUp, $this->now->hitch),
            $this->now->isRaised => Hint::plain(HintKind::LetDown),
            ! $this->isTaped(Stance::Carried) => $this->toTape(Stance::Carried),
            $this->now->isChocked => Hint::plain(HintKind::TakeChocks),
            default => Hint::plain(HintKind::DriveOff),
        };
    }

    private function toTape(Stance $stance): Hint
    {
        $now = $this->now;

        return match (true) {
            $stance !== Stance::Carried && $now->isHooked => Hint::toStand(HintKind::TakeBarsOff, $stance),
            $now->isRaised => Hint::plain(HintKind::LetDown),
            $stance === Stance::Alone && $now->isCoupled => Hint::toStand(HintKind::Uncouple, $stance),
            $stance !== Stance::Alone && ! $now->isCoupled => Hint::toStand(HintKind::Couple, $stance),
            $stance === Stance::Carried && ! $now->isHooked => Hint::setting(HintKind::HookUp, $now->hitch),
            $now->isRolled => Hint::toStand(HintKind::Tape, $stance),
            $now->isChocked => Hint::plain(HintKind::TakeChocks),
            default => Hint::plain(HintKind::Roll),
        };
    }

    /** Whether both ends were taped in a stance and count; of the carried one at the hitch as it is now. */
    private function isTaped(Stance $stance): bool
    {
        $ends = [];
        foreach ($this->run->heights() as $height) {
            if (
                ! $height->isSpoiled &&
                $height->stance === $stance &&
                ($stance !== Stance::Carried || $this->isHere($height->hitch))
            ) {
                $ends[$height->axle->value] = true;
            }
        }

        return count($ends) === count(Axle::cases());
    }

    private function isHere(HitchPlace $hitch): bool
    {
        return $hitch->key() === $this->now->hitch->key();
    }

    /** Whether both ends were taped as the rig stands now. */
    private function isTapedNow(): bool
    {
        $heights = $this->run->heights();
        $last = $heights[count($heights) - 1] ?? null;

        return $last !== null &&
            $last->standing === $this->run->standing() &&
            count(array_filter($heights, static fn (TakenHeight $one): bool => $one->standing === $last->standing)) ===
                count(Axle::cases());
    }
}
