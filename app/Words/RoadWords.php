<?php

declare(strict_types=1);

namespace App\Words;

use Yoke\Workshop\Road\Feel;
use Yoke\Workshop\Road\RoadFinding;

/** What is asked after a road test, and where the answers lead. */
final class RoadWords
{
    public static function asks(Feel $feel): string
    {
        return Text::of("road.feel.{$feel->value}.asks");
    }

    public static function answer(Feel $feel, string $answer): string
    {
        return Text::of("road.feel.{$feel->value}.answers.{$answer}");
    }

    public static function found(RoadFinding $finding): string
    {
        return Text::of("road.{$finding->kind->value}.what");
    }

    public static function why(RoadFinding $finding): string
    {
        return Text::of("road.{$finding->kind->value}.why");
    }
}
