<?php

declare(strict_types=1);

namespace App\Screens\Plan;

use App\Words\Text;
use Yoke\Planning\LevellingTakeBack;
use Yoke\Units\Length;
use Yoke\Units\Load;
use Yoke\Units\Term;

/** A rig before and after its rear is lifted for the road, line by line. */
final class TakeBackTerms
{
    /** @return non-empty-list<Term> */
    public static function of(LevellingTakeBack $takeBack, float $tension): array
    {
        $terms = [];
        foreach ($takeBack->stances($tension) as $when => $carried) {
            $with = ['when' => Text::of("term.take_back.{$when}")];
            $terms[] = new Term(Text::of('term.take_back.rear', $with), Length::ofMillimetres($carried->rearRise()));
            $terms[] = new Term(Text::of('term.take_back.bars', $with), Load::ofKilograms($carried->barLoad()));
            $terms[] = new Term(Text::of('term.take_back.restored', $with), $carried->frontRestored());
        }

        return $terms;
    }
}
