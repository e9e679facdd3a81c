<?php

declare(strict_types=1);

namespace Yoke\Method;

/** The chances that a rig truly stands short of, in or over a method's band. They sum to one. */
final readonly class Chances
{
    /** A verdict is given when its class has at least this chance. */
    public const SURE = 0.75;

    private function __construct(
        /** 0 to 1. */
        public float $short,
        /** 0 to 1. */
        public float $inBand,
        /** 0 to 1. */
        public float $over,
    ) {
    }

    /** From the chances of the two outer classes; what is left is in band. */
    public static function ofOutside(float $short, float $over): self
    {
        $short = min(1.0, max(0.0, $short));
        $over = min(1.0 - $short, max(0.0, $over));

        return new self($short, 1.0 - $short - $over, $over);
    }

    public function verdict(): Verdict
    {
        return match (true) {
            $this->short >= self::SURE => Verdict::Short,
            $this->inBand >= self::SURE => Verdict::InBand,
            $this->over >= self::SURE => Verdict::Over,
            default => Verdict::CannotTell,
        };
    }

    public function inWords(): string
    {
        return vsprintf('short %d %%, in band %d %%, over %d %%', array_values($this->percents()));
    }

    /**
     * Whole percents that sum to a hundred: the largest takes what rounding left.
     *
     * @return array{short: int, 'in band': int, over: int}
     */
    public function percents(): array
    {
        $short = (int) round($this->short * 100);
        $inBand = (int) round($this->inBand * 100);
        $over = (int) round($this->over * 100);
        $left = 100 - $short - $inBand - $over;

        return match (max($short, $inBand, $over)) {
            $inBand => ['short' => $short, 'in band' => $inBand + $left, 'over' => $over],
            $short => ['short' => $short + $left, 'in band' => $inBand, 'over' => $over],
            default => ['short' => $short, 'in band' => $inBand, 'over' => $over + $left],
        };
    }
}
