<?php

declare(strict_types=1);

namespace Yoke\Plan;

use Yoke\Advice\Obstacle;
use Yoke\Balance\Attitude;
use Yoke\Fit\KnownRig;
use Yoke\Limits\Ledger;
use Yoke\Rig\Adjuster\Setting;

/**
 * A setting puts no axle over its rating that bars off would not: what is over anyway is the ledger's to say, and no
 * setting's fault.
 */
final readonly class KeptRatings implements Obstacle
{
    private const MOVED_BY_BARS = ['front axle', 'trailer axles', 'trailer axle'];

    public function __construct(private Ledger $ledger)
    {
    }

    public function against(Setting $setting, Attitude $carried): string
    {
        $dropped = $this->outside($carried->rig()->dropped());
        foreach ($this->outside($carried) as $what) {
            if (! in_array($what, $dropped, true)) {
                return "{$what} over its rating";
            }
        }

        return '';
    }

    /** @return list<string> */
    private function outside(Attitude $attitude): array
    {
        $over = [];
        foreach ($this->ledger->lines($attitude, '', KnownRig::BARS) as $line) {
            foreach (self::MOVED_BY_BARS as $moved) {
                if ($line->isOutside() && str_starts_with($line->what, $moved) && ! str_starts_with($line->what, 'front axle against')) {
                    $over[] = $moved;
                }
            }
        }

        return $over;
    }
}
