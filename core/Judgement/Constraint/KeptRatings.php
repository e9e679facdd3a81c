<?php

declare(strict_types=1);

namespace Yoke\Judgement\Constraint;

use Yoke\Judgement\Ratings\Ledger;
use Yoke\Judgement\Ratings\LoadedAxle;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Rig\Adjuster\Setting;

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
