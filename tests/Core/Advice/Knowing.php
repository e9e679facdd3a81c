<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Tests\Core\Estimation\Priors;
use Tests\Core\Estimation\Readings;
use Yoke\Judgement\Advice\Advisor;
use Yoke\Judgement\Advice\HitchSettings;
use Yoke\Judgement\Advice\RecheckLog;
use Yoke\Judgement\Advice\Recommendation;
use Yoke\Judgement\Advice\StoppingRules;
use Yoke\Judgement\Constraint\Constraint;
use Yoke\Judgement\Method\Goal;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchMeasures;

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
