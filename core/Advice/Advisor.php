<?php

declare(strict_types=1);

namespace Yoke\Advice;

use Yoke\Adjuster\Adjusters;
use Yoke\Adjuster\Role;
use Yoke\Adjuster\Setting;
use Yoke\Constraint\Constraint;
use Yoke\Estimation\Posterior;
use Yoke\Method\Band;
use Yoke\Method\Criterion;

/** Names the next move: of all settings the one with the best chance for its minutes; or stop; or read again. */
final readonly class Advisor
{
    /**
     * @param  Setting  $reference  the setting whose tension the prior knows
     * @param  list<Constraint>  $obstacles
     */
    public function __construct(
        private Adjusters $adjusters,
        private Setting $reference,
        private Band $band,
        private array $obstacles = [],
        private Policy $policy = new Policy,
        private Criterion $aim = Criterion::FrontRestoration,
    ) {
    }

    /**
     * @param  Setting|null  $present  the setting that is on; null before the first hook-up
     * @param  int  $readings  how often it was read
     */
    public function advise(Posterior $posterior, ?Setting $present = null, int $readings = 0): Recommendation
    {
        $prospect = new SettingEvaluator($posterior, $this->adjusters, $this->reference, $this->band, $this->obstacles, $this->policy, $this->aim);
        $ranking = $this->ranked($prospect, $present);
        $best = $ranking[0];
        $now = $present === null ? null : $prospect->of($present, $present);
        $couldStandLevel = $now !== null && ! $now->standsLevel() && $best->standsLevel() && $best->isOpen() && $best->chance >= $this->policy->goodEnough;
        $move = match (true) {
            $now === null => $best->isOpen() ? Action::Set : Action::Cannot,
            $couldStandLevel => Action::Set,
            $now->isOpen() && $now->chance >= $this->policy->sure && $now->over <= $this->policy->overUnsure => Action::Stop,
            $now->chance >= $this->policy->worthReading && $readings < $this->policy->readings => Action::ReadAgain,
            $now->isOpen() && $now->chance >= $this->policy->goodEnough => Action::Stop,
            ! $best->isOpen() || max($best->chance, $now->chance) <= $this->policy->hopeless => Action::Cannot,
            $best->setting->equals($now->setting) => Action::Stop,
            default => Action::Set,
        };

        return new Recommendation($move, $now === null || $move === Action::Set || $move === Action::Cannot ? $best : $now, $now, $ranking);
    }

    /**
     * Load and attitude are two goals with two levers: where the best setting leaves the trailer off level, the head's
     * other holes are weighed with it as pairs.
     *
     * @return non-empty-list<SettingForecast>
     */
    private function ranked(SettingEvaluator $prospect, ?Setting $present): array
    {
        $stays = $present ?? $this->reference;
        $outlooks = $this->sorted(array_map(static fn (Setting $setting): SettingForecast => $prospect->of($setting, $present), $this->settings($stays)), 0.0);
        if ($present === null || $outlooks[0]->standsLevel() || $this->heads($stays) === []) {
            return $outlooks;
        }
        foreach ($this->heads($stays) as $head) {
            foreach ($this->settings($head) as $setting) {
                $outlooks[] = $prospect->of($setting, $present);
            }
        }

        return $this->sorted($outlooks, $this->policy->offLevel);
    }

    /**
     * @param  non-empty-list<SettingForecast>  $outlooks
     * @param  float  $offLevel  what a trailer off level takes from a setting's worth
     * @return non-empty-list<SettingForecast> best first, those that may not be advised last
     */
    private function sorted(array $outlooks, float $offLevel): array
    {
        usort($outlooks, fn (SettingForecast $one, SettingForecast $other): int => [$other->isOpen(), $this->worth($other, $offLevel)] <=> [$one->isOpen(), $this->worth($one, $offLevel)]);

        return $outlooks;
    }

    private function worth(SettingForecast $outlook, float $offLevel): float
    {
        return $outlook->chance - $this->policy->minute * $outlook->minutes - ($outlook->standsLevel() ? 0.0 : $offLevel);
    }

    /** @return list<Setting> the same with the head at each of its other holes */
    private function heads(Setting $stays): array
    {
        $heads = [];
        foreach ($this->adjusters->all() as $adjuster) {
            foreach ($adjuster->role === Role::HeadHeight ? $adjuster->range->all() : [] as $step) {
                if (abs($step - $stays->step($adjuster->key)) > 1e-9) {
                    $heads[] = $stays->with($adjuster->key, $step);
                }
            }
        }

        return $heads;
    }

    /** @return non-empty-list<Setting> with the head where it is, the setting itself first */
    private function settings(Setting $stays): array
    {
        $settings = [$stays];
        foreach ($this->adjusters->settings() as $setting) {
            if (! $setting->equals($stays) && $this->leavesTheHead($setting, $stays)) {
                $settings[] = $setting;
            }
        }

        return $settings;
    }

    private function leavesTheHead(Setting $setting, Setting $stays): bool
    {
        foreach ($this->adjusters->all() as $adjuster) {
            if ($adjuster->role === Role::HeadHeight && abs($setting->step($adjuster->key) - $stays->step($adjuster->key)) > 1e-9) {
                return false;
            }
        }

        return true;
    }
}
