<?php

declare(strict_types=1);

namespace Yoke\Method;

use Yoke\Estimation\Observed;
use Yoke\Estimation\Posterior;
use Yoke\Estimation\Residual;
use Yoke\Probability\Normal;
use Yoke\Rig\Stance;
use Yoke\Statics\Attitude;
use Yoke\Statics\CoupledRig;
use Yoke\Units\Load;
use Yoke\Units\LoadUnit;

/**
 * The five schools side by side for the setting that is on, each judged by what all readings together tell of its
 * quantity (docs/model.md, Methods).
 */
final readonly class FiveMethods
{
    /** Bars bent less than this hang straight for the eye, mm. */
    private const BENT_MM = 5.0;

    public function __construct(private Posterior $posterior, private CurrentSetting $trial, private Band $band, private LoadUnit $unit = LoadUnit::Kilogram)
    {
    }

    /** @return non-empty-list<MethodView> */
    public function all(): array
    {
        return [$this->frontRestoration(), $this->equalSquat(), $this->couplerHeight(), $this->ballLoad(), $this->axleScale()];
    }

    /**
     * Why methods disagree with the one that governs, a sentence each; none where they agree.
     *
     * @return list<string>
     */
    public function disagreements(): array
    {
        [$front, $squat, $coupler, , $scale] = $this->all();
        $told = static fn (MethodView $view): bool => ! in_array($view->verdict, [Verdict::CannotTell, Verdict::Waiting], true);
        $sentences = [];
        if ($told($front) && $told($squat) && $front->verdict !== $squat->verdict) {
            $sentences[] = $squat->verdict === Verdict::Short
                ? 'Equal squat wants the rear higher still: on this rig that would take the front below its alone height, so stop at full return.'
                : 'Equal squat looks at both ends alike; the front axle\'s load is what the band holds.';
        }
        if ($told($front) && $told($coupler) && $front->verdict !== $coupler->verdict) {
            $sentences[] = 'The coupler\'s height follows the head\'s hole more than the bars: load by tension, attitude by the head.';
        }
        if ($told($front) && $told($scale) && $front->verdict !== $scale->verdict) {
            $sentences[] = 'The scale and the fender disagree: the suspension sticks. The scale is the judge; roll and tape again.';
        }

        return $sentences;
    }

    private function frontRestoration(): MethodView
    {
        $share = $this->predict(static fn (Attitude $carried): float => $carried->frontRestored());

        return MethodView::of('front_restoration', $share, self::chances($share, Criterion::FrontRestoration, $this->band), [
            'short' => 'More tension: the front axle is still light.',
            'in' => 'The front axle has its load back, and no more.',
            'over' => 'Less tension: the front axle is past its band.',
        ]);
    }

    /** Rear drop less front drop, mm; over, too, where the front stands below alone. */
    private function equalSquat(): MethodView
    {
        $difference = $this->predict(static fn (Attitude $carried): float => $carried->frontRise() - $carried->rearRise());
        $below = 1 - $this->predict(static fn (Attitude $carried): float => $carried->frontRestored())->chanceBelow(1.0);
        [$from, $to] = Criterion::EqualSquat->bounds($this->band);
        $over = max($below, $difference->chanceBelow($from));

        return MethodView::of('equal_squat', $difference, Chances::ofOutside(min(1 - $over, 1 - $difference->chanceBelow($to)), $over), [
            'short' => 'The rear dropped more than the front: more tension, but stop at full return.',
            'in' => 'Both ends are down alike, within 13 mm (1/2 in).',
            'over' => 'The front is down more, or below its alone height: less tension.',
        ]);
    }

    /** Coupler over its height with the trailer level, mm; whether the bars are bent decides what to do about it. */
    private function couplerHeight(): MethodView
    {
        $over = $this->predict(static fn (Attitude $carried): float => $carried->ballRise());
        $bent = $this->predict(static fn (Attitude $carried): float => $carried->barBend())->mean() >= self::BENT_MM;

        return MethodView::of('coupler_height', $over, self::chances($over, Criterion::CouplerHeight, $this->band), [
            'short' => $bent ? 'The bars are bent and the coupler is still low: raise the head a hole.' : 'The bars are not bent: more tension first.',
            'in' => $bent ? 'The coupler is at its level height with the bars bent.' : 'The coupler is level, but the bars are not bent: more tension.',
            'over' => 'The coupler is high: lower the head a hole.',
        ]);
    }

    /** Force between ball and coupler, kg, against the target for the middle of the band. */
    private function ballLoad(): MethodView
    {
        $load = $this->predict(static fn (Attitude $carried): float => $carried->ballLoad());
        $offTarget = $this->predict(fn (Attitude $carried): float => Criterion::BallLoad->quantity($carried, $this->band));
        $target = $this->unit->nearest(Load::ofKilograms(Criterion::ballLoadTarget($this->posterior->rig($this->trial->ballOffset), $this->band)));

        return MethodView::of('ball_load', $load, self::chances($offTarget, Criterion::BallLoad, $this->band), [
            'short' => "Turn the screw up: a gauge should come to {$target}, within 4 %.",
            'in' => "A gauge would show its target, {$target}, within 4 %.",
            'over' => "Turn the screw down: a gauge should come to {$target}, within 4 %.",
        ]);
    }

    /** The share by front axle loads alone, where tickets hold all three stances. */
    private function axleScale(): MethodView
    {
        $alone = $this->weighed(Stance::Alone);
        $dropped = $this->weighed(Stance::Dropped);
        $carried = $this->weighed(Stance::Carried);
        if ($alone === null || $dropped === null || $carried === null || $alone->mean() <= $dropped->mean()) {
            return MethodView::waiting('axle_scale', 'Waits for tickets: alone, dropped and carried.');
        }
        $lost = $alone->mean() - $dropped->mean();
        $share = ($carried->mean() - $dropped->mean()) / $lost;
        $value = Normal::of($share, sqrt($carried->deviation() ** 2 + ((1 - $share) * $dropped->deviation()) ** 2 + ($share * $alone->deviation()) ** 2) / $lost);

        return MethodView::of('axle_scale', $value, self::chances($value, Criterion::AxleScale, $this->band), [
            'short' => 'The scale says: more tension.',
            'in' => 'The scale finds the front axle in band.',
            'over' => 'The scale says: less tension.',
        ]);
    }

    /** The front axle as weighed in a stance, kg; the setting that is on counts for carried. */
    private function weighed(Stance $stance): ?Normal
    {
        $found = array_values(array_filter($this->posterior->readings, fn (Residual $reading): bool => $reading->observation->observed === Observed::FrontLoad
            && $reading->observation->context->stance === $stance
            && ($stance !== Stance::Carried || abs($reading->observation->context->tensionOffset - $this->trial->tensionOffset) < 1e-6)));
        $sum = array_sum(array_map(static fn (Residual $reading): float => $reading->observation->value, $found));

        return $found === [] ? null : Normal::of($sum / count($found), $found[0]->observation->deviation / sqrt(count($found)));
    }

    /** @param  \Closure(Attitude): float  $quantity */
    private function predict(\Closure $quantity): Normal
    {
        return $this->posterior->predict(fn (CoupledRig $rig, float $tension): float => $quantity($rig->carried($tension + $this->trial->tensionOffset)), $this->trial->ballOffset);
    }

    private static function chances(Normal $value, Criterion $aim, Band $band): Chances
    {
        [$from, $to] = $aim->bounds($band);

        return Chances::ofOutside($value->chanceBelow($from), 1 - $value->chanceBelow($to));
    }
}
