<?php

declare(strict_types=1);

namespace Yoke\Readings\Weighing;

use Yoke\Statics\CoupledRig;
use Yoke\Units\Load;
use Yoke\Units\LoadUnit;

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
    public function __construct(private CoupledRig $rig, private Ticket $alone, private Ticket $dropped, private LoadUnit $unit = LoadUnit::Kilogram)
    {
    }

    /**
     * @param  Ticket|null  $carried  null while there is none
     * @return list<string> a sentence each; none where all agree
     */
    public function mismatches(?Ticket $carried): array
    {
        return array_values(array_filter([
            $this->aloneHeavierThanCoupled(),
            $this->unit(),
            ...($carried === null ? [] : [$this->gross($carried), $this->swapped($carried), $this->ratio($carried)]),
        ], static fn (string $sentence): bool => $sentence !== ''));
    }

    private function aloneHeavierThanCoupled(): string
    {
        $alone = $this->alone->vehicle();
        $dropped = $this->dropped->vehicle();

        return $alone !== null && $dropped?->isLessThan($alone) === true
            ? 'The vehicle weighs more alone than with the trailer on it: tickets swapped, or a trailer that lifts its tongue.'
            : '';
    }

    private function unit(): string
    {
        $trailer = $this->dropped->axle(WeighedAxle::Trailer);
        if ($trailer === null) {
            return '';
        }
        $ratio = ($trailer->kilograms() + $this->rig->dropped()->load) / $this->rig->trailer()->weight;

        return match (true) {
            abs($ratio * self::POUNDS_A_KILOGRAM - 1.0) < self::UNIT_TOLERANCE => 'The trailer weighs under half of what its sheet says: kilograms typed for pounds?',
            abs($ratio / self::POUNDS_A_KILOGRAM - 1.0) < self::UNIT_TOLERANCE => 'The trailer weighs over twice what its sheet says: pounds typed for kilograms?',
            default => '',
        };
    }

    private function gross(Ticket $carried): string
    {
        $off = $carried->total()->minus($this->dropped->total())->kilograms();
        $allowed = self::BETWEEN_KG + $carried->step->times((float) count($carried->platforms))->kilograms();

        return abs($off) > $allowed ? sprintf('The rig weighs %s %s carried than dropped: bars move load, they make none. An axle stood half on its platform, or somebody got in.', $this->say(abs($off)), $off > 0 ? 'more' : 'less') : '';
    }

    private function swapped(Ticket $carried): string
    {
        $front = $carried->axle(WeighedAxle::Front)?->minus($this->dropped->axle(WeighedAxle::Front) ?? $carried->step)->kilograms();

        return match (true) {
            $front === null || $this->dropped->axle(WeighedAxle::Front) === null => '',
            $front < -self::WIDE * $this->doubt($carried) => 'The front axle lost load from dropped to carried: dropped and carried swapped, or front and rear on the wrong platforms.',
            abs($front) < $this->doubt($carried) => 'Dropped and carried weigh the same at the front: were the bars left on, or off both times?',
            default => '',
        };
    }

    /** Front gain to trailer gain is (L + a) : wb, whatever the setting; a high trailer's turn adds a little. */
    private function ratio(Ticket $carried): string
    {
        $weighing = new Weighing($this->alone, $this->dropped);
        $front = $weighing->gain($carried, WeighedAxle::Front);
        $trailer = $weighing->gain($carried, WeighedAxle::Trailer);
        if ($front === null || $trailer === null || $front <= 0.0) {
            return '';
        }
        $vehicle = $this->rig->vehicle();
        $share = $vehicle->wheelbase / ($this->rig->trailer()->ballToAxle + $vehicle->overhang);
        $off = $trailer - $front * $share;
        $allowed = self::WIDE * hypot($this->doubt($carried), $share * $this->doubt($carried)) + 0.1 * abs($front * $share);

        return abs($off) > $allowed ? "The front gained {$this->say($front)} and the trailer {$this->say($trailer)}; with these lengths {$this->say($front * $share)} was to be expected. One of the axles stood on a wrong platform, or was typed wrong." : '';
    }

    private function say(float $kilograms): string
    {
        return $this->unit->nearest(Load::ofKilograms($kilograms));
    }

    private function doubt(Ticket $carried): float
    {
        return hypot($carried->doubtKilograms(), $this->dropped->doubtKilograms());
    }
}
