<?php

declare(strict_types=1);

namespace Yoke\Rig\Adjuster;

use Yoke\Foundation\Units\Length;
use Yoke\Rig\Adjuster\Exception\ImpossibleSetting;

/** All the adjusters of one hitch: its settings, what each is worth, what a change costs. */
final readonly class Adjusters
{
    /** Left off by more than this share of a hole, a next hole would have been nearer, had there been one. */
    private const BEYOND = 0.75;

    /** @param  array<string, Adjuster>  $byKey in the order they are said */
    private function __construct(private array $byKey)
    {
    }

    public static function of(Adjuster ...$adjusters): self
    {
        $byKey = [];
        foreach ($adjusters as $adjuster) {
            $byKey[$adjuster->key] = $adjuster;
        }

        return new self($byKey);
    }

    /** @return list<Adjuster> */
    public function all(): array
    {
        return array_values($this->byKey);
    }

    public function get(string $key): Adjuster
    {
        return $this->byKey[$key] ?? throw ImpossibleSetting::unknown($key);
    }

    /**
     * @param  array<string, float>  $steps
     *
     * @throws ImpossibleSetting when a step is missing, unknown or out of range
     */
    public function setting(array $steps): Setting
    {
        foreach ($steps as $key => $step) {
            $adjuster = $this->get($key);
            if (! $adjuster->range->holds($step)) {
                throw ImpossibleSetting::outOfRange($key, $step, $adjuster->range->from, $adjuster->range->to);
            }
        }
        foreach ($this->byKey as $key => $adjuster) {
            if (! isset($steps[$key])) {
                throw ImpossibleSetting::missing($key);
            }
        }

        return Setting::of($steps);
    }

    /**
     * A setting as somebody wrote it down: null says that nobody knows how an adjuster stands. Without what bends the
     * bars by itself nothing of a setting is known.
     *
     * @param  array<string, float|int|null>  $told
     *
     * @throws ImpossibleSetting when a step is missing, unknown or out of range, or that of what bends the bars by
     *     itself is null
     */
    public function recorded(array $told): Setting
    {
        $unknown = [];
        foreach ($told as $key => $step) {
            if ($step === null && $this->get($key)->role === Role::Tension) {
                throw ImpossibleSetting::notCounted($key);
            }
            $unknown = $step === null ? [...$unknown, $key] : $unknown;
            $told[$key] = (float) ($step ?? $this->get($key)->range->middleStep());
        }

        $whole = $this->setting($told);

        return Setting::of(
            array_map(static fn (Adjuster $adjuster): float => $whole->step($adjuster->key), $this->byKey),
            $unknown,
        );
    }

    /**
     * The same where nobody knows how some of them stand: nothing is planned with those.
     *
     * @param  list<string>  $keys
     */
    public function notKnowing(array $keys): self
    {
        return new self(
            array_map(
                static fn (Adjuster $adjuster): Adjuster => in_array($adjuster->key, $keys, true)
                    ? $adjuster->notKnown()
                    : $adjuster,
                $this->byKey,
            ),
        );
    }

    /**
     * How far the tension may be off for what nobody knows: one deviation, mm, of steps that are all as likely.
     *
     * @param  float  $barArm  mm
     */
    public function tensionDoubt(Setting $of, float $barArm): float
    {
        $doubt = 0.0;
        foreach ($of->unknown() as $key) {
            $span = $this->get($key)->range->to - $this->get($key)->range->from;
            $worth = $this->tensionBetween($of, $of->with($key, $of->step($key) + 1.0), $barArm);
            $doubt = hypot($doubt, $span * $worth / sqrt(12));
        }

        return $doubt;
    }

    /** Every adjuster in the middle of its range, rounded down to a step. */
    public function middle(): Setting
    {
        return $this->unsaid(
            array_map(static fn (Adjuster $adjuster): float => $adjuster->range->middleStep(), $this->byKey),
        );
    }

    /** @param  array<string, float>  $steps of all of them */
    private function unsaid(array $steps): Setting
    {
        return Setting::of(
            $steps,
            array_keys(array_filter($this->byKey, static fn (Adjuster $adjuster): bool => $adjuster->isUnknown)),
        );
    }

    /**
     * Only what bends the bars by itself: tilt and head stay as a setting has them. For a load that changed on a rig
     * once set right.
     */
    public function smallAbout(Setting $stays): self
    {
        return new self(
            array_map(
                static fn (Adjuster $adjuster): Adjuster => $adjuster->role === Role::Tension
                    ? $adjuster
                    : $adjuster->fixedAt($stays->step($adjuster->key)),
                $this->byKey,
            ),
        );
    }

    /** Everything but the hole of the head, which stays as a setting has it. */
    public function headAsIn(Setting $stays): self
    {
        return new self(
            array_map(
                static fn (Adjuster $adjuster): Adjuster => $adjuster->role === Role::HeadHeight
                    ? $adjuster->fixedAt($stays->step($adjuster->key))
                    : $adjuster,
                $this->byKey,
            ),
        );
    }

    /** A setting with what bends the bars by itself at its loosest; tilt and head as they are. */
    public function loosest(Setting $stays): Setting
    {
        foreach ($this->byKey as $key => $adjuster) {
            $stays = $adjuster->role === Role::Tension ? $stays->with($key, $adjuster->range->from) : $stays;
        }

        return $stays;
    }

    /** The same with it at its tightest. */
    public function tightest(Setting $stays): Setting
    {
        foreach ($this->byKey as $key => $adjuster) {
            $stays = $adjuster->role === Role::Tension ? $stays->with($key, $adjuster->range->to) : $stays;
        }

        return $stays;
    }

    /** @return list<Setting> the whole grid */
    public function settings(): array
    {
        $grid = [[]];
        foreach ($this->byKey as $key => $adjuster) {
            $longer = [];
            foreach ($grid as $steps) {
                foreach ($adjuster->isUnknown ? [$adjuster->range->middleStep()] : $adjuster->range->all() as $step) {
                    $longer[] = [...$steps, $key => $step];
                }
            }
            $grid = $longer;
        }

        return array_map($this->unsaid(...), $grid);
    }

    /** How much more the bars are bent at one setting than at another, mm (docs/model.md, Settings to tension). */
    public function tensionBetween(Setting $from, Setting $to, float $barArm): float
    {
        $tension = 0.0;
        foreach ($this->byKey as $key => $adjuster) {
            $worth = match ($adjuster->role) {
                Role::Tension => $adjuster->pitch,
                Role::Tilt => $adjuster->pitch * $barArm,
                Role::HeadHeight => 0.0,
            };
            $tension += $worth * ($to->step($key) - $from->step($key));
        }

        return $tension;
    }

    /** The setting that is meant where what bends the bars by itself was counted from the other end. */
    public function reversed(Setting $setting): Setting
    {
        foreach ($this->byKey as $key => $adjuster) {
            $setting =
                $adjuster->role === Role::Tension && ! $adjuster->isTurnedLoaded
                    ? $setting->with($key, $adjuster->range->fromOtherEnd($setting->step($key)))
                    : $setting;
        }

        return $setting;
    }

    /** What one step of what bends the bars by itself is worth, mm; 0 where nothing does. */
    public function tensionStep(): float
    {
        foreach ($this->byKey as $adjuster) {
            if ($adjuster->role === Role::Tension) {
                return $adjuster->pitch;
            }
        }

        return 0.0;
    }

    /**
     * What the finest step of it is worth, mm: half of one where half steps can be set; 0 where nothing bends the bars
     * by itself.
     */
    public function finestStep(): float
    {
        foreach ($this->byKey as $adjuster) {
            if ($adjuster->role === Role::Tension) {
                return $adjuster->pitch * $adjuster->range->grain;
            }
        }

        return 0.0;
    }

    /** What a step of it takes, minutes; 0 where nothing bends the bars by itself. */
    public function stepMinutes(): int
    {
        foreach ($this->byKey as $adjuster) {
            if ($adjuster->role === Role::Tension) {
                return $adjuster->minutes;
            }
        }

        return 0;
    }

    /** Whether there is one of a role. */
    public function has(Role $role): bool
    {
        foreach ($this->byKey as $adjuster) {
            if ($adjuster->role === $role) {
                return true;
            }
        }

        return false;
    }

    /** What is turned with the rig coupled and loaded; null where nothing is. */
    public function turnedLoaded(): ?Adjuster
    {
        foreach ($this->byKey as $adjuster) {
            if ($adjuster->isTurnedLoaded) {
                return $adjuster;
            }
        }

        return null;
    }

    /** How much higher the ball stands at one setting than at another. */
    public function ballHeightBetween(Setting $from, Setting $to): Length
    {
        $height = 0.0;
        foreach ($this->byKey as $key => $adjuster) {
            $height +=
                $adjuster->role === Role::HeadHeight ? $adjuster->pitch * ($to->step($key) - $from->step($key)) : 0.0;
        }

        return Length::ofMillimetres($height);
    }

    /**
     * A setting with the head at the hole that brings the ball nearest to where it should stand.
     *
     * @param  Length  $off  how far the ball stands over that
     */
    public function headNearest(Setting $from, Length $off): Setting
    {
        $nearest = $from;
        foreach ($this->byKey as $key => $adjuster) {
            $isMoved = $adjuster->role === Role::HeadHeight && ! $adjuster->isUnknown;
            foreach ($isMoved ? $adjuster->range->all() : [] as $step) {
                $moved = $from->with($key, $step);
                $left = $off->plus($this->ballHeightBetween($from, $moved))->absolute();
                $nearest = $left->isLessThan($off->plus($this->ballHeightBetween($from, $nearest))->absolute())
                    ? $moved
                    : $nearest;
            }
        }

        return $nearest;
    }

    /**
     * Whether the holes of the head end before the ball is where it should be.
     *
     * @param  Length  $left  how far off the nearest hole leaves it
     */
    public function isBeyondHoles(Length $left): bool
    {
        $pitch = $this->headPitch();

        return $pitch !== null && $left->absolute()->isGreaterThan($pitch->times(self::BEYOND));
    }

    /** What one hole of the head is worth; null where it has no holes. */
    private function headPitch(): ?Length
    {
        foreach ($this->byKey as $adjuster) {
            if ($adjuster->role === Role::HeadHeight) {
                return Length::ofMillimetres($adjuster->pitch);
            }
        }

        return null;
    }

    /** Minutes to get from one setting to another: the dearest change covers the cheaper ones that go with it. */
    public function minutesBetween(Setting $from, Setting $to): int
    {
        $minutes = 0;
        foreach ($from->changesTo($to) as $key) {
            $minutes = max($minutes, $this->get($key)->minutes);
        }

        return $minutes;
    }
}
