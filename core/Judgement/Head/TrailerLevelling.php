<?php

declare(strict_types=1);

namespace Yoke\Judgement\Head;

use Yoke\Foundation\Units\Angle;
use Yoke\Foundation\Units\Length;

/**
 * Two frame heights, one ahead of the axles and one behind, say which way and how far to jack: the trailer turns about
 * its axle group, so that a move of the coupler is the pitch times ball to axle.
 */
final readonly class TrailerLevelling
{
    /** Frame heights that differ by no more than this are level. */
    private const LEVEL_MM = 2.0;

    /**
     * @param  Length  $apart  along the frame between the two marks; above 0
     * @param  Length  $ballToAxle  above 0
     */
    public function __construct(
        private Length $frontMark,
        private Length $rearMark,
        private Length $apart,
        private Length $ballToAxle,
    ) {
    }

    /** Nose-up positive. */
    public function pitch(): Angle
    {
        return Angle::ofRadians(
            atan2($this->frontMark->minus($this->rearMark)->millimetres(), $this->apart->millimetres()),
        );
    }

    public function isLevel(): bool
    {
        return $this->frontMark->minus($this->rearMark)->absolute()->millimetres() <= self::LEVEL_MM;
    }

    /** How far the coupler has to go up (positive) or down. */
    public function couplerMove(): Length
    {
        return $this->ballToAxle->times(tan($this->pitch()->negated()->radians()));
    }

    /** What the coupler will read when level, from what it reads now. */
    public function levelCouplerHeight(Length $couplerNow): Length
    {
        return $couplerNow->plus($this->couplerMove());
    }
}
