<?php

declare(strict_types=1);

namespace App\UseCases\Forms;

use App\Models\TongueWay;
use App\Models\TongueWeighing;
use App\Models\User;
use App\Words\ExpectedWords;
use Yoke\Expected;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Measuring\Readings\Weighing\Exception\ImpossibleReading;
use Yoke\Rig\Parts\Check\CollectProblems;
use Yoke\Rig\Parts\Rig;

/** Reads a typed reading of a tongue's weight; what does not read becomes a problem of its field. */
final readonly class TongueForm
{
    private const FIELDS = ['way', 'read', 'hitch_height', 'behind_ball', 'arm_scale', 'arm_tongue', 'fresh', 'waste'];

    private CollectProblems $problems;

    private TypedParts $parts;

    /** @param  array<string, string>  $typed */
    public function __construct(private array $typed, private Rig $rig, User $person)
    {
        $this->problems = new CollectProblems();
        $this->parts = new TypedParts($typed, $person, $this->problems);
    }

    /** Null where something does not read; the problems say what. */
    public function read(): ?TongueWeighing
    {
        $way = $this->parts->choice('way', TongueWay::class, Expected::of('form.tongue_way'));
        $load = $way === TongueWay::Share ? $this->shareOfGross() : $this->parts->load('read');
        $height = $this->optional('hitch_height');
        $behind = $this->optional('behind_ball');
        [$toScale, $toTongue] =
            $way === TongueWay::Lever
                ? [$this->parts->length('arm_scale'), $this->parts->length('arm_tongue')]
                : [null, null];
        $this->fills();
        if ($way === null || $load === null || ! $this->problems->isEmpty()) {
            return null;
        }
        $weighing = new TongueWeighing([
            'way' => $way,
            'typed' => array_intersect_key($this->typed, array_flip(self::FIELDS)),
            'read_kg' => $load->kilograms(),
            'unit' => $way === TongueWay::Share ? null : $this->parts->unitOf('read'),
            'hitch_height_mm' => $way === TongueWay::Share ? null : $height?->millimetres(),
            'behind_ball_mm' => $behind?->millimetres() ?? 0.0,
            'arm_scale_mm' => $toScale?->millimetres(),
            'arm_tongue_mm' => $toTongue?->millimetres(),
        ]);

        return $this->isPossible($weighing) ? $weighing : null;
    }

    /** @return array<string, string> by field */
    public function problems(): array
    {
        return ExpectedWords::each($this->problems->all());
    }

    private function isPossible(TongueWeighing $weighing): bool
    {
        try {
            $onBall = $weighing->core($this->rig->trailer->ballToAxle)->onBall();
        } catch (ImpossibleReading $impossible) {
            $this->problems->found($impossible->field(), $impossible->expected());

            return false;
        }
        if (! $onBall->isLessThan($this->rig->trailer->grossWeight)) {
            $this->problems->found('read', Expected::of('form.tongue_heavy'));
        }

        return $this->problems->isEmpty();
    }

    /** How full the tanks were, in percent; empty where nobody looked. */
    private function fills(): void
    {
        foreach (TongueWeighing::TANKS as $tank) {
            $percent = $this->parts->text($tank) === '' ? null : $this->parts->number($tank);
            if ($percent !== null && ($percent < 0.0 || $percent > 100.0)) {
                $this->problems->found($tank, Expected::of('form.tank'));
            }
        }
    }

    private function optional(string $field): ?Length
    {
        return $this->parts->text($field) === '' ? null : $this->parts->length($field);
    }

    private function shareOfGross(): ?Load
    {
        $percent = $this->parts->number('read');
        if ($percent !== null && ($percent <= 0.0 || $percent >= 100.0)) {
            $this->problems->found('read', Expected::of('form.share'));
        }

        return $percent === null ? null : $this->rig->trailer->grossWeight->times($percent / 100);
    }
}
