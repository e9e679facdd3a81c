<?php

declare(strict_types=1);

namespace Yoke\Planning;

use Yoke\Bars\BarHang;
use Yoke\Estimation\Posterior;
use Yoke\Method\CurrentSetting;
use Yoke\Statics\Attitude;
use Yoke\Units\Length;
use Yoke\Units\Load;

/** What is looked at before a setting is left alone: attitude, bend, the bars' share of their range, their tips. */
final readonly class Proof
{
    private const NOSE_UP_DEGREES = 0.2;

    private const NOSE_DOWN_DEGREES = 0.5;

    private const FAR_DOWN_DEGREES = 1.0;

    private const BENT_MM = 5.0;

    private Attitude $carried;

    /** @param  Load|null  $barRating  of one bar; null where it is not known */
    public function __construct(Posterior $posterior, private CurrentSetting $trial, private ?Load $barRating, private ?BarHang $hang)
    {
        $this->carried = $posterior->rig($trial->ballOffset)->carried($posterior->tension() + $trial->tensionOffset);
    }

    /** @return non-empty-list<Check> */
    public function checks(): array
    {
        return [
            $this->attitude(),
            $this->bend(),
            ...($this->barRating === null ? [] : [$this->load($this->barRating)]),
            ...$this->tips(),
        ];
    }

    private function attitude(): Check
    {
        $pitch = $this->carried->trailerPitchAngle();
        $degrees = $pitch->degrees();

        return match (true) {
            $degrees > self::NOSE_UP_DEGREES => Check::failed('Trailer nose-up', $pitch, 'Lower the head a hole and set the tension again: nose-up invites sway.'),
            $degrees < -self::FAR_DOWN_DEGREES => Check::failed('Trailer far nose-down', $pitch, 'Raise the head a hole and set the tension again.'),
            $degrees < -self::NOSE_DOWN_DEGREES => Check::passed('Trailer nose-down, more than slightly', $pitch),
            default => Check::passed('Trailer level or slightly nose-down', $pitch),
        };
    }

    private function bend(): Check
    {
        $bend = Length::ofMillimetres($this->carried->barBend());

        return $this->carried->barBend() < self::BENT_MM
            ? Check::failed('Bars show no bend', $bend, 'More tension: straight bars carry nothing.')
            : Check::passed('Bars bent at the hook-up point by', $bend);
    }

    private function load(Load $rating): Check
    {
        $share = $this->carried->barLoad() / ($this->carried->rig()->bars()->count * $rating->kilograms());

        return $share > 1.0
            ? Check::failed('Bars past their rating', $share, 'Less tension, or heavier bars.')
            : Check::passed('Of their rating, each bar carries', $share);
    }

    /** @return list<Check> none where frame or chain was not taped */
    private function tips(): array
    {
        $clearance = $this->hang?->clearance($this->trial->setting, $this->carried);
        $least = $this->hang?->leastClearance;

        return $clearance === null ? [] : [
            $least !== null && $clearance->isLessThan($least)
                ? Check::failed('Bar tips too near the ground', $clearance, 'More links taken up and less tilt, or the head a hole higher.')
                : Check::passed('Bar tips clear of the ground by', $clearance),
        ];
    }
}
