<?php

declare(strict_types=1);

namespace Yoke\Constraint;

use Yoke\Adjuster\Setting;
use Yoke\Bars\BarHang;
use Yoke\Statics\Attitude;

/** Bar tips stay as far above the ground as the hitch's sheet asks. */
final readonly class TipClearance implements Constraint
{
    public function __construct(private BarHang $hang)
    {
    }

    public function against(Setting $setting, Attitude $carried): ?Exclusion
    {
        $least = $this->hang->leastClearance;
        $clearance = $this->hang->clearance($setting, $carried);

        return $least !== null && $clearance?->isLessThan($least) === true ? Exclusion::TipsTooLow : null;
    }
}
