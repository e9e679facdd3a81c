<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

use Yoke\Judgement\Constraint\Constraint;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\Setting;

/** What can be set on a hitch, from where, and what no setting may break. */
final readonly class HitchSettings
{
    /** Nobody moves a head further before it is measured again. */
    private const NEXT_HOLES = 2.0;

    /**
     * @param  Setting  $reference  the setting whose tension the prior knows
     * @param  list<Constraint>  $constraints
     * @param  float|null  $tilt  the tilt step to start with, by where the tongue weight lies in the bars' range; null
     *     where the specification gives no range
     */
    public function __construct(
        public Adjusters $adjusters,
        public Setting $reference,
        public array $constraints = [],
        private ?float $tilt = null,
    ) {
    }

    /**
     * The same where nobody knows how some of its adjusters stand: they stay.
     *
     * @param  list<string>  $keys
     */
    public function notKnowing(array $keys): self
    {
        return $keys === []
            ? $this
            : new self($this->adjusters->notKnowing($keys), $this->reference, $this->constraints, $this->tilt);
    }

    /** The same with nothing but the small adjuster to turn: for a load that changed on a rig once set right. */
    public function smallAbout(Setting $stays): self
    {
        return new self($this->adjusters->smallAbout($stays), $this->reference, $this->constraints);
    }

    /** The same with the head at the hole that a setting has. */
    public function headAsIn(Setting $stays): self
    {
        return new self($this->adjusters->headAsIn($stays), $this->reference, $this->constraints, $this->tilt);
    }

    /** Whether a setting has the head tilted as a first set-up begins. */
    public function startsWith(Setting $setting): bool
    {
        foreach ($this->adjusters->all() as $adjuster) {
            if (
                $this->tilt !== null &&
                $adjuster->role === Role::Tilt &&
                abs($setting->step($adjuster->key) - $this->tilt) > 1e-9
            ) {
                return false;
            }
        }

        return true;
    }

    /** How far the small adjuster of a setting stands off the middle of its range, in steps. */
    public function offMiddle(Setting $setting): float
    {
        foreach ($this->adjusters->all() as $adjuster) {
            if ($adjuster->role === Role::Tension) {
                return abs($setting->step($adjuster->key) - $adjuster->range->middle());
            }
        }

        return 0.0;
    }

    /** How many adjusters stand elsewhere in another setting. */
    public function changes(Setting $from, Setting $to): int
    {
        return count($from->changesTo($to));
    }

    /** Whether one of a role stands elsewhere. */
    public function moves(Role $role, Setting $from, Setting $to): bool
    {
        foreach ($from->changesTo($to) as $key) {
            if ($this->adjusters->get($key)->role === $role) {
                return true;
            }
        }

        return false;
    }

    /** @return non-empty-list<Setting> with the head where it is, the setting itself first */
    public function withTheHeadOf(Setting $stays): array
    {
        $stays = $this->within($stays);
        $settings = [$stays];
        foreach ($this->adjusters->headAsIn($stays)->settings() as $setting) {
            if (! $setting->equals($stays)) {
                $settings[] = $setting;
            }
        }

        return $settings;
    }

    /** The setting with what is held at another step moved there. */
    private function within(Setting $setting): Setting
    {
        foreach ($this->adjusters->all() as $adjuster) {
            $setting = $adjuster->range->holds($setting->step($adjuster->key))
                ? $setting
                : $setting->with($adjuster->key, $adjuster->range->from);
        }

        return $setting;
    }

    /** @return list<Setting> the same with the head at each of its next holes, up and down */
    public function otherHeads(Setting $stays): array
    {
        $heads = [];
        foreach ($this->adjusters->all() as $adjuster) {
            $isMoved = $adjuster->role === Role::HeadHeight && ! $adjuster->isUnknown;
            foreach ($isMoved ? $adjuster->range->all() : [] as $step) {
                $away = abs($step - $stays->step($adjuster->key));
                if ($away > 1e-9 && $away <= self::NEXT_HOLES) {
                    $heads[] = $stays->with($adjuster->key, $step);
                }
            }
        }

        return $heads;
    }
}
