<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation;

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Foundation\Units\Text\LengthPrinter;

/** A tape with its reader: reads off by a normal error, and calls out the nearest mark. */
final readonly class SimulatedTape
{
    /** Standard deviation of the reader, mm (docs/model.md, Simulated rigs). */
    private const READER_MM = 0.8;

    public function __construct(private Fineness $marks, private RandomSource $random)
    {
    }

    /** What the reader calls out, as it would be typed: `38 1/2 in`, `978 mm`. */
    public function read(Length $height): string
    {
        $seen = $height->plus(Length::ofMillimetres($this->random->normal(self::READER_MM)));

        return (new LengthPrinter($this->marks))->nearest($seen);
    }
}
