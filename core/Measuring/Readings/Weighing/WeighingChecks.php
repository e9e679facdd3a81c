<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Weighing;

use Yoke\Foundation\Units\Load;
use Yoke\Mechanics\Statics\CoupledRig;

/** Whether the tickets of one rig agree with each other and with its geometry; what a mismatch probably is. */
final readonly class WeighingChecks
{
    /** Fuel burnt and creep between two weighings, kg. */
    private const BETWEEN_KG = 15.0;

    /** A mismatch so many deviations wide is said. */
    private const WIDE = 3.0;

    /** Kilograms typed for pounds, or the other way round. */
    private const POUNDS_A_KILOGRAM = 2.2046;

    private const UNIT_TOLERANCE = 0.12;

    /** @param  CoupledRig  $rig  for its lengths, and for what its trailer is said to weigh */
    public function __construct(private CoupledRig $rig, private Ticket $alone, private Ticket $dropped)
    {
    }

    /**
     * @param  Ticket|null  $carried  null while there is none
     * @return list<Mismatch> none where all agree
     */
    public function mismatches(?Ticket $carried): array
    {
        return array_values(
            array_filter(
                [
                    $this->aloneHeavierThanCoupled(),
                    $this->unit(),
                    ...$carried === null
                        ? []
                        : [$this->gross($carried), $this->swapped($carried), $this->ratio($carried)],
                ],
                static fn (?Mismatch $mismatch): bool => $mismatch !== null,
            ),
        );
    }

    private function aloneHeavierThanCoupled(): ?Mismatch
    {
        $alone = $this->alone->vehicle();
        $dropped = $this->dropped->vehicle();

        return $alone !== null && $dropped?->isLessThan($alone) === true
            ? Mismatch::of(MismatchKind::AloneHeavierThanCoupled)
            : null;
    }

    private function unit(): ?Mismatch
    {
        $trailer = $this->dropped->axle(WeighedAxle::Trailer);
        if ($trailer === null) {
            return null;
        }
        $ratio = ($trailer->kilograms() + $this->rig->dropped()->load) / $this->rig->trailer()->weight;

        return match (true) {
            abs($ratio * self::POUNDS_A_KILOGRAM - 1.0) < self::UNIT_TOLERANCE => Mismatch::of(
                MismatchKind::KilogramsForPounds,
            ),
            abs($ratio / self::POUNDS_A_KILOGRAM - 1.0) < self::UNIT_TOLERANCE => Mismatch::of(
                MismatchKind::PoundsForKilograms,
            ),
            default => null,
        };
    }

    private function gross(Ticket $carried): ?Mismatch
    {
        $off = $carried->total()->minus($this->dropped->total())->kilograms();
        $allowed = self::BETWEEN_KG + $carried->step->times((float) count($carried->platforms))->kilograms();

        return abs($off) > $allowed
            ? Mismatch::of(
                $off > 0 ? MismatchKind::HeavierCarried : MismatchKind::LighterCarried,
                Load::ofKilograms(abs($off)),
            )
            : null;
    }

    private function swapped(Ticket $carried): ?Mismatch
    {
        $front = $carried
            ->axle(WeighedAxle::Front)
            ?->minus($this->dropped->axle(WeighedAxle::Front) ?? $carried->step)
            ->kilograms();

        return match (true) {
            $front === null || $this->dropped->axle(WeighedAxle::Front) === null => null,
            $front < -self::WIDE * $this->doubt($carried) => Mismatch::of(MismatchKind::FrontLostLoad),
            abs($front) < $this->doubt($carried) => Mismatch::of(MismatchKind::FrontUnchanged),
            default => null,
        };
    }

    /** Front gain to trailer gain is (L + a) : wb, whatever the setting; a high trailer's turn adds a little. */
    private function ratio(Ticket $carried): ?Mismatch
    {
        $weighing = new Weighing($this->alone, $this->dropped);
        $front = $weighing->gain($carried, WeighedAxle::Front);
        $trailer = $weighing->gain($carried, WeighedAxle::Trailer);
        if ($front === null || $trailer === null || ! $front->isGreaterThan(Load::zero())) {
            return null;
        }
        $vehicle = $this->rig->vehicle();
        $share = $vehicle->wheelbase / ($this->rig->trailer()->ballToAxle + $vehicle->overhang);
        $expected = $front->times($share);
        $allowed =
            self::WIDE * hypot($this->doubt($carried), $share * $this->doubt($carried)) + 0.1 * $expected->kilograms();

        return abs($trailer->minus($expected)->kilograms()) > $allowed
            ? Mismatch::of(MismatchKind::GainsOutOfProportion, $front, $trailer, $expected)
            : null;
    }

    private function doubt(Ticket $carried): float
    {
        return hypot($carried->doubtKilograms(), $this->dropped->doubtKilograms());
    }
}
