<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

use Yoke\Measuring\Estimation\Posterior;

/**
 * Whether anything is to be looked at again before it is acted on: by what the look would settle for its minutes, and
 * always where a mistake is likelier than the policy bears (docs/model.md, Looks).
 */
final readonly class RecheckPolicy
{
    /** Once a mistake is known, a setting is found that is in range with this chance, its minutes taken off. */
    private const ONCE_KNOWN = 0.92;

    /** A move that a slip led astray is read in its turn; a miscount stays in the counting of every later move. */
    private const SEEN_NEXT = 0.35;

    /** After so many looks at one thing it is decided with what there is. */
    private const MOST = 2;

    public function __construct(
        private Posterior $posterior,
        private RecheckLog $looked,
        private StoppingRules $policy,
    ) {
    }

    /** The hook-up that is on. */
    public function hookUp(): int
    {
        return $this->looked->hookUp;
    }

    /** How often it was read. */
    public function carried(): int
    {
        return $this->looked->carried;
    }

    /** @return array<string, float> by look: what knowing the mistakes that it would show would gain, in chance */
    public function gains(SettingForecast $aim): array
    {
        return array_map(static fn (array $settled): float => $settled[1], $this->settled($aim));
    }

    /** How a look is made: as it shows the likeliest mistake that it can show, where one is to be looked at. */
    public function way(Recheck $look): LookWay
    {
        $chances = [];
        foreach ($this->posterior->stories as $story) {
            foreach ($story->mistakes as $mistake) {
                if (Recheck::at($mistake, $this->posterior, $this->looked->hookUp) === $look) {
                    $way = LookWay::showing($mistake->kind)->value;
                    $chances[$way] = ($chances[$way] ?? 0.0) + $story->chance;
                }
            }
        }
        $way = LookWay::Again->value;
        foreach ($chances as $one => $chance) {
            $way = $chance > max($this->policy->openSuspect, $chances[$way] ?? 0.0) ? $one : $way;
        }

        return LookWay::from($way);
    }

    /** What to look at because it is likelier a mistake than the policy bears, whatever that would gain. */
    public function open(SettingForecast $aim): ?Recheck
    {
        foreach ($this->settled($aim) as $key => [$chance]) {
            $look = Recheck::from($key);
            if ($chance > $this->policy->openSuspect && $this->looked->times($look) <= self::MOST) {
                return $look;
            }
        }

        return null;
    }

    /**
     * What to look at before an action: the look that gains the most; null where none gains anything. What may end in
     * staying
     * at a setting that is only the nearest is no better known than a stop.
     *
     * @param  SettingForecast  $aim  the setting to go to or to stay at
     */
    public function before(Action $action, SettingForecast $aim): ?Recheck
    {
        return match ($action) {
            Action::Cannot => $this->open($aim),
            Action::Set => $this->best($aim, INF, self::SEEN_NEXT),
            Action::ReadAgain => $this->best($aim, INF, 1.0),
            Action::Stop => $this->best($aim, $this->policy->openSuspect, 1.0),
        };
    }

    /**
     * @param  float  $open  chance of a mistake from which on it is looked at, whatever it gains
     * @param  float  $lost  what of a slip's harm the next reading would not show
     */
    private function best(SettingForecast $aim, float $open, float $lost): ?Recheck
    {
        $best = null;
        $most = 0.0;
        foreach ($this->settled($aim) as $key => [$chance, $gain]) {
            $look = Recheck::from($key);
            $net =
                $gain * ($look === Recheck::Count ? 1.0 : $lost) -
                $this->policy->minute * $look->minutes() +
                ($chance > $open ? 1.0 : 0.0);
            if ($this->looked->times($look) <= self::MOST && $net > $most) {
                [$best, $most] = [$look, $net];
            }
        }

        return $best;
    }

    /**
     * @return array<string, array{float, float}> by look: the chance of the mistakes that it would show, and what
     *     knowing them would gain, in chance
     */
    private function settled(SettingForecast $aim): array
    {
        $settled = [];
        foreach ($this->posterior->stories as $i => $story) {
            foreach ($story->mistakes as $mistake) {
                $look = Recheck::at($mistake, $this->posterior, $this->looked->hookUp);
                if ($look !== null) {
                    $before = $settled[$look->value] ?? [0.0, 0.0];
                    $settled[$look->value] = [
                        $before[0] + $story->chance,
                        $before[1] + $story->chance * max(0.0, self::ONCE_KNOWN - $aim->stance->byStory[$i]),
                    ];
                }
            }
        }

        return $settled;
    }
}
