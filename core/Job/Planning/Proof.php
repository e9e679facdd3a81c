<?php

declare(strict_types=1);

namespace Yoke\Job\Planning;

use Yoke\Foundation\Units\Load;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Judgement\Method\Tolerances;
use Yoke\Measuring\Bars\BarHang;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Rig\Family\HitchFamily;

/** What is looked at before a setting is left alone: attitude, bend, the bars' share of their range, their tips. */
final readonly class Proof
{
    private Attitude $carried;

    /**
     * @param  Load|null  $barRating  of one bar; null where it is not known
     * @param  HitchFamily|null  $family  null until it is known: taken for one with bars
     */
    public function __construct(
        Posterior $posterior,
        private CurrentSetting $current,
        private ?Load $barRating,
        private ?BarHang $hang,
        private Tolerances $tolerances,
        private ?HitchFamily $family = null,
    ) {
        $this->carried = $posterior
            ->rig($current->ballOffset)
            ->carried($posterior->tension() + $current->tensionOffset);
    }

    /** @return non-empty-list<Check> */
    public function checks(): array
    {
        return [
            $this->attitude(),
            ...$this->family?->hasBars() === false ? [] : [$this->bend()],
            ...$this->barRating === null ? [] : [$this->load($this->barRating)],
            ...$this->tips(),
        ];
    }

    private function attitude(): Check
    {
        $pitch = $this->carried->trailerPitchAngle();

        return Check::of(
            match (true) {
                $this->tolerances->isNoseUp($pitch) => CheckKind::NoseUp,
                $this->tolerances->isFarNoseDown($pitch) => CheckKind::FarNoseDown,
                $pitch->degrees() < -$this->tolerances->noseDownDegrees => CheckKind::NoseDown,
                default => CheckKind::Level,
            },
            $pitch,
        );
    }

    private function bend(): Check
    {
        return Check::of(
            $this->carried->barBend()->millimetres() < $this->tolerances->bentMm ? CheckKind::NotBent : CheckKind::Bent,
            $this->carried->barBend(),
        );
    }

    private function load(Load $rating): Check
    {
        $share = $this->carried->barLoad()->kilograms() / ($this->carried->rig()->bars()->count * $rating->kilograms());

        return Check::of($share > 1.0 ? CheckKind::BarsPastRating : CheckKind::BarsInRating, $share);
    }

    /** @return list<Check> none where frame or chain was not taped */
    private function tips(): array
    {
        $clearance =
            $this->current->setting === null ? null : $this->hang?->clearance($this->current->setting, $this->carried);
        $least = $this->hang?->leastClearance;

        return $clearance === null
            ? []
            : [
                Check::of(
                    $least !== null && $clearance->isLessThan($least) ? CheckKind::TipsTooLow : CheckKind::TipsClear,
                    $clearance,
                ),
            ];
    }
}
