<?php

declare(strict_types=1);

namespace Yoke\Job\Planning;

use Yoke\Measuring\Bars\TapedBars;
use Yoke\Measuring\Estimation\CarriedOverPrior;
use Yoke\Measuring\Estimation\Prior\LearnedPriors;
use Yoke\Mechanics\Loading\LoadChange;

/** What is known of a rig besides its specifications. */
final readonly class RigConditions
{
    /**
     * @param  LoadChange|null  $load  on board besides what it was weighed with
     * @param  CarriedOverPrior|null  $learnt  what readings of an earlier set-up told
     * @param  TapedBars|null  $bars  taped before anything was coupled
     * @param  LearnedPriors|null  $experience  what the shop's earlier jobs make of what is usual
     * @param  float  $takenBack  what a scale found levelling or air to take, against what the model foretells
     */
    public function __construct(
        public ?LoadChange $load = null,
        public ?CarriedOverPrior $learnt = null,
        public ?TapedBars $bars = null,
        public ?LearnedPriors $experience = null,
        public float $takenBack = 1.0,
    ) {
    }

    public function loaded(LoadChange $change): self
    {
        return new self(
            $this->load === null ? $change : $this->load->plus($change),
            $this->learnt,
            $this->bars,
            $this->experience,
            $this->takenBack,
        );
    }

    public function learnt(CarriedOverPrior $learnt): self
    {
        return new self($this->load, $learnt, $this->bars, $this->experience, $this->takenBack);
    }

    public function taped(TapedBars $bars): self
    {
        return new self($this->load, $this->learnt, $bars, $this->experience, $this->takenBack);
    }

    public function experienced(LearnedPriors $experience): self
    {
        return new self($this->load, $this->learnt, $this->bars, $experience, $this->takenBack);
    }

    public function takingBack(float $factor): self
    {
        return new self($this->load, $this->learnt, $this->bars, $this->experience, $factor);
    }

    /** The same of a rig that gets another hitch: nothing of the old one's readings holds. */
    public function ofTheLoadAlone(): self
    {
        return new self($this->load);
    }
}
