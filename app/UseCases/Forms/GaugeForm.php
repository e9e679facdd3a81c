<?php

declare(strict_types=1);

namespace App\UseCases\Forms;

use App\Models\Job;
use App\Models\Measure;
use App\Models\MeasureKind;
use App\Models\User;
use App\Words\ExpectedWords;
use Illuminate\Support\Facades\Date;
use Yoke\Expected;
use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Rig\Parts\Check\CollectProblems;
use Yoke\Rig\Parts\Stance;

/** What the gauge in a head shows, and how far its screw was turned since it was read last. */
final readonly class GaugeForm
{
    /** Heaviest load that a gauge shows, kg. */
    private const MOST_KG = 5000.0;

    private const MOST_TURNS = 60.0;

    private CollectProblems $problems;

    private TypedParts $parts;

    /** @param  array<array-key, string>  $typed */
    public function __construct(
        array $typed,
        private Job $job,
        private Stance $stance,
        private User $person,
        private Adjuster $screw,
    ) {
        $this->problems = new CollectProblems();
        $this->parts = new TypedParts($typed, $person, $this->problems);
    }

    /** @return array<string, string> field => sentence */
    public function problems(): array
    {
        return ExpectedWords::each($this->problems->all());
    }

    /** Null where it does not read. */
    public function reading(): ?Measure
    {
        $load = $this->parts->load('ball_load')?->kilograms();
        if ($load !== null && ($load <= 0.0 || $load > self::MOST_KG)) {
            $this->problems->found('ball_load', Expected::of('form.gauge'));
            $load = null;
        }

        return $load === null
            ? null
            : new Measure([
                'job_id' => $this->job->id,
                'stance' => $this->stance,
                'round' => $this->job->roundOf($this->stance),
                'kind' => MeasureKind::BallLoad,
                'typed' => $this->parts->text('ball_load'),
                'value' => $load,
                'unit' => $this->parts->unitOf('ball_load'),
                'user_id' => $this->person->id,
                'taken_at' => Date::now(),
            ]);
    }

    /** Turns since the last reading, tighter above 0; 0 where it was not turned. Null where it does not read. */
    public function turned(): ?float
    {
        if ($this->parts->text('turned') === '') {
            return 0.0;
        }
        $turns = $this->parts->number('turned');
        if ($turns !== null && abs($turns) > self::MOST_TURNS) {
            $this->problems->found('turned', Expected::of('form.turns'));

            return null;
        }

        return $turns;
    }

    /**
     * The setting that so many turns lead to; null where the one before is not known, or the screw has no such step.
     *
     * @return array<string, float|null>|null
     */
    public function stepsAfter(float $turns): ?array
    {
        $steps = $this->job->settingOf($this->job->roundOf(Stance::Carried));
        $at = ($steps[$this->screw->key] ?? 0.0) + $turns;

        return $steps === null || ! $this->screw->range->holds($at) ? null : [...$steps, $this->screw->key => $at];
    }
}
