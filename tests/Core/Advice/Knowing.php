<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Tests\Core\Estimation\Priors;
use Tests\Core\Estimation\Readings;
use Yoke\Adjuster\Adjusters;
use Yoke\Adjuster\Setting;
use Yoke\Advice\Advisor;
use Yoke\Advice\HitchSettings;
use Yoke\Advice\RecheckLog;
use Yoke\Advice\Recommendation;
use Yoke\Advice\StoppingRules;
use Yoke\Constraint\Constraint;
use Yoke\Estimation\Estimation;
use Yoke\Estimation\Posterior;
use Yoke\Estimation\RigPrior;
use Yoke\Family\Families;
use Yoke\Family\HitchMeasures;
use Yoke\Method\Goal;

/** Rigs whose middle setting truly restores a share, read so well and so often; and what is advised on them. */
final class Knowing
{
    public static function hitch(string $family = 'chain-snap-up', ?HitchMeasures $measures = null): Adjusters
    {
        return Families::get($family)->adjusters($measures ?? new HitchMeasures());
    }

    public static function rig(float $share, int $times = 1, float $doubt = 1.0, ?RigPrior $prior = null): Posterior
    {
        $prior ??= Priors::rig(0.2, 20.0, 25.0);
        $rig = $prior->likelyRig();
        $readings = new Readings($rig, $rig->tensionFor($share), null, $doubt);
        $observations = [];
        for ($i = 0; $i < $times; $i++) {
            array_push($observations, ...$readings->threeStances());
        }

        return (new Estimation($prior, $observations))->posterior();
    }

    /** @param  list<Constraint>  $constraints */
    public static function advise(
        Posterior $posterior,
        ?Setting $present,
        int $readings = 1,
        array $constraints = [],
        ?Goal $goal = null,
        ?Adjusters $hitch = null,
        ?StoppingRules $policy = null,
    ): Recommendation {
        $hitch ??= self::hitch();

        return (new Advisor(
            new HitchSettings($hitch, $hitch->middle(), $constraints),
            $goal ?? usualGoal(),
            $policy ?? new StoppingRules(),
        ))->advise($posterior, $present, RecheckLog::carriedTimes($readings));
    }
}
