<?php

declare(strict_types=1);

namespace Yoke\Job\Analysis;

use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Reading\Residual;
use Yoke\Measuring\Estimation\Stories\MistakeKind;
use Yoke\Measuring\Estimation\Stories\ReadingError;
use Yoke\Measuring\Estimation\Stories\Suspect;
use Yoke\Rig\Parts\Stance;

/**
 * A carried ticket whose share of the front axle's load is not the tape's: one of both is wrong, whatever the two make
 * of the rig together.
 */
final readonly class InstrumentClash
{
    /** So many deviations apart, chance does not explain it. */
    private const APART = 3.0;

    /** How far off a share is that an instrument got wrong: one deviation. */
    private const WRONG = 0.5;

    private function __construct(
        /** How far scale and tape lie apart, in deviations of both. */
        private float $apart,
        /** The same, one deviation, as a share. */
        private float $deviation,
    ) {
    }

    /** @param  list<InstrumentEvidence>  $evidence  of the hook-up that is on, each instrument by itself */
    public static function between(array $evidence): ?self
    {
        $shares = [];
        foreach ($evidence as $one) {
            $shares[$one->instrument->value] = $one->share;
        }
        $scale = $shares[Instrument::Scale->value] ?? null;
        $tape = $shares[Instrument::Tape->value] ?? null;
        if ($scale === null || $tape === null) {
            return null;
        }
        $deviation = hypot($scale->deviation(), $tape->deviation());
        $apart = abs($scale->mean() - $tape->mean()) / $deviation;

        return $apart > self::APART ? new self($apart, $deviation) : null;
    }

    /** That one of both is wrong, and not chance: each is as often as any reading slips. */
    public function chance(): float
    {
        $odds = (2.0 / MistakeKind::Slip->oneIn()) * ($this->deviation / self::WRONG) * exp(0.5 * $this->apart ** 2);

        return is_finite($odds) ? $odds / (1.0 + $odds) : 1.0;
    }

    /**
     * The ticket as a suspect; null where nobody weighed the front of the hook-up that is on.
     *
     * @param  list<Residual>  $readings
     */
    public function suspect(array $readings, int $hookUp): ?Suspect
    {
        foreach ($readings as $residual) {
            $observation = $residual->observation;
            if (
                $observation->observed === Observed::FrontLoad &&
                $observation->context->stance === Stance::Carried &&
                $observation->context->hookUp->number === $hookUp
            ) {
                return Suspect::reading($residual, $this->chance(), ReadingError::AgainstTheTape);
            }
        }

        return null;
    }
}
