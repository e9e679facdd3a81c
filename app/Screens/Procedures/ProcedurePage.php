<?php

declare(strict_types=1);

namespace App\Screens\Procedures;

use App\Models\Job;
use App\Models\ProcedureRun;
use App\Models\ProcedureStep;
use App\Models\User;
use App\UseCases\Procedures\RunningProcedure;
use App\Words\SettingWords;
use App\Words\Text;
use Yoke\CoreException;
use Yoke\Foundation\Units\Torque;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Specification\RigPart;
use Yoke\Workshop\Procedure\Occasion;
use Yoke\Workshop\Procedure\PaperStep;
use Yoke\Workshop\Procedure\Procedure;
use Yoke\Workshop\Procedure\ProcedureProgress;
use Yoke\Workshop\Procedure\RigFacts;
use Yoke\Workshop\Procedure\Step;

/** A procedure of a job's rig: its steps, and how far the run that is on has come. */
final readonly class ProcedurePage
{
    /** Runs that are over, as many as are shown. */
    private const SHOWN = 5;

    /** Whatever is done by hand, by occasion. */
    private const TOOLS = [
        'hook-up' => ['chocks', 'gloves', 'lift_tool', 'board', 'torch'],
        'change-setting' => ['chocks', 'gloves', 'lift_tool', 'wrenches', 'marker', 'tape'],
        'departure' => ['gauge', 'gloves', 'torch'],
        'reversing' => ['gloves', 'lift_tool', 'chocks', 'marks'],
        'arrival' => ['chocks', 'torch', 'marks'],
        'unhitch' => ['chocks', 'gloves', 'lift_tool', 'board', 'level'],
    ];

    public ?ProcedureRun $run;

    private ?Procedure $procedure;

    /** Null until the hitch's family is known. */
    public ?ProcedureProgress $progress;

    public function __construct(public Job $job, public Occasion $occasion, private User $reader)
    {
        $running = new RunningProcedure($job, $occasion);
        [$this->run, $this->procedure, $this->progress] = [$running->run, $running->procedure, $running->progress];
    }

    /** The marked setting, in words, or an empty text while none is known. */
    public function setting(): string
    {
        $described = $this->job->rigAsWorked()->specified();
        $steps =
            $this->job->settingOf($this->job->roundOf(Stance::Carried)) ??
            ($this->job->rig->found_setting['steps'] ?? null);
        try {
            $setting = $steps === null ? null : $described->adjusters()?->recorded($steps);
        } catch (CoreException) {
            return '';
        }

        return $setting === null ? '' : (new SettingWords($described))->of($setting);
    }

    /** What to have at hand, a torque wrench by the torques of the data sheet; empty before the family is known. */
    public function tools(): string
    {
        if ($this->procedure === null) {
            return '';
        }
        $torques = $this->occasion === Occasion::Change ? $this->torques() : [];
        $unit = $this->reader->torqueUnit();
        $wrench =
            $torques === []
                ? []
                : [
                    Text::of('procedure.tools.'.(min($torques) === max($torques) ? 'wrench_one' : 'wrench'), [
                        'from' => $unit->nearest(Torque::ofNewtonMetres(min($torques))),
                        'to' => $unit->nearest(Torque::ofNewtonMetres(max($torques))),
                    ]),
                ];

        $worked = $this->job->rigAsWorked();
        $family = $worked->specified()->family();
        $jacks =
            $family !== null &&
            (new RigFacts($family, $worked->values(RigPart::Vehicle), $worked->values(RigPart::Trailer)))->meets([
                'jacked',
            ]);
        $tools = array_filter(
            self::TOOLS[$this->occasion->value],
            static fn (string $tool): bool => $tool !== 'lift_tool' || $jacks,
        );

        return implode(', ', [
            ...array_map(static fn (string $tool): string => Text::of("procedure.tools.{$tool}"), array_values($tools)),
            ...$wrench,
        ]);
    }

    /** @return list<float> N·m, as far as the data sheet gives them */
    private function torques(): array
    {
        $hitch = $this->job->rigAsWorked()->values(RigPart::Hitch);

        return array_values(
            array_filter([
                $hitch->number('ball_nut_nm'),
                $hitch->number('head_bolts_nm'),
                $hitch->number('bracket_bolts_nm'),
            ]),
        );
    }

    /**
     * All that any answer would bring, with the open answers it hangs on.
     *
     * @return list<PaperStep>
     */
    public function onPaper(): array
    {
        return $this->procedure?->onPaper() ?? [];
    }

    /** Minutes and seconds since the run began. */
    public function since(ProcedureRun $run, ProcedureStep $step): string
    {
        $seconds = (int) $run->started_at->diffInSeconds($step->at);

        return sprintf('%d:%02d', intdiv($seconds, 60), $seconds % 60);
    }

    /** When a step was taken, since the run began; an empty text while it was not. */
    public function takenAt(Step $step): string
    {
        $taken = $this->run?->steps->firstWhere('step', $step->key);

        return $taken === null || $this->run === null ? '' : $this->since($this->run, $taken);
    }

    /** @return list<ProcedureRun> those that are over, latest first */
    public function over(): array
    {
        return array_slice(
            array_reverse(
                array_values(
                    $this->job->procedureRuns
                        ->filter(fn (ProcedureRun $run): bool => $run->occasion === $this->occasion && ! $run->isOn())
                        ->all(),
                ),
            ),
            0,
            self::SHOWN,
        );
    }
}
