<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Weighing;

use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\LoadUnit;
use Yoke\Measuring\Readings\Weighing\Exception\ImpossibleTicket;
use Yoke\Rig\Parts\Check\SizeRange;
use Yoke\Rig\Parts\Stance;

/** One weighing of a rig in one stance: every axle that stood there, on a platform of its own or shared. */
final readonly class Ticket
{
    /** The display that a weighbridge's usual doubt is told for. */
    private const USUAL_STEP_KG = 10.0;

    /** Lightest and heaviest load of a platform. */
    private const LOAD_KG = [20.0, 40_000.0];

    /** @param  non-empty-list<PlatformLoad>  $platforms  each axle once */
    private function __construct(
        public Stance $stance,
        public array $platforms,
        public Load $step,
        /** As the ticket says it, `14:20`; null where it does not. */
        public ?string $time,
        /** In which its loads were read. */
        public LoadUnit $unit,
    ) {
    }

    /**
     * @param  list<PlatformLoad>  $platforms
     * @param  Load|null  $gross  as the ticket says; null where it does not
     * @param  Load  $step  of the scale's display
     * @param  string|null  $time  of day, `14:20`, where the ticket says it
     * @param  LoadUnit  $unit  in which its loads were read
     *
     * @throws ImpossibleTicket
     */
    public static function of(
        Stance $stance,
        array $platforms,
        ?Load $gross,
        Load $step,
        ?string $time = null,
        LoadUnit $unit = LoadUnit::Kilogram,
    ): self {
        if ($platforms === []) {
            throw ImpossibleTicket::empty();
        }
        $seen = [];
        $sum = Load::zero();
        foreach ($platforms as $platform) {
            foreach ($platform->axles as $axle) {
                if (in_array($axle, $seen, true)) {
                    throw ImpossibleTicket::twice($axle);
                }
                $seen[] = $axle;
            }
            if (! $platform->load->isGreaterThan(Load::zero())) {
                throw ImpossibleTicket::weightless($platform->axles[0]);
            }
            $read = round($platform->load->kilograms() / $unit->load(1.0)->kilograms(), 3);
            $range = SizeRange::ofKilograms(self::LOAD_KG[0], self::LOAD_KG[1], $unit);
            if (! $range->holds($read)) {
                throw ImpossibleTicket::implausible($range->expected($read));
            }
            $sum = $sum->plus($platform->load);
        }
        self::checkAxles($stance, $seen);
        $allowed = $step->times(count($platforms) + 1);
        if ($gross !== null && $gross->minus($sum)->absolute()->isGreaterThan($allowed)) {
            throw ImpossibleTicket::sum(
                $sum->kilograms(),
                $gross->kilograms(),
                (new SumSlip($platforms, $gross, $allowed))->likely(),
            );
        }

        return new self($stance, $platforms, $step, $time, $unit);
    }

    /** What an axle carries; null where it shared its platform. */
    public function axle(WeighedAxle $axle): ?Load
    {
        return $this->platform($axle);
    }

    /** What the vehicle's axles carry together. */
    public function vehicle(): ?Load
    {
        $front = $this->platform(WeighedAxle::Front);
        $rear = $this->platform(WeighedAxle::Rear);

        return $front === null || $rear === null
            ? $this->platform(WeighedAxle::Front, WeighedAxle::Rear)
            : $front->plus($rear);
    }

    public function total(): Load
    {
        $total = Load::zero();
        foreach ($this->platforms as $platform) {
            $total = $total->plus($platform->load);
        }

        return $total;
    }

    /** One standard deviation of one platform's load: a step's, whole steps being shown. */
    public function doubtKilograms(): float
    {
        return $this->step->kilograms() / sqrt(12.0);
    }

    /**
     * One standard deviation of one platform's load, with what a rig that is driven on again weighs otherwise.
     *
     * @param  float  $weighbridge  of a weighbridge that shows the usual steps, kg
     */
    public function deviationKilograms(float $weighbridge): float
    {
        $usual = self::USUAL_STEP_KG / sqrt(12.0);

        return hypot(sqrt(max(0.0, $weighbridge ** 2 - $usual ** 2)), $this->doubtKilograms());
    }

    private function platform(WeighedAxle ...$axles): ?Load
    {
        foreach ($this->platforms as $platform) {
            if ($platform->carries(...$axles)) {
                return $platform->load;
            }
        }

        return null;
    }

    /** @param  list<WeighedAxle>  $seen */
    private static function checkAxles(Stance $stance, array $seen): void
    {
        if ($stance === Stance::Alone && in_array(WeighedAxle::Trailer, $seen, true)) {
            throw ImpossibleTicket::trailerAlone();
        }
        foreach ($stance === Stance::Alone ? [WeighedAxle::Front, WeighedAxle::Rear] : WeighedAxle::cases() as $axle) {
            if (! in_array($axle, $seen, true)) {
                throw ImpossibleTicket::missing($axle);
            }
        }
    }
}
