<?php

declare(strict_types=1);

namespace Yoke\Judgement\Constraint;

use Yoke\Measuring\Bars\BarHang;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Rig\Adjuster\Setting;

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
