<?php

declare(strict_types=1);

namespace App\Interchange;

use Yoke\Adjuster\Adjuster;
use Yoke\Adjuster\Adjusters;
use Yoke\Adjuster\Exception\ImpossibleSetting;
use Yoke\Adjuster\Role;
use Yoke\Adjuster\Setting;
use Yoke\Adjuster\StepRange;
use Yoke\Estimation\AxleGroup;
use Yoke\Estimation\KnownRig;
use Yoke\Estimation\Observation;
use Yoke\Estimation\Observed;
use Yoke\Estimation\PriorDoubts;
use Yoke\Estimation\ReadingContext;
use Yoke\Estimation\RigPrior;
use Yoke\Method\Band;
use Yoke\Method\Criterion;
use Yoke\Method\CurrentSetting;
use Yoke\Method\Exception\ImpossibleBand;
use Yoke\Probability\LogNormal;
use Yoke\Probability\Normal;
use Yoke\Readings\Height\HeightDoubt;
use Yoke\Rig\Stance;
use Yoke\Rig\Suspension;

/** The fields of a job for advice, read into the core's terms one by one. */
final readonly class JobFields
{
    /** Where nothing is told of the springs: between a small crossover and a three-quarter-ton truck. */
    private const RIDE_RATES = ['front' => [12.8, 0.33], 'rear' => [10.8, 0.25]];

    private const CG_MM = 480.0;

    private const TRAILER_SINK_MM = 60.0;

    private const BAR_BEND_MM = 84.0;

    private const AXLE_SPACING_MM = 860.0;

    /** Doubts of the tongue weight by how it was got, as a share. */
    private const TONGUE_DOUBTS = ['gauge' => 0.03, 'tongue_scale' => 0.02, 'tickets' => 0.03, 'estimate' => 0.12];

    /** What may stand in a reading. */
    private const OBSERVED = ['front_mm' => Observed::FrontHeight, 'rear_mm' => Observed::RearHeight, 'front_kg' => Observed::FrontLoad, 'rear_kg' => Observed::RearLoad, 'trailer_kg' => Observed::TrailerLoad, 'ball_load_kg' => Observed::BallLoad];

    public function __construct(private Fields $fields, private PriorDoubts $doubts = new PriorDoubts, private HeightDoubt $heights = new HeightDoubt)
    {
        $fields->object('vehicle')->choice('levelling', ['none', 'rear', 'all']);
    }

    /** The method that governs. */
    public function aim(): Criterion
    {
        return Criterion::from($this->fields->choice('method', array_column(Criterion::cases(), 'value')));
    }

    public function band(): Band
    {
        [$from, $to] = $this->fields->numbers('band', 2);
        try {
            return Band::of($from, $to);
        } catch (ImpossibleBand $impossible) {
            throw BadField::at('band', $impossible->getMessage());
        }
    }

    public function barRating(): float
    {
        return $this->above('hitch', 'bar_rating_kg');
    }

    public function prior(): RigPrior
    {
        $trailer = $this->fields->object('trailer');
        $tongue = $trailer->object('tongue_weight');
        $weight = $this->above('trailer', 'weight_kg');
        $onTongue = $tongue->number('kg');
        if (! ($onTongue > 0.0 && $onTongue < $weight)) {
            throw BadField::at('trailer.tongue_weight.kg', 'Expected a tongue weight above 0 and below the gross trailer weight.');
        }
        $tension = $this->fields->object('hitch')->object('tension');

        return new RigPrior($this->known($weight), [
            $this->rideRate('front'),
            $this->rideRate('rear'),
            new LogNormal($onTongue, self::TONGUE_DOUBTS[$tongue->choice('by', array_keys(self::TONGUE_DOUBTS))]),
            new LogNormal(($weight - $onTongue) / self::TRAILER_SINK_MM, $this->doubts->trailerRate),
            new LogNormal($trailer->has('cg_above_axle_mm') ? $this->above('trailer', 'cg_above_axle_mm') : self::CG_MM, $this->doubts->cgHeight),
            $this->barRate(),
        ], Normal::of($tension->number('mm'), $tension->flag('taped') ? $this->doubts->tensionTapedMm : $this->doubts->tensionNotTapedMm));
    }

    public function adjusters(): Adjusters
    {
        $adjusters = [];
        foreach ($this->fields->object('hitch')->objects('adjusters') as $fields) {
            $name = $fields->text('name');
            $tilts = $fields->has('tilt_deg');
            $pitch = $tilts ? deg2rad($fields->number('tilt_deg')) : $fields->number('pitch_mm');
            $range = new StepRange($fields->number('from'), $fields->number('to'));
            $halves = $fields->has('half_steps') && $fields->flag('half_steps');
            try {
                $adjusters[] = Adjuster::of($name, $tilts ? Role::Tilt : Role::Tension, $pitch, $halves ? $range->inHalves() : $range, $fields->count('minutes'));
            } catch (ImpossibleSetting $impossible) {
                throw BadField::at($fields->pathOf('from'), $impossible->getMessage());
            }
        }

        return Adjusters::of(...$adjusters);
    }

    public function reference(): Setting
    {
        return $this->setting($this->fields->object('hitch')->object('tension'), 'at');
    }

    /** @return list<Observation> */
    public function observations(): array
    {
        $observations = [];
        foreach ($this->fields->objects('readings') as $i => $reading) {
            $situation = $this->context($reading);
            foreach (self::OBSERVED as $field => $observed) {
                if ($reading->has($field)) {
                    $value = $reading->number($field);
                    $observations[] = new Observation($situation, $observed, $value, $this->doubt($observed, $value, $reading->flag('rolled')), "readings[{$i}].{$field}");
                }
            }
        }

        return $observations;
    }

    /** The setting of the last carried reading, and how often it was read; null before the first. */
    public function lastTrial(): ?CurrentSetting
    {
        $settings = [];
        foreach ($this->fields->objects('readings') as $reading) {
            if ($reading->choice('stance', ['alone', 'dropped', 'carried']) === 'carried') {
                $settings[] = $this->setting($reading, 'setting');
            }
        }
        if ($settings === []) {
            return null;
        }
        $last = $settings[count($settings) - 1];

        return new CurrentSetting($last, $this->tensionOffset($last), 0.0, count(array_filter($settings, static fn (Setting $setting): bool => $setting->equals($last))));
    }

    private function known(float $weight): KnownRig
    {
        $trailer = $this->fields->object('trailer');
        $axles = $trailer->count('axle_count');
        if ($axles < 1 || $axles > 3) {
            throw BadField::at('trailer.axle_count', 'Expected one, two or three trailer axles.');
        }
        $spacing = $trailer->has('axle_spacing_mm') ? $this->above('trailer', 'axle_spacing_mm') : self::AXLE_SPACING_MM;
        if ($this->fields->object('hitch')->count('bars') !== KnownRig::BARS) {
            throw BadField::at('hitch.bars', 'Expected two spring bars.');
        }

        return new KnownRig(
            $this->above('vehicle', 'wheelbase_mm'),
            $this->above('vehicle', 'overhang_mm'),
            $this->above('trailer', 'ball_to_axle_mm'),
            $axles === 1 || $trailer->flag('equalised') ? AxleGroup::equalised() : AxleGroup::unequalised($axles, $spacing),
            $weight,
            $this->above('hitch', 'bar_arm_mm'),
            $this->fields->object('hitch')->number('ball_over_coupler_mm'),
        );
    }

    private function rideRate(string $axle): LogNormal
    {
        $field = "{$axle}_rate_kg_per_mm";

        return $this->fields->object('vehicle')->has($field)
            ? new LogNormal($this->above('vehicle', $field), $this->doubts->rideRate)
            : new LogNormal(...self::RIDE_RATES[$axle]);
    }

    private function barRate(): LogNormal
    {
        return $this->fields->object('hitch')->has('bar_rate_kg_per_mm')
            ? new LogNormal($this->above('hitch', 'bar_rate_kg_per_mm'), $this->doubts->barRateFromSheet)
            : new LogNormal($this->barRating() / self::BAR_BEND_MM, $this->doubts->barRate);
    }

    private function situation(Fields $reading): ReadingContext
    {
        return match (Stance::from($reading->choice('stance', ['alone', 'dropped', 'carried']))) {
            Stance::Alone => ReadingContext::alone(),
            Stance::Dropped => ReadingContext::dropped(),
            Stance::Carried => ReadingContext::carried($this->tensionOffset($this->setting($reading, 'setting'))),
        };
    }

    private function doubt(Observed $observed, float $value, bool $rolled): float
    {
        $suspension = $this->fields->object('vehicle')->object('suspension');
        $leaf = fn (string $axle): bool => Suspension::from($suspension->choice($axle, ['coil', 'leaf'])) === Suspension::Leaf;
        $friction = fn (string $axle): float => match (true) {
            $leaf($axle) => $rolled ? $this->heights->leafRolledMm : $this->heights->leafNotRolledMm,
            default => $rolled ? $this->heights->coilRolledMm : $this->heights->coilNotRolledMm,
        };

        return match ($observed) {
            Observed::FrontHeight => hypot($this->heights->tapeMm, $friction('front')),
            Observed::RearHeight => hypot($this->heights->tapeMm, $friction('rear')),
            Observed::BallLoad => max(1.0, $this->doubts->ballLoad * abs($value)),
            default => $this->doubts->weighbridgeKg,
        };
    }

    private function tensionOffset(Setting $setting): float
    {
        return $this->adjusters()->tensionBetween($this->reference(), $setting, $this->above('hitch', 'bar_arm_mm'));
    }

    private function setting(Fields $fields, string $name): Setting
    {
        $steps = $fields->object($name)->allNumbers();
        try {
            return $this->adjusters()->setting($steps);
        } catch (ImpossibleSetting $impossible) {
            throw BadField::at($fields->pathOf($name), $impossible->getMessage());
        }
    }

    private function above(string $object, string $name): float
    {
        $fields = $this->fields->object($object);
        $number = $fields->number($name);
        if (! ($number > 0.0)) {
            throw BadField::at($fields->pathOf($name), 'Expected a number above 0.');
        }

        return $number;
    }
}
