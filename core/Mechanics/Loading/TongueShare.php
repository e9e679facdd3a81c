<?php

declare(strict_types=1);

namespace Yoke\Mechanics\Loading;

/** The tongue weight as a share of the gross trailer weight, and what the trade makes of it. */
final readonly class TongueShare
{
    /** Below it a trailer invites sway. */
    public const LEAST = 0.10;

    /** Above it ratings are soon met. */
    public const MOST = 0.15;

    /** @param  float  $share  0 to 1 */
    public function __construct(public float $share)
    {
    }

    public function isUsual(): bool
    {
        return $this->share >= self::LEAST && $this->share <= self::MOST;
    }

    public function isTooLittle(): bool
    {
        return $this->share < self::LEAST;
    }
}
