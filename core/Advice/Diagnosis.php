<?php

declare(strict_types=1);

namespace Yoke\Advice;

use Yoke\Constraint\Constraint;
use Yoke\Estimation\Posterior;
use Yoke\Method\Band;
use Yoke\Method\CurrentSetting;
use Yoke\Probability\Normal;
use Yoke\Statics\Attitude;
use Yoke\Statics\CoupledRig;

/** What is wrong with a rig as it is hooked up, in order of danger; each with what it is and what to do about it. */
final readonly class Diagnosis
{
    /** Something is said to be so from this chance on. */
    private const LIKELY = 0.5;

    private const BENT_MM = 5.0;

    /** @param  list<Constraint>  $obstacles what no setting may break */
    public function __construct(private Posterior $posterior, private CurrentSetting $trial, private Band $band, private array $obstacles)
    {
    }

    /** @return list<Finding> the most dangerous first; empty where nothing is wrong */
    public function findings(): array
    {
        $share = $this->predict(static fn (Attitude $carried): float => $carried->frontRestored());
        $pitch = $this->predict(static fn (Attitude $carried): float => $carried->trailerPitchAngle()->degrees());
        $bend = $this->predict(static fn (Attitude $carried): float => $carried->barBend());
        $over = 1 - $share->chanceBelow(1.0);
        $short = $share->chanceBelow($this->band->from);
        $found = [
            new Finding('The front axle is over-restored', $over, sprintf('It carries about %d %% of what it lost, so more than alone: steering goes heavy, the rear light.', round(100 * $share->mean())), 'Less tension, now. Do not drive it so.'),
        ];
        foreach ($this->broken() as $what) {
            $found[] = new Finding(ucfirst($what), 1.0, 'By the model, as it is hooked up.', 'No setting is worth a rating: less load, other bars, another hitch.');
        }

        return array_values(array_filter([
            ...$found,
            new Finding('The trailer stands nose-up', 1 - $pitch->chanceBelow(0.2), sprintf('By about %.1f°: it sways sooner so.', $pitch->mean()), 'Lower the head a hole, then set the tension again.'),
            new Finding('The bars are slack', $bend->chanceBelow(self::BENT_MM), 'They show hardly any bend: they carry nothing, and friction of the sway control goes with them.', 'More tension, from what is known of the rig; more tilt where the links run out.'),
            new Finding('The front axle is light', $short, sprintf('Only about %d %% of its load is back: it steers and brakes less.', round(100 * max(0.0, $share->mean()))), 'More tension, by the next move.'),
            new Finding('The trailer stands far nose-down', $pitch->chanceBelow(-1.0), sprintf('By about %.1f°.', abs($pitch->mean())), 'Raise the head a hole, then set the tension again.'),
        ], static fn (Finding $finding): bool => $finding->chance >= self::LIKELY));
    }

    /** @return list<string> */
    private function broken(): array
    {
        $carried = $this->posterior->rig($this->trial->ballOffset)->carried($this->posterior->tension() + $this->trial->tensionOffset);

        return array_values(array_filter(array_map(fn (Constraint $obstacle): string => $obstacle->against($this->trial->setting, $carried), $this->obstacles), static fn (string $why): bool => $why !== ''));
    }

    /** @param  \Closure(Attitude): float  $quantity */
    private function predict(\Closure $quantity): Normal
    {
        return $this->posterior->predict(fn (CoupledRig $rig, float $tension): float => $quantity($rig->carried($tension + $this->trial->tensionOffset)), $this->trial->ballOffset);
    }
}
