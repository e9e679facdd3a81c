<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Weighing;

use Yoke\Expected;
use Yoke\Foundation\Units\Load;

/** Why the axles of a ticket and its gross may differ: the slip that makes them agree within the scale's step. */
final readonly class SumSlip
{
    private const ROUND = [100.0, 1000.0];

    /** So near to a whole number, a load is one. */
    private const WHOLE = 0.001;

    /**
     * @param  list<PlatformLoad>  $platforms
     * @param  Load  $allowed  how far they may differ
     */
    public function __construct(private array $platforms, private Load $gross, private Load $allowed)
    {
    }

    /** Which slip: of which axle or in which unit, and its figure; null where none fits. */
    public function likely(): ?Expected
    {
        $sum = $this->sum()->kilograms();
        foreach ($this->platforms as $platform) {
            foreach ($this->units() as $unit) {
                $swapped = $this->swapped(
                    $platform->load->kilograms() / $unit,
                    $sum / $unit,
                    $this->gross->kilograms() / $unit,
                    $this->allowed->kilograms() / $unit,
                );
                if ($swapped !== null) {
                    return Expected::of('ticket.slip.swapped', ['axle' => $platform->axles[0], 'load' => $swapped]);
                }
            }
        }
        foreach ($this->platforms as $platform) {
            if ($this->isNear($sum - $platform->load->kilograms() - $this->gross->kilograms())) {
                return Expected::of('ticket.slip.left_out', ['axle' => $platform->axles[0]]);
            }
        }
        foreach (self::ROUND as $off) {
            foreach ([[1.0, 'kg'], [0.45359237, 'lb']] as [$unit, $name]) {
                if ($this->isNear(abs($sum - $this->gross->kilograms()) - $off * $unit)) {
                    return Expected::of('ticket.slip.off', ['by' => round($off), 'unit' => $name]);
                }
            }
        }

        return null;
    }

    /** @return list<float> kilograms of the units in which every load is a whole number */
    private function units(): array
    {
        return array_values(
            array_filter(
                [1.0, Load::ofPounds(1.0)->kilograms()],
                fn (float $unit): bool => array_filter(
                    $this->platforms,
                    static fn (PlatformLoad $platform): bool => abs(
                        $platform->load->kilograms() / $unit - round($platform->load->kilograms() / $unit),
                    ) > self::WHOLE,
                ) === [],
            ),
        );
    }

    /**
     * What a load reads with two neighbouring digits the other way round, where that makes the sum right; null where
     * none does.
     */
    private function swapped(float $load, float $sum, float $gross, float $allowed): ?string
    {
        $digits = sprintf('%.0f', $load);
        for ($i = 0; $i < strlen($digits) - 1; $i++) {
            $other = substr($digits, 0, $i).$digits[$i + 1].$digits[$i].substr($digits, $i + 2);
            if (
                $other !== $digits &&
                $other[0] !== '0' &&
                str_ends_with($other, substr($digits, strlen(rtrim($digits, '0')))) &&
                abs($sum - $load + (float) $other - $gross) <= $allowed
            ) {
                return $other;
            }
        }

        return null;
    }

    private function isNear(float $kilograms): bool
    {
        return abs($kilograms) <= $this->allowed->kilograms();
    }

    private function sum(): Load
    {
        $sum = Load::zero();
        foreach ($this->platforms as $platform) {
            $sum = $sum->plus($platform->load);
        }

        return $sum;
    }
}
