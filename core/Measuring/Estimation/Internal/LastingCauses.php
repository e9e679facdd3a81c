<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Internal;

use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Stories\Mistake;
use Yoke\Measuring\Estimation\Stories\MistakeKind;
use Yoke\Rig\Parts\Stance;

/**
 * One cause that touches several readings of a job, and what it would make of a fit (docs/model.md, More than one
 * story).
 *
 * @internal
 */
final readonly class LastingCauses
{
    /** Share of the tongue weight that may be left on the jack, and its doubt. */
    private const ON_THE_JACK = 0.25;

    private const ON_THE_JACK_DOUBT = 0.07;

    /** How far an axle may stand off the plane: one deviation, mm. */
    private const OFF_MM = 8.0;

    /** How fast a fender may wander: one deviation, mm an hour; told from so many readings on, over so long. */
    private const WANDER_MM_PER_HOUR = 15.0;

    private const WANDERS_FROM = 4;

    private const WANDER_HOURS = 0.1;

    /** Over more than so long it is another day. */
    private const ONE_DAY_HOURS = 12.0;

    /**
     * From so many readings of a fender on it may be unreliable altogether, each by so much, mm: where two readings of
     * the same hook-up lie farther apart.
     */
    private const UNRELIABLE_FROM = 5;

    private const UNRELIABLE_MM = 8.0;

    public function __construct(private RigPrior $prior, private Tapings $tapings)
    {
    }

    /**
     * @param  list<Mistake>  $known  what the fit knows of
     * @return list<Correction>
     */
    public function besides(array $known, Fit $fit): array
    {
        return [
            ...$this->onTheJack($known, $fit),
            ...$this->offThePlane($known, $fit),
            ...$this->otherSide($known, $fit),
            ...$this->wandering($known, $fit),
            ...$this->reversed($known, $fit),
        ];
    }

    /** In how many ways a cause may have come about: each has its share of the odds. */
    public function ways(MistakeKind $kind): float
    {
        return (float) max(
            1,
            match ($kind) {
                MistakeKind::OffThePlane => count($this->tapings->fenders),
                MistakeKind::OtherSide => count($this->tapings->stances()),
                MistakeKind::Swapped => count($this->tapings->standings),
                MistakeKind::StancesSwapped => count($this->stancesSwapped()),
                MistakeKind::Wander, MistakeKind::Unreliable => count($this->tapings->byAxle()),
                default => 1,
            },
        );
    }

    /** @return list<Mistake> that only a fit of its own can weigh: readings exchanged, a fender not to be trusted */
    public function onTheirOwn(): array
    {
        return [...$this->swapped(), ...$this->stancesSwapped(), ...$this->unreliable()];
    }

    /** How much more a reading is doubted by a mistake, one deviation, mm. */
    public function widened(Mistake $mistake, int $observation): float
    {
        return $mistake->kind === MistakeKind::Unreliable &&
            $mistake->observation !== null &&
            $this->tapings->observations[$mistake->observation]->observed ===
                $this->tapings->observations[$observation]->observed
            ? self::UNRELIABLE_MM
            : 0.0;
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
        foreach ($this->tapings->observations as $i => $observation) {
            $isDropped = $observation->context->stance === Stance::Dropped;
            $line[$i] = $isDropped && $told > 0.0 ? -$fit->slopes[RigParameter::TongueWeight->value][$i] / $told : 0.0;
            $first = $isDropped && $observation->observed->isHeight() ? $first ?? $i : $first;
        }

        return $first === null || Mistake::isAmong($known, MistakeKind::OnTheJack, $first)
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
        foreach ($this->tapings->fenders as $all) {
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
        foreach ($this->tapings->stances() as $fenders) {
            if (! self::touches($known, array_merge(...$fenders))) {
                $off[] = $this->standingOff($fit, MistakeKind::OtherSide, $fenders[0][0], $fenders);
            }
        }

        return $off;
    }

    /** @param  non-empty-list<non-empty-list<int>>  $fenders  that are off, each all its readings alike */
    private function standingOff(Fit $fit, MistakeKind $kind, int $first, array $fenders): Correction
    {
        $lines = [];
        foreach ($fenders as $all) {
            $line = array_map(static fn (): float => 0.0, $this->tapings->observations);
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
        foreach ($this->tapings->observations as $observation) {
            $hookUp = $observation->context->hookUp;
            if ($hookUp->reversed !== 0.0) {
                $moved[$hookUp->number] = $hookUp->reversed;
            }
        }
        if ($moved === [] || $worth <= 0.0 || Mistake::isAmong($known, MistakeKind::Reversed, null)) {
            return [];
        }
        $shift = [];
        foreach ($this->tapings->observations as $i => $observation) {
            $shift[$i] =
                ($fit->slopes[RigParameter::Tension->value][$i] * $observation->context->hookUp->reversed) / $worth;
        }

        return [Correction::shifted($fit, Mistake::reversed($moved), $shift, MistakeKind::Reversed->oneIn())];
    }

    /**
     * What creeps goes along a straight line of the clock, whatever the stance.
     *
     * @param  list<Mistake>  $known
     * @return list<Correction>
     */
    private function wandering(array $known, Fit $fit): array
    {
        $wandering = [];
        foreach ($this->tapings->byAxle() as $all) {
            $hours = [];
            foreach ($all as $i) {
                $at = $this->tapings->observations[$i]->identity->hours;
                if ($at !== null) {
                    $hours[$i] = $at;
                }
            }
            $isLong =
                count($hours) === count($all) &&
                count($all) >= self::WANDERS_FROM &&
                max($hours) - min($hours) > self::WANDER_HOURS &&
                max($hours) - min($hours) < self::ONE_DAY_HOURS;
            if ($isLong && ! Mistake::isAmong($known, MistakeKind::Wander, $all[0])) {
                $line = array_map(static fn (): float => 0.0, $this->tapings->observations);
                foreach ($hours as $i => $at) {
                    $line[$i] = self::WANDER_MM_PER_HOUR * ($at - min($hours));
                }
                $wandering[] = Correction::drawn(
                    $fit,
                    Mistake::lasting(MistakeKind::Wander, $all[0]),
                    [$line],
                    [0.0],
                    1.0,
                    log(MistakeKind::Wander->oneIn() * $this->ways(MistakeKind::Wander)),
                );
            }
        }

        return $wandering;
    }

    /** @return list<Mistake> front and rear exchanged when they were written down, once */
    private function swapped(): array
    {
        $swapped = [];
        foreach ($this->tapings->standings as [$first, $together]) {
            if (count($together) > 1) {
                $swapped[] = Mistake::lasting(MistakeKind::Swapped, $first);
            }
        }

        return $swapped;
    }

    /**
     * Coupled, the rear stands lower than in any other stance: where a taping says otherwise, it may be written down
     * under another's name, two in turn, or all three of a rig that was taped once in each stance.
     *
     * @return list<Mistake>
     */
    private function stancesSwapped(): array
    {
        [$swapped, $whole] = [[], []];
        foreach ($this->tapings->standings as [$first, $together]) {
            if (count($together) > 1) {
                $whole[$this->stance($first)->value][] = $first;
            }
        }
        foreach ($whole[Stance::Dropped->value] ?? [] as $dropped) {
            foreach ([...$whole[Stance::Alone->value] ?? [], ...$whole[Stance::Carried->value] ?? []] as $other) {
                if ($this->rear($dropped) > $this->rear($other)) {
                    $swapped[] = Mistake::inTurn(MistakeKind::StancesSwapped, $other, $dropped);
                }
            }
        }
        if (array_map(count(...), array_values($whole)) === [1, 1, 1]) {
            $once = array_column($whole, 0);
            foreach ([$once, [$once[0], $once[2], $once[1]]] as $turn) {
                $swapped[] = Mistake::inTurn(MistakeKind::StancesSwapped, ...$turn);
            }
        }

        return $swapped;
    }

    /** @return list<Mistake> */
    private function unreliable(): array
    {
        $unreliable = [];
        foreach ($this->tapings->byAxle() as $all) {
            if (count($all) >= self::UNRELIABLE_FROM && $this->tapings->spread($all) > self::UNRELIABLE_MM) {
                $unreliable[] = Mistake::lasting(MistakeKind::Unreliable, $all[0]);
            }
        }

        return $unreliable;
    }

    private function stance(int $observation): Stance
    {
        return $this->tapings->observations[$observation]->context->stance;
    }

    /** Of one taping; the rear is read after the front. */
    private function rear(int $first): float
    {
        $together = $this->tapings->with($first);

        return $this->tapings->observations[$together[count($together) - 1]]->value;
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
}
