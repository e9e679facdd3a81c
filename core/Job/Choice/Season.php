<?php

declare(strict_types=1);

namespace Yoke\Job\Choice;

use Yoke\Foundation\Probability\LogNormal;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Mechanics\Loading\LoadChange;

/** The tongue weight of a rig through its year, from its lightest load state to its heaviest. */
final readonly class Season
{
    private function __construct(
        /** As the rig is described, kg; what nobody knows of it is the same in every load state. */
        private LogNormal $tongueWeight,
        private Length $ballToAxle,
        public LoadChange $lightest,
        public LoadChange $heaviest,
    ) {
    }

    /**
     * @param  LogNormal  $tongueWeight  as the rig is described, kg
     * @param  LoadChange  ...$states  what each load state has on board besides
     */
    public static function of(
        LogNormal $tongueWeight,
        Length $ballToAxle,
        LoadChange $first,
        LoadChange ...$states,
    ): self {
        [$lightest, $heaviest] = [$first, $first];
        foreach ($states as $state) {
            $lightest = $state->tongue($ballToAxle)->isLessThan($lightest->tongue($ballToAxle)) ? $state : $lightest;
            $heaviest = $state->tongue($ballToAxle)->isGreaterThan($heaviest->tongue($ballToAxle)) ? $state : $heaviest;
        }

        return new self($tongueWeight, $ballToAxle, $lightest, $heaviest);
    }

    /** Of the lightest load state, level, as likely as it is known. */
    public function lightestTongue(): Load
    {
        return $this->lightest->tongue($this->ballToAxle)->plus(Load::ofKilograms($this->tongueWeight->value));
    }

    public function heaviestTongue(): Load
    {
        return $this->heaviest->tongue($this->ballToAxle)->plus(Load::ofKilograms($this->tongueWeight->value));
    }

    /** One deviation of either, as a share. */
    public function doubt(): float
    {
        return $this->tongueWeight->share;
    }

    /** Chance that the heaviest tongue is more than bars are made for, 0 to 1. */
    public function chanceOver(BarRange $bars): float
    {
        return 1.0 -
            $this->tongueWeight->chanceBelow(
                $bars->heaviest->minus($this->heaviest->tongue($this->ballToAxle))->kilograms(),
            );
    }

    /** Chance that the lightest is less than they are made for, 0 to 1. */
    public function chanceUnder(BarRange $bars): float
    {
        return $this->tongueWeight->chanceBelow(
            $bars->lightest->minus($this->lightest->tongue($this->ballToAxle))->kilograms(),
        );
    }

    /** Chance that bars hold the tongue weight all year, 0 to 1. */
    public function chanceHeld(BarRange $bars): float
    {
        return max(0.0, 1.0 - $this->chanceOver($bars) - $this->chanceUnder($bars));
    }

    /**
     * Chance that a load state leaves less than a share of the gross weight on the tongue, 0 to 1.
     *
     * @param  float  $share  0 to 1
     * @param  Load  $gross  of the trailer with that load
     */
    public function chanceBelowShare(float $share, LoadChange $load, Load $gross): float
    {
        return $this->tongueWeight->chanceBelow(
            $gross->times($share)->minus($load->tongue($this->ballToAxle))->kilograms(),
        );
    }
}
