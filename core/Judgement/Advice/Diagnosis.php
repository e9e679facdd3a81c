<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

use Yoke\Foundation\Probability\Normal;
use Yoke\Judgement\Constraint\Constraint;
use Yoke\Judgement\Constraint\Exclusion;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Mechanics\Statics\CoupledRig;

/** What is wrong with a rig as it is hooked up, in order of danger, by the same stance that the verdict is given of. */
final readonly class Diagnosis
{
    /** Something is said to be so from this chance on. */
    private const LIKELY = 0.5;

    /** @param  list<Constraint>  $constraints what no setting may break */
    public function __construct(
        private StanceEvaluator $stances,
        private CurrentSetting $current,
        private array $constraints,
    ) {
    }

    /**
     * @param  float  $tooMuch  chance that the verdict gives to too much: no finding says more
     * @return list<Finding> the most dangerous first; empty where nothing is wrong
     */
    public function findings(float $tooMuch): array
    {
        $forecast = $this->stances->at(
            $this->current->tensionOffset,
            $this->current->ballOffset,
            $this->current->hookUp,
        );
        $tolerances = $this->stances->goal->tolerances;
        $share = $forecast->quantities->share;
        [$pitch, $bend] = [
            $this->pitch($this->current->tensionOffset, $this->current->ballOffset),
            $this->bend($this->current->tensionOffset, $this->current->ballOffset),
        ];
        $found = [
            new Finding(FindingKind::OverRestored, min($tooMuch, $forecast->over), $forecast->share()),
            ...array_map(
                static fn (Exclusion $broken): Finding => new Finding(
                    FindingKind::Broken,
                    1.0,
                    $forecast->share(),
                    $broken,
                ),
                $this->broken($forecast->carried),
            ),
            new Finding(FindingKind::NoseUp, 1.0 - $pitch->chanceBelow($tolerances->noseUpDegrees), $pitch),
            new Finding(FindingKind::SlackBars, $bend->chanceBelow($tolerances->bentMm), $bend),
            new Finding(
                FindingKind::LightFront,
                $share->chanceBelow($this->stances->goal->band->raisedBy($forecast->quantities->lost)->from),
                $forecast->share(),
            ),
            new Finding(FindingKind::FarNoseDown, $pitch->chanceBelow(-$tolerances->farNoseDownDegrees), $pitch),
        ];

        return array_values(
            array_filter($found, static fn (Finding $finding): bool => $finding->chance >= self::LIKELY),
        );
    }

    /** What shows a finding, as it would stand at another setting. */
    public function figureAt(FindingKind $kind, SettingForecast $setting): Normal
    {
        return match ($kind) {
            FindingKind::OverRestored, FindingKind::LightFront, FindingKind::Broken => $setting->share(),
            FindingKind::NoseUp, FindingKind::FarNoseDown => $this->pitch(
                $setting->tensionOffset,
                $setting->ballOffset,
            ),
            FindingKind::SlackBars => $this->bend($setting->tensionOffset, $setting->ballOffset),
        };
    }

    /** @return list<Exclusion> */
    private function broken(Attitude $carried): array
    {
        $setting = $this->current->setting;
        $broken =
            $setting === null
                ? []
                : array_map(
                    static fn (Constraint $constraint): ?Exclusion => $constraint->against($setting, $carried),
                    $this->constraints,
                );

        return array_values(array_filter($broken, static fn (?Exclusion $one): bool => $one !== null));
    }

    /** Of the trailer, degrees, nose-up above 0. */
    private function pitch(float $tensionOffset, float $ballOffset): Normal
    {
        return $this->predict(
            static fn (Attitude $carried): float => $carried->trailerPitchAngle()->degrees(),
            $tensionOffset,
            $ballOffset,
        );
    }

    /** Of the bars at their hook-up point, mm; slack below 0. */
    private function bend(float $tensionOffset, float $ballOffset): Normal
    {
        return $this->predict(
            static fn (Attitude $carried): float => $carried->barBend()->millimetres(),
            $tensionOffset,
            $ballOffset,
        );
    }

    /** @param  \Closure(Attitude): float  $quantity */
    private function predict(\Closure $quantity, float $tensionOffset, float $ballOffset): Normal
    {
        return $this->stances->posterior->predict(
            static fn (CoupledRig $rig, float $tension): float => $quantity($rig->taut($tension + $tensionOffset)),
            $ballOffset,
        );
    }
}
