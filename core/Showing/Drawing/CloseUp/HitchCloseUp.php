<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\CloseUp;

use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Family\TakeUp;
use Yoke\Showing\Drawing\DrawnPart;
use Yoke\Showing\Drawing\Figure;
use Yoke\Showing\Drawing\Point;

/**
 * A hitch at one setting, seen from the side and drawn so that nobody counts from the wrong end: every hole and link
 * with
 * its number, the one in use marked. In units of CloseUpSheet, y up; a scheme, not to scale.
 */
final readonly class HitchCloseUp
{
    private const POINTS_PER_BAR = 12;

    /** How far the bar runs on in the line of its socket before it bends to its tip. */
    private const BAR_LEAD = 40.0;

    private const SCREW_LENGTH = 34.0;

    private HeadView $head;

    private TakeUpView $takeUp;

    /** The screw on the head, on the families that tension by one. */
    private ?Adjuster $screw;

    public function __construct(Adjusters $adjusters, private Setting $setting, private TakeUp $by)
    {
        $tension = self::of($adjusters, Role::Tension);
        $this->screw = $tension !== null && $tension->isTurnedLoaded ? $tension : null;
        $this->head = new HeadView($setting, self::of($adjusters, Role::HeadHeight), self::of($adjusters, Role::Tilt));
        $step = $tension === null ? 0.0 : $setting->step($tension->key);
        $this->takeUp = match (true) {
            $tension === null || $this->screw !== null => new LedgeView($by, null, 0.0),
            $by->isChain() => new ChainView($by, $tension, $step),
            $by->hasBars() => new LedgeView($by, $tension, $step),
            default => new NutView($tension, $step),
        };
    }

    /** @return non-empty-list<Figure> what lies behind comes first */
    public function figures(): array
    {
        return [
            Figure::rounded(DrawnPart::Body, [
                [136.0, CloseUpSheet::FRAME, 3.0],
                [136.0, CloseUpSheet::FRAME + 16.0, 3.0],
                [CloseUpSheet::WIDTH, CloseUpSheet::FRAME + 16.0, 0.0],
                [CloseUpSheet::WIDTH, CloseUpSheet::FRAME, 0.0],
            ]),
            ...$this->by->distributes() ? [$this->bar()] : [],
            ...$this->screwOnHead(),
            ...$this->head->figures(),
            ...$this->by->distributes() ? $this->takeUp->figures() : [],
        ];
    }

    /** @return list<StepMark> */
    public function marks(): array
    {
        $screw =
            $this->screw === null
                ? []
                : [
                    StepMark::inUse(
                        $this->screw,
                        $this->setting->step($this->screw->key),
                        new Point($this->head->screw()->x - 26.0, $this->head->screw()->y - 14.0),
                    ),
                ];

        return [...$this->head->marks(), ...$screw, ...$this->by->distributes() ? $this->takeUp->marks() : []];
    }

    /** The bar leaves the head in the line of its socket and bends up to its tip; a tension chain runs straight. */
    private function bar(): Figure
    {
        [$from, $to] = [$this->head->socket(), $this->takeUp->tip()];
        if (! $this->by->hasBars()) {
            return Figure::line(DrawnPart::Chain, [$from, $to]);
        }
        $bend = new Point(
            $from->x + self::BAR_LEAD * cos($this->head->lean()),
            $from->y - self::BAR_LEAD * sin($this->head->lean()),
        );
        $points = [];
        for ($i = 0; $i <= self::POINTS_PER_BAR; $i++) {
            $share = $i / self::POINTS_PER_BAR;
            $points[] = $from->towards($bend, $share)->towards($bend->towards($to, $share), $share);
        }

        return Figure::line(DrawnPart::Bar, $points);
    }

    /** @return list<Figure> */
    private function screwOnHead(): array
    {
        if ($this->screw === null) {
            return [];
        }
        $at = $this->head->screw();
        $reach = max(1.0, $this->screw->range->to - $this->screw->range->from);
        $out =
            self::SCREW_LENGTH *
            (1.0 - (0.6 * ($this->setting->step($this->screw->key) - $this->screw->range->from)) / $reach);

        return [
            Figure::rounded(DrawnPart::Link, [
                [$at->x - 5.0, $at->y - $out, 2.0],
                [$at->x - 5.0, $at->y, 2.0],
                [$at->x + 5.0, $at->y, 2.0],
                [$at->x + 5.0, $at->y - $out, 2.0],
            ]),
        ];
    }

    private static function of(Adjusters $adjusters, Role $role): ?Adjuster
    {
        foreach ($adjusters->all() as $adjuster) {
            if ($adjuster->role === $role) {
                return $adjuster;
            }
        }

        return null;
    }
}
