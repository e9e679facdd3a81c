<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

/**
 * How long the bars of a rig still take until they may be left: looks, changes and readings, nothing else of the job
 * (docs/model.md, Hook-ups to come).
 */
final readonly class MinutesToGo
{
    /** A reading of a hook-up, and on one in so many a second one, minutes. */
    private const READ = 1.5;

    /** A range that holds four times in five ends where so many of ten are done. */
    private const CHANCE = 0.9;

    private function __construct(
        /** 0 or more; so the others. */
        public float $mean,
        public float $least,
        public float $most,
    ) {
    }

    /**
     * @param  int  $step  minutes that a change of the small adjuster takes
     * @return self|null null where nothing that can be set gets there
     */
    public static function of(Recommendation $advised, int $step): ?self
    {
        return match ($advised->action) {
            Action::Stop => new self(0.0, 0.0, 0.0),
            Action::Cannot => null,
            Action::Set => self::after($advised->forecast->minutes + self::READ, $advised->forecast, $step),
            Action::ReadAgain => self::afterLooking($advised, $step),
        };
    }

    /** What a hook-up that is not in range costs on average until one is, minutes. */
    public static function ofAMiss(int $step): float
    {
        return (ExpectedHookUps::from(0.0)->mean() - 1.0) * ($step + self::READ);
    }

    private static function afterLooking(Recommendation $advised, int $step): self
    {
        $again = $advised->look ?? Recheck::Carried;
        $look = $advised->present === null ? $again->minutesBeforehand() : $again->minutes();
        $next = $advised->next();

        return $next === null
            ? self::after($look, $advised->forecast, $step)
            : self::after($look + $next->minutes + self::READ, $next, $step);
    }

    /** @param  float  $minutes  until a setting is on and read */
    private static function after(float $minutes, SettingForecast $then, int $step): self
    {
        $hookUps = ExpectedHookUps::from($then->chance);
        $each = $step + self::READ;

        $mean = $minutes + ($hookUps->mean() - 1.0) * $each;

        return new self($mean, $minutes, max($mean, $minutes + ($hookUps->enoughWith(self::CHANCE) - 1) * $each));
    }
}
