<?php

declare(strict_types=1);

namespace Yoke\Rig\Parts;

use Yoke\Expected;
use Yoke\Foundation\Units\Length;
use Yoke\Rig\Parts\Check\Problems;
use Yoke\Rig\Parts\Check\ThrowFirstProblem;
use Yoke\Rig\Parts\Exception\ImpossibleRig;

/** A tow vehicle and a trailer paired by a hitch. */
final readonly class Rig
{
    private function __construct(public Vehicle $vehicle, public Trailer $trailer, public Hitch $hitch)
    {
    }

    /** @throws ImpossibleRig */
    public static function of(Vehicle $vehicle, Trailer $trailer, Hitch $hitch): self
    {
        self::check($hitch->barArm, $trailer->ballToAxle, new ThrowFirstProblem);

        return new self($vehicle, $trailer, $hitch);
    }

    /** What no part alone can see: the bars hook up ahead of the trailer's axles. */
    public static function check(?Length $barArm, ?Length $ballToAxle, Problems $problems): void
    {
        if ($barArm !== null && $ballToAxle !== null && ! $barArm->isLessThan($ballToAxle)) {
            $problems->found('bar_arm', Expected::of('rig.bar_arm'));
        }
    }
}
