<?php

declare(strict_types=1);

namespace App\Interchange;

use Yoke\Foundation\Units\Length;
use Yoke\Job\Record\HeightTaken;
use Yoke\Job\Record\HookUpRecord;
use Yoke\Job\Record\MeasureTaken;
use Yoke\Job\Record\ReadingHistory;
use Yoke\Job\Record\RigSize;
use Yoke\Judgement\Advice\HitchSettings;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Readings\Height\HeightDoubt;
use Yoke\Measuring\Readings\Height\SetBy;
use Yoke\Measuring\Readings\Height\Settling;
use Yoke\Measuring\Readings\Sight\Seen;
use Yoke\Measuring\Readings\Sight\Sight;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Parts\Suspension;

/** The readings of a job for advice, filled in from its file. Each reading of a stance is a round of it. */
final class FileHistory
{
    /** Loads that may stand in a reading. */
    private const LOADS = [
        'front_kg' => Observed::FrontLoad,
        'rear_kg' => Observed::RearLoad,
        'trailer_kg' => Observed::TrailerLoad,
        'front_rear_kg' => Observed::VehicleLoad,
        'rear_trailer_kg' => Observed::RearAndTrailerLoad,
        'ball_load_kg' => Observed::BallLoad,
    ];

    /** From one reading to the next where none says when. */
    private const BETWEEN_MINUTES = 5.0;

    /** @var list<Fields> */
    private array $readings;

    /** @var list<int> the hook-up of each reading, from 1 */
    private array $hookUps = [];

    /** @var list<int> the round of each reading in its stance, from 1 */
    private array $rounds = [];

    /** @param  HitchSettings|null  $hitch  null where the job does not say what can be set */
    public function __construct(
        private readonly Fields $fields,
        private readonly JobFields $job,
        private readonly ?HitchSettings $hitch,
        private readonly HeightDoubt $doubt,
    ) {
        $this->readings = $fields->objectsIfAny('readings');
        [$before, $hookUp, $count] = [null, 1, []];
        foreach ($this->readings as $reading) {
            $stance = $this->stance($reading);
            $steps =
                $stance === Stance::Carried && $reading->has('setting')
                    ? $reading->object('setting')->allNumbersOrNull()
                    : null;
            $hookUp = match (true) {
                $reading->has('hook') => $reading->count('hook'),
                $steps !== null && $before !== null && self::differ($steps, $before) => $hookUp + 1,
                default => $hookUp,
            };
            $before = $steps ?? $before;
            $this->hookUps[] = $hookUp;
            $this->rounds[] = $count[$stance->value] = ($count[$stance->value] ?? 0) + 1;
        }
    }

    /**
     * @param  array<string, float|null>  $one
     * @param  array<string, float|null>  $other
     */
    private static function differ(array $one, array $other): bool
    {
        ksort($one);
        ksort($other);

        return $one !== $other;
    }

    public function history(): ReadingHistory
    {
        [$records, $heights, $measures] = [[], [], []];
        foreach ($this->readings as $i => $reading) {
            $stance = $this->stance($reading);
            if ($stance === Stance::Carried) {
                $records[] = $this->record($reading, $i);
            }
            array_push($heights, ...$this->heights($stance, $reading, $i));
            array_push($measures, ...$this->measures($stance, $reading, $i));
        }

        return new ReadingHistory($records, $heights, $measures);
    }

    private function record(Fields $reading, int $i): HookUpRecord
    {
        $setBy = $reading->has('set_by')
            ? SetBy::from($reading->choice('set_by', array_column(SetBy::cases(), 'value')))
            : null;
        $record = HookUpRecord::of($this->rounds[$i], $this->hookUps[$i], $this->setting($reading), $setBy);

        return $this->isCounted($this->hookUps[$i]) ? $record->counted() : $record;
    }

    /** Whether the links of a hook-up were counted again: said with any of its readings. */
    private function isCounted(int $hookUp): bool
    {
        foreach ($this->readings as $i => $reading) {
            $isOfIt = $this->hookUps[$i] === $hookUp && $this->stance($reading) === Stance::Carried;
            if ($isOfIt && $reading->has('counted') && $reading->flag('counted')) {
                return true;
            }
        }

        return false;
    }

    /** @return list<HeightTaken> */
    private function heights(Stance $stance, Fields $reading, int $i): array
    {
        $heights = [];
        $settling = $reading->has('rolled') && $reading->flag('rolled') ? Settling::Rolled : Settling::NotRolled;
        foreach (Axle::cases() as $axle) {
            $field = "{$axle->value}_mm";
            if ($reading->has($field)) {
                $height = $this->doubt->reading(
                    Length::ofMillimetres($reading->size($field, RigSize::FenderHeight)),
                    $this->suspension($axle),
                    $settling,
                );
                $heights[] = new HeightTaken(
                    $stance,
                    $this->rounds[$i],
                    $axle,
                    $height,
                    "reading {$i} {$field}",
                    hours: $this->minutesOf($reading, $i) / 60.0,
                );
            }
        }

        return $heights;
    }

    /** When a reading was taken: as it says, else one after the other as they stand in the file. */
    private function minutesOf(Fields $reading, int $i): float
    {
        return $reading->has('at_minutes') ? $reading->number('at_minutes') : self::BETWEEN_MINUTES * $i;
    }

    /** @return list<MeasureTaken> */
    private function measures(Stance $stance, Fields $reading, int $i): array
    {
        $measures = [];
        foreach (self::LOADS as $field => $observed) {
            if ($reading->has($field)) {
                $measures[] = new MeasureTaken(
                    $stance,
                    $this->rounds[$i],
                    $observed,
                    $reading->size($field, RigSize::Load),
                    "reading {$i} {$field}",
                );
            }
        }

        foreach (Sight::in($stance) as $sight) {
            if ($reading->has($sight->value)) {
                $answers = array_map(static fn (Seen $one): string => $one->value, $sight->answers());
                $seen = Seen::from($reading->choice($sight->value, $answers));
                $key = "reading {$i} {$sight->value}";
                $value = $seen->reading()->mean();
                $measures[] = new MeasureTaken(
                    $stance,
                    $this->rounds[$i],
                    $sight->observed(),
                    $value,
                    $key,
                    seen: $seen,
                );
            }
        }

        return $measures;
    }

    private function stance(Fields $reading): Stance
    {
        return Stance::from($reading->choice('stance', array_column(Stance::cases(), 'value')));
    }

    private function suspension(Axle $axle): Suspension
    {
        $suspension = $this->fields->objectIfAny('vehicle')->objectIfAny('suspension');

        return $suspension->has($axle->value)
            ? Suspension::from($suspension->choice($axle->value, array_column(Suspension::cases(), 'value')))
            : Suspension::Leaf;
    }

    /** Null where the reading names none, or the job does not say what can be set. */
    private function setting(Fields $reading): ?Setting
    {
        return $this->hitch === null || ! $reading->has('setting')
            ? null
            : $this->job->recorded($this->hitch->adjusters, $reading, 'setting');
    }
}
