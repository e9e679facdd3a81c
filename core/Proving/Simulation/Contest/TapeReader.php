<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\Contest;

use Yoke\Proving\Simulation\RandomSource;
use Yoke\Proving\Simulation\World\Mishaps;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/**
 * A tape at one rig in a yard: springs that stick, on the side of their last motion where they have a memory, a
 * reader's
 * error, whole millimetres, a tape that leans, ground that is not flat, and now and then a slip.
 */
final class TapeReader
{
    private const READER_MM = 0.8;

    /** Share of the friction that is left after rolling forward and back; and of what bars rub. */
    private const STICKS = 0.25;

    private const RUBS = 0.3;

    /** A slip that a run is about, mm: half an inch. */
    private const HALF_INCH_MM = 12.7;

    /** @var array<string, int> how often each stance was read */
    private array $seen = [];

    /** @var array<string, float> side on which the springs of the vehicle alone came to rest, by axle */
    private array $sides = [];

    public function __construct(private readonly RandomSource $random, private readonly SampledRig $lot)
    {
        foreach (Axle::cases() as $axle) {
            $this->sides[$axle->value] = $random->between(0, 2) < 1 ? -1.0 : 1.0;
        }
    }

    /**
     * One reading of both fenders after rolling forward and back, mm.
     *
     * @param  Setting|null  $setting  that is truly on, where the bars are tensioned
     * @return array{front: float, rear: float}
     */
    public function read(Stance $stance, ?Setting $setting = null): array
    {
        $mishaps = $this->lot->mishaps;
        $rub = $mishaps->rub() * self::RUBS * $this->random->between(-1, 1);
        $this->seen[$stance->value] = ($this->seen[$stance->value] ?? 0) + 1;
        $standing = $mishaps->standing($stance, $this->seen[$stance->value], $this->random);
        $disturbance = $standing->disturbance->rubbing($rub);
        $onTheJack = $stance === Stance::Dropped ? $mishaps->lasting->onTheJack : 0.0;
        $stand = $this->lot->truth->stand(
            $stance,
            $setting,
            $disturbance->jacked($onTheJack * $this->lot->truth->rig->trailer()->tongueWeight),
        );
        $off = $mishaps->lasting->off($stance, array_sum($this->seen) - 1);
        $heights = [
            'front' => $this->taped($stance, Axle::Front, $stand->frontRise - $standing->foot(Axle::Front)),
            'rear' => $this->taped($stance, Axle::Rear, $stand->rearRise - $standing->foot(Axle::Rear)),
        ];
        $heights = [
            'front' => $heights['front'] + round($off['front']),
            'rear' => $heights['rear'] + round($off['rear']),
        ];

        return $mishaps->lasting->swapped === $stance && $this->seen[$stance->value] === 1
            ? ['front' => $heights['rear'], 'rear' => $heights['front']]
            : $heights;
    }

    private function taped(Stance $stance, Axle $axle, float $rise): float
    {
        $mishaps = $this->lot->mishaps;
        $memory = $mishaps->memory();
        $side = $memory * $this->side($stance, $axle, $mishaps) + (1.0 - $memory) * $this->random->between(-1, 1);
        $height = $this->lot->truth->aloneMm[$axle->value] + $rise;
        $height += $side * self::STICKS * $mishaps->friction() * $this->lot->truth->sticks($axle);
        $read =
            $height / cos($mishaps->tapeLean() * $this->random->between(-1, 1)) +
            $this->random->normal(self::READER_MM);

        return round($read) + $this->slip($stance, $axle);
    }

    /**
     * On which side of rest the springs stick: let down from the jack the rear stands high and the front low; levered
     * the other way round.
     */
    private function side(Stance $stance, Axle $axle, Mishaps $mishaps): float
    {
        $rear = $stance === Stance::Carried && $mishaps->isLevered ? -1.0 : 1.0;

        return match (true) {
            $stance === Stance::Alone => $this->sides[$axle->value],
            $axle === Axle::Rear => $rear,
            default => -$rear,
        };
    }

    private function slip(Stance $stance, Axle $axle): float
    {
        $mishaps = $this->lot->mishaps;
        $either = $this->random->between(0, 2) < 1 ? -1.0 : 1.0;
        if (
            $this->seen[$stance->value] === 1 &&
            $mishaps->trouble->stance === $stance &&
            $mishaps->trouble->axle === $axle
        ) {
            return $either * self::HALF_INCH_MM;
        }
        [$odds, $which] = [$this->random->between(0, 1), (int) $this->random->between(0, 2)];

        return $odds < $mishaps->world->slipOdds() ? $either * $mishaps->world->slips()[$which] : 0.0;
    }
}
