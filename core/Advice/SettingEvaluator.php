<?php

declare(strict_types=1);

namespace Yoke\Advice;

use Yoke\Adjuster\Adjusters;
use Yoke\Adjuster\Setting;
use Yoke\Constraint\Constraint;
use Yoke\Estimation\Posterior;
use Yoke\Method\Band;
use Yoke\Method\Criterion;
use Yoke\Probability\Normal;
use Yoke\Statics\Attitude;
use Yoke\Statics\CoupledRig;

/**
 * What every setting promises by a posterior. The restored share of taut bars is a straight line in their tension: two
 * stances a variant and a ball height tell it, whatever the number of settings.
 */
final class SettingEvaluator
{
    private const ALONG_MM = 20.0;

    /** @var array<array-key, list<array{float, float}>> by what it is of and the ball raise: its value at the reference tension, and its slope per mm, of each variant */
    private array $lines = [];

    /** @var array<array-key, CoupledRig> the likeliest, by ball raise */
    private array $rigs = [];

    /**
     * @param  Setting  $reference  the setting whose tension the posterior knows
     * @param  list<Constraint>  $obstacles
     */
    public function __construct(
        private readonly Posterior $posterior,
        private readonly Adjusters $adjusters,
        private readonly Setting $reference,
        private readonly Band $band,
        private readonly array $obstacles,
        private readonly Policy $policy,
        private readonly Criterion $aim = Criterion::FrontRestoration,
    ) {
    }

    /** @param  Setting|null  $from  the setting to get there from; null before the first hook-up, when nothing costs */
    public function of(Setting $setting, ?Setting $from): SettingForecast
    {
        $raise = $this->adjusters->ballHeightBetween($this->reference, $setting);
        $tensionOffset = $this->adjusters->tensionBetween($this->reference, $setting, $this->posterior->prior()->known()->barArm);
        $values = array_map(static fn (array $line): float => $line[0] + $line[1] * $tensionOffset, $this->lines(Criterion::FrontRestoration, $raise));
        $share = Normal::of(max(0.0, $values[0]), $this->posterior->deviationOf($values));
        $taut = Normal::of($values[0], $share->deviation());
        $over = 1.0 - $taut->chanceBelow(1.0);
        $carried = $this->rig($raise)->carried($this->posterior->tension() + $tensionOffset);

        return new SettingForecast(
            $setting,
            $tensionOffset,
            $raise,
            $share,
            $this->aim === Criterion::FrontRestoration || $this->aim === Criterion::AxleScale ? $taut->chanceBetween($this->band->from, $this->band->to) : min($this->chanceOfAim($raise, $tensionOffset), 1.0 - $over),
            $over,
            $carried->trailerPitchAngle(),
            $from === null ? 0 : $this->adjusters->minutesBetween($from, $setting),
            $over > $this->policy->overAllowed ? 'may leave the front over-restored' : $this->obstacle($setting, $carried),
        );
    }

    private function obstacle(Setting $setting, Attitude $carried): string
    {
        foreach ($this->obstacles as $obstacle) {
            $against = $obstacle->against($setting, $carried);
            if ($against !== '') {
                return $against;
            }
        }

        return '';
    }

    private function rig(float $raise): CoupledRig
    {
        return $this->rigs[(string) $raise] ??= $this->posterior->rig($raise);
    }

    private function chanceOfAim(float $raise, float $tensionOffset): float
    {
        $values = array_map(static fn (array $line): float => $line[0] + $line[1] * $tensionOffset, $this->lines($this->aim, $raise));

        return Normal::of($values[0], $this->posterior->deviationOf($values))->chanceBetween(...$this->aim->bounds($this->band));
    }

    /** @return list<array{float, float}> */
    private function lines(Criterion $of, float $raise): array
    {
        return $this->lines["{$of->value} {$raise}"] ??= array_map(function (array $variant) use ($of): array {
            [$rig, $tension] = $variant;
            $here = $of->quantity($rig->taut($tension), $this->band);

            return [$here, ($of->quantity($rig->taut($tension + self::ALONG_MM), $this->band) - $here) / self::ALONG_MM];
        }, $this->posterior->variants($raise));
    }
}
