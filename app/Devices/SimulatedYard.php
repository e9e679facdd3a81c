<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Job;
use App\Models\Reading;
use App\Models\Simulation;
use Yoke\CoreException;
use Yoke\Job\Shop\ShopRules;
use Yoke\Proving\Simulation\HiddenTruth;
use Yoke\Proving\Simulation\SeededSource;
use Yoke\Proving\Simulation\SimulatedDevices;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Specification\RigPart;

/** The rigs of jobs with a hidden truth, as they stand at the simulated devices. */
final class SimulatedYard
{
    /** Of a fender and an axle alone that nobody measured. */
    private const USUAL_MM = ['front' => 900.0, 'rear' => 920.0];

    private const USUAL_KG = ['front' => 1250.0, 'rear' => 1080.0];

    /** Null where there is no such job, or nobody said at which setting it is carried. */
    public function devicesAt(int $job, Stance $stance, int $round, int $occasion): ?SimulatedDevices
    {
        $found = Job::query()
            ->with(['rounds', 'liveReadings', 'rig'])
            ->find($job);
        $adjusters = $found?->rigAsWorked()->specified()->adjusters();
        if ($found === null || $adjusters === null) {
            return null;
        }
        $simulation = $this->simulation($found, $adjusters);
        /** @phpstan-ignore argument.type (kept by toArray) */
        $truth = HiddenTruth::ofArray($simulation->truth);
        $at = $this->setting($adjusters, $simulation->setting);
        $on = $stance === Stance::Carried ? $this->setting($adjusters, $found->settingOf($round)) : $at;
        if ($at === null || $on === null) {
            return null;
        }
        $arm = $found->rigAsWorked()->core()->hitch->barArm->millimetres();

        return new SimulatedDevices(
            $truth->at(
                $adjusters->tensionBetween($at, $on, $arm),
                $adjusters->ballHeightBetween($at, $on)->millimetres(),
            ),
            $truth->aloneKg,
            $stance,
            $occasion,
        );
    }

    /** As it was told; else drawn once from what the sheets allow, about the heights that were taped. */
    private function simulation(Job $job, Adjusters $adjusters): Simulation
    {
        return Simulation::query()->where('job_id', $job->id)->first() ?? $this->drawn($job, $adjusters);
    }

    private function drawn(Job $job, Adjusters $adjusters): Simulation
    {
        $rig = $job->rigAsWorked();
        $vehicle = $rig->core()->vehicle;
        $truth = HiddenTruth::drawn(
            $rig->described(ShopRules::usual()->priors)->prior(),
            ['front' => $this->taped($job, Axle::Front), 'rear' => $this->taped($job, Axle::Rear)],
            [
                'front' => $rig->values(RigPart::Vehicle)->number('front_axle_kg') ?? self::USUAL_KG['front'],
                'rear' => $rig->values(RigPart::Vehicle)->number('rear_axle_kg') ?? self::USUAL_KG['rear'],
            ],
            ['front' => $vehicle->frontSuspension, 'rear' => $vehicle->rearSuspension],
            new SeededSource($job->id),
        );

        return Simulation::query()->create([
            'job_id' => $job->id,
            'truth' => $truth->toArray(),
            'setting' => $adjusters->middle()->steps(),
        ]);
    }

    private function taped(Job $job, Axle $axle): float
    {
        $reading = $job->liveReadings->first(
            static fn (Reading $reading): bool => $reading->stance === Stance::Alone &&
                $reading->axle === $axle &&
                $reading->height_mm !== null,
        );

        return $reading->height_mm ?? self::USUAL_MM[$axle->value];
    }

    /** @param  array<string, float|int|null>|null  $steps */
    private function setting(Adjusters $adjusters, ?array $steps): ?Setting
    {
        try {
            return $steps === null ? null : $adjusters->recorded($steps);
        } catch (CoreException) {
            return null;
        }
    }
}
