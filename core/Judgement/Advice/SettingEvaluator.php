<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

use Yoke\Judgement\Constraint\Exclusion;
use Yoke\Rig\Adjuster\Setting;

/** What every setting of a hitch promises. */
final readonly class SettingEvaluator
{
    public function __construct(
        private StanceEvaluator $stances,
        private HitchSettings $hitch,
        private StoppingRules $policy,
    ) {
    }

    /**
     * @param  Setting|null  $from  the setting to get there from; null before the first hook-up, when nothing costs
     * @param  int|null  $hookUp  that is on at this setting; null where it is still to be hooked up
     */
    public function of(Setting $setting, ?Setting $from, ?int $hookUp = null): SettingForecast
    {
        $adjusters = $this->hitch->adjusters;
        $ballOffset = $adjusters->ballHeightBetween($this->hitch->reference, $setting)->millimetres();
        $tensionOffset = $adjusters->tensionBetween(
            $this->hitch->reference,
            $setting,
            $this->stances->posterior->prior()->known()->barArm,
        );
        $stance = $this->stances->at($tensionOffset, $ballOffset, $hookUp);

        return new SettingForecast(
            $setting,
            $tensionOffset,
            $ballOffset,
            $stance,
            $from === null ? 0 : $adjusters->minutesBetween($from, $setting),
            $stance->over > $this->mostOver($from?->equals($setting) === true)
                ? Exclusion::OverRestored : $this->broken($setting, $stance),
        );
    }

    /** What stands there may be driven; whatever else is hooked up in the yard is read first. */
    private function mostOver(bool $isOn): float
    {
        return $isOn
            ? $this->policy->overAllowed
            : max($this->policy->overAllowed, $this->policy->overInTheYard);
    }

    private function broken(Setting $setting, StanceForecast $stance): ?Exclusion
    {
        foreach ($this->hitch->constraints as $constraint) {
            $against = $constraint->against($setting, $stance->carried);
            if ($against !== null) {
                return $against;
            }
        }

        return null;
    }
}
