<?php

declare(strict_types=1);

namespace Yoke\Job\Choice;

use Yoke\Foundation\Units\Length;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Specification\SpecificationSheet;

/**
 * A hitch that a rig may get: one that stands in the garage, or one that is usual of its family with bars of a rating.
 */
final readonly class HitchOffer
{
    /** What a specification says of the rig that the hitch was on, not of the hitch. */
    private const OF_ANOTHER_RIG = ['ball_height_mm', 'maker_ball_load_kg', 'start_step', 'holes_showing'];

    private function __construct(
        public HitchFamily $family,
        /** Null where its bars' rating is not known, and where it has none. */
        public ?BarRange $bars,
        private SpecificationSheet $specification,
        /** Null where nobody measured it. */
        private ?Length $barArm,
    ) {
    }

    /** What is usual of a family. One without bars has none, whatever was asked for. */
    public static function usual(HitchFamily $family, BarRange $bars): self
    {
        $rated = $family->hasBars()
            ? [
                'bar_rating_low_kg' => $bars->lightest->kilograms(),
                'bar_rating_high_kg' => $bars->heaviest->kilograms(),
            ]
            : [];

        return new self(
            $family,
            $family->hasBars() ? $bars : null,
            new SpecificationSheet(['family' => $family->key(), ...$rated]),
            null,
        );
    }

    /**
     * One that is described, its head to be set for this rig; null where its family is not known, or moves no load.
     *
     * @param  Length|null  $barArm  null where nobody measured it
     */
    public static function described(SpecificationSheet $specification, ?Length $barArm): ?self
    {
        $family = Families::find((string) $specification->text('family'));

        return $family === null || ! $family->facts()->takeUp->distributes()
            ? null
            : new self(
                $family,
                $family->hasBars() ? BarRange::ofHitch($specification) : null,
                $specification->without(...self::OF_ANOTHER_RIG),
                $barArm,
            );
    }

    /** A rig with this hitch in place of its own. */
    public function on(SpecifiedRig $rig): SpecifiedRig
    {
        return $rig->withHitch($this->specification, $this->barArm);
    }
}
