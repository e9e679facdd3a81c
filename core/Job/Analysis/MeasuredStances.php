<?php

declare(strict_types=1);

namespace Yoke\Job\Analysis;

use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Readings\Height\StanceHeights;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/** In which stances a rig was read, by whatever instrument, and whether a stance is done. */
final readonly class MeasuredStances
{
    /** @var list<Observation> that tell how the rig stands */
    private array $observations;

    /** @param  list<Observation>  $observations */
    public function __construct(array $observations)
    {
        $this->observations = array_values(
            array_filter(
                $observations,
                static fn (Observation $observation): bool => $observation->observed->isOfAStance(),
            ),
        );
    }

    public function has(Stance $stance): bool
    {
        return array_filter(
            $this->observations,
            static fn (Observation $observation): bool => $observation->context->stance === $stance,
        ) !== [];
    }

    /** Whether it was read with its bars on and in no other stance: nothing can be judged from that. */
    public function isCarriedAlone(): bool
    {
        return $this->has(Stance::Carried) && ! $this->has(Stance::Dropped) && ! $this->has(Stance::Alone);
    }

    /**
     * Whether a stance is done: both fenders, the front where no rear was taped in any, or another instrument without
     * any fender.
     *
     * @param  StanceHeights  $heights  as far as they are taped
     */
    public function isDone(Stance $stance, StanceHeights $heights): bool
    {
        $hasFront = $heights->at($stance, Axle::Front) !== null;
        $hasRear = $heights->at($stance, Axle::Rear) !== null;

        return $hasFront || $hasRear
            ? $hasFront && ($hasRear || $heights->hasNoRear())
            : $this->isRead($stance) || ($stance === Stance::Alone && $this->needsNoAlone());
    }

    /** Whether anything but the eye read it. */
    private function isRead(Stance $stance): bool
    {
        return array_filter(
            $this->observations,
            static fn (Observation $observation): bool => $observation->context->stance === $stance &&
                ! $observation->observed->isSeen(),
        ) !== [];
    }

    /** Whether only instruments were read that say the same without the vehicle alone. */
    private function needsNoAlone(): bool
    {
        return $this->observations !== [] &&
            array_filter(
                $this->observations,
                static fn (Observation $observation): bool => ! $observation->observed->isOfTheCoupling(),
            ) === [];
    }
}
