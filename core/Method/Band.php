<?php

declare(strict_types=1);

namespace Yoke\Method;

use Yoke\Method\Exception\ImpossibleBand;
use Yoke\Probability\Normal;

/** The shop's band of the restored share of the front axle load: 0 is bars off, 1 as heavy as alone. */
final readonly class Band
{
    private function __construct(
        /** 0 to 1, below the upper edge. */
        public float $from,
        /** Above the lower edge, at most 1: the front axle never goes above its alone load. */
        public float $to,
    ) {
    }

    /** @throws ImpossibleBand */
    public static function of(float $from, float $to): self
    {
        if (! ($from >= 0.0 && $from < $to && $to <= 1.0)) {
            throw ImpossibleBand::between($from, $to);
        }

        return new self($from, $to);
    }

    public static function usual(): self
    {
        return new self(0.5, 1.0);
    }

    public function middle(): float
    {
        return ($this->from + $this->to) / 2;
    }

    /** Of a restored share, as far as it is known. */
    public function chances(Normal $share): Chances
    {
        return Chances::ofOutside($share->chanceBelow($this->from), 1.0 - $share->chanceBelow($this->to));
    }

    public function inWords(): string
    {
        return sprintf('%d to %d %%', round($this->from * 100), round($this->to * 100));
    }
}
