<?php

declare(strict_types=1);

namespace App\Screens\Job;

use App\Models\User;
use App\Screens\Bench\BenchPage;
use App\UseCases\Analysis\AnalysedJob;
use App\Words\AdviceWords;
use App\Words\SettingWords;
use App\Words\StationWords;
use App\Words\Text;
use App\Words\VerdictWords;
use Yoke\Foundation\Probability\Normal;
use Yoke\Job\Analysis\Instrument;
use Yoke\Job\Analysis\InstrumentEvidence;
use Yoke\Judgement\Advice\Finding;
use Yoke\Judgement\Advice\FindingKind;
use Yoke\Judgement\Advice\LookOffer;
use Yoke\Judgement\Advice\SettingForecast;
use Yoke\Rig\Adjuster\Role;
use Yoke\Workshop\Procedure\Station;

/**
 * What is wrong with the rig as it is hooked up, the most dangerous first: evidence, figure, remedy, station, and what
 * the moves come to.
 */
final readonly class DiagnosisPage
{
    public BenchPage $bench;

    private AdviceWords $says;

    public function __construct(private AnalysedJob $job, private User $person)
    {
        $this->bench = new BenchPage($job, $person);
        $this->says = new AdviceWords(new SettingWords($job->described->sheets), $person);
    }

    /** @return list<string> what can be looked at and saves anything, what saves most for its minutes first */
    public function looks(): array
    {
        $saves = array_filter(
            $this->job->looks(),
            static fn (LookOffer $offer): bool => $offer->isWorthSaying(),
        );

        return array_values(array_map($this->says->offer(...), $saves));
    }

    /**
     * @return list<array{what: string, means: string, chance: string, figure: string, evidence: string, remedy: string,
     *     then: string, station: Station, at: string}>|null null before the first hook-up
     */
    public function findings(): ?array
    {
        $findings = $this->job->analysis()->findings();

        return $findings === null
            ? null
            : array_map(
                fn (Finding $finding): array => [
                    ...$this->says->finding($finding),
                    'chance' => Text::of('finding.chance', ['chance' => $this->says->chance($finding->chance)]),
                    'figure' => $this->says->findingFigure($finding->kind, $finding->figure),
                    'evidence' => $this->evidence($finding->kind),
                    'then' => $this->then($finding),
                    'station' => self::station($finding->kind),
                    'at' => Text::of('finding.at', ['station' => StationWords::title(self::station($finding->kind))]),
                ],
                $findings,
            );
    }

    /**
     * @return list<string> the moves that put it right, the head first; none where nothing was hooked up, or nothing is
     *     to be moved
     */
    public function moves(): array
    {
        $on = $this->job->current()?->setting;
        $remedy = $this->remedy();

        return $on === null || $remedy === null ? [] : $this->says->moves($on, $remedy->setting);
    }

    /** What the moves come to together, in sentences. */
    public function expected(): string
    {
        $remedy = $this->remedy();

        return $remedy === null
            ? ''
            : Text::of('finding.expected', [
                'share' => VerdictWords::share($remedy->share()),
                'nose' => $this->says->findingFigure(
                    FindingKind::NoseUp,
                    $this->figureThen(FindingKind::NoseUp, $remedy),
                ),
            ]);
    }

    /** What the tape is to show after them, in a sentence; an empty text while no fender was taped. */
    public function heights(): string
    {
        return $this->remedy() === null ? '' : $this->bench->advice()->expected();
    }

    /** Where a finding is put right. */
    private static function station(FindingKind $kind): Station
    {
        return match ($kind->putRightBy()) {
            Role::HeadHeight => Station::Head,
            null => Station::Brief,
            default => Station::BarsUp,
        };
    }

    /** What its figure would be after the moves, or an empty text. */
    private function then(Finding $finding): string
    {
        $remedy = $this->remedy();
        $figure =
            $remedy === null || $this->moves() === []
                ? ''
                : $this->says->findingFigure($finding->kind, $this->figureThen($finding->kind, $remedy));

        return $figure === '' ? '' : Text::of('finding.then', ['figure' => $figure]);
    }

    private function figureThen(FindingKind $kind, SettingForecast $remedy): Normal
    {
        return $this->job->analysis()->diagnosis()?->figureAt($kind, $remedy) ?? $remedy->share();
    }

    /** The setting that the bench says is next; null where nothing is moved. */
    private function remedy(): ?SettingForecast
    {
        return $this->job->recommendation()?->next();
    }

    /** Which readings show it. */
    private function evidence(FindingKind $kind): string
    {
        $each = $this->job->analysis()->evidence();
        if (in_array($kind, [FindingKind::OverRestored, FindingKind::LightFront], true)) {
            return Text::of('finding.evidence.each', [
                'each' => implode(
                    ', ',
                    array_map(
                        static fn (InstrumentEvidence $one): string => VerdictWords::evidence($one).
                            ' '.
                            VerdictWords::share($one->share),
                        $each,
                    ),
                ),
            ]);
        }
        $isTrailerRead =
            array_filter(
                $each,
                static fn (InstrumentEvidence $one): bool => $one->instrument === Instrument::Coupler,
            ) !== [];

        return Text::of(
            match (true) {
                $kind === FindingKind::Broken => 'finding.evidence.predicted',
                $kind === FindingKind::SlackBars => 'finding.evidence.bars',
                default => $isTrailerRead ? 'finding.evidence.trailer' : 'finding.evidence.trailer_predicted',
            },
        );
    }
}
