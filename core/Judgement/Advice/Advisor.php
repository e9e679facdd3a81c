<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

use Yoke\Foundation\Probability\Normal;
use Yoke\Judgement\Constraint\Exclusion;
use Yoke\Judgement\Method\Chances;
use Yoke\Judgement\Method\Goal;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\Setting;

/**
 * Names the next move as a practitioner makes it: one adjuster where one will do, the best chance for its minutes; or
 * stop; or read again; or the nearest allowed setting where the goal is out of reach (docs/model.md, What to do next).
 */
final readonly class Advisor
{
    /** Chances this near are alike. */
    private const ALIKE = 0.001;

    /** A first set-up takes another tilt only where that raises the chance by more than this. */
    private const TILT_WORTH = 0.1;

    /** The head is moved by itself, or with one other adjuster. */
    private const PAIR = 2;

    /** Distances from a goal closer than this are the same, in the unit of the method. */
    private const SAME = 1e-9;

    public function __construct(private HitchSettings $hitch, private Goal $goal, private StoppingRules $policy)
    {
    }

    /**
     * What is to be read a second time before the first hook-up, whatever was read: the vehicle alone, until it is
     * coupled; null where nothing is. A slip at dropped shows by the readings that follow it (docs/model.md, Looks).
     */
    public function asksBeforehand(RecheckLog $looked): ?Recheck
    {
        $times = $looked->times(Recheck::Dropped) === 0 ? $looked->times(Recheck::Alone) : 0;

        return $times > 0 && $times < $this->policy->before ? Recheck::Alone : null;
    }

    /**
     * @param  Setting|null  $present  the setting that is on; null before the first hook-up
     * @param  RecheckLog|null  $looked  what was looked at so far; null where nothing can be looked at again
     */
    public function advise(Posterior $posterior, ?Setting $present = null, ?RecheckLog $looked = null): Recommendation
    {
        $evaluator = new SettingEvaluator(new StanceEvaluator($posterior, $this->goal), $this->hitch, $this->policy);
        $looks = new RecheckPolicy($posterior, $looked ?? RecheckLog::carriedTimes(1), $this->policy);
        $ranking = $this->ranked($evaluator, $present);
        $now = $present === null ? null : $evaluator->of($present, $present, $looks->hookUp());
        $best = $now === null ? $this->first($ranking) : $this->oneAtATime($ranking, $now);
        $decided = $now === null ? $this->beforehand($best, $looks, $looked) : $this->decide($best, $now, $looks);
        if (
            $decided->action === Action::Cannot ||
            ($now === null && $best->chance <= $this->policy->hopeless && $decided->action === Action::Set)
        ) {
            return $this->nearest($ranking, $best, $now);
        }

        return new Recommendation(
            $decided->action,
            $decided->reason,
            $now === null || $decided->action === Action::Set ? $best : $now,
            $now,
            $ranking,
            $decided->look,
            $decided->thenSet && $best->isOpen() ? $best : null,
            $decided->look === null ? LookWay::Again : $looks->way($decided->look),
        );
    }

    private function beforehand(SettingForecast $best, RecheckPolicy $looks, ?RecheckLog $looked): Decision
    {
        $second = $looked === null ? null : $this->asksBeforehand($looked);
        $doubted = $looked === null || $second !== null ? null : $looks->open($best);

        return match (true) {
            $second !== null => Decision::toLookFirst($second, Reason::SecondReading),
            $doubted !== null => Decision::toLookFirst($doubted, Reason::SettlesADoubt),
            default => Decision::of($best->isOpen() ? Action::Set : Action::Cannot, Reason::BestChance),
        };
    }

    private function decide(SettingForecast $best, SettingForecast $now, RecheckPolicy $looks): Decision
    {
        $wish = $this->wish($best, $now, $looks);
        $isSet = $wish->action === Action::Set;
        $look = $looks->before($wish->action, $isSet ? $best : $now);
        // Nobody reads again what is as good as surely wrong: the next hook-up shows what was misread.
        $look = $isSet && $look === Recheck::Carried && $now->chance <= $this->policy->hopeless ? null : $look;
        if ($look === null || $look === Recheck::Carried) {
            return $look === null ? $wish : Decision::toLook($look, Reason::ReadingIsCheaper);
        }
        $reason = $look === Recheck::Count ? Reason::CountedFirst : Reason::SettlesADoubt;

        return $isSet ? Decision::toLookFirst($look, $reason) : Decision::toLook($look, $reason);
    }

    /** What would be done if nothing was in doubt. */
    private function wish(SettingForecast $best, SettingForecast $now, RecheckPolicy $looks): Decision
    {
        $tolerances = $this->goal->tolerances;
        $couldStandLevel =
            ! $tolerances->standsLevel($now->trailerPitch()) &&
            $tolerances->standsLevel($best->trailerPitch()) &&
            $best->isOpen() &&
            $best->chance >= $this->policy->goodEnough;
        $canRead = $looks->carried() < $this->policy->readings;
        $isGoodEnough =
            $now->isOpen() &&
            $now->chance >= $this->policy->goodEnough &&
            $now->over <= $this->policy->overDone;
        $over = $looks->carried() > 1 ? $this->policy->overDone : $this->policy->overUnsure;

        return match (true) {
            $couldStandLevel => Decision::of(Action::Set, Reason::LevelsTheTrailer),
            $now->isOpen() &&
                $now->chance >= $this->policy->sure &&
                $now->over <= $over => Decision::of(Action::Stop, Reason::GoodEnough),
            $looks->carried() > 1 && $isGoodEnough => Decision::of(Action::Stop, Reason::GoodEnough),
            $now->chance >= $this->policy->worthReading && $canRead => Decision::toLook(
                Recheck::Carried,
                Reason::ReadingIsCheaper,
            ),
            $isGoodEnough => Decision::of(Action::Stop, Reason::GoodEnough),
            ! $best->isOpen() || max($best->chance, $now->chance) <= $this->policy->hopeless => Decision::of(
                Action::Cannot,
                Reason::NotSureEnough,
            ),
            $best->setting->equals($now->setting) && $now->chance < Chances::SURE && $canRead => Decision::toLook(
                Recheck::Carried,
                Reason::ReadingIsCheaper,
            ),
            $best->setting->equals($now->setting) => Decision::of(
                Action::Stop,
                $now->chance >= Chances::SURE ? Reason::GoodEnough : Reason::NothingBetter,
            ),
            default => Decision::of(
                Action::Set,
                Reason::BestChance,
            ),
        };
    }

    /**
     * Load and attitude are two goals with two levers: where the best setting leaves the trailer off level, or is not
     * likely
     * enough by itself, the head's next holes are weighed with it, as pairs of moves.
     *
     * @return non-empty-list<SettingForecast>
     */
    private function ranked(SettingEvaluator $evaluator, ?Setting $present): array
    {
        $stays = $present ?? $this->hitch->reference;
        $unseen = $present === null ? 0.0 : $this->policy->unseen;
        $forecasts = $this->sorted(
            array_map(
                static fn (Setting $setting): SettingForecast => $evaluator->of($setting, $present),
                $this->hitch->withTheHeadOf($stays),
            ),
            0.0,
            $unseen,
        );
        $isGood = $forecasts[0]->isOpen() && $forecasts[0]->chance >= $this->policy->goodEnough;
        $needsTheHead =
            $present !== null && (! $isGood || ! $this->goal->tolerances->standsLevel($forecasts[0]->trailerPitch()));
        $heads = $needsTheHead ? $this->hitch->otherHeads($stays) : [];
        if ($heads === []) {
            return $forecasts;
        }
        foreach ($heads as $head) {
            array_push($forecasts, ...$this->pairs($evaluator, $head, $stays, $forecasts[0], $present));
        }

        return $this->sorted($forecasts, $this->policy->offLevel, $unseen);
    }

    /**
     * The head at another hole, by itself or with one other adjuster, where that brings the trailer nearer to level: no
     * head is moved for the front axle's sake alone.
     *
     * @param  SettingForecast  $best  with the head where it is
     * @return list<SettingForecast>
     */
    private function pairs(
        SettingEvaluator $evaluator,
        Setting $head,
        Setting $stays,
        SettingForecast $best,
        ?Setting $present,
    ): array {
        $tolerances = $this->goal->tolerances;
        $pairs = array_filter(
            $this->hitch->withTheHeadOf($head),
            fn (Setting $setting): bool => $this->hitch->changes($stays, $setting) <= self::PAIR,
        );
        $forecasts = array_map(
            static fn (Setting $setting): SettingForecast => $evaluator->of($setting, $present),
            array_values($pairs),
        );
        // Nearer to level than the tension alone leaves it, and not over to the other side.
        $off = abs($best->trailerPitch()->degrees());
        $mayBe = static fn (SettingForecast $one): bool => abs($one->trailerPitch()->degrees()) <= $off &&
            ($tolerances->isNoseUp($best->trailerPitch()) || ! $tolerances->isNoseUp($one->trailerPitch()));

        return $this->goal->governing()->movesTheHead()
            ? $forecasts
            : array_values(array_filter($forecasts, $mayBe));
    }

    /**
     * @param  non-empty-list<SettingForecast>  $forecasts
     * @param  float  $offLevel  what a trailer off level takes from a setting's worth
     * @param  float  $unseen  by how much every share may be off besides its doubt
     * @return non-empty-list<SettingForecast> best first, those that may not be advised last
     */
    private function sorted(array $forecasts, float $offLevel, float $unseen): array
    {
        $places = array_map(
            fn (SettingForecast $forecast, int $place): array => [
                $forecast->isOpen() ? 0 : 1,
                -$this->worth($forecast, $offLevel, $unseen),
                $place,
            ],
            $forecasts,
            array_keys($forecasts),
        );
        usort($places, static fn (array $one, array $other): int => $one <=> $other);

        return array_map(static fn (array $place): SettingForecast => $forecasts[$place[2]], $places);
    }

    private function worth(SettingForecast $forecast, float $offLevel, float $unseen): float
    {
        return $forecast->chance -
            $this->heldBack($forecast, $unseen) -
            $this->policy->minute * $forecast->minutes -
            ($this->goal->tolerances->standsLevel($forecast->trailerPitch()) ? 0.0 : $offLevel);
    }

    /**
     * How much likelier too much is for reasons besides that nobody sees: what is left of the range above counts for
     * more.
     */
    private function heldBack(SettingForecast $forecast, float $unseen): float
    {
        $share = $forecast->stance->quantities->share;
        $ceiling = $this->goal->band->ceiling();

        return $unseen <= 0.0
            ? 0.0
            : max(
                0.0,
                $share->chanceBelow($ceiling) -
                    Normal::of($share->mean(), hypot($share->deviation(), $unseen))->chanceBelow($ceiling),
            );
    }

    /**
     * Before the first hook-up: washers by the bars' range, then links or holes.
     *
     * @param  non-empty-list<SettingForecast>  $ranking
     */
    private function first(array $ranking): SettingForecast
    {
        $inside = array_values(array_filter($ranking, $this->isExpectedInside(...)));
        $ranking = $inside === [] ? $ranking : $inside;
        foreach ($ranking as $forecast) {
            if ($forecast->isOpen() && $this->hitch->startsWith($forecast->setting)) {
                return $this->withRoom(
                    $ranking,
                    $forecast->chance >= $ranking[0]->chance - self::TILT_WORTH ? $forecast : $ranking[0],
                );
            }
        }

        return $ranking[0];
    }

    /** Whether a setting may be advised and is itself expected in range, where the range is one of shares. */
    private function isExpectedInside(SettingForecast $forecast): bool
    {
        return $forecast->isOpen() &&
            (! $this->goal->criterion->isShare() || $this->goal->band->holds($forecast->share()->mean()));
    }

    /**
     * Of first settings that are as likely, with the head as it is chosen, the one that leaves most room for a load
     * that changes: its small adjuster nearest the middle.
     *
     * @param  non-empty-list<SettingForecast>  $ranking
     */
    private function withRoom(array $ranking, SettingForecast $chosen): SettingForecast
    {
        $best = $chosen;
        foreach ($ranking as $forecast) {
            $isAlike =
                $forecast->isOpen() &&
                $forecast->chance >= $chosen->chance - self::ALIKE &&
                $this->hitch->startsWith($forecast->setting) === $this->hitch->startsWith($chosen->setting) &&
                ! $this->hitch->moves(Role::HeadHeight, $chosen->setting, $forecast->setting) &&
                $this->goal->tolerances->standsLevel($forecast->trailerPitch()) ===
                    $this->goal->tolerances->standsLevel($chosen->trailerPitch());
            if ($isAlike && $this->hitch->offMiddle($forecast->setting) < $this->hitch->offMiddle($best->setting)) {
                $best = $forecast;
            }
        }

        return $best;
    }

    /**
     * The best that a practitioner would do next: no washer on a rig that is in range, and two adjusters only where no
     * single one gets there.
     *
     * @param  non-empty-list<SettingForecast>  $ranking
     */
    private function oneAtATime(array $ranking, SettingForecast $now): SettingForecast
    {
        $isInRange = $now->isOpen() && $now->chance >= Chances::SURE;
        $offered = array_values(
            array_filter(
                $ranking,
                fn (SettingForecast $forecast): bool => ! $isInRange ||
                    ! $this->hitch->moves(Role::Tilt, $now->setting, $forecast->setting),
            ),
        );
        $best = $offered[0] ?? $now;
        if ($this->hitch->changes($now->setting, $best->setting) <= 1) {
            return $best;
        }
        foreach ($offered as $forecast) {
            if (
                $forecast->isOpen() &&
                $this->hitch->changes($now->setting, $forecast->setting) <= 1 &&
                $this->getsThere($forecast, $best)
            ) {
                return $forecast;
            }
        }

        return $best;
    }

    private function getsThere(SettingForecast $single, SettingForecast $pair): bool
    {
        $tolerances = $this->goal->tolerances;

        return $single->chance >= min(Chances::SURE, $pair->chance) &&
            ($tolerances->standsLevel($single->trailerPitch()) || ! $tolerances->standsLevel($pair->trailerPitch()));
    }

    /**
     * No setting is likely to reach the goal: the nearest allowed one is gone to, or stayed at, and said to be that.
     *
     * @param  non-empty-list<SettingForecast>  $ranking
     */
    private function nearest(array $ranking, SettingForecast $best, ?SettingForecast $now): Recommendation
    {
        $nearest = $now !== null && $now->isOpen() ? $now : null;
        foreach ($ranking as $forecast) {
            $isHeadOn =
                $now === null ||
                $this->goal->governing()->movesTheHead() ||
                ! $this->hitch->moves(Role::HeadHeight, $now->setting, $forecast->setting);
            if (
                $isHeadOn &&
                $forecast->isOpen() &&
                ($nearest === null || $this->distance($forecast) < $this->distance($nearest) - self::SAME)
            ) {
                $nearest = $forecast;
            }
        }
        $stays = $now !== null && $nearest?->setting->equals($now->setting) === true;

        return match (true) {
            $nearest === null => new Recommendation(Action::Cannot, $this->whyNone($ranking), $best, $now, $ranking),
            $stays && $this->goal->criterion->isShare() => new Recommendation(
                Action::Cannot,
                $this->whyNone($ranking),
                $now,
                $now,
                $ranking,
            ),
            $stays => new Recommendation(Action::Stop, Reason::NearestAllowed, $now, $now, $ranking),
            default => new Recommendation(Action::Set, Reason::NearestAllowed, $nearest, $now, $ranking),
        };
    }

    /** How far a setting's likeliest quantity lies outside the range, in the unit of the method. */
    private function distance(SettingForecast $forecast): float
    {
        $range = $this->goal->governing()->range($forecast->stance->quantities->lost);
        $quantity = $forecast->stance->quantity()->mean();

        return max(0.0, $range->low - $quantity, $quantity - $range->high);
    }

    /** @param  non-empty-list<SettingForecast>  $ranking */
    private function whyNone(array $ranking): Reason
    {
        $shares = array_map(static fn (SettingForecast $forecast): float => $forecast->share()->mean(), $ranking);
        $isBarred = static fn (SettingForecast $forecast): bool => $forecast->excluded === Exclusion::BarsPastRating;

        return match (true) {
            ! $this->goal->criterion->isShare() => Reason::MethodOutOfReach,
            max($shares) < $this->goal->band->from => Reason::TooWeak,
            min($shares) > $this->goal->band->to => Reason::TooStrong,
            array_filter($ranking, $isBarred) !== [] => Reason::BarsTooLight,
            default => Reason::NotSureEnough,
        };
    }
}
