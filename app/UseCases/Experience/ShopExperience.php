<?php

declare(strict_types=1);

namespace App\UseCases\Experience;

use App\Models\Job;
use App\Models\JobEvidence;
use App\Models\Reading;
use App\Models\Rig;
use App\Models\RigSnapshot;
use App\Models\StationMark;
use App\UseCases\Analysis\AnalysedJob;
use App\UseCases\Analysis\JobAnalyses;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Yoke\Foundation\Probability\Normal;
use Yoke\Job\Experience\Evidence;
use Yoke\Job\Experience\Experience;
use Yoke\Job\Experience\JobEvidence as Told;
use Yoke\Job\Experience\Pool;
use Yoke\Job\Experience\Repeat;
use Yoke\Job\Experience\Repeats;
use Yoke\Job\Experience\Source;
use Yoke\Job\Experience\Subject;
use Yoke\Job\Shop\ShopRules;
use Yoke\Job\Shop\ShopSettings;
use Yoke\Measuring\Estimation\Prior\LearnedPriors;
use Yoke\Measuring\Estimation\Stories\Suspect;
use Yoke\Measuring\Readings\Height\Settling;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Parts\Suspension;
use Yoke\Rig\Parts\VehicleBody;
use Yoke\Rig\Parts\VehicleClass;
use Yoke\Rig\Specification\RigPart;
use Yoke\Workshop\Day\StationTimes;
use Yoke\Workshop\Day\WorkedTime;
use Yoke\Workshop\Procedure\Station;

/** What the finished jobs of the shop told, kept with each, and what it makes of what is usual for the next. */
final class ShopExperience
{
    /** What a mistake may be likely at the most, in readings that count. */
    private const CONSISTENT = 0.1;

    /** Evidence beyond the latest so many rows is old. */
    private const ROWS = 4000;

    private const REPEATS = 1500;

    /** The group of the pace: all jobs are compared with all. */
    private const JOBS = 'jobs';

    /** How far the time that one job took tells of another, in the logarithm. */
    private const PACE_DOUBT = 0.2;

    /** A job that took less was typed in afterwards. */
    private const LEAST_MINUTES = 20.0;

    private ?Pool $pace = null;

    private readonly ShopRules $rules;

    public function __construct(private readonly JobAnalyses $analyses, private readonly ShopSettings $settings)
    {
        $this->rules = $settings->rules();
    }

    /** Keeps what a job told, in place of what it told before. */
    public function learn(Job $job): void
    {
        $analysed = $this->analyses->of(
            $job->load([
                'rig',
                'liveReadings',
                'rounds',
                'measures',
                'tickets',
                'tongueReadings',
                'barTapings',
                'marks',
            ]),
        );
        $told = [...$this->toldBy($analysed), ...$this->paceOf($analysed)];
        $rows = array_map(
            static fn (Evidence $one): array => [
                'source' => $one->source->value,
                'group' => $one->group,
                'item' => $one->item,
                'off' => $one->off,
                'doubt' => $one->doubt,
            ],
            $told,
        );
        $rows =
            $rows === []
                ? [['source' => JobEvidence::NOTHING, 'group' => '', 'item' => '', 'off' => 0.0, 'doubt' => 1.0]]
                : $rows;
        DB::transaction(function () use ($job, $rows): void {
            JobEvidence::query()->where('job_id', $job->id)->delete();
            foreach ($rows as $row) {
                JobEvidence::query()->create([...$row, 'job_id' => $job->id, 'told_at' => Date::now()]);
            }
        });
    }

    /** Learns from finished jobs that were never looked at, the oldest first; how many there were. */
    public function catchUp(int $most): int
    {
        $jobs = Job::query()
            ->whereNotNull('handed_over_at')
            ->whereNotIn('id', JobEvidence::query()->select('job_id'))
            ->orderBy('id')
            ->limit($most)
            ->get();
        $jobs->each($this->learn(...));

        return $jobs->count();
    }

    /** Of all finished jobs but one. */
    public function experience(?Job $but = null): Experience
    {
        $rows = JobEvidence::query()
            ->where('source', '!=', JobEvidence::NOTHING)
            ->where('job_id', '!=', $but->id ?? 0)
            ->whereIn('job_id', Job::query()->select('id')->whereNotNull('handed_over_at'))
            ->orderByDesc('id')
            ->limit(self::ROWS)
            ->get();
        $evidence = array_map(
            static fn (JobEvidence $row): Evidence => new Evidence(
                Source::from($row->source),
                $row->group,
                $row->item,
                $row->off,
                $row->doubt,
            ),
            array_values($rows->all()),
        );

        return new Experience($evidence, $this->rules->priors, $this->off());
    }

    /** How long jobs take against what is usual: the logarithm of it. */
    public function pace(string $family): Normal
    {
        $pool = $this->isOff(Source::Pace)
            ? null
            : ($this->pace ??=
                $this->experience()->pool(Source::Pace, self::JOBS) ??
                new Pool([], Source::Pace->textbook($this->rules->priors), Source::Pace->again()));

        return $pool === null ? Normal::of(0.0, Source::Pace->textbook($this->rules->priors)) : $pool->next($family);
    }

