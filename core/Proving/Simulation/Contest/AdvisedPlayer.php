<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\Contest;

use Yoke\Job\Shop\ShopRules;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\Advisor;
use Yoke\Judgement\Advice\HitchSettings;
use Yoke\Judgement\Advice\Recheck;
use Yoke\Judgement\Advice\StoppingRules;
use Yoke\Judgement\Method\Criterion;
use Yoke\Judgement\Method\Goal;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Rig\Parts\Stance;

/** Follows the advice to the letter: reads alone and dropped once, then does what is named until it says stop. */
final readonly class AdvisedPlayer implements Player
{
    private const MOST_HOOK_UPS = 8;

    private const MOST_STEPS = 40;

    /** Reading again what stands there anyway. */
    private const BEFOREHAND_MINUTES = 1.0;

    public function __construct(private StoppingRules $policy)
    {
    }

    public function play(HookUps $hookUps, TapeReader $tape, TargetRange $band): Finish
    {
        $lot = $hookUps->lot;
        $advisor = new Advisor(
            new HitchSettings($lot->adjusters, $lot->adjusters->middle()),
            new Goal($band, Criterion::FrontRestoration, ShopRules::usual()->tolerances),
            $this->policy,
        );
        $log = new ReadingLog($lot, $tape);
        $log->read(Stance::Alone);
        $log->read(Stance::Dropped);
        [$minutes, $claims] = [0.0, []];
        while (($asked = $advisor->asksBeforehand($log->looked())) !== null) {
            $log->look($asked);
            $minutes += self::BEFOREHAND_MINUTES;
        }
        for ($step = 0; $step < self::MOST_STEPS; $step++) {
            $posterior = (new Estimation($lot->told, $log->observations()))->posterior();
            $log->suspect($posterior);
            $advised = $advisor->advise($posterior, $log->setting(), $log->looked());
            if (
                $advised->action === Action::Stop ||
                $advised->action === Action::Cannot ||
                ($advised->action === Action::Set && $hookUps->many() >= self::MOST_HOOK_UPS)
            ) {
                break;
            }
            if ($advised->action === Action::Set) {
                $truly = $hookUps->hookUp($advised->forecast->setting);
                $claims[] = [$advised->forecast->chance, $hookUps->share()];
                $minutes += $advised->forecast->minutes;
                $log->hookUp($advised->forecast->setting, $truly);
            } else {
                $minutes +=
                    $log->setting() === null
                        ? self::BEFOREHAND_MINUTES
                        : ($advised->look ?? Recheck::Carried)->minutes();
                $log->look($advised->look ?? Recheck::Carried);
            }
        }

        return Finish::of($hookUps, $minutes, $claims, $advised->present?->chance, $log->named(), $posterior);
    }
}
