<?php

declare(strict_types=1);

namespace App\Words;

use Yoke\Judgement\Ratings\RatedLoad;
use Yoke\Judgement\Ratings\RatedPart;
use Yoke\Judgement\Ratings\RatingState;

/** What stands against a rating, in words. */
final class RatingWords
{
    /** `rear axle, dropped`. */
    public static function of(RatedLoad $line): string
    {
        return $line->stance === null
            ? self::part($line)
            : Text::of('rating.in_stance', [
                'what' => self::part($line),
                'stance' => RigWords::stance($line->stance),
            ]);
    }

    /** `rear axle`, in whichever stance. */
    public static function part(RatedLoad $line): string
    {
        return Text::of("rating.{$line->part->value}", [
            'axle' => (string) $line->axle,
            'axles' => (string) $line->axles,
        ]);
    }

    /** A sentence on a load that is outside its rating; null for one that is not. */
    public static function complaint(RatedLoad $line, QuantityWords $print): ?string
    {
        if ($line->may === null || ! $line->isOutside()) {
            return null;
        }
        $key = match (true) {
            $line->isOver() => 'over',
            $line->isLeast() => 'below',
            $line->part === RatedPart::FrontAgainstAlone => 'more_than_alone',
            default => 'caution',
        };

        return Text::of("rating.{$key}", [
            'what' => self::of($line),
            'carries' => $print->carries($line),
            'may' => $print->load($line->may),
        ]);
    }

    /** `over`, `caution`, `below its range`; an empty text for what is kept. */
    public static function state(RatedLoad $line): string
    {
        return match ($line->state()) {
            RatingState::Over => Text::of('rating.state.over'),
            RatingState::Caution => Text::of(
                match (true) {
                    $line->isLeast() => 'rating.state.below',
                    $line->part === RatedPart::FrontAgainstAlone => 'rating.state.alone',
                    default => 'rating.state.caution',
                },
            ),
            RatingState::Kept, RatingState::Unknown => '',
        };
    }
}
