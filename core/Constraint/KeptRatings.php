<?php

declare(strict_types=1);

namespace Yoke\Constraint;

use Yoke\Adjuster\Setting;
use Yoke\Ratings\Ledger;
use Yoke\Ratings\LoadedAxle;
use Yoke\Statics\Attitude;

/**
 * A setting puts no axle over its rating that bars off would not: what is over anyway is the ledger's to say, and no
 * setting's fault.
 */
final readonly class KeptRatings implements Constraint
{
    public function __construct(private Ledger $ledger)
    {
    }

    public function against(Setting $setting, Attitude $carried): ?Exclusion
    {
        $over = $this->ledger->axlesOver($carried);
        $anyway = $over === [] ? [] : $this->ledger->axlesOver($carried->rig()->dropped());
        foreach ($over as $what) {
            if (! in_array($what, $anyway, true)) {
                return match ($what) {
                    LoadedAxle::Front => Exclusion::FrontAxlePastRating,
                    LoadedAxle::Trailer => Exclusion::TrailerAxlesPastRating,
                    LoadedAxle::OneOfTheTrailer => Exclusion::OneTrailerAxlePastRating,
                };
            }
        }

        return null;
    }
}
