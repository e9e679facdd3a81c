<?php

declare(strict_types=1);

namespace App\Models;

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Planning\RigSpecification;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Job\Shop\ShopRules;
use Yoke\Measuring\Estimation\CarriedOverPrior;
use Yoke\Measuring\Estimation\Prior\LearnedPriors;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Measuring\Estimation\Prior\RigDimension;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Mechanics\Loading\Tank;
use Yoke\Rig\Parts\Hitch as CoreHitch;
use Yoke\Rig\Parts\Rig as CoreRig;
use Yoke\Rig\Parts\Suspension;
use Yoke\Rig\Parts\Trailer as CoreTrailer;
use Yoke\Rig\Parts\TrailerBody;
use Yoke\Rig\Parts\Vehicle as CoreVehicle;
use Yoke\Rig\Parts\VehicleBody;
use Yoke\Rig\Parts\VehicleClass;
use Yoke\Rig\Specification\BracketRange;
use Yoke\Rig\Specification\RigPart;
use Yoke\Rig\Specification\SpecificationSheet;

/**
 * The copy of a rig that a job keeps: what it was computed with, whatever the garage says later.
 *
 * @phpstan-import-type ItemRow from Aboard as AboardRow
 *
 * @phpstan-type AboardLoad array{state: string, items: list<AboardRow>, weighed: list<AboardRow>}
 * @phpstan-type Sheet array{ vehicle: array{name: string, body: string, wheelbase_mm: float|null,
 *     overhang_mm: float|null,
 *         front_suspension: string, rear_suspension: string, sheet?: array<string, float|int|string>|null},
 *     trailer: array{name: string, body: string, axles: int, ball_to_axle_mm: float|null,
 *         gross_weight_kg: float|null, sheet?: array<string, float|int|string>|null},
 *     hitch: array{name: string, bar_arm_mm: float|null, sheet?: array<string, float|int|string>|null},
 *     aboard?: AboardLoad|null,
 *     learnt?: non-empty-list<array{float, float}>|null,
 *     experience?: array<string, array{off: float, deviation: float, jobs: int, own: int}>|null
 * }
 */
