<?php

declare(strict_types=1);

namespace Tests\Feature\AskTwice;

use App\Models\Job;
use Random\Randomizer;
use Tests\FeatureCase;

/** A job of a rig drawn at random, worked by the pages' own forms as far as a state says. */
final readonly class DrawnJob
{
    public const STATES = [
        'nothing read',
        'alone only',
        'carried only',
        'tickets only',
        'front only',
        'setting unknown',
        'setting recorded and not read',
        'over a rating',
        'levelling',
        'air',
        'gauge',
        'chain',
        'plain ball',
        'taken over',
        'handed over',
    ];

    private const BARS = ['chain-snap-up', 'friction-bracket'];

    public function __construct(private FeatureCase $case, private Randomizer $random)
    {
    }

    public function in(string $state): Job
    {
        $family = match ($state) {
            'gauge' => 'screw-jack-gauge',
            'chain' => 'tension-chain',
            'plain ball' => 'plain-ball',
            default => self::BARS[$this->random->getInt(0, 1)],
        };
        $job = $this->rig($state, $family);
        match ($state) {
            'nothing read' => null,
            'alone only' => $this->alone($job),
            'carried only' => $this->hookedUp($job)->carried($job),
            'tickets only' => $this->weighed($job),
            'front only' => $this->threeStances($job, ['front']),
            'setting unknown' => $this->alone($job)->dropped($job)->carried($job),
            'setting recorded and not read' => $this->alone($job)->dropped($job)->hookedUp($job),
            'gauge' => $this->gauged($job),
            'plain ball' => $this->alone($job)->dropped($job),
            'handed over' => $this->handedOver($job),
            default => $this->threeStances($job),
        };

        return $job->refresh();
    }

    private function rig(string $state, string $family): Job
    {
        $job = $this->case->job();
        $gross = $this->random->getInt(1800, 3600);
        $worked = $job->rig_as_worked;
        $worked['trailer']['gross_weight_kg'] = $gross;
        $worked['trailer']['sheet'] = [
            'tongue_weight_kg' => round($gross * $this->between(0.1, 0.15)),
            'tongue_weight_by' => 'tongue_scale',
            'trailer_gvwr_kg' => $state === 'over a rating' ? $gross - 200 : $gross + 300,
            'coupler_height_mm' => 480,
        ];
        $worked['hitch']['sheet'] = [
            'family' => $family,
            'ball_height_mm' => 500 + $this->random->getInt(-30, 30),
            ...in_array($family, ['tension-chain', 'plain-ball'], true) ? [] : ['bar_rating_high_kg' => 550],
        ];
        $worked['vehicle']['sheet'] = [
            'front_axle_kg' => $this->random->getInt(1300, 1700),
            'rear_axle_kg' => $this->random->getInt(1000, 1400),
            'front_gawr_kg' => 1800,
            'rear_gawr_kg' => $state === 'over a rating' ? 1300 : 2100,
            'receiver_carrying_kg' => 250,
            'receiver_distributing_kg' => 550,
            ...$state === 'levelling' ? ['levelling' => 'rear'] : [],
            ...$state === 'air' ? ['air_rate_kg_per_mm' => 4.0, 'air_lift_mm' => 15.0] : [],
        ];
        $job->rig->vehicle->update(['sheet' => $worked['vehicle']['sheet']]);
        $job->rig->trailer->update(['gross_weight_kg' => $gross, 'sheet' => $worked['trailer']['sheet']]);
        $job->rig->hitch->update(['sheet' => $worked['hitch']['sheet']]);
        $job->update([
            'title' => "Drawn, {$state}",
            'rig_as_worked' => $worked,
            'arrived_coupled' => $state === 'taken over',
        ]);

        return $job->refresh();
    }

    private function between(float $from, float $to): float
    {
        return $from + (($to - $from) * $this->random->getInt(0, 1000)) / 1000;
    }

    /** @param  list<string>  $axles */
    private function threeStances(Job $job, array $axles = ['front', 'rear']): self
    {
        return $this->alone($job, $axles)->dropped($job, $axles)->hookedUp($job)->carried($job, $axles);
    }

    /** @param  list<string>  $axles */
    private function alone(Job $job, array $axles = ['front', 'rear']): self
    {
        return $this->tape($job, 'alone', ['front' => 950, 'rear' => 985], $axles);
    }

    /** @param  list<string>  $axles */
    private function dropped(Job $job, array $axles = ['front', 'rear']): self
    {
        return $this->tape(
            $job,
            'dropped',
            ['front' => 950 + $this->random->getInt(15, 28), 'rear' => 985 - $this->random->getInt(45, 70)],
            $axles,
        );
    }

    /** @param  list<string>  $axles */
    private function carried(Job $job, array $axles = ['front', 'rear']): self
    {
        return $this->tape(
            $job,
            'bars-up',
            ['front' => 950 + $this->random->getInt(-4, 14), 'rear' => 985 - $this->random->getInt(25, 45)],
            $axles,
        );
    }

    /**
     * @param  array<string, int>  $heights  mm
     * @param  list<string>  $axles
     */
    private function tape(Job $job, string $station, array $heights, array $axles): self
    {
        $typed = array_map(
            static fn (int $height): string => "{$height} mm",
            array_intersect_key($heights, array_flip($axles)),
        );
        $this->case->tape($job, $station, $typed, ['rolled' => '1'])->assertOk();

        return $this;
    }

    /** At the middle of everything. */
    private function hookedUp(Job $job): self
    {
        $middle = $job->refresh()->rigAsWorked()->specified()->adjusters()?->middle()->steps() ?? [];
        $this->case->post("/jobs/{$job->id}/bars-up/rounds", ['steps' => $middle])->assertSessionHasNoErrors();

        return $this;
    }

    private function weighed(Job $job): self
    {
        [$front, $rear, $trailer] = [1500, 1200, $job->rig->trailer->gross_weight_kg];
        $this->hookedUp($job);
        foreach (
            ['alone' => [0, 0, null], 'dropped' => [-120, 430, -310], 'carried' => [-40, 290, -250]] as $stance => [$more, $back, $axles]
        ) {
            $ticket =
                'front '.
                ($front + $more).
                " kg\nrear ".
                ($rear + $back).
                ' kg'.
                ($axles === null ? '' : "\ntrailer ".round($trailer + $axles).' kg');
            $this->case
                ->post("/jobs/{$job->id}/weigh", ['stance' => $stance, 'ticket' => $ticket, 'step' => '10 kg'])
                ->assertSessionHasNoErrors();
        }

        return $this;
    }

    private function gauged(Job $job): self
    {
        $tongue = (float) $job->rig_as_worked['trailer']['sheet']['tongue_weight_kg'];
        $this->case
            ->post("/jobs/{$job->id}/dropped/gauge", ['ball_load' => round($tongue).' kg'])
            ->assertSessionHasNoErrors();
        $this->hookedUp($job);
        $this->case
            ->post("/jobs/{$job->id}/bars-up/gauge", ['ball_load' => round($tongue * $this->between(1.3, 2.2)).' kg'])
            ->assertSessionHasNoErrors();

        return $this;
    }

    private function handedOver(Job $job): self
    {
        $this->threeStances($job);
        $this->case->post("/jobs/{$job->id}/hand-over/close")->assertSessionHasNoErrors();

        return $this;
    }
}
