<?php

declare(strict_types=1);

namespace Yoke\Job\Planning;

use Yoke\Mechanics\Statics\Attitude;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\LevellingLoss;

/** A rig at a tension before and after self-levelling or helper air springs are on again (docs/model.md, Levelling). */
final readonly class LevellingTakeBack
{
    public function __construct(private CoupledRig $off, private LevellingLoss $loss)
    {
    }

    /** The share that is left of the front axle load restored. */
    public function left(float $tension): float
    {
        return $this->loss->left($this->off, $tension);
    }

    /** How much of the share goes. */
    public function lost(float $tension): float
    {
        return $this->loss->lost($this->off, $tension);
    }

    /**
     * The four stances that are compared: bars off and on, each before the rear is lifted and after.
     *
     * @return array{dropped: Attitude, dropped_lifted: Attitude, carried: Attitude, carried_lifted: Attitude}
     */
    public function fourStances(float $tension): array
    {
        $on = $this->loss->on($this->off);

        return [
            'dropped' => $this->off->dropped(),
            'dropped_lifted' => $on->dropped(),
            'carried' => $this->off->carried($tension),
            'carried_lifted' => $on->carried($tension),
        ];
    }

    /** @return array{off: Attitude, on: Attitude} */
    public function stances(float $tension): array
    {
        return ['off' => $this->off->carried($tension), 'on' => $this->loss->on($this->off)->carried($tension)];
    }
}
