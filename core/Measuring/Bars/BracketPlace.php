<?php

declare(strict_types=1);

namespace Yoke\Measuring\Bars;

use Yoke\Foundation\Units\Length;

/**
 * Where the brackets go on the frame: at the sheet's distance, or as near to it as its range and what is in the way
 * allow.
 */
final readonly class BracketPlace
{
    /** Half the length of a bracket and a finger's room, mm. */
    private const HALF_BRACKET_MM = 45.0;

    private function __construct(
        /** Behind the ball, along the frame; null where no place of the range is free. */
        public ?Length $at,
        /** From the sheet's distance; to the rear is positive. Null with `at`. */
        public ?Length $moved,
    ) {
    }

    /**
     * @param  Length  $sheet  the distance that the hitch's sheet gives from the ball
     * @param  Length  $from  nearest place it allows
     * @param  Length  $to  farthest place it allows
     * @param  array{Length, Length}|null  $inTheWay  from and to, behind the ball
     */
    public static function choose(Length $sheet, Length $from, Length $to, ?array $inTheWay): self
    {
        $places =
            $inTheWay === null
                ? [$sheet]
                : [
                    $sheet,
                    $inTheWay[0]->minus(Length::ofMillimetres(self::HALF_BRACKET_MM)),
                    $inTheWay[1]->plus(Length::ofMillimetres(self::HALF_BRACKET_MM)),
                ];
        $best = null;
        foreach ($places as $place) {
            $isFree = ! $place->isLessThan($from) && ! $place->isGreaterThan($to) && self::isClear($place, $inTheWay);
            if (
                $isFree &&
                ($best === null ||
                    $place
                        ->minus($sheet)
                        ->absolute()
                        ->isLessThan($best->minus($sheet)->absolute()))
            ) {
                $best = $place;
            }
        }

        return new self($best, $best?->minus($sheet));
    }

    /** @param  array{Length, Length}|null  $inTheWay */
    private static function isClear(Length $place, ?array $inTheWay): bool
    {
        $half = Length::ofMillimetres(self::HALF_BRACKET_MM);

        return $inTheWay === null ||
            ! $place->plus($half)->isGreaterThan($inTheWay[0]) ||
            ! $place->minus($half)->isLessThan($inTheWay[1]);
    }
}
