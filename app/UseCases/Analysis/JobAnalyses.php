<?php

declare(strict_types=1);

namespace App\UseCases\Analysis;

use App\Models\BarTaping;
use App\Models\Job;
use App\Models\Measure;
use App\Models\MeasureKind;
use App\Models\Round;
use App\UseCases\Forms\TapedBarGap;
use App\UseCases\Tape\Entry;
use App\UseCases\Tape\TapedHeights;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Database\Eloquent\Collection;
use Yoke\Job\Shop\ShopRules;
use Yoke\Measuring\Estimation\ComputedPosteriors;
use Yoke\Measuring\Estimation\Posteriors;
use Yoke\Rig\Parts\Stance;

/** Jobs analysed by what this shop holds to, each once a request. */
final class JobAnalyses
{
    /** What of a job its analysis reads. */
    private const RELATIONS = ['rig', 'liveReadings', 'rounds', 'measures', 'tickets', 'tongueReadings', 'barTapings'];

    /** @var array<int, AnalysedJob> by job */
    private array $saved = [];

    public function __construct(
        public readonly ShopRules $rules,
        private readonly Repository $cache,
    ) {
    }

    /** By what is saved. */
    public function of(Job $job): AnalysedJob
    {
        $known = $this->saved[$job->id] ?? null;

        return $known?->job === $job ? $known : ($this->saved[$job->id] = $this->analysed($job, []));
    }

    /**
     * By what is saved with what is being typed laid over it.
     *
     * @param  list<Entry>  $entries
     */
    public function with(Job $job, array $entries): AnalysedJob
    {
        return $entries === [] ? $this->of($job) : $this->analysed($job, $entries);
    }

    /** By what is saved, with the bars taped so, or not at all. */
    public function taping(Job $job, ?BarTaping $taping): AnalysedJob
    {
        return $taping === $job->barTapings->last()
            ? $this->of($job)
            : $this->analysed(
                (clone $job)->setRelation('barTapings', new Collection($taping === null ? [] : [$taping])),
                [],
                new ComputedPosteriors(),
            );
    }

    /** By what is saved, with the gap over the bars taped so on the dropped rig, or not at all. */
    public function measuringGap(Job $job, ?TapedBarGap $gap): AnalysedJob
    {
        $others = $job->measures->reject(static fn (Measure $measure): bool => $measure->kind === MeasureKind::BarGap);
        $measured = (clone $job)->setRelation('measures', $gap === null ? $others : $others->push($gap->measure));
        if ($gap !== null) {
            $measured->rig_as_worked = $gap->rigOf($job);
        }

        return $this->analysed($measured, [], new ComputedPosteriors());
    }

    /**
     * By what is saved, with the gauge reading so much: after a turn of the screw, at another setting.
     *
     * @param  array<string, float|null>|null  $turnedTo  null where it was not turned, or nobody knows where to
     */
    public function gauging(Job $job, Measure $reading, ?array $turnedTo): AnalysedJob
    {
        $gauged = clone $job;
        if ($turnedTo !== null) {
            $reading->round = $job->roundOf(Stance::Carried) + 1;
            $gauged->setRelation(
                'rounds',
                $job->rounds->concat([
                    new Round([
                        'job_id' => $job->id,
                        'stance' => Stance::Carried,
                        'number' => $reading->round,
                        'setting' => $turnedTo,
                    ]),
                ]),
            );
        }

        return $this->analysed(
            $gauged->setRelation('measures', $job->measures->concat([$reading])),
            [],
            new ComputedPosteriors(),
        );
    }

    /** What was worked out before something was written is forgotten. */
    public function forget(Job $job): void
    {
        unset($this->saved[$job->id]);
    }

    /** @param  list<Entry>  $entries */
    private function analysed(Job $job, array $entries, ?Posteriors $fits = null): AnalysedJob
    {
        $worked = $job->loadMissing(self::RELATIONS)->rigAsWorked();

        return new AnalysedJob(
            $job,
            $worked,
            TapedHeights::saved($job, $worked->core(), $this->rules->heights)->with($entries),
            $this,
            $fits ?? new CachedPosteriors($this->cache, $job->id),
        );
    }
}
