<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Learning;

/** How well one skill sits: the longer it went well, the later it is asked for again. */
final readonly class SkillRecord
{
    /** Days until it is due again, by how often it went well in a row. */
    private const DAYS = [0, 1, 3, 7, 16, 35];

    private const SITS = 2;

    private function __construct(
        public string $key,
        public int $times,
        public int $missed,
        private int $box,
        private int $lastDay,
    ) {
    }

    public static function begun(string $key): self
    {
        return new self($key, 0, 0, 0, 0);
    }

    public function wentWell(int $day): self
    {
        return new self($this->key, $this->times + 1, $this->missed, min($this->box + 1, count(self::DAYS) - 1), $day);
    }

    public function wasMissed(int $day): self
    {
        return new self($this->key, $this->times + 1, $this->missed + 1, 0, $day);
    }

    public function due(): int
    {
        return $this->lastDay + self::DAYS[$this->box];
    }

    public function isDue(int $today): bool
    {
        return $this->due() <= $today;
    }

    /** Missed the last time. */
    public function isMissed(): bool
    {
        return $this->times > 0 && $this->box === 0;
    }

    /** Went well the last times. */
    public function isStrength(): bool
    {
        return $this->box >= self::SITS;
    }
}
