<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Internal;

use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Stories\Mistake;
use Yoke\Measuring\Estimation\Stories\MistakeKind;
use Yoke\Rig\Parts\Stance;

/**
 * Whatever may have gone wrong besides what a fit knows of, and what it would make of the fit.
 *
 * @internal
 */
final class PossibleMistakes
{
    /** A miscounted setting has a step too many or one too few. */
    public const EITHER_WAY = 2.0;

    /** How far off a slip is: one deviation, mm and kg. */
    private const SLIP_MM = 12.0;

    private const SLIP_KG = 150.0;

    /** Somebody in the cab, kg, and the share of them on the front axle. */
    private const PERSON_KG = 80.0;

    private const ON_THE_FRONT = 0.55;

    /**
     * How far a tongue weight that was told wrong is off, as a share; one that was told with more doubt is no mistake.
     */
    private const TOLD_WRONG = 0.15;

    private const TOLD_LOOSELY = 0.1;

    /** Share of the tongue weight that may be left on the jack, and its doubt. */
    private const ON_THE_JACK = 0.25;

    private const ON_THE_JACK_DOUBT = 0.07;

    /** How far an axle may stand off the plane: one deviation, mm. */
    private const OFF_MM = 8.0;

    /** @var list<array{int, list<int>}> those that were taped together: the first, and all */
    private array $standings = [];

    /** @var array<string, non-empty-list<int>> by stance and fender: all its readings */
    private array $fenders = [];

    /** @var array<int, float> what one step is worth of each hook-up whose setting may be miscounted, mm */
    private array $steps = [];

    /** @param  list<Observation>  $observations */
    public function __construct(private readonly RigPrior $prior, private readonly array $observations)
    {
        $standings = [];
        foreach ($observations as $i => $observation) {
            if ($observation->observed->isHeight()) {
                $this->fenders["{$observation->context->stance->value} {$observation->observed->name}"][] = $i;
            }
            if ($observation->observed->isHeight() && $observation->identity->standing !== '') {
                $standings["{$observation->context->stance->value} {$observation->identity->standing}"][] = $i;
            }
            if ($observation->context->hookUp->step > 0.0) {
                $this->steps[$observation->context->hookUp->number] = $observation->context->hookUp->step;
            }
        }
        foreach ($standings as $together) {
            $this->standings[] = [$together[0], $together];
        }
    }

    /**
     * @param  list<Mistake>  $known  what the fit knows of
     * @return list<Correction>
     */
    public function besides(array $known, Fit $fit): array
    {
        return [
            ...$this->slips($known, $fit),
            ...$this->aboard($known, $fit),
            ...$this->miscounts($known, $fit),
            ...$this->toldWrong($known, $fit),
            ...$this->onTheJack($known, $fit),
            ...$this->offThePlane($known, $fit),
            ...$this->otherSide($known, $fit),
            ...$this->reversed($known, $fit),
        ];
    }

    /** In how many ways a kind of mistake may have come about: each has its share of the odds. */
    public function ways(MistakeKind $kind): float
    {
        return match ($kind) {
            MistakeKind::Miscount => self::EITHER_WAY,
            MistakeKind::OffThePlane => (float) max(1, count($this->fenders)),
            MistakeKind::OtherSide => (float) max(1, count($this->stances())),
            MistakeKind::Swapped => (float) max(1, count($this->standings)),
            default => 1.0,
        };
    }

    /**
     * @param  list<Mistake>  $known
     * @return list<Correction>
     */
    public function slips(array $known, Fit $fit): array
    {
        $slips = [];
        foreach ($this->observations as $i => $observation) {
            if (! $observation->observed->isSeen() && ! self::holds($known, MistakeKind::Slip, $i)) {
                $slips[] = Correction::ofOne($fit, Mistake::slip($i), $i, self::width($observation));
            }
        }

        return $slips;
    }

    /** How far off a slip is: one deviation, mm or kg. */
    public static function width(Observation $observation): float
    {
        return $observation->observed->isLoad() ? self::SLIP_KG : self::SLIP_MM;
    }

