<?php

declare(strict_types=1);

namespace Yoke\Rig\Parts;

use Yoke\Expected;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Rig\Parts\Check\LengthRange;
use Yoke\Rig\Parts\Check\Problems;
use Yoke\Rig\Parts\Check\ThrowFirstProblem;
use Yoke\Rig\Parts\Exception\ImpossibleRig;

/** The trailer, as far as its set-up needs it. */
final readonly class Trailer
{
    /** Shortest and longest. */
    public const BALL_TO_AXLE_MM = [1200.0, 12_000.0];

    /** Lightest and heaviest. */
    public const GROSS_WEIGHT_KG = [100.0, 20_000.0];

    private function __construct(
        public TrailerBody $body,
        /** 1 to 3. */
        public int $axles,
        /** Ball to the centre of the axle group; 1200 to 12,000 mm. */
        public Length $ballToAxle,
        /** Gross trailer weight as it travels; 100 to 20,000 kg. */
        public Load $grossWeight,
    ) {
    }

    /** @throws ImpossibleRig */
    public static function of(TrailerBody $body, int $axles, Length $ballToAxle, Load $grossWeight): self
    {
        self::check($axles, $ballToAxle, $grossWeight, new ThrowFirstProblem());

        return new self($body, $axles, $ballToAxle, $grossWeight);
    }

    /** Checks what is known so far; null stands for what could not be read. */
    public static function check(?int $axles, ?Length $ballToAxle, ?Load $grossWeight, Problems $problems): void
    {
        if ($axles !== null && ($axles < 1 || $axles > 3)) {
            $problems->found('axles', Expected::of('rig.axles'));
        }
        LengthRange::ofMillimetres('ball_to_axle', ...self::BALL_TO_AXLE_MM)->check(
            'ball_to_axle',
            $ballToAxle,
            $problems,
        );
        if (
            $grossWeight !== null &&
            ($grossWeight->kilograms() < self::GROSS_WEIGHT_KG[0] ||
                $grossWeight->kilograms() > self::GROSS_WEIGHT_KG[1])
        ) {
            $problems->found('gross_weight', Expected::of('rig.gross_weight'));
        }
    }
}
