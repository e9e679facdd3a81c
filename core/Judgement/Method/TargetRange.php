<?php

declare(strict_types=1);

namespace Yoke\Judgement\Method;

use Yoke\Judgement\Method\Exception\ImpossibleBand;

/** The range of the restored share of the front axle load that is aimed at: 0 is bars off, 1 as heavy as alone. */
final readonly class TargetRange
{
    /** No maker asks for more than this. */
    private const MOST = 1.5;

    /** However much levelling takes, so much of the range is left to aim at. */
    private const LEAST_WIDTH = 0.02;

    private function __construct(
        /** 0 to 1, below the upper edge. */
        public float $from,
        /** Above the lower edge; at most 1 but where a hitch's maker asks for more. */
        public float $to,
    ) {
    }

    /**
     * The shop's own: never above full return.
     *
     * @throws ImpossibleBand
     */
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

    /**
     * The same, up to what the hitch's maker asks for, which may be more than full return.
     *
     * @param  float  $most  above the lower edge, at most 1.5
     *
     * @throws ImpossibleBand
     */
    public function upToMakers(float $most): self
    {
        if (! ($most > $this->from && $most <= self::MOST)) {
            throw ImpossibleBand::between($this->from, $most);
        }

        return new self($this->from, max($this->to, $most));
    }

    /**
     * What has to be there when it is measured, so that the range holds once levelling or air springs have taken their
     * share.
     */
    public function raisedBy(float $lost): self
    {
        return $lost <= 0.0 ? $this : new self(min($this->from + $lost, $this->to - self::LEAST_WIDTH), $this->to);
    }

    /** Whether a restored share lies in it. */
    public function holds(float $share): bool
    {
        return $share >= $this->from && $share <= $this->ceiling();
    }

    public function middle(): float
    {
        return ($this->from + $this->to) / 2;
    }

    /** The front is never to be heavier than this: as alone, but where a hitch's maker asks for more. */
    public function ceiling(): float
    {
        return max(1.0, $this->to);
    }
}
