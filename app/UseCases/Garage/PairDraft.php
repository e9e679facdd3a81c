<?php

declare(strict_types=1);

namespace App\UseCases\Garage;

use App\Models\Hitch;
use App\Models\Rig;
use App\Models\Trailer;
use App\Models\Vehicle;
use App\Words\ExpectedWords;
use Illuminate\Database\Eloquent\Model;
use Yoke\Expected;
use Yoke\Foundation\Units\Length;
use Yoke\Rig\Parts\Check\CollectProblems;
use Yoke\Rig\Parts\Rig as CoreRig;
use Yoke\Rig\Specification\RigPart;

/** A vehicle, a trailer and a hitch about to be paired: either what stands against it, or a rig. */
final readonly class PairDraft
{
    private CollectProblems $problems;

    /** @var array<string, Vehicle|Trailer|Hitch|null> */
    private array $parts;

    /** @param  array<array-key, string>  $picked  part => id */
    public function __construct(array $picked)
    {
        $this->problems = new CollectProblems();
        $parts = [];
        foreach (RigPart::cases() as $part) {
            $id = $picked[$part->value] ?? '';
            $parts[$part->value] = ctype_digit($id) ? PartModels::of($part)::query()->find((int) $id) : null;
            if ($parts[$part->value] === null) {
                $this->problems->found($part->value, Expected::of('form.from_the_list', ['part' => $part]));
            }
        }
        $this->parts = $parts;
        CoreRig::check(
            $this->length('hitch', 'bar_arm_mm'),
            $this->length('trailer', 'ball_to_axle_mm'),
            $this->problems,
        );
    }

    /** @return array<string, string> field => sentence */
    public function problems(): array
    {
        return ExpectedWords::each($this->problems->all());
    }

    /** The pair as it is kept, brought back where it was put away. */
    public function rig(): Rig
    {
        $rig = Rig::query()->firstOrCreate([
            'vehicle_id' => $this->parts['vehicle']?->id,
            'trailer_id' => $this->parts['trailer']?->id,
            'hitch_id' => $this->parts['hitch']?->id,
        ]);
        $rig->bringBack();

        return $rig->load(['vehicle', 'trailer', 'hitch']);
    }

    private function length(string $part, string $column): ?Length
    {
        $model = $this->parts[$part];
        $millimetres = $model instanceof Model ? $model->getAttribute($column) : null;

        return is_numeric($millimetres) ? Length::ofMillimetres((float) $millimetres) : null;
    }
}
