<?php

declare(strict_types=1);

namespace App\UseCases\Jobs;

use App\Models\Hitch;
use App\Models\Job;
use App\Models\Rig;
use App\Models\RigSnapshot;
use App\Models\Trailer;
use App\Models\User;
use App\Models\Vehicle;
use App\UseCases\Forms\TypedParts;
use App\UseCases\Garage\KeptPart;
use App\UseCases\Garage\PartModels;
use App\Words\ExpectedWords;
use Illuminate\Support\Facades\DB;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Rig\Parts\Check\CollectProblems;
use Yoke\Rig\Parts\TongueWeightSource;
use Yoke\Rig\Specification\RigPart;

/** A hitch that goes behind another vehicle, before another trailer, or under another load of the same. */
final readonly class NewLoad
{
    private CollectProblems $problems;

    public Vehicle $vehicle;

    public Trailer $trailer;

    /** Null where the pair cannot be. */
    private ?RigSnapshot $worked;

    /**
     * @param  array<array-key, string>  $typed  vehicle, trailer, tongue_weight_kg; what is left out is as the hitch
     *     was used last
     * @param  Rig|null  $last  that the hitch was on last
     */
    public function __construct(public Hitch $hitch, private array $typed, private ?Rig $last, private User $person)
    {
        $this->problems = new CollectProblems();
        $this->vehicle = $this->vehicle();
        $this->trailer = $this->trailer();
        foreach ([RigPart::Vehicle, RigPart::Trailer] as $part) {
            if (! $this->{$part->value}->exists) {
                $this->problems->found($part->value, Expected::of('form.from_the_list', ['part' => $part]));
            }
        }
        $worked = new RigSnapshot(RigSnapshot::sheetOf($this->rig()));
        try {
            $worked->specified()->check($this->problems);
        } catch (CoreException $impossible) {
            $this->problems->found('trailer', $impossible->expected());
            $worked = null;
        }
        $this->worked = $worked;
    }

    /** @return array<string, string> field => sentence */
    public function problems(): array
    {
        return ExpectedWords::each($this->problems->all());
    }

    public function worked(): ?RigSnapshot
    {
        return $this->worked;
    }

    /** The pair as it would be; not saved. */
    public function rig(): Rig
    {
        return (new Rig([
            'vehicle_id' => $this->vehicle->id,
            'trailer_id' => $this->trailer->id,
            'hitch_id' => $this->hitch->id,
        ]))
            ->setRelation('vehicle', $this->vehicle)
            ->setRelation('trailer', $this->trailer)
            ->setRelation('hitch', $this->hitch);
    }

    public function start(KeptPart $kept, NewJob $jobs): Job
    {
        return DB::transaction(function () use ($kept, $jobs): Job {
            if ($this->trailer->isDirty()) {
                $kept->save(RigPart::Trailer, $this->trailer, $this->person);
            }
            $rig = Rig::query()->firstOrCreate([
                'vehicle_id' => $this->vehicle->id,
                'trailer_id' => $this->trailer->id,
                'hitch_id' => $this->hitch->id,
            ]);
            $rig->bringBack();

            return $jobs->of($rig, mb_substr("{$this->trailer->name}, {$this->vehicle->name}", 0, 80));
        });
    }

    private function vehicle(): Vehicle
    {
        $picked = $this->picked(RigPart::Vehicle);

        return $picked instanceof Vehicle ? $picked : $this->last->vehicle ?? Vehicle::query()->firstOrNew();
    }

    /** With the tongue weight as it was typed. */
    private function trailer(): Trailer
    {
        $picked = $this->picked(RigPart::Trailer);
        $trailer = $picked instanceof Trailer ? $picked : $this->last->trailer ?? Trailer::query()->firstOrNew();
        $field = RigPart::Trailer->fields()['tongue_weight_kg'];
        $typed =
            ($this->typed['tongue_weight_kg'] ?? '') === ''
                ? null
                : (new TypedParts($this->typed, $this->person, $this->problems))
                    ->load('tongue_weight_kg')
                    ?->kilograms();
        $objection = $typed === null ? null : $field->objection($typed);
        if ($objection !== null) {
            $this->problems->found('tongue_weight_kg', $objection);
        } elseif ($typed !== null && abs($typed - (float) ($trailer->sheet['tongue_weight_kg'] ?? 0.0)) > 0.05) {
            $trailer->sheet = [
                ...$trailer->sheet ?? [],
                'tongue_weight_kg' => $typed,
                'tongue_weight_by' => TongueWeightSource::TongueScale->value,
            ];
        }

        return $trailer;
    }

    private function picked(RigPart $part): Vehicle|Trailer|Hitch|null
    {
        $id = $this->typed[$part->value] ?? '';
        $found = ctype_digit($id) && strlen($id) < 18 ? PartModels::of($part)::query()->find((int) $id) : null;
        if ($id !== '' && $found === null) {
            $this->problems->found($part->value, Expected::of('form.from_the_list', ['part' => $part]));
        }

        return $found;
    }
}