    /**
     * @param  list<Mistake>  $known
     * @return list<Correction>
     */
    private function aboard(array $known, Fit $fit): array
    {
        $aboard = [];
        foreach ($this->standings as [$first, $together]) {
            if (count($together) > 1 && ! self::holds($known, MistakeKind::Aboard, $first)) {
                $line = array_map(static fn (): float => 0.0, $this->observations);
                foreach ($together as $i) {
                    $isFront = $this->observations[$i]->observed === Observed::FrontHeight;
                    $rate = $this->prior->valueAt(
                        $isFront ? RigParameter::FrontRate->value : RigParameter::RearRate->value,
                        $fit->at[$isFront ? RigParameter::FrontRate->value : RigParameter::RearRate->value],
                    );
                    $line[$i] = (self::PERSON_KG * ($isFront ? self::ON_THE_FRONT : 1.0 - self::ON_THE_FRONT)) / $rate;
                }
                $aboard[] = Correction::along($fit, Mistake::aboard($first), $line);
            }
        }

        return $aboard;
    }

    /**
     * @param  list<Mistake>  $known
     * @return list<Correction>
     */
    private function miscounts(array $known, Fit $fit): array
    {
        $miscounts = [];
        $worth = $this->prior->worth(RigParameter::Tension->value, 0.0);
        foreach ($worth > 0.0 ? $this->steps : [] as $hookUp => $step) {
            if (! self::isMovedBy($known, $hookUp)) {
                foreach ([-$step, $step] as $moved) {
                    $shift = [];
                    foreach ($this->observations as $i => $observation) {
                        $shift[$i] =
                            $observation->context->hookUp->number === $hookUp
                                ? ($fit->slopes[RigParameter::Tension->value][$i] * $moved) / $worth
                                : 0.0;
                    }
                    $miscounts[] = Correction::shifted(
                        $fit,
                        Mistake::miscount($hookUp, $moved),
                        $shift,
                        self::EITHER_WAY * MistakeKind::Miscount->oneIn(),
                    );
                }
            }
        }

        return $miscounts;
    }

    /**
     * @param  list<Mistake>  $known
     * @return list<Correction>
     */
    private function toldWrong(array $known, Fit $fit): array
    {
        $told = $this->prior->worth(RigParameter::TongueWeight->value, 1.0);
        if ($told > self::TOLD_LOOSELY || $told <= 0.0 || self::holds($known, MistakeKind::TongueWeight, null)) {
            return [];
        }
        $wide = self::TOLD_WRONG / $told;

        return [
            Correction::along(
                $fit,
                Mistake::tongueWeight(),
                array_map(
                    static fn (float $slope): float => $slope * $wide,
                    $fit->slopes[RigParameter::TongueWeight->value],
                ),
                [RigParameter::TongueWeight->value => $wide],
            ),
        ];
    }

