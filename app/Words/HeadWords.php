<?php

declare(strict_types=1);

namespace App\Words;

use Yoke\Judgement\Head\BallHeightRule;
use Yoke\Judgement\Head\Obstacle;
use Yoke\Judgement\Head\ShankPlace;

/** Where a head is bolted, and what is said of it. */
final class HeadWords
{
    /** `In drop, hole 2`. */
    public static function place(ShankPlace $place): string
    {
        return Text::of("head.place.{$place->turned}", ['hole' => Figures::short($place->hole)]);
    }

    /** @return list<string> a sentence for each thing in the way */
    public static function inTheWay(ShankPlace $place): array
    {
        return array_map(
            static fn (Obstacle $one): string => Text::of("head.in_the_way.{$one->value}"),
            $place->inTheWay,
        );
    }

    public static function school(BallHeightRule $school): string
    {
        return Text::of("head.school.{$school->key}");
    }
}
