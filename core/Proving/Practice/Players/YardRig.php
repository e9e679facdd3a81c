<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Players;

use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\Recheck;
use Yoke\Proving\Playing\AdvisedPlayer;
use Yoke\Proving\Playing\OneStepPlayer;
use Yoke\Proving\Playing\RigInHand;
use Yoke\Proving\Practice\Exercise\Exercise;
use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Proving\Practice\Exercise\HitchPlace;
use Yoke\Proving\Practice\Exercise\Place;
use Yoke\Proving\Practice\Exercise\Solution;
use Yoke\Proving\Practice\Run\Belief;
use Yoke\Proving\Practice\Run\Run;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Stance;

/**
 * An exercise's rig under a player's hands. Who tapes both fenders looks about first, where the product's stations say
 * to look, and puts right what shows; who goes by the front alone looks at nothing.
 */
final readonly class YardRig implements RigInHand
{
    /** Where the stations say to look, by stance. */
    private const LOOKS = [
        'alone' => [Place::Tyres, Place::Cab, Place::Load],
        'dropped' => [Place::Ground, Place::Cab, Place::JackFoot, Place::Coupler, Place::Brackets],
        'carried' => [Place::Chains, Place::Bars],
    ];

    private Hands $hands;

    private function __construct(private Run $run, Fineness $tape)
    {
        $this->hands = new Hands($run, $tape);
    }

    /** What the product's own advice makes of an exercise. */
    public static function advised(Exercise $exercise, Fineness $tape): Run
    {
        $rig = new self(new Run($exercise), $tape);
        (new AdvisedPlayer())->play($rig);
        $rig->hands->driveOff();

        return $rig->run;
    }

    /** What one step at a time makes of it. */
    public static function oneStep(Exercise $exercise, Fineness $tape): Run
    {
        $rig = new self(new Run($exercise), $tape);
        (new OneStepPlayer())->play($rig, $exercise->goal()->band);
        $rig->hands->driveOff();

        return $rig->run;
    }

    public function adjusters(): Adjusters
    {
        return $this->run->exercise->adjusters;
    }

    public function setting(): Setting
    {
        return $this->run->situation()->hitch->setting;
    }

    public function tapeAsFound(): void
    {
        if ($this->run->situation()->isHooked) {
            $this->tape(Stance::Carried);
            $this->tape(Stance::Dropped);
        }
    }

    public function tape(Stance $stance): void
    {
        $this->hands->stand($stance);
        foreach (self::LOOKS[$stance->value] as $place) {
            foreach ($this->hands->look($place)->sight->faults ?? [] as $fault) {
                $this->putRight($fault);
            }
        }
        $this->hands->tape();
    }

    public function tapeFront(Stance $stance): float
    {
        $this->hands->stand($stance);
        $this->hands->tapeFront();
        $heights = $this->run->heights();

        return $heights[count($heights) - 1]->read;
    }

    public function hookUp(Setting $setting): void
    {
        $this->hands->hookUp($this->run->situation()->hitch->at($setting));
    }

    public function hookUps(): int
    {
        return count($this->run->hookUps());
    }

    public function next(): Setting|Recheck|null
    {
        $advised = (new Belief($this->run))->analysis()->recommendation();

        return match ($advised?->action) {
            null, Action::Stop, Action::Cannot => null,
            Action::Set => $advised->forecast->setting,
            Action::ReadAgain => $advised->look ?? Recheck::Carried,
        };
    }

    /** Taped as it stands then, without looking about once more. */
    public function lookAgain(Recheck $look): void
    {
        $stance = $look->stance();
        if ($stance === null) {
            $this->hands->look(Place::Chains);

            return;
        }
        $stood = $this->run->situation()->stance();
        $this->hands->stand($stance);
        $this->hands->tape();
        $this->hands->stand($stood);
    }

    public function canBeLeft(): bool
    {
        return $this->run->situation()->isHooked && (new Belief($this->run))->current() !== null;
    }

    /** What was put right is looked for no more. */
    private function putRight(Fault $fault): void
    {
        $remedy = $fault->remedy();
        $stance = $this->run->situation()->stance();
        if ($remedy !== null) {
            $this->hands->putRight($remedy);
        } elseif ($fault === Fault::BallTooLow) {
            $this->hands->putTogether($this->level());
        }
        $this->hands->stand($stance);
    }

    /** Head and shank where the ball lets the trailer end level; the rest as it is. */
    private function level(): HitchPlace
    {
        $head = (new Solution($this->run->exercise))->head();
        $setting = $this->setting();
        foreach ($this->adjusters()->all() as $adjuster) {
            $setting =
                $adjuster->role === Role::HeadHeight
                    ? $setting->with($adjuster->key, $head->setting->step($adjuster->key))
                    : $setting;
        }

        return $head->at($setting);
    }
}
