<?php

declare(strict_types=1);

namespace Yoke\Judgement\Head;

use Yoke\Foundation\Units\Length;
use Yoke\Rig\Family\HitchMeasures;
use Yoke\Rig\Specification\SpecificationSheet;

/** Where the head of a rig can be bolted, and what stands in its way, as far as the sheets tell. */
final readonly class HeadPlaces
{
    /** A tape's width: within it, a hole is the one that the ball stands at. */
    private const SAME_HEIGHT_MM = 6.0;

    public function __construct(
        private SpecificationSheet $vehicle,
        private SpecificationSheet $trailer,
        private SpecificationSheet $hitch,
    ) {
    }

    /**
     * Nearest first, for a ball so far over the level coupler; none while a height is missing.
     *
     * @return list<ShankPlace>
     */
    public function for(Length $ballOverCoupler): array
    {
        [$shank, $receiver, $coupler] = [$this->shank(), $this->receiver(), $this->coupler()];

        return $shank === null || $receiver === null || $coupler === null
            ? []
            : $shank->places($receiver, $coupler->plus($ballOverCoupler), $this->clearance($coupler));
    }

    /**
     * One place, in a hole or between two, whatever is best; null where the sheets do not tell how high it brings the
     * ball.
     *
     * @param  'drop'|'rise'  $turned
     * @param  float  $hole  counted from the receiver, from 1
     */
    public function at(string $turned, float $hole, Length $ballOverCoupler): ?ShankPlace
    {
        [$shank, $receiver, $coupler] = [$this->shank(), $this->receiver(), $this->coupler()];

        return $shank === null || $receiver === null || $coupler === null
            ? null
            : $shank->place(
                $turned,
                $hole,
                $receiver,
                $coupler->plus($ballOverCoupler),
                $this->clearance($coupler),
            );
    }

    /** Whether the sheet says that the head has no such hole. */
    public function lacks(float $hole): bool
    {
        return $this->hitch->number('head_holes') !== null && $hole > $this->holes();
    }

    private function shank(): ?Shank
    {
        $drop = $this->hitch->length('shank_drop_mm');
        $rise = $this->hitch->length('shank_rise_mm');

        return $drop === null && $rise === null
            ? null
            : new Shank(
                $drop,
                $this->hitch->length('head_hole_mm') ?? Length::ofMillimetres((new HitchMeasures())->headHoleMm),
                $this->holes(),
                $rise,
            );
    }

    private function receiver(): ?Length
    {
        return $this->vehicle->length('receiver_height_mm');
    }

    private function coupler(): ?Length
    {
        return $this->trailer->length('coupler_height_mm');
    }

    private function clearance(Length $coupler): TailClearance
    {
        return new TailClearance(
            $coupler,
            $this->vehicle->length('tailgate_mm'),
            $this->vehicle->length('tail_underside_mm'),
        );
    }

    /** How many positions the head can take. */
    public function holes(): int
    {
        return (int) ($this->hitch->number('head_holes') ?? (new HitchMeasures())->headHoles + 1);
    }

    /** The place that puts the ball where it stands now; null where none does. */
    public function asBolted(Length $ballOverCoupler): ?ShankPlace
    {
        $nearest = $this->for($ballOverCoupler)[0] ?? null;

        return $nearest === null || abs($nearest->residual()->millimetres()) > self::SAME_HEIGHT_MM ? null : $nearest;
    }
}
