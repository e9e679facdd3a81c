<?php

declare(strict_types=1);

namespace Yoke\Rig;

use Yoke\Measure\Length;
use Yoke\Rig\Check\LengthRange;
use Yoke\Rig\Check\Problems;
use Yoke\Rig\Check\ThrowFirstProblem;
use Yoke\Rig\Exception\ImpossibleRig;

/** The weight distribution hitch, as far as its set-up needs it. */
final readonly class Hitch
{
    private function __construct(
        /** Ball to the hook-up point of the bars, along the frame; 300 to 1500 mm. */
        public Length $barArm,
    ) {
    }

    /** @throws ImpossibleRig */
    public static function of(Length $barArm): self
    {
        self::check($barArm, new ThrowFirstProblem);

        return new self($barArm);
    }

    /** Null stands for what could not be read. */
    public static function check(?Length $barArm, Problems $problems): void
    {
        LengthRange::ofMillimetres('a bar arm, ball to hook-up point,', 300, 1500)->check('bar_arm', $barArm, $problems);
    }
}
