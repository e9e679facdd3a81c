<?php

declare(strict_types=1);

namespace App\UseCases\Jobs;

use App\Models\Hitch;
use App\Models\Job;
use App\Models\Rig;
use App\Models\Trailer;
use App\Models\User;
use App\Models\Vehicle;
use App\UseCases\Forms\TypedParts;
use App\Words\ExpectedWords;
use App\Words\Text;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Yoke\Expected;
use Yoke\Foundation\Units\Length;
use Yoke\Job\Shop\ShopSettings;
use Yoke\Rig\Parts\Check\CollectProblems;
use Yoke\Rig\Parts\Hitch as CoreHitch;
use Yoke\Rig\Parts\Rig as CoreRig;
use Yoke\Rig\Parts\Suspension;
use Yoke\Rig\Parts\Trailer as CoreTrailer;
use Yoke\Rig\Parts\TrailerBody;
use Yoke\Rig\Parts\Vehicle as CoreVehicle;
use Yoke\Rig\Parts\VehicleBody;
use Yoke\Rig\Parts\VehicleClass;
use Yoke\Rig\Specification\FieldKind;
use Yoke\Rig\Specification\RigPart;

/** A job about to be started, from the typed form: either all its problems, or a job. */
final readonly class JobDraft
{
    private CollectProblems $problems;

    private TypedParts $typed;

    private string $title;

    private Vehicle $vehicle;

    private Trailer $trailer;

    private Hitch $hitch;

    /** @param  array<array-key, mixed>  $form */
    public function __construct(array $form, User $person, private ShopSettings $settings)
    {
        $this->problems = new CollectProblems();
        $this->typed = new TypedParts($form, $person, $this->problems);
        $this->title = $this->typed->name('title');
        $garage = new PickedPart($this->typed, $this->problems);
        [$vehicle, $trailer, $hitch] = array_map($garage->of(...), RigPart::cases());
        $this->vehicle = $vehicle instanceof Vehicle ? $vehicle : $this->newVehicle();
        $this->trailer = $trailer instanceof Trailer ? $trailer : $this->newTrailer();
        $this->hitch = $hitch instanceof Hitch ? $hitch : $this->newHitch();
        CoreRig::check(
            $this->length($this->hitch, 'bar_arm_mm'),
            $this->length($this->trailer, 'ball_to_axle_mm'),
            $this->problems,
        );
    }

    /** @return array<string, string> field => sentence */
    public function problems(): array
    {
        return ExpectedWords::each($this->problems->all());
    }

    public function start(NewJob $jobs): Job
    {
        $rig = DB::transaction(function (): Rig {
            $this->vehicle->save();
            $this->trailer->save();
            $this->hitch->save();

            return Rig::query()->firstOrCreate([
                'vehicle_id' => $this->vehicle->id,
                'trailer_id' => $this->trailer->id,
                'hitch_id' => $this->hitch->id,
            ]);
        });

        $job = $jobs->of($rig, $this->title);
        if ($this->typed->text('arrived_coupled') === '1') {
            $job->update(['arrived_coupled' => true]);
        }

        return $job;
    }

    private function newVehicle(): Vehicle
    {
        $class = VehicleClass::tryFrom($this->typed->text('vehicle_class'));
        $wheelbase = $this->typed->knownLength('wheelbase');
        $overhang = $this->typed->knownLength('overhang');
        CoreVehicle::check($wheelbase, $overhang, $this->problems);
        $springs = Expected::of('form.springs');

        return new Vehicle([
            'name' => $this->typed->nameOr(
                'vehicle_name',
                Text::of('screen.new_part.vehicle', ['title' => $this->title]),
            ),
            'body' => $this->typed->choiceOr(
                'vehicle_body',
                $class?->body() ?? VehicleBody::PickUp,
                Expected::of('form.shape'),
            )?->value,
            'wheelbase_mm' => $wheelbase?->millimetres(),
            'overhang_mm' => $overhang?->millimetres(),
            'front_suspension' => $this->typed->choiceOr('front_suspension', Suspension::Coil, $springs)?->value,
            'rear_suspension' => $this->typed->choiceOr(
                'rear_suspension',
                $class?->rearSuspension() ?? Suspension::Coil,
                $springs,
            )?->value,
            'sheet' => $this->sheet(RigPart::Vehicle, ['vehicle_class', 'levelling', 'air_lift_mm', 'lift_use']),
        ]);
    }

    private function newTrailer(): Trailer
    {
        $axles = (int) $this->typed->textOr('axles', '2');
        $ballToAxle = $this->typed->knownLength('ball_to_axle');
        $weight = $this->typed->knownLoad('gross_weight');
        CoreTrailer::check($axles, $ballToAxle, $weight, $this->problems);

        return new Trailer([
            'name' => $this->typed->nameOr(
                'trailer_name',
                Text::of('screen.new_part.trailer', ['title' => $this->title]),
            ),
            'body' => $this->typed->choiceOr('trailer_body', TrailerBody::Box, Expected::of('form.shape'))?->value,
            'axles' => $axles,
            'ball_to_axle_mm' => $ballToAxle?->millimetres(),
            'gross_weight_kg' => $weight?->kilograms(),
            'sheet' => $this->sheet(RigPart::Trailer, ['tongue_weight_kg']),
        ]);
    }

    private function newHitch(): Hitch
    {
        $barArm = $this->typed->knownLength('bar_arm');
        CoreHitch::check($barArm, $this->problems);

        return new Hitch([
            'name' => $this->typed->nameOr('hitch_name', Text::of('screen.new_part.hitch', ['title' => $this->title])),
            'bar_arm_mm' => $barArm?->millimetres(),
            'sheet' => $this->sheet(RigPart::Hitch, ['family', 'counting', 'bar_rating_low_kg', 'bar_rating_high_kg']) +
                $this->settings->ofNewHitches(),
        ]);
    }

    /**
     * What was typed of a part's specification; what was left out is not known yet.
     *
     * @param  list<string>  $keys
     * @return array<string, float|string>
     */
    private function sheet(RigPart $part, array $keys): array
    {
        $sheet = [];
        foreach ($keys as $key) {
            $field = $part->fields()[$key];
            $value = match (true) {
                $this->typed->text($key) === '' => null,
                $field->kind === FieldKind::Choice => $this->typed->text($key),
                $field->kind === FieldKind::Length => $this->typed->length($key)?->millimetres(),
                default => $this->typed->load($key)?->kilograms(),
            };
            $objection = $value === null ? null : $field->objection($value);
            if ($objection !== null) {
                $this->problems->found($key, $objection);
            } elseif ($value !== null) {
                $sheet[$key] = $value;
            }
        }

        return $sheet;
    }

    private function length(Model $part, string $column): ?Length
    {
        $millimetres = $part->getAttributes()[$column] ?? null;

        return is_numeric($millimetres) ? Length::ofMillimetres((float) $millimetres) : null;
    }
}
