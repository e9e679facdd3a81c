<?php

declare(strict_types=1);

namespace Yoke\Workshop\Sway;

/** What invites sway more than it did at an earlier set-up. */
final readonly class SwayChange
{
    /**
     * @param  float  $now  shares, degrees nose-up, N·m
     * @param  float  $before  the same
     */
    public function __construct(public SwayChangeKind $kind, public float $now, public float $before)
    {
    }
}
