<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\Contest;

use Yoke\Proving\Simulation\RandomSource;
use Yoke\Rig\Adjuster\Setting;

/** The bars of one rig put on again and again: a link may be miscounted, and nobody sees it until they count. */
final class HookUps
{
    /** @var list<float> shares truly restored */
    private array $shares = [];

    private ?Setting $on = null;

    /** Whether the way of counting was found out. */
    private bool $isCounted = false;

    public function __construct(public readonly SampledRig $lot, private readonly RandomSource $random)
    {
    }

    /** What is truly on then. */
    public function hookUp(Setting $meant): Setting
    {
        $mishaps = $this->lot->mishaps;
        $odds = $this->random->between(0, 1);
        $by = $this->random->between(0, 2) < 1 ? -1.0 : 1.0;
        $isMiscounted =
            $odds < $mishaps->world->miscountOdds() || ($mishaps->trouble->is('miscount') && $this->shares === []);
        $range = $this->lot->adjusters->get('link')->range;
        $by = $range->holds($meant->step('link') + $by) ? $by : -$by;
        $counted = $isMiscounted ? $meant->with('link', $meant->step('link') + $by) : $meant;
        $this->on =
            $mishaps->lasting->isReversed && ! $this->isCounted
                ? $counted->with('link', $range->fromOtherEnd($counted->step('link')))
                : $counted;
        $this->shares[] = $this->lot->truth->share($this->on);

        return $this->on;
    }

    /** Its setting is counted again, from the end that is meant: from now on nobody counts from the other. */
    public function count(): void
    {
        $this->isCounted = true;
    }

    /** What is truly on. */
    public function on(): ?Setting
    {
        return $this->on;
    }

    public function many(): int
    {
        return count($this->shares);
    }

    /** Share truly restored by what is on. */
    public function share(): float
    {
        return $this->shares === [] ? 0.0 : $this->shares[count($this->shares) - 1];
    }

    /** The highest on the way. */
    public function highest(): float
    {
        return max([0.0, ...$this->shares]);
    }
}