    /** What it makes of what is usual for a rig, to be kept with its job: nothing where nothing was learned. */
    public function for(Rig $rig): LearnedPriors
    {
        $rows = $this->experience()->for(self::subjectOf($rig, new RigSnapshot(RigSnapshot::sheetOf($rig))))->rows();
        $repeats = $this->repeats();
        foreach ($this->isOff(Source::Reader) ? [] : $repeats->readers() as $reader => $mm) {
            $rows["reader.{$reader}"] = self::row(
                log($mm / $this->rules->heights->tapeMm),
                $repeats->of((string) $reader),
            );
        }
        $usual = ['coil' => $this->rules->heights->coilRolledMm, 'leaf' => $this->rules->heights->leafRolledMm];
        foreach ($this->isOff(Source::Friction) ? [] : $repeats->springs() as $kind => $mm) {
            $many = $repeats->on(Suspension::from($kind));
            $rows = $many === 0 ? $rows : [...$rows, "friction.{$kind}" => self::row(log($mm / $usual[$kind]), $many)];
        }

        return LearnedPriors::of($rows);
    }

    /** Heights that were taped again on finished jobs. */
    public function repeats(): Repeats
    {
        $readings = Reading::query()
            ->whereNotNull('height_mm')
            ->where('settling', Settling::Rolled->value)
            ->whereDoesntHave('successor')
            ->whereHas('job', static fn (Builder $jobs): Builder => $jobs->whereNotNull('handed_over_at'))
            ->with('job.rounds')
            ->orderByDesc('id')
            ->limit(self::REPEATS)
            ->get()
            ->reverse();
        [$last, $pairs] = [[], []];
        foreach ($readings as $reading) {
            $setting =
                $reading->stance === Stance::Carried ? json_encode($reading->job->settingOf($reading->round)) : '';
            $place = implode(' ', [
                $reading->job_id,
                $reading->stance->value,
                $reading->axle->value,
                $reading->side->value,
                $setting,
            ]);
            if (isset($last[$place])) {
                $vehicle = $reading->job->rig_as_worked['vehicle'];
                $pairs[] = new Repeat(
                    (string) $reading->user_id,
                    Suspension::from(
                        $reading->axle === Axle::Front ? $vehicle['front_suspension'] : $vehicle['rear_suspension'],
                    ),
                    $reading->height_mm - $last[$place],
                );
            }
            $last[$place] = (float) $reading->height_mm;
        }

        return new Repeats($pairs, $this->rules->heights);
    }

    /** @return list<Source> switched off by the owner */
    public function off(): array
    {
        return array_values(array_filter(Source::cases(), $this->isOff(...)));
    }

    private function isOff(Source $source): bool
    {
        return $this->settings->value("experience.{$source->value}") === ShopSettings::OFF;
    }

    /** @return array{off: float, deviation: float, jobs: int, own: int} */
    private static function row(float $off, int $many): array
    {
        return ['off' => $off, 'deviation' => 0.0, 'jobs' => $many, 'own' => $many];
    }

    /** @return list<Evidence> none of a job whose readings do not hang together, or stop before the bars are on */
    private function toldBy(AnalysedJob $job): array
    {
        $current = $job->current();
        $suspects = array_filter(
            $job->posterior()->suspects,
            static fn (Suspect $suspect): bool => $suspect->chance > self::CONSISTENT,
        );
        if (
            $current === null ||
            $current->setting?->unknown() !== [] ||
            $suspects !== [] ||
            $job->described->sheets->isPlainBall() ||
            ! $job->taped->isTaped(Stance::Alone) ||
            ! $job->taped->isTaped(Stance::Dropped)
        ) {
            return [];
        }
        $textbook = $job->worked->bySheets()->described($this->rules->priors)->prior();

        return (new Told(
            self::subjectOf($job->job->rig, $job->worked),
            $textbook,
            $job->posterior(),
            $this->rules->priors,
        ))->all();
    }

    private static function subjectOf(Rig $rig, RigSnapshot $worked): Subject
    {
        $class =
            VehicleClass::tryFrom((string) $worked->values(RigPart::Vehicle)->text('vehicle_class')) ??
            VehicleClass::usualFor(VehicleBody::from($rig->vehicle->body));

        return Subject::of(
            $class->value,
            (string) $worked->values(RigPart::Hitch)->text('family'),
            $rig->trailer->body,
            (string) $rig->vehicle->id,
            (string) $rig->hitch->id,
            (string) $rig->trailer->id,
        );
    }

    /** @return list<Evidence> how long a job took, against what is usual for its stations and hook-ups */
    private function paceOf(AnalysedJob $job): array
    {
        $moments = [
            ...$job->job->liveReadings
                ->map(static fn (Reading $reading): int => $reading->taken_at->getTimestamp())
                ->all(),
            ...$job->job->marks->map(static fn (StationMark $mark): int => $mark->created_at->getTimestamp())->all(),
        ];
        $took = WorkedTime::minutes(array_values($moments));
        $family = $job->described->sheets->family();
        $stations = array_sum(array_map(StationTimes::usual(...), Station::along($family)));
        $usual =
            $stations +
            max(1, $job->job->roundOf(Stance::Carried)) * StationTimes::hookUp($job->adjusters?->stepMinutes() ?? 0);

        return $took === null || $took < self::LEAST_MINUTES
            ? []
            : [new Evidence(Source::Pace, self::JOBS, (string) $family?->key(), log($took / $usual), self::PACE_DOUBT)];
    }
}
