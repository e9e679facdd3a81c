<?php

declare(strict_types=1);

namespace App\UseCases\Forms;

use App\Models\Job;
use App\Models\Measure;
use App\Models\MeasureKind;
use App\Models\User;
use App\Words\ExpectedWords;
use Illuminate\Support\Facades\Date;
use Yoke\Foundation\Units\Length;
use Yoke\Measuring\Bars\Exception\ImpossibleHeights;
use Yoke\Measuring\Bars\HeightsCaution;
use Yoke\Measuring\Bars\TapedGap;
use Yoke\Rig\Parts\Check\CollectProblems;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Specification\RigPart;

/** Reads the gap over the bars, taped on the dropped rig; what does not read becomes a problem of its field. */
final readonly class GapForm
{
    private CollectProblems $problems;

    private TypedParts $parts;

    /** @param  array<string, string>  $typed */
    public function __construct(array $typed, private Job $job, private User $person)
    {
        $this->problems = new CollectProblems();
        $this->parts = new TypedParts($typed, $person, $this->problems);
    }

    /** Null where something does not read, or is not there; the problems say what. */
    public function read(): ?TapedBarGap
    {
        $known = $this->job->rigAsWorked()->values(RigPart::Hitch)->length('hang_mm');
        $gap = $this->parts->length('gap');
        $loosest = $known === null || $this->parts->text('loosest') !== '' ? $this->parts->length('loosest') : $known;
        if ($gap === null || $loosest === null || $this->taped($gap, $loosest) === null) {
            return null;
        }
        $measure = new Measure([
            'job_id' => $this->job->id,
            'stance' => Stance::Dropped,
            'round' => $this->job->roundOf(Stance::Dropped),
            'kind' => MeasureKind::BarGap,
            'typed' => $this->parts->text('gap'),
            'value' => $gap->millimetres(),
            'unit' => $this->parts->unitOf('gap', MeasureKind::BarGap),
            'user_id' => $this->person->id,
            'taken_at' => Date::now(),
        ]);

        return new TapedBarGap($measure, $loosest === $known ? null : $loosest->millimetres());
    }

    /** @return list<HeightsCaution> what does not fit together, as far as it reads */
    public function cautions(TapedBarGap $gap): array
    {
        $loosest = $gap->loosest ?? ($this->job->rigAsWorked()->values(RigPart::Hitch)->number('hang_mm') ?? 0.0);

        return $this->taped(
            Length::ofMillimetres($gap->measure->value ?? 0.0),
            Length::ofMillimetres($loosest),
        )?->cautions() ?? [];
    }

    /** @return array<string, string> by field */
    public function problems(): array
    {
        return ExpectedWords::each($this->problems->all());
    }

    private function taped(Length $gap, Length $loosest): ?TapedGap
    {
        try {
            return TapedGap::of($gap, $loosest);
        } catch (ImpossibleHeights $impossible) {
            $this->problems->found($impossible->field(), $impossible->expected());

            return null;
        }
    }
}
