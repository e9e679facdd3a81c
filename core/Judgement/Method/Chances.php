<?php

declare(strict_types=1);

namespace Yoke\Judgement\Method;

/**
 * The chances that a rig truly has too little, is in range or has too much of what a method looks at. They sum to one.
 */
final readonly class Chances
{
    /** A verdict is given when its class has at least this chance. */
    public const SURE = 0.75;

    private function __construct(
        /** 0 to 1. */
        public float $tooLittle,
        /** 0 to 1. */
        public float $inRange,
        /** 0 to 1. */
        public float $tooMuch,
    ) {
    }

    /** From the chances of the two outer classes; what is left is in range. */
    public static function ofOutside(float $tooLittle, float $tooMuch): self
    {
        $tooLittle = min(1.0, max(0.0, $tooLittle));
        $tooMuch = min(1.0 - $tooLittle, max(0.0, $tooMuch));

        return new self($tooLittle, 1.0 - $tooLittle - $tooMuch, $tooMuch);
    }

    /**
     * Over several stories, each with how likely it is.
     *
     * @param  non-empty-list<array{float, self}>  $stories
     */
    public static function over(array $stories): self
    {
        [$tooLittle, $tooMuch] = [0.0, 0.0];
        foreach ($stories as [$likely, $chances]) {
            $tooLittle += $likely * $chances->tooLittle;
            $tooMuch += $likely * $chances->tooMuch;
        }

        return self::ofOutside($tooLittle, $tooMuch);
    }

    public function verdict(): Verdict
    {
        return match (true) {
            $this->tooLittle >= self::SURE => Verdict::TooLittle,
            $this->inRange >= self::SURE => Verdict::InRange,
            $this->tooMuch >= self::SURE => Verdict::TooMuch,
            default => Verdict::NotSure,
        };
    }

    /**
     * Whole percents that sum to a hundred, by the value of the verdict: the largest takes what rounding left.
     *
     * @return array{too_little: int, in_range: int, too_much: int}
     */
    public function percents(): array
    {
        $tooLittle = (int) round($this->tooLittle * 100);
        $inRange = (int) round($this->inRange * 100);
        $tooMuch = (int) round($this->tooMuch * 100);
        $left = 100 - $tooLittle - $inRange - $tooMuch;

        return match (max($tooLittle, $inRange, $tooMuch)) {
            $inRange => ['too_little' => $tooLittle, 'in_range' => $inRange + $left, 'too_much' => $tooMuch],
            $tooLittle => ['too_little' => $tooLittle + $left, 'in_range' => $inRange, 'too_much' => $tooMuch],
            default => ['too_little' => $tooLittle, 'in_range' => $inRange, 'too_much' => $tooMuch + $left],
        };
    }
}
