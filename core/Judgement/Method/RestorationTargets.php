<?php

declare(strict_types=1);

namespace Yoke\Judgement\Method;

use Yoke\Foundation\Units\Length;
use Yoke\Measuring\Readings\Height\StanceHeights;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/** The carried front fender heights to aim at, known as soon as alone and dropped are taped. */
final readonly class RestorationTargets
{
    private function __construct(private Length $alone, private Length $droppedRise)
    {
    }

    /** Null while a height is missing, or when the front did not rise. */
    public static function from(StanceHeights $heights): ?self
    {
        $alone = $heights->at(Stance::Alone, Axle::Front)?->height();
        $rise = $heights->rise(Stance::Dropped, Axle::Front);

        return $alone === null || $rise === null || ! $rise->isGreaterThan(Length::zero())
            ? null
            : new self($alone, $rise);
    }

    /** The front fender height at which a share (0 to 1) of the lost load is back. */
    public function at(float $share): Length
    {
        return $this->alone->plus($this->droppedRise->times(1 - $share));
    }

    public function halfway(): Length
    {
        return $this->at(0.5);
    }

    public function fullReturn(): Length
    {
        return $this->alone;
    }
}
