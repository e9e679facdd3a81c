<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\World;

use Yoke\Proving\Simulation\RandomSource;
use Yoke\Rig\Parts\Stance;

/**
 * One cause that touches several readings of a rig alike, and that reading again does not heal: all drawn once
 * (docs/model.md, The harder world).
 */
final readonly class LastingTrouble
{
    /** Between one taping and the next, hours. */
    public const READING_HOURS = 5.0 / 60.0;

    /** @param  array<string, array{front: float, rear: float}>  $tape  how far tapings of a stance are off, mm */
    private function __construct(
        /** Share of the tongue weight that still stands on the jack in every dropped stance. */
        public float $onTheJack = 0.0,
        private array $tape = [],
        /** What the rear sinks in an hour, mm. */
        private float $creep = 0.0,
        /** Whether every setting is counted from the other end. */
        public bool $isReversed = false,
        /** Whose first taping has front and rear exchanged; null where none has. */
        public ?Stance $swapped = null,
    ) {
    }

    public static function drawn(Trouble $trouble, RandomSource $random): self
    {
        return match ($trouble->kind) {
            'jack' => new self(onTheJack: $random->between(0.15, 0.35)),
            'creep' => new self(creep: $random->between(6.0, 30.0)),
            'reversed' => new self(isReversed: true),
            'swapped' => new self(swapped: self::anyStance($random)),
            'other-side' => new self(
                tape: [self::anyStance($random)->value => [
                    'front' => self::either($random, 3.0, 12.0),
                    'rear' => self::either($random, 3.0, 12.0),
                ]],
            ),
            'tyres' => new self(tape: self::pumped($random->between(4.0, 10.0), $random->between(0, 2) < 1)),
            'sticky-tape' => new self(tape: [Stance::Carried->value => self::held(self::either($random, 3.0, 8.0))]),
            default => new self(),
        };
    }

    /**
     * How far a taping is off besides, mm.
     *
     * @param  int  $before  how many tapings there were before it
     * @return array{front: float, rear: float}
     */
    public function off(Stance $stance, int $before): array
    {
        $tape = $this->tape[$stance->value] ?? ['front' => 0.0, 'rear' => 0.0];

        return [
            'front' => $tape['front'],
            'rear' => $tape['rear'] - $this->creep * self::READING_HOURS * $before,
        ];
    }

    /**
     * Rear tyres, pumped after alone or after dropped.
     *
     * @return array<string, array{front: float, rear: float}>
     */
    private static function pumped(float $by, bool $isEarly): array
    {
        $up = ['front' => 0.0, 'rear' => $by];

        return [Stance::Carried->value => $up] + ($isEarly ? [Stance::Dropped->value => $up] : []);
    }

    /** @return array{front: float, rear: float} */
    private static function held(float $off): array
    {
        return ['front' => $off, 'rear' => $off];
    }

    private static function anyStance(RandomSource $random): Stance
    {
        return Stance::cases()[(int) $random->between(0, 3)];
    }

    private static function either(RandomSource $random, float $least, float $most): float
    {
        return $random->between($least, $most) * ($random->between(0, 2) < 1 ? -1.0 : 1.0);
    }
}
