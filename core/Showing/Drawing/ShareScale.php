<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing;

use Yoke\Foundation\Probability\Normal;
use Yoke\Judgement\Method\TargetRange;

/**
 * The restored share with its doubt on a scale from bars off to past full return, the target range on it. Places are
 * percents of its length.
 */
final readonly class ShareScale
{
    /** The share at the right end. */
    private const ENDS_AT = 1.5;

    public function __construct(private TargetRange $range, private ?Normal $share)
    {
    }

    /** @return array{from: float, to: float} */
    public function range(): array
    {
        return ['from' => $this->place($this->range->from), 'to' => $this->place($this->range->to)];
    }

    /** Where the front is as heavy as alone. */
    public function fullReturn(): float
    {
        return $this->place(1.0);
    }

    /**
     * @return array{at: float, from: float, to: float}|null the share and one deviation either side; null while there
     *     is none
     */
    public function stands(): ?array
    {
        return $this->share === null
            ? null
            : [
                'at' => $this->place($this->share->mean()),
                'from' => $this->place($this->share->mean() - $this->share->deviation()),
                'to' => $this->place($this->share->mean() + $this->share->deviation()),
            ];
    }

    /** @return list<array{share: float, at: float}> the marks that are numbered */
    public function ticks(): array
    {
        return array_map(fn (float $share): array => ['share' => $share, 'at' => $this->place($share)], [
            0.0,
            0.5,
            1.0,
            self::ENDS_AT,
        ]);
    }

    /** Kept on the scale at either end. */
    private function place(float $share): float
    {
        return round(100.0 * max(0.0, min(1.0, $share / self::ENDS_AT)), 2);
    }
}
