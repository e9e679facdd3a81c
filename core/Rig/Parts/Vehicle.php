<?php

declare(strict_types=1);

namespace Yoke\Rig\Parts;

use Yoke\Foundation\Units\Length;
use Yoke\Rig\Parts\Check\LengthRange;
use Yoke\Rig\Parts\Check\Problems;
use Yoke\Rig\Parts\Check\ThrowFirstProblem;
use Yoke\Rig\Parts\Exception\ImpossibleRig;

/** The tow vehicle, as far as its set-up needs it. */
final readonly class Vehicle
{
    /** Shortest and longest. */
    public const WHEELBASE_MM = [1500.0, 6500.0];

    public const OVERHANG_MM = [300.0, 3000.0];

    private function __construct(
        public VehicleBody $body,
        /** Front axle to rear axle; 1500 to 6500 mm. */
        public Length $wheelbase,
        /** Rear axle centre to ball; 300 to 3000 mm. */
        public Length $overhang,
        public Suspension $frontSuspension,
        public Suspension $rearSuspension,
    ) {
    }

    /** @throws ImpossibleRig */
    public static function of(
        VehicleBody $body,
        Length $wheelbase,
        Length $overhang,
        Suspension $front,
        Suspension $rear,
    ): self {
        self::check($wheelbase, $overhang, new ThrowFirstProblem());

        return new self($body, $wheelbase, $overhang, $front, $rear);
    }

    /** Checks what is known so far; null stands for what could not be read. */
    public static function check(?Length $wheelbase, ?Length $overhang, Problems $problems): void
    {
        LengthRange::ofMillimetres('wheelbase', ...self::WHEELBASE_MM)->check('wheelbase', $wheelbase, $problems);
        LengthRange::ofMillimetres('overhang', ...self::OVERHANG_MM)->check('overhang', $overhang, $problems);
    }

    public function suspension(Axle $axle): Suspension
    {
        return $axle === Axle::Front ? $this->frontSuspension : $this->rearSuspension;
    }
}
