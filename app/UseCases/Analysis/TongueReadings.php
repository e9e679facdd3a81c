<?php

declare(strict_types=1);

namespace App\UseCases\Analysis;

use App\Models\Job;
use App\Models\TongueWeighing;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\LoadUnit;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Measuring\Readings\Tongue\TankEffect;
use Yoke\Measuring\Readings\Tongue\TongueCurve;
use Yoke\Measuring\Readings\Tongue\TongueReading;
use Yoke\Measuring\Readings\Tongue\TongueSeries;
use Yoke\Mechanics\Loading\Tank;
use Yoke\Rig\Specification\RigPart;

/** The readings of a job's tongue that count, and the curve through them. */
final readonly class TongueReadings
{
    /** @var list<TongueWeighing> with the tanks as they were at the latest reading, oldest first */
    public array $counting;

    /** @var list<TongueWeighing> with other tanks, oldest first */
    public array $otherTanks;

    public function __construct(private Job $job, private SpecifiedRig $described)
    {
        $all = array_values($job->tongueReadings->whereNull('withdrawn_at')->all());
        $fills = $all === [] ? [] : $all[count($all) - 1]->fills();
        $this->counting = array_values(
            array_filter($all, static fn (TongueWeighing $reading): bool => $reading->fills() === $fills),
        );
        $this->otherTanks = array_values(
            array_filter($all, static fn (TongueWeighing $reading): bool => $reading->fills() !== $fills),
        );
    }

    /** Null before the first reading. */
    public function curve(): ?TongueCurve
    {
        return $this->series()?->curve;
    }

    /** Those that count with the curve through them; null before the first. */
    public function series(): ?TongueSeries
    {
        $points = array_map(
            fn (TongueWeighing $reading): TongueReading => $reading->core($this->described->sheets->ballToAxle()),
            $this->counting,
        );

        return $points === []
            ? null
            : new TongueSeries(
                $this->described->prior()->likelyRig()->trailer(),
                $this->level(),
                $this->described->doubts()->cgHeight,
                $points,
            );
    }

    /** The unit of the latest reading. */
    public function unit(): LoadUnit
    {
        return $this->counting === []
            ? LoadUnit::Kilogram
            : $this->counting[count($this->counting) - 1]->unit ?? LoadUnit::Kilogram;
    }

    /**
     * @return list<array{TankEffect, list<array{Tank, float}>}> what the tanks did between readings with other tanks
     *     and the latest: the change of each fill
     */
    public function tankEffects(): array
    {
        $curve = $this->curve();
        $latest = $this->counting === [] ? null : $this->counting[count($this->counting) - 1];
        if ($latest === null || $curve === null) {
            return [];
        }
        $effects = [];
        foreach ($this->otherTanks as $other) {
            $filled = $this->filled($other, $latest);
            if ($filled !== []) {
                $length = $this->described->sheets->ballToAxle();
                $effects[] = [
                    TankEffect::between(
                        $other->core($length),
                        $latest->core($length),
                        $curve,
                        $filled,
                        $this->level(),
                        $length,
                    ),
                    $filled,
                ];
            }
        }

        return $effects;
    }

    /**
     * @return list<array{Tank, float}> none where a fill of one was not looked at, or the specification does not have
     *     the tank
     */
    private function filled(TongueWeighing $from, TongueWeighing $to): array
    {
        $filled = [];
        foreach ($this->described->sheets->tanks() as $tank) {
            $change = ($to->fills()[$tank->key] ?? 0.0) - ($from->fills()[$tank->key] ?? 0.0);
            $filled = abs($change) < 0.01 ? $filled : [...$filled, [$tank, $change]];
        }

        return array_keys($from->fills()) === array_keys($to->fills()) ? $filled : [];
    }

    /** Of the coupler with the trailer level; null where the trailer's sheet does not say. */
    public function levelOnSheet(): ?Length
    {
        return $this->job->rigAsWorked()->values(RigPart::Trailer)->length('coupler_height_mm');
    }

    /** The same; where the sheet is silent, the height of the first reading. */
    public function level(): Length
    {
        $read = array_values(
            array_filter(
                array_map(static fn (TongueWeighing $reading): ?float => $reading->hitch_height_mm, $this->counting),
                is_float(...),
            ),
        );

        return $this->levelOnSheet() ?? Length::ofMillimetres($read[0] ?? 0.0);
    }
}
