<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Internal;

use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Stories\Mistake;
use Yoke\Measuring\Estimation\Stories\MistakeKind;

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

    /** @var array<int, float> what one step is worth of each hook-up whose setting may be miscounted, mm */
    private array $steps = [];

    /** @var list<Observation> */
    private readonly array $observations;

    private readonly LastingCauses $lasting;

    public function __construct(private readonly RigPrior $prior, private readonly Tapings $tapings)
    {
        $this->observations = $tapings->observations;
        $this->lasting = new LastingCauses($prior, $tapings);
        foreach ($this->observations as $observation) {
            if ($observation->context->hookUp->step > 0.0) {
                $this->steps[$observation->context->hookUp->number] = $observation->context->hookUp->step;
            }
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
            ...$this->lasting->besides($known, $fit),
        ];
    }

    /** In how many ways a kind of mistake may have come about: each has its share of the odds. */
    public function ways(MistakeKind $kind): float
    {
        return $kind === MistakeKind::Miscount ? self::EITHER_WAY : $this->lasting->ways($kind);
    }

    /** How much more a reading is doubted by a mistake, one deviation, mm. */
    public function widened(Mistake $mistake, int $observation): float
    {
        return $this->lasting->widened($mistake, $observation);
    }

    /** @return list<Mistake> that only a fit of its own can weigh */
    public function onTheirOwn(): array
    {
        return $this->lasting->onTheirOwn();
    }

    /**
     * @param  list<Mistake>  $known
     * @return list<Correction>
     */
    public function slips(array $known, Fit $fit): array
    {
        $slips = [];
        foreach ($this->observations as $i => $observation) {
            if (! $observation->observed->isSeen() && ! Mistake::isAmong($known, MistakeKind::Slip, $i)) {
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
        foreach ($this->tapings->standings as [$first, $together]) {
            if (count($together) > 1 && ! Mistake::isAmong($known, MistakeKind::Aboard, $first)) {
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
        if ($told > self::TOLD_LOOSELY || $told <= 0.0 || Mistake::isAmong($known, MistakeKind::TongueWeight, null)) {
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
    private static function isMovedBy(array $known, int $hookUp): bool
    {
        foreach ($known as $mistake) {
            if ($mistake->movedAt($hookUp) !== 0.0) {
                return true;
            }
        }

        return false;
    }
}
