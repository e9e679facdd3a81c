<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Players;

use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\Recheck;
use Yoke\Proving\Practice\Exercise\Exercise;
use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Proving\Practice\Exercise\HitchPlace;
use Yoke\Proving\Practice\Exercise\Place;
use Yoke\Proving\Practice\Exercise\Solution;
use Yoke\Proving\Practice\Run\Belief;
use Yoke\Proving\Practice\Run\Run;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Stance;

/**
 * Does what the product's stations and its advice say, to the letter: looks where they say to look, then follows each
 * next move.
 */
final readonly class AdvisedLearner
{
    private const MOST_HOOK_UPS = 8;

    private const MOST_STEPS = 30;

    /** Where the stations say to look, by stance. */
    private const LOOKS = [
        'alone' => [Place::Tyres, Place::Cab, Place::Load],
        'dropped' => [Place::Ground, Place::Cab, Place::JackFoot, Place::Coupler, Place::Brackets],
        'carried' => [Place::Chains, Place::Bars],
    ];

    public function __construct(private Fineness $fineness)
    {
    }

    public function play(Exercise $exercise): Run
    {
        $hands = new Hands(new Run($exercise), $this->fineness);
        if ($hands->run->situation()->isHooked) {
            $this->look($hands);
            $hands->tape();
            $hands->stand(Stance::Dropped);
            $this->look($hands);
            $hands->tape();
            $hands->stand(Stance::Alone);
        }
        $this->look($hands);
        $hands->tape();
        $hands->stand(Stance::Dropped);
        $this->look($hands);
        $hands->tape();
        for ($step = 0; $step < self::MOST_STEPS && $this->next($hands); $step++) {
        }
        $hands->driveOff();

        return $hands->run;
    }

    /** Whether there is anything more to do. */
    private function next(Hands $hands): bool
    {
        $analysis = (new Belief($hands->run))->analysis();
        $advised = $analysis->recommendation();
        $next = match ($advised?->action) {
            null, Action::Stop, Action::Cannot => null,
            Action::Set => $advised->forecast->setting,
            Action::ReadAgain => $advised->look ?? Recheck::Carried,
        };
        $isDone =
            $next === null || (! ($next instanceof Recheck) && count($hands->run->hookUps()) >= self::MOST_HOOK_UPS);
        if ($isDone && $hands->run->situation()->isHooked && $analysis->current !== null) {
            return false;
        }
        if ($next instanceof Recheck) {
            $this->again($hands, $next);
        } else {
            $this->hookUp($hands, $isDone ? $hands->run->situation()->hitch->setting : $next);
        }

        return true;
    }

    private function hookUp(Hands $hands, Setting $setting): void
    {
        $hands->hookUp($hands->run->situation()->hitch->at($setting));
        $this->look($hands);
        $hands->tape();
    }

    private function again(Hands $hands, Recheck $look): void
    {
        $stance = $look->stance();
        $on = $hands->run->situation();
        if ($stance !== null) {
            $hands->stand($stance);
            $hands->tape();
            $hands->stand($on->stance());
        } else {
            $hands->look(Place::Chains);
        }
    }

    /** Looks about, and puts right what shows; what was put right is looked for no more. */
    private function look(Hands $hands): void
    {
        foreach (self::LOOKS[$hands->run->situation()->stance()->value] as $place) {
            foreach ($hands->look($place)->sight->faults ?? [] as $fault) {
                $this->putRight($hands, $fault);
            }
        }
    }

    private function putRight(Hands $hands, Fault $fault): void
    {
        $remedy = $fault->remedy();
        $stance = $hands->run->situation()->stance();
        if ($remedy !== null) {
            $hands->putRight($remedy);
        } elseif ($fault === Fault::BallTooLow) {
            $hands->putTogether($this->level($hands->run));
        }
        $hands->stand($stance);
    }

    /** Head and shank where the ball lets the trailer end level; the rest as it is. */
    private function level(Run $run): HitchPlace
    {
        $head = (new Solution($run->exercise))->head();
        $setting = $run->situation()->hitch->setting;
        foreach ($run->exercise->adjusters->all() as $adjuster) {
            $setting =
                $adjuster->role === Role::HeadHeight
                    ? $setting->with($adjuster->key, $head->setting->step($adjuster->key))
                    : $setting;
        }

        return $head->at($setting);
    }
}
