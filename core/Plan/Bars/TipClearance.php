<?php

declare(strict_types=1);

namespace Yoke\Plan\Bars;

use Yoke\Advice\Obstacle;
use Yoke\Balance\Attitude;
use Yoke\Rig\Adjuster\Setting;

/** Bar tips stay as far above the ground as the hitch's sheet asks. */
final readonly class TipClearance implements Obstacle
{
    public function __construct(private BarHang $hang)
    {
    }

    public function against(Setting $setting, Attitude $carried): string
    {
        $least = $this->hang->leastClearance;
        $clearance = $this->hang->clearance($setting, $carried);

        return $least !== null && $clearance?->isLessThan($least) === true ? 'bar tips too near the ground' : '';
    }
}