    /** @param  list<Mistake>  $known */
    private static function holds(array $known, MistakeKind $kind, ?int $observation): bool
    {
        foreach ($known as $mistake) {
            if ($mistake->kind === $kind && $mistake->observation === $observation) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whether anything is known of some of these readings already.
     *
     * @param  list<Mistake>  $known
     * @param  list<int>  $observations
     */
    private static function touches(array $known, array $observations): bool
    {
        foreach ($known as $mistake) {
            if ($mistake->observation !== null && in_array($mistake->observation, $observations, true)) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<Mistake>  $known */
    private static function isMovedBy(array $known, int $hookUp): bool
    {
        foreach ($known as $mistake) {
            if ($mistake->movedAt($hookUp) !== 0.0) {
                return true;
            }
        }

        return false;
    }

    /**
     * Weight on the jack lets the dropped rig stand as if less lay on the ball: along the line of the tongue weight.
     *
     * @param  list<Mistake>  $known
     * @return list<Correction>
     */
    private function onTheJack(array $known, Fit $fit): array
    {
        $told = $this->prior->worth(RigParameter::TongueWeight->value, 1.0);
        $line = [];
        $first = null;
        foreach ($this->observations as $i => $observation) {
            $isDropped = $observation->context->stance === Stance::Dropped;
            $line[$i] = $isDropped && $told > 0.0 ? -$fit->slopes[RigParameter::TongueWeight->value][$i] / $told : 0.0;
            $first = $isDropped && $observation->observed->isHeight() ? $first ?? $i : $first;
        }

        return $first === null || self::holds($known, MistakeKind::OnTheJack, $first)
            ? []
            : [
                Correction::drawn(
                    $fit,
                    Mistake::lasting(MistakeKind::OnTheJack, $first),
                    [$line],
                    [self::ON_THE_JACK],
                    self::ON_THE_JACK_DOUBT,
                    log(MistakeKind::OnTheJack->oneIn()),
                ),
            ];
    }

    /**
     * @param  list<Mistake>  $known
     * @return list<Correction>
     */
    private function offThePlane(array $known, Fit $fit): array
    {
        $off = [];
        foreach ($this->fenders as $all) {
            if (count($all) > 1 && ! self::touches($known, $all)) {
                $off[] = $this->standingOff($fit, MistakeKind::OffThePlane, $all[0], [$all]);
            }
        }

        return $off;
    }

    /**
     * @param  list<Mistake>  $known
     * @return list<Correction>
     */
    private function otherSide(array $known, Fit $fit): array
    {
        $off = [];
        foreach ($this->stances() as $fenders) {
            if (! self::touches($known, array_merge(...$fenders))) {
                $off[] = $this->standingOff($fit, MistakeKind::OtherSide, $fenders[0][0], $fenders);
            }
        }

        return $off;
    }

    /**
     * Read once, a fender that stands off is a slip like any other.
     *
     * @return list<non-empty-list<non-empty-list<int>>> by stance that was taped at both fenders, more than once: all
     *     readings of each
     */
    private function stances(): array
    {
        $stances = [];
        foreach ($this->fenders as $key => $all) {
            $stances[explode(' ', $key)[0]][] = $all;
        }

        return array_values(
            array_filter(
                $stances,
                static fn (array $fenders): bool => count($fenders) > 1 && max(array_map(count(...), $fenders)) > 1,
            ),
        );
    }

    /** @param  non-empty-list<non-empty-list<int>>  $fenders  that are off, each all its readings alike */
    private function standingOff(Fit $fit, MistakeKind $kind, int $first, array $fenders): Correction
    {
        $lines = [];
        foreach ($fenders as $all) {
            $line = array_map(static fn (): float => 0.0, $this->observations);
            foreach ($all as $i) {
                $line[$i] = self::OFF_MM;
            }
            $lines[] = $line;
        }

        return Correction::drawn(
            $fit,
            Mistake::lasting($kind, $first),
            $lines,
            array_map(static fn (): float => 0.0, $lines),
            1.0,
            log($kind->oneIn() * $this->ways($kind)),
        );
    }

    /**
     * @param  list<Mistake>  $known
     * @return list<Correction>
     */
    private function reversed(array $known, Fit $fit): array
    {
        $worth = $this->prior->worth(RigParameter::Tension->value, 0.0);
        $moved = [];
        foreach ($this->observations as $observation) {
            $hookUp = $observation->context->hookUp;
            if ($hookUp->reversed !== 0.0) {
                $moved[$hookUp->number] = $hookUp->reversed;
            }
        }
        if ($moved === [] || $worth <= 0.0 || self::holds($known, MistakeKind::Reversed, null)) {
            return [];
        }
        $shift = [];
        foreach ($this->observations as $i => $observation) {
            $shift[$i] =
                ($fit->slopes[RigParameter::Tension->value][$i] * $observation->context->hookUp->reversed) / $worth;
        }

        return [Correction::shifted($fit, Mistake::reversed($moved), $shift, MistakeKind::Reversed->oneIn())];
    }

    /** @return list<Mistake> front and rear exchanged when they were written down, once */
    public function swapped(): array
    {
        $swapped = [];
        foreach ($this->standings as [$first, $together]) {
            if (count($together) > 1) {
                $swapped[] = Mistake::lasting(MistakeKind::Swapped, $first);
            }
        }

        return $swapped;
    }

    /**
     * The readings with front and rear of one taping exchanged.
     *
     * @param  int  $first  of those that were taped together
     * @param  list<Observation>  $observations
     * @return list<Observation>
     */
    public function exchanged(int $first, array $observations): array
    {
        foreach ($this->standings as [$one, $together]) {
            $other = $together[1] ?? $one;
            if ($one === $first && $other !== $one) {
                [$observations[$one], $observations[$other]] = [
                    $observations[$one]->withValue($observations[$other]->value),
                    $observations[$other]->withValue($observations[$one]->value),
                ];
            }
        }

        return array_values($observations);
    }
}
