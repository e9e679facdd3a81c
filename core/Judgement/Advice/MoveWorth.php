<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

/** What a move does to the loads, kg, more positive: of the likeliest rig, from the setting that is on. */
final readonly class MoveWorth
{
    private function __construct(public float $front, public float $rear, public float $trailer)
    {
    }

    public static function between(SettingForecast $from, SettingForecast $to): self
    {
        return new self(
            $to->stance->carried->frontLoad()->kilograms() - $from->stance->carried->frontLoad()->kilograms(),
            $to->stance->carried->rearLoad()->kilograms() - $from->stance->carried->rearLoad()->kilograms(),
            $to->stance->carried->trailerLoad()->kilograms() - $from->stance->carried->trailerLoad()->kilograms(),
        );
    }
}
