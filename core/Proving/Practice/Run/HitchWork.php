<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Run;

use Yoke\CoreException;
use Yoke\Proving\Practice\Act\Act;
use Yoke\Proving\Practice\Act\ActKind;
use Yoke\Proving\Practice\Act\Exception\ImpossibleAct;
use Yoke\Proving\Practice\Act\Refusal;
use Yoke\Proving\Practice\Exercise\Exercise;
use Yoke\Proving\Practice\Exercise\HitchPlace;
use Yoke\Proving\Practice\Exercise\Situation;
use Yoke\Rig\Adjuster\Role;

/** Setting the hitch of an exercise: what has to be off for it, and how long it takes. */
final readonly class HitchWork
{
    /** Two big bolts out and in again, uncoupling and coupling besides. */
    private const BOLTS_MINUTES = 18.0;

    public function __construct(private Exercise $exercise, private Situation $now)
    {
    }

    /** @throws ImpossibleAct */
    public function set(string $key, float $step): HitchPlace
    {
        try {
            $setting = $this->exercise->adjusters->setting([...$this->now->hitch->setting->steps(), $key => $step]);
        } catch (CoreException) {
            throw ImpossibleAct::refused(Refusal::NoSuchStep);
        }
        $adjuster = $this->exercise->adjusters->get($key);
        $refusal = match (true) {
            $adjuster->isTurnedLoaded => null,
            $adjuster->role === Role::Tension => $this->now->isHooked ? Refusal::BarsAreOn : null,
            default => $this->now->isCoupled ? Refusal::UncoupleFirst : null,
        };

        return $refusal === null ? $this->now->hitch->at($setting) : throw ImpossibleAct::refused($refusal);
    }

    /** @throws ImpossibleAct */
    public function turnShank(): HitchPlace
    {
        return match (true) {
            ! $this->exercise->adjusters->has(Role::HeadHeight) => throw ImpossibleAct::refused(Refusal::NoShank),
            $this->now->isCoupled => throw ImpossibleAct::refused(Refusal::UncoupleFirst),
            default => $this->now->hitch->turnedOver(),
        };
    }

    public function minutes(Act $act): float
    {
        return $act->kind === ActKind::TurnShank ||
            $this->exercise->adjusters->get($act->adjuster)->role !== Role::Tension
            ? self::BOLTS_MINUTES
            : 0.0;
    }
}
