<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\World;

use Yoke\Proving\Simulation\RandomSource;
use Yoke\Rig\Parts\Stance;

/** What goes wrong at one rig while it is measured and hooked up. */
final readonly class Mishaps
{
    /** Half of the dips are so narrow that the tape stands beside them. */
    private const NARROW = 0.5;

    /** Somebody in the cab still sits there when the rig is taped again. */
    private const STAYS = 0.5;

    private const SLOPE_DEGREES = 0.5;

    /** So much of what springs stick keeps the side of their last motion, though rolled. */
    private const KEPT = 0.7;

    private const RUB = 0.1;

    private const TAPE_DEGREES = 3.0;

    private function __construct(
        public World $world,
        public Trouble $trouble,
        /** Where the ground is not flat. */
        private ?Stance $uneven,
        private Disturbance $ground,
        /** Where somebody sits in the cab. */
        private ?Stance $manned,
        /** @var array{front: float, rear: float} ground under the tape's foot over the rest, mm */
        private array $foot,
        public bool $isLevered,
        public LastingTrouble $lasting,
    ) {
    }

    public static function drawn(World $world, Trouble $trouble, RandomSource $random): self
    {
        $stances = [Stance::Alone, Stance::Dropped, Stance::Carried];
        $uneven = $stances[(int) $random->between(0, 3)];
        $manned = $stances[(int) $random->between(0, 3)];
        $size = $trouble->kind === '' ? $world->size() : 1.0;
        $hasGround = $random->between(0, 1) < $world->groundOdds() || $trouble->is('dip');
        $hasPerson = $random->between(0, 1) < $world->cabOdds() || $trouble->is('person');
        $isSlope = $random->between(0, 2) < 1 && ! $trouble->is('dip');
        $slope =
            $hasGround && $isSlope
                ? $size * deg2rad(self::SLOPE_DEGREES) * ($random->between(0, 2) < 1 ? -1.0 : 1.0)
                : 0.0;
        $under = (int) $random->between(0, 3);
        $dip = $hasGround && ! $isSlope ? -$size * Disturbance::DIP_MM : 0.0;
        $ground = [0.0, 0.0, 0.0];
        $ground[$under] = $dip;
        $isNarrow = $random->between(0, 1) < self::NARROW;

        return new self(
            $world,
            $trouble,
            $hasGround ? $uneven : null,
            new Disturbance($ground[0], $ground[1], $ground[2], $slope),
            $hasPerson ? $manned : null,
            ['front' => $isNarrow ? 0.0 : $ground[0], 'rear' => $isNarrow ? 0.0 : $ground[1]],
            $random->between(0, 1) < $world->leverOdds() || $trouble->is('levered'),
            LastingTrouble::drawn($trouble, $random),
        );
    }

    /**
     * How the rig stands when a stance is taped for so many a time. Rolled to and fro it comes to stand where it stood:
     * a dip stays a dip; somebody in the cab has got out with even chances.
     *
     * @param  int  $time  1 or more
     */
    public function standing(Stance $stance, int $time, RandomSource $random): Standing
    {
        $ground = $stance === $this->uneven;
        $cab = $stance === $this->manned && ($random->between(0, 1) < self::STAYS || $time === 1);
        $disturbance = $ground ? $this->ground : Disturbance::none();

        return new Standing(
            $cab ? $disturbance->with(Disturbance::PERSON_KG) : $disturbance,
            $ground ? $this->foot : ['front' => 0.0, 'rear' => 0.0],
        );
    }

    /** How much of what springs stick keeps its side from reading to reading, 0 to 1. */
    public function memory(): float
    {
        return $this->world === World::Plain && ! $this->trouble->is('levered') ? 0.0 : self::KEPT;
    }

    /** By what factor springs stick more than usual. */
    public function friction(): float
    {
        return $this->trouble->is('levered') ? 2.0 : 1.0;
    }

    /** By what share bars rub at most, rolled or not. */
    public function rub(): float
    {
        return $this->world->size() * self::RUB;
    }

    /** How far a tape leans at most, rad. */
    public function tapeLean(): float
    {
        return $this->world->size() * deg2rad(self::TAPE_DEGREES);
    }
}
