<?php

declare(strict_types=1);

namespace Yoke\Judgement\Constraint;

use Yoke\Foundation\Units\Load;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Rig\Adjuster\Setting;

/** No bar is bent past its rated load. */
final readonly class BarRating implements Constraint
{
    /** @param  Load  $rating  of one bar, at its hook-up point */
    public function __construct(private Load $rating)
    {
    }

    public function against(Setting $setting, Attitude $carried): ?Exclusion
    {
        return $carried->barLoad()->kilograms() > $carried->rig()->bars()->count * $this->rating->kilograms()
            ? Exclusion::BarsPastRating
            : null;
    }
}
