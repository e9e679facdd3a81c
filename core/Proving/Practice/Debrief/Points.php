<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Debrief;

use Yoke\Proving\Practice\Coach\CoachMode;
use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Proving\Practice\Exercise\Level;
use Yoke\Proving\Practice\Reading\TakenHeight;
use Yoke\Proving\Practice\Run\Run;

/** What a run is worth, part by part, and what help took off. */
final readonly class Points
{
    public const HINT = 4;

    public const ADVICE = 25;

    /** Up to so many times the minutes that the advice took, all points; none from so many on. */
    private const MINUTES = [1.25, 3.0];

    /** @param  array<string, int>  $parts  by the value of a part */
    private function __construct(public array $parts, public int $help)
    {
    }

    /** @param  float  $advisedMinutes  that the product's own advice took on the same rig */
    public static function of(Run $run, CoachMode $coach, float $advisedMinutes): self
    {
        $result = RunResult::of($run);
        $help = self::HINT * $run->hints() + ($coach === CoachMode::Advice ? self::ADVICE : 0);
        $shares =
            $run->breach() !== null
                ? []
                : [
                    PointsPart::Range->value => $result->isDone() ? 1.0 : 0.0,
                    PointsPart::Level->value => $result->isDone() && $result->isLevel() ? 1.0 : 0.0,
                    PointsPart::Faults->value => self::putRight($run),
                    PointsPart::Reading->value => self::readWell($run),
                    PointsPart::Time->value => $result->isDone()
                        ? self::inTime($result->finish->minutes, $advisedMinutes)
                        : 0.0,
                ];
        $parts = [];
        foreach (PointsPart::cases() as $part) {
            $parts[$part->value] = (int) round($part->most() * ($shares[$part->value] ?? 0.0));
        }

        return new self($parts, $help);
    }

    public function total(): int
    {
        return max(0, array_sum($this->parts) - $this->help);
    }

    /**
     * Share of the faults that are gone; what the setting puts right counts where it was seen, or where the rig is in
     * range and level. Of a rig with nothing wrong, all of it for being in range.
     */
    private static function putRight(Run $run): float
    {
        $faults = $run->exercise->faults;
        $gone = array_filter($faults, static fn (Fault $fault): bool => FaultReview::of($run, $fault)->isPutRight);

        return $faults === [] ? (RunResult::of($run)->isDone() ? 1.0 : 0.0) : count($gone) / count($faults);
    }

    private static function readWell(Run $run): float
    {
        $heights = $run->heights();
        $close = array_filter($heights, static fn (TakenHeight $height): bool => $height->isClose());

        return $heights === [] ? 0.0 : count($close) / count($heights);
    }

    private static function inTime(float $minutes, float $advised): float
    {
        [$all, $none] = self::MINUTES;

        return max(0.0, min(1.0, ($none - $minutes / max(1.0, $advised)) / ($none - $all)));
    }
}
