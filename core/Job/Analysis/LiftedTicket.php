<?php

declare(strict_types=1);

namespace Yoke\Job\Analysis;

/**
 * A weighing whose rear was probably lifted, by air or levelling, though nobody said so: it finds less restored than
 * the other readings, by what the lift takes.
 */
final readonly class LiftedTicket
{
    /** So many deviations apart, instruments differ. */
    private const APART = 2.0;

    /** A gap so near to what the lift takes is put down to it, as a share of that. */
    private const ABOUT = 0.75;

    private function __construct(public float $scale, public float $others, private float $lost)
    {
    }

    /**
     * @param  list<InstrumentEvidence>  $evidence  of the carried stance
     * @param  float  $lost  share that the lift takes
     */
    public static function in(array $evidence, float $lost): ?self
    {
        $by = [];
        foreach ($evidence as $one) {
            $by[$one->instrument->value] = $one->share;
        }
        $scale = $by[Instrument::Scale->value] ?? null;
        $others = $by[Instrument::Tape->value] ?? ($by[Instrument::Gauge->value] ?? null);
        if ($scale === null || $others === null || $lost <= 0.0) {
            return null;
        }
        $gap = $others->mean() - $scale->mean();
        $isApart = $gap > self::APART * hypot($scale->deviation(), $others->deviation());

        return $isApart && abs($gap - $lost) < self::ABOUT * $lost
            ? new self($scale->mean(), $others->mean(), $lost)
            : null;
    }

    /** What the lift would leave of what the others find. */
    public function lifted(): float
    {
        return max(0.0, $this->others - $this->lost);
    }
}
