<?php

declare(strict_types=1);

namespace Yoke\Rig\Parts;

use Yoke\Foundation\Units\Length;
use Yoke\Rig\Parts\Check\LengthRange;
use Yoke\Rig\Parts\Check\Problems;
use Yoke\Rig\Parts\Check\ThrowFirstProblem;
use Yoke\Rig\Parts\Exception\ImpossibleRig;

/** The weight distribution hitch, as far as its set-up needs it. */
final readonly class Hitch
{
    /** Usual bar arm and its spread, one deviation, mm (docs/model.md, What is assumed). */
    public const USUAL_BAR_ARM_MM = [700.0, 45.0];

    /** Shortest and longest. */
    public const BAR_ARM_MM = [300.0, 1500.0];

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
        LengthRange::ofMillimetres('bar_arm', ...self::BAR_ARM_MM)->check('bar_arm', $barArm, $problems);
    }
}
