<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Run;

use Yoke\Proving\Practice\Act\Act;
use Yoke\Proving\Practice\Act\ActKind;
use Yoke\Proving\Practice\Act\Refusal;
use Yoke\Proving\Practice\Act\SafetyViolation;
use Yoke\Proving\Practice\Exercise\Exercise;
use Yoke\Proving\Practice\Exercise\Remedy;
use Yoke\Proving\Practice\Exercise\Situation;

/** What can be done at a rig as it stands, and what must not. */
final readonly class YardRules
{
    /** Fingers are hurt from here on, kg on the bars. */
    private const FINGERS_KG = 10.0;

    /** Any fender's edge stands between these, mm. */
    private const HEIGHTS_MM = [200.0, 2000.0];

    public function __construct(private Exercise $exercise, private Situation $now)
    {
    }

    /** Why an act cannot be done; null where it can. */
    public function refusal(Act $act): ?Refusal
    {
        $now = $this->now;

        return match ($act->kind) {
            ActKind::Roll, ActKind::Weigh, ActKind::DriveOff => $now->isRaised
                ? Refusal::PairIsRaised
                : ($now->isChocked
                    ? Refusal::IsChocked
                    : ($act->kind === ActKind::DriveOff && ! $now->isCoupled
                        ? Refusal::NotCoupled
                        : null)),
            ActKind::Tape => match (true) {
                $now->isRaised => Refusal::PairIsRaised,
                ! ($act->readMm > self::HEIGHTS_MM[0] && $act->readMm < self::HEIGHTS_MM[1]) => Refusal::NotAHeight,
                default => null,
            },
            ActKind::Chock => $now->isChocked ? Refusal::IsChocked : null,
            ActKind::TakeChocks => $now->isChocked
                ? ($now->isRaised
                    ? Refusal::PairIsRaised
                    : null)
                : Refusal::IsNotChocked,
            ActKind::Couple => $now->isCoupled ? Refusal::AlreadyCoupled : null,
            ActKind::Uncouple => match (true) {
                ! $now->isCoupled => Refusal::NotCoupled,
                $now->isHooked => Refusal::BarsAreOn,
                $now->isRaised => Refusal::PairIsRaised,
                default => null,
            },
            ActKind::RaisePair => $now->isCoupled
                ? ($now->isRaised
                    ? Refusal::PairIsRaised
                    : null)
                : Refusal::NotCoupled,
            ActKind::LowerPair => $now->isRaised ? null : Refusal::PairIsDown,
            ActKind::BarsOn => $now->isCoupled
                ? ($now->isHooked
                    ? Refusal::BarsAreOn
                    : null)
                : Refusal::NotCoupled,
            ActKind::BarsOff => $now->isHooked ? null : Refusal::BarsAreOff,
            ActKind::WeighTongue => $now->isCoupled ? Refusal::UncoupleFirst : null,
            ActKind::Gauge => ! $this->exercise->hasGauge()
                ? Refusal::NoGauge
                : ($now->isCoupled
                    ? ($now->isRaised
                        ? Refusal::PairIsRaised
                        : null)
                    : Refusal::NotCoupled),
            ActKind::PutRight => match (true) {
                $act->remedy?->needsBarsOff() === true && $now->isHooked => Refusal::BarsAreOn,
                $act->remedy === Remedy::MoveOffDip && $now->isRaised => Refusal::PairIsRaised,
                $act->remedy === Remedy::MoveOffDip && $now->isChocked => Refusal::IsChocked,
                default => null,
            },
            ActKind::Set, ActKind::TurnShank, ActKind::Look, ActKind::Hint => null,
        };
    }

    /**
     * What ends the exercise.
     *
     * @param  float  $share  of the front axle load that the rig restores as it drives off; of any other act 0
     */
    public function breach(Act $act, float $share): ?SafetyViolation
    {
        $now = $this->now;
        $pull = fn (): float => $this->exercise->hidden->pull($now->hitch, $now->faults);

        return match (true) {
            in_array($act->kind, [ActKind::Uncouple, ActKind::RaisePair], true) &&
                ! $now->isChocked => SafetyViolation::NotChocked,
            in_array($act->kind, [ActKind::BarsOn, ActKind::BarsOff], true) &&
                ! $now->isRaised &&
                $pull() > self::FINGERS_KG => SafetyViolation::Fingers,
            $act->place?->isUnderneath() === true && $now->isOnJack() => SafetyViolation::UnderJackedRig,
            $act->kind === ActKind::DriveOff && $share > 1.0 => SafetyViolation::OverRestoredOnTheRoad,
            default => null,
        };
    }
}
