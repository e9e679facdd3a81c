<?php

declare(strict_types=1);

namespace App\Screens\Practice;

use App\Words\Figures;
use App\Words\Text;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Foundation\Units\Text\LengthPrinter;
use Yoke\Proving\Practice\Tape\TapeMark;
use Yoke\Proving\Practice\Tape\TapePicture;

/** The tape at a wheel arch as a drawing in millimetres: x across the tape, y from the edge down. */
final readonly class TapeView
{
    public const WIDTH = 86.0;

    public const TAPE = [30.0, 56.0];

    private const NEARBY = 4;

    public function __construct(private TapePicture $picture, private Fineness $fineness)
    {
    }

    /** Half of what is in sight, mm. */
    public function half(): float
    {
        $sight = $this->picture->sight();

        return ($sight->high - $sight->low) / 2.0;
    }

    /**
     * @return list<array{y: float, x: float, number: int|null}> y down from the edge, x where the mark ends on the tape
     */
    public function marks(): array
    {
        [$left, $right] = self::TAPE;

        return array_map(
            fn (TapeMark $mark): array => [
                'y' => round($this->picture->shown - $mark->height, 3),
                'x' => round($left + ($right - $left) * 0.62 * $mark->reach, 2),
                'number' => $mark->number,
            ],
            $this->picture->marks($this->fineness),
        );
    }

    /**
     * @return list<array{string, string}> the marks nearest to the edge, and how far each stands above or below it,
     *     from the highest
     */
    public function nearby(): array
    {
        $printer = new LengthPrinter($this->fineness);
        $marks = $this->picture->marks($this->fineness);
        usort(
            $marks,
            fn (TapeMark $one, TapeMark $other): int => abs($one->height - $this->picture->shown) <=>
                abs($other->height - $this->picture->shown),
        );
        $near = array_slice($marks, 0, self::NEARBY);
        usort($near, static fn (TapeMark $one, TapeMark $other): int => $other->height <=> $one->height);

        return array_map(
            fn (TapeMark $mark): array => [
                $printer->nearest(Length::ofMillimetres($mark->height)),
                Text::of($mark->height >= $this->picture->shown ? 'practice.says.above' : 'practice.says.below', [
                    'by' => Figures::fixed(abs($mark->height - $this->picture->shown)).' mm',
                ]),
            ],
            $near,
        );
    }
}
