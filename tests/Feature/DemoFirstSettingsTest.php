<?php

declare(strict_types=1);

use App\Models\BarTaping;
use App\Models\Job;
use App\Models\Round;
use App\Models\Simulation;
use App\UseCases\Analysis\JobAnalyses;
use Database\Seeders\DemoSeeder;
use Yoke\Rig\Parts\Stance;

/**
 * Heights as somebody would tape them on a simulated rig, to the whole millimetre, its bars as loose as they go.
 *
 * @return array<string, mixed>
 */
function tapedAsTrue(Job $job, Simulation $simulation): array
{
    $adjusters = $job->rigAsWorked()->specified()->adjusters();
    $middle = $adjusters->middle();
    $loosest = $adjusters->loosest($middle);
    $simulated = $adjusters->setting($simulation->setting);
    $tension =
        $simulation->truth['tension'] +
        $adjusters->tensionBetween($simulated, $loosest, $job->rigAsWorked()->core()->hitch->barArm->millimetres());
    $ball = 470.0 + $simulation->truth['bars'][2];

    return [
        'typed' => ['ball' => 'x'],
        'setting' => $loosest->steps(),
        'ball_mm' => round($ball),
        'bar_mm' => round($ball) - 180.0,
        'seat_mm' => 470.0,
        'rest_mm' => round(470.0 - 180.0 + $tension),
    ];
}

it(
    'makes the first setting likely once the bars are taped: three in four on the jobs that stand before it, more than untaped on the others',
    function (): void {
        $this->seed(DemoSeeder::class);
        $lines = [];
        foreach (Simulation::query()->get() as $simulation) {
            $job = Job::query()->findOrFail($simulation->job_id);
            Round::query()
                ->where(['job_id' => $job->id, 'stance' => 'carried'])
                ->delete();
            $isBeforeTheFirst = $job->liveReadings()->where('stance', 'carried')->doesntExist();
            $job->load(['rounds', 'liveReadings', 'measures', 'tickets', 'tongueReadings', 'barTapings']);
            $job->setRelation('liveReadings', $job->liveReadings->where('stance', '!==', Stance::Carried)->values());
            $job->setRelation('tickets', $job->tickets->where('stance', '!==', Stance::Carried)->values());
            $job->start = null;
            $analyses = app(JobAnalyses::class);
            $lines["{$simulation->job_id}, {$job->title}"] = [
                $analyses->taping($job, new BarTaping(['typed' => []]))->recommendation()->forecast->chance,
                $analyses->taping($job, new BarTaping(tapedAsTrue($job, $simulation)))->recommendation()->forecast
                    ->chance,
                $isBeforeTheFirst,
            ];
        }
        foreach ($lines as $rig => [$untaped, $taped]) {
            fwrite(
                STDERR,
                sprintf(
                    "\n  first setting, %-62s untaped %3.0f %%, taped %3.0f %%",
                    $rig,
                    100 * $untaped,
                    100 * $taped,
                ),
            );
        }
        $first = array_filter($lines, static fn (array $line): bool => $line[2]);
        expect($first)->toHaveCount(2);
        foreach ($first as [, $taped]) {
            expect($taped)->toBeGreaterThanOrEqual(0.75);
        }
        foreach ($lines as [$untaped, $taped]) {
            expect($taped)->toBeGreaterThan($untaped - 0.02);
        }
    },
);
