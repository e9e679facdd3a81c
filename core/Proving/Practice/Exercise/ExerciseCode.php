<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Exercise;

use Yoke\Proving\Practice\Exception\UnknownCode;

/**
 * What an exercise is called by: level, seed and a digit that tells a slip, `3-04721-7`. Whoever plays it has the same
 * rig and noise.
 */
final readonly class ExerciseCode
{
    public const SEEDS = 100_000;

    private const FORM = '/^\s*([1-5])[\s-]*(\d{5})[\s-]*(\d)\s*$/';

    private function __construct(
        public Level $level,
        /** 0 to 99,999. */
        public int $seed,
    ) {
    }

    /** @param  int  $seed  any whole number from 0; of what is larger the last five digits count */
    public static function of(Level $level, int $seed): self
    {
        return new self($level, $seed % self::SEEDS);
    }

    /** @throws UnknownCode */
    public static function parse(string $text): self
    {
        if (preg_match(self::FORM, $text, $parts) !== 1) {
            throw UnknownCode::unreadable($text);
        }
        $code = new self(Level::from((int) $parts[1]), (int) $parts[2]);

        return $code->digit() === (int) $parts[3] ? $code : throw UnknownCode::slipped($text);
    }

    public function text(): string
    {
        return sprintf('%d-%05d-%d', $this->level->value, $this->seed, $this->digit());
    }

    /** The one after it at its level. */
    public function next(): self
    {
        return self::of($this->level, $this->seed + 1);
    }

    /**
     * Tells any one digit that is wrong, and any two neighbours exchanged but few: weights 3 and 1 by turns, level
     * included.
     */
    private function digit(): int
    {
        $sum = 0;
        for (
            $digit = 0, $left = $this->level->value * self::SEEDS + $this->seed;
            $digit < 6;
            $digit++, $left = intdiv($left, 10)
        ) {
            $sum += ($digit % 2 === 0 ? 3 : 1) * ($left % 10);
        }

        return (10 - ($sum % 10)) % 10;
    }
}