final readonly class RigSnapshot
{
    private const MAKERS = 'maker_ball_load_kg';

    /** The load that the maker's figure was given for. */
    public const MAKERS_FOR = 'maker_ball_load_for';

    /** @param  Sheet  $sheet */
    public function __construct(private array $sheet)
    {
    }

    /** @return Sheet */
    public static function sheetOf(Rig $rig): array
    {
        return [
            'vehicle' => [
                'name' => $rig->vehicle->name,
                'body' => $rig->vehicle->body,
                'wheelbase_mm' => $rig->vehicle->wheelbase_mm,
                'overhang_mm' => $rig->vehicle->overhang_mm,
                'front_suspension' => $rig->vehicle->front_suspension,
                'rear_suspension' => $rig->vehicle->rear_suspension,
                'sheet' => $rig->vehicle->sheet,
            ],
            'trailer' => [
                'name' => $rig->trailer->name,
                'body' => $rig->trailer->body,
                'axles' => $rig->trailer->axles,
                'ball_to_axle_mm' => $rig->trailer->ball_to_axle_mm,
                'gross_weight_kg' => $rig->trailer->gross_weight_kg,
                'sheet' => $rig->trailer->sheet,
            ],
            'hitch' => [
                'name' => $rig->hitch->name,
                'bar_arm_mm' => $rig->hitch->bar_arm_mm,
                'sheet' => $rig->hitch->sheet,
            ],
        ];
    }

    public function vehicleName(): string
    {
        return $this->sheet['vehicle']['name'];
    }

    public function trailerName(): string
    {
        return $this->sheet['trailer']['name'];
    }

    public function hitchName(): string
    {
        return $this->sheet['hitch']['name'];
    }

    public function core(): CoreRig
    {
        ['vehicle' => $vehicle, 'trailer' => $trailer, 'hitch' => $hitch] = $this->sheet;

        $class =
            VehicleClass::tryFrom((string) $this->values(RigPart::Vehicle)->text('vehicle_class')) ??
            VehicleClass::usualFor(VehicleBody::from($vehicle['body']));
        $shape = TrailerBody::from($trailer['body']);

        return CoreRig::of(
            CoreVehicle::of(
                VehicleBody::from($vehicle['body']),
                Length::ofMillimetres($vehicle['wheelbase_mm'] ?? $class->wheelbase()->mean()),
                Length::ofMillimetres($vehicle['overhang_mm'] ?? $class->overhang()->mean()),
                Suspension::from($vehicle['front_suspension']),
                Suspension::from($vehicle['rear_suspension']),
            ),
            CoreTrailer::of(
                $shape,
                $trailer['axles'],
                Length::ofMillimetres($trailer['ball_to_axle_mm'] ?? $shape->ballToAxle()->mean()),
                Load::ofKilograms($trailer['gross_weight_kg'] ?? $shape->grossWeight()->mean()),
            ),
            CoreHitch::of(
                $hitch['bar_arm_mm'] === null
                    ? BracketRange::assumedArm($this->values(RigPart::Hitch))
                    : Length::ofMillimetres($hitch['bar_arm_mm']),
            ),
        );
    }

    /** @return list<RigDimension> dimensions that nobody measured: the rig has what is usual in their place */
    public function assumed(): array
    {
        ['vehicle' => $vehicle, 'trailer' => $trailer, 'hitch' => $hitch] = $this->sheet;

        return array_values(
            array_filter([
                $vehicle['wheelbase_mm'] === null ? RigDimension::Wheelbase : null,
                $vehicle['overhang_mm'] === null ? RigDimension::Overhang : null,
                $trailer['ball_to_axle_mm'] === null ? RigDimension::BallToAxle : null,
                $trailer['gross_weight_kg'] === null ? RigDimension::GrossWeight : null,
                $hitch['bar_arm_mm'] === null ? RigDimension::BarArm : null,
            ]),
        );
    }

    /**
     * As its specifications describe it: asked for family, adjusters and what does not fit, which no shop's doubts
     * change.
     */
    public function specified(): RigSpecification
    {
        return new RigSpecification(
            $this->core(),
            $this->values(RigPart::Vehicle),
            $this->values(RigPart::Trailer),
            $this->values(RigPart::Hitch),
            $this->assumed(),
        );
    }

    /** @param  PriorDoubts  $doubts  of the shop */
    public function described(PriorDoubts $doubts): SpecifiedRig
    {
        $described = new SpecifiedRig($this->specified(), $doubts);
        $change = $this->loadChange();

        $loaded = $change === null ? $described : $described->loaded($change);
        $loaded = $this->experience()->isEmpty() ? $loaded : $loaded->experienced($this->experience());

        return isset($this->sheet['learnt'])
            ? $loaded->learnt(CarriedOverPrior::kept($this->sheet['learnt']))
            : $loaded;
    }

    /** @return list<Item> what travels on it, as far as anybody wrote it down */
    public function aboard(): array
    {
        return Aboard::items($this->sheet['aboard']['items'] ?? []);
    }

    /** The load state that it was set up in; null where nobody wrote it down. */
    public function loadState(): ?string
    {
        return $this->sheet['aboard']['state'] ?? null;
    }

    /**
     * The sheet of a rig with a load state on board beside what was aboard when its weights were read; without one,
     * that.
     *
     * @return Sheet
     */
    public static function sheetWith(Rig $rig, ?LoadState $state = null): array
    {
        $sheet = self::sheetOf($rig);
        $weighed = $rig->loadStates->first(static fn (LoadState $one): bool => $one->as_weighed);
        $state ??= $weighed;
        $tanks = Tank::of(new SpecificationSheet($sheet['trailer']['sheet'] ?? []));

        return $state === null
            ? $sheet
            : [
                ...$sheet,
                'aboard' => [
                    'state' => $state->name,
                    'items' => Aboard::rows(Aboard::inState($state, $tanks)),
                    'weighed' => $weighed === null ? [] : Aboard::rows(Aboard::inState($weighed, $tanks)),
                ],
            ];
    }

    /** What it carries more than when it was weighed; null where that is the same. */
    public function loadChange(): ?LoadChange
    {
        $aboard = $this->sheet['aboard'] ?? null;

        return $aboard === null || $aboard['items'] === $aboard['weighed']
            ? null
            : LoadChange::between(Aboard::items($aboard['weighed']), Aboard::items($aboard['items']));
    }

    /** The same by its sheets alone, whatever earlier readings told. */
    public function bySheets(): self
    {
        return new self([...$this->sheet, 'learnt' => null, 'experience' => null]);
    }

    /** What the shop's earlier jobs made of what is usual when the job was booked. */
    public function experience(): LearnedPriors
    {
        return LearnedPriors::of(
            array_map(
                static fn (array $row): array => [
                    'off' => (float) $row['off'],
                    'deviation' => (float) $row['deviation'],
                    'jobs' => (int) $row['jobs'],
                    'own' => (int) $row['own'],
                ],
                $this->sheet['experience'] ?? [],
            ),
        );
    }

    /** Whether another one is described alike, so that what readings told of it holds for this one too. */
    public function isDescribedAs(self $other): bool
    {
        $facts = static function (self $worked): array {
            $prior = $worked->bySheets()->described(ShopRules::usual()->priors)->prior();

            return [$prior->known(), array_map($prior->likely(...), range(0, RigParameter::BarRate->value))];
        };

        return $facts($this) == $facts($other);
    }

    /** What stands on the sheet of a part; a gauge's figure of the hitch maker only under the load it was given for. */
    public function values(RigPart $part): SpecificationSheet
    {
        $sheet = $this->sheet[$part->value]['sheet'] ?? [];
        if ($part === RigPart::Hitch && $this->makersOfAnotherLoad() !== null) {
            unset($sheet[self::MAKERS]);
        }

        return new SpecificationSheet($sheet);
    }

    /** The hitch maker's figure for the gauge where it was given for another load, vehicle or trailer; else null. */
    public function makersOfAnotherLoad(): ?Load
    {
        $sheet = $this->sheet['hitch']['sheet'] ?? [];
        $givenFor = $sheet[self::MAKERS_FOR] ?? null;

        return ! isset($sheet[self::MAKERS]) || $givenFor === null || $givenFor === $this->loadMark()
            ? null
            : Load::ofKilograms((float) $sheet[self::MAKERS]);
    }

    /** Alike for the same vehicle and trailer with the same tongue weight and the same on board. */
    public function loadMark(): string
    {
        $told = [
            $this->vehicleName(),
            $this->trailerName(),
            round((float) ($this->sheet['trailer']['sheet']['tongue_weight_kg'] ?? 0.0)),
            $this->sheet['aboard']['items'] ?? [],
        ];

        return substr(hash('sha256', json_encode($told, JSON_THROW_ON_ERROR)), 0, 16);
    }

    /** The same rig with its head bolted so that the unloaded ball stands at a height, mm. */
    public function withBallAt(float $height): self
    {
        $sheet = $this->sheet;
        $sheet['hitch']['sheet'] = [...$sheet['hitch']['sheet'] ?? [], 'ball_height_mm' => $height];

        return new self($sheet);
    }
}
