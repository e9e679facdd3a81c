<?php

declare(strict_types=1);

namespace App\Screens\Garage;

use App\Models\Hitch;
use App\Models\Trailer;
use App\Models\Vehicle;
use App\UseCases\Garage\PartModels;
use App\Words\Text;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Rig\Parts\Hitch as CoreHitch;
use Yoke\Rig\Parts\Suspension;
use Yoke\Rig\Parts\Trailer as CoreTrailer;
use Yoke\Rig\Parts\TrailerBody;
use Yoke\Rig\Parts\Vehicle as CoreVehicle;
use Yoke\Rig\Parts\VehicleBody;
use Yoke\Rig\Parts\VehicleClass;
use Yoke\Rig\Specification\RigPart;
use Yoke\Showing\Drawing\HitchSet;
use Yoke\Showing\Drawing\PartSketch;

/** One vehicle, trailer or hitch on its shelf. */
final readonly class PartCard
{
    private const SHOWN = 120;

    public function __construct(
        public RigPart $part,
        public Vehicle|Trailer|Hitch $model,
        private int $rigs,
        private int $jobs,
    ) {
    }

    /** @return list<self> those at hand, or those put away; by name */
    public static function all(RigPart $part, Shelves $shelf): array
    {
        $class = PartModels::of($part);
        $models = $shelf === Shelves::AtHand ? $class::atHand() : $class::away();
        $models->orderBy('name')->orderBy('id')->limit(self::SHOWN);
        $rigs = self::countedBy($part, DB::table('rigs'));
        $jobs = self::countedBy($part, DB::table('jobs')->join('rigs', 'rigs.id', '=', 'jobs.rig_id'));
        $cards = [];
        foreach ($models->get() as $model) {
            $cards[] = new self($part, $model, $rigs[$model->id] ?? 0, $jobs[$model->id] ?? 0);
        }

        return $cards;
    }

    /** @return array<int, int> how many rows there are by the part's id */
    private static function countedBy(RigPart $part, Builder $rows): array
    {
        $column = "rigs.{$part->value}_id";

        /** @var array<int, int> */
        return $rows
            ->groupBy($column)
            ->selectRaw("{$column} as part, count(*) as many")
            ->pluck('many', 'part')
            ->all();
    }

    /** Where it is used, in words. */
    public function use(): string
    {
        return $this->rigs === 0
            ? Text::of('screen.part_card.not_paired')
            : trans_choice('screen.part_card.rigs', $this->rigs, ['count' => $this->rigs]).
                    ', '.
                    trans_choice('screen.part_card.jobs', $this->jobs, ['count' => $this->jobs]);
    }

    /** How many fields of its sheet are filled. */
    public function filled(): string
    {
        return Text::of('screen.part_card.filled', [
            'filled' => count($this->model->sheet ?? []),
            'many' => array_sum(array_map(static fn ($group): int => count($group->fields), $this->part->groups())),
        ]);
    }

    public function sketch(): PartSketch
    {
        return match (true) {
            $this->model instanceof Vehicle => PartSketch::ofVehicle(
                CoreVehicle::of(
                    VehicleBody::from($this->model->body),
                    Length::ofMillimetres(
                        $this->model->wheelbase_mm ??
                            VehicleClass::usualFor(VehicleBody::from($this->model->body))->wheelbase()->mean(),
                    ),
                    Length::ofMillimetres(
                        $this->model->overhang_mm ??
                            VehicleClass::usualFor(VehicleBody::from($this->model->body))->overhang()->mean(),
                    ),
                    Suspension::from($this->model->front_suspension),
                    Suspension::from($this->model->rear_suspension),
                ),
            ),
            $this->model instanceof Trailer => PartSketch::ofTrailer(
                CoreTrailer::of(
                    TrailerBody::from($this->model->body),
                    $this->model->axles,
                    Length::ofMillimetres(
                        $this->model->ball_to_axle_mm ?? TrailerBody::from($this->model->body)->ballToAxle()->mean(),
                    ),
                    Load::ofKilograms(
                        $this->model->gross_weight_kg ?? TrailerBody::from($this->model->body)->grossWeight()->mean(),
                    ),
                ),
            ),
            default => PartSketch::ofHitch(
                CoreHitch::of(Length::ofMillimetres($this->model->bar_arm_mm ?? CoreHitch::USUAL_BAR_ARM_MM[0])),
                new HitchSet(holes: (int) ($this->model->sheet['head_holes'] ?? 5)),
            ),
        };
    }
}
