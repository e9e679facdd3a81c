<?php

declare(strict_types=1);

namespace Yoke\Workshop\Sway;

use Closure;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Bounds;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Judgement\Method\Tolerances;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Rig\Family\SwayControl;
use Yoke\Workshop\Procedure\Station;

/**
 * What invites sway on this rig at the setting that is on, by all its readings, strongest first (docs/model.md, Sway).
 * What
 * weighs alike stands in the order in which the trade looks.
 */
final readonly class SwayRisks
{
    private const LEAST_SHARE = 0.1;

    /** Less likely than this is not worth a line. */
    private const WORTH_SAYING = 0.02;

    /** What a check weighs that found something, and one that nobody answered. */
    private const FOUND = 0.6;

    private const NOT_LOOKED = 0.15;

    /** Cams so far off do nothing to restore. */
    private const CAMS_LOST_MM = 50.0;

    public function __construct(
        private Posterior $posterior,
        private ?CurrentSetting $current,
        private TargetRange $band,
        private SwayControl $control,
        /** The share at which the control works by its own data sheet; null where that gives none. */
        private ?Bounds $own,
        private Tolerances $tolerances,
    ) {
    }

    /**
     * @param  list<SwayCheck>  $checks
     * @param  array<string, Answer>  $answers  by check
     * @return list<SwayRisk>
     */
    public function ranked(array $checks, array $answers, ?CamCentring $cams): array
    {
        return self::strongestFirst([
            $this->tongue(),
            $this->noseUp(),
            $this->lightFront(),
            ...self::ofChecks($checks, $answers),
            $this->slackBars(),
            ...$this->outsideItsOwn(),
            ...$this->cams($cams),
        ]);
    }

    /**
     * Before anything was read carried: what the tongue tells from the first minute.
     *
     * @param  list<SwayCheck>  $checks
     * @param  array<string, Answer>  $answers  by check
     * @return list<SwayRisk>
     */
    public function early(array $checks, array $answers): array
    {
        return self::strongestFirst([$this->tongue(), ...self::ofChecks($checks, $answers)]);
    }

    /**
     * Of a plain ball, which is never carried.
     *
     * @param  list<SwayCheck>  $checks
     * @param  array<string, Answer>  $answers  by check
     * @return list<SwayRisk>
     */
    public function ofPlainBall(array $checks, array $answers): array
    {
        return self::strongestFirst([$this->tongue(), $this->noseUp(), ...self::ofChecks($checks, $answers)]);
    }

    /**
     * @param  list<SwayRisk>  $found
     * @return list<SwayRisk>
     */
    private static function strongestFirst(array $found): array
    {
        $found = array_values(
            array_filter($found, static fn (SwayRisk $one): bool => $one->weight >= self::WORTH_SAYING),
        );
        $order = array_map(static fn (SwayRisk $one, int $place): array => [$one, $place], $found, array_keys($found));
        usort(
            $order,
            static fn (array $one, array $other): int => [$other[0]->weight, $one[1]] <=> [$one[0]->weight, $other[1]],
        );

        return array_column($order, 0);
    }

    /** A figure is called off where it is likelier off than not: else the page would say otherwise than the verdict. */
    private static function ifLikely(float $chance): float
    {
        return $chance >= 0.5 ? $chance : 0.0;
    }

    /**
     * What checks alone tell, while nothing is read.
     *
     * @param  list<SwayCheck>  $checks
     * @param  array<string, Answer>  $answers
     * @return list<SwayRisk> what was found first
     */
    public static function ofChecks(array $checks, array $answers): array
    {
        $found = [];
        $open = [];
        foreach ($checks as $check) {
            $answer = $answers[$check->key] ?? null;
            if ($answer === Answer::No) {
                $found[] = new SwayRisk(SwayRiskKind::FoundOtherwise, self::FOUND, $check->station, null, [$check]);
            }
            $open = $answer === null ? [...$open, $check] : $open;
        }

        return $open === []
            ? $found
            : [...$found, new SwayRisk(SwayRiskKind::NotLookedAt, self::NOT_LOOKED, Station::Sway, null, $open)];
    }

    private function tongue(): SwayRisk
    {
        $share = $this->predict(
            static fn (Attitude $carried): float => $carried->rig()->trailer()->tongueWeight /
                $carried->rig()->trailer()->weight,
        );

        return new SwayRisk(
            SwayRiskKind::TooLittleOnTheTongue,
            self::ifLikely($share->chanceBelow(self::LEAST_SHARE)),
            Station::Brief,
            $share,
        );
    }

    private function noseUp(): SwayRisk
    {
        $pitch = $this->predict(static fn (Attitude $carried): float => $carried->trailerPitchAngle()->degrees());

        return new SwayRisk(
            SwayRiskKind::NoseUp,
            self::ifLikely(1.0 - $pitch->chanceBelow($this->tolerances->noseUpDegrees)),
            Station::Head,
            $pitch,
        );
    }

    private function lightFront(): SwayRisk
    {
        $share = $this->predict(static fn (Attitude $carried): float => $carried->frontRestored());

        return new SwayRisk(
            SwayRiskKind::FrontLight,
            self::ifLikely($share->chanceBelow($this->band->from)),
            Station::BarsUp,
            $share,
        );
    }

    /** @return list<SwayRisk> a control with a range of its own is held to it */
    private function outsideItsOwn(): array
    {
        if ($this->own === null) {
            return [];
        }
        $share = $this->predict(static fn (Attitude $carried): float => $carried->frontRestored());
        $inside = $share->chanceBelow($this->own->high) - $share->chanceBelow($this->own->low);

        return [new SwayRisk(SwayRiskKind::ControlOutside, self::ifLikely(1.0 - $inside), Station::BarsUp, $share)];
    }

    private function slackBars(): SwayRisk
    {
        $bend = $this->predict(static fn (Attitude $carried): float => $carried->barBend()->millimetres());

        return new SwayRisk(
            SwayRiskKind::SlackBars,
            $this->control->isFedByBars() ? self::ifLikely($bend->chanceBelow($this->tolerances->bentMm)) : 0.0,
            Station::BarsUp,
            $bend,
        );
    }

    /** @return list<SwayRisk> */
    private function cams(?CamCentring $cams): array
    {
        return $this->control !== SwayControl::Cam || $cams === null || $cams->isCentred()
            ? []
            : [
                new SwayRisk(
                    $cams->toMove()->isNegative() ? SwayRiskKind::CamsTooFarForward : SwayRiskKind::CamsTooFarBack,
                    min(1.0, abs($cams->toMove()->millimetres()) / self::CAMS_LOST_MM),
                    Station::Sway,
                    Normal::of($cams->toMove()->millimetres(), 0.0),
                ),
            ];
    }

    /** @param  Closure(Attitude): float  $of  the carried rig; dropped before anything was carried */
    private function predict(Closure $of): Normal
    {
        $current = $this->current;

        return $this->posterior->predict(
            static fn (CoupledRig $rig, float $tension): float => $of(
                $current === null ? $rig->dropped() : $rig->carried($tension + $current->tensionOffset),
            ),
            $current->ballOffset ?? 0.0,
        );
    }
}
