<?php

declare(strict_types=1);

namespace App\Screens\Plan;

use Yoke\Foundation\Units\Term;
use Yoke\Job\Planning\LevellingTakeBack;

/** A rig before and after its rear is lifted for the road, line by line. */
final class TakeBackTerms
{
    /** @return non-empty-list<Term> */
    public static function of(LevellingTakeBack $takeBack, float $tension): array
    {
        $terms = [];
        foreach ($takeBack->stances($tension) as $when => $carried) {
            $terms[] = new Term("take_back.{$when}.rear", $carried->rearRise());
            $terms[] = new Term("take_back.{$when}.bars", $carried->barLoad());
            $terms[] = new Term("take_back.{$when}.restored", $carried->frontRestored());
        }

        return $terms;
    }
}
