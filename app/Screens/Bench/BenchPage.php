<?php

declare(strict_types=1);

namespace App\Screens\Bench;

use App\Models\Job;
use App\Models\MeasureKind;
use App\Models\User;
use App\Screens\Plan\DrawnLoads;
use App\Screens\Plan\PlanPage;
use App\Screens\Sway\SwayPage;
use App\UseCases\Analysis\AnalysedJob;
use App\UseCases\Tape\TapedHeights;
use App\Words\QuantityWords;
use App\Words\RigWords;
use App\Words\SightWords;
use App\Words\Text;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Text\LengthPrinter;
use Yoke\Judgement\Method\RestorationTargets;
use Yoke\Measuring\Readings\Height\HeightReading;
use Yoke\Measuring\Readings\Height\SetBy;
use Yoke\Measuring\Readings\Height\StanceHeights;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Rig;
use Yoke\Rig\Parts\Stance;
use Yoke\Showing\Drawing\Elevation;
use Yoke\Showing\Drawing\FrontRule;
use Yoke\Showing\Drawing\HitchSet;
use Yoke\Showing\Drawing\LoadArrow;
use Yoke\Showing\Drawing\ShareScale;
use Yoke\Showing\Drawing\StanceFigures;
use Yoke\Workshop\Procedure\Station;

/** Everything the bench shows of a job at one station. */
final class BenchPage
{
    public readonly Job $job;

    public readonly Rig $rig;

    public readonly LengthPrinter $print;

    private readonly TapedHeights $taped;

    public readonly StanceHeights $heights;

    public readonly StationProgress $progress;

    public readonly Station $station;

    /** What is worked out once a page is asked for it: the plan, the advice, the setting. */
    private ?PlanPage $plan = null;

    private ?AdvicePage $advice = null;

    private ?SettingPanel $setting = null;

    /** @param  Station|null  $station  where the work goes on when none is given */
    public function __construct(
        public readonly AnalysedJob $analysed,
        public readonly User $viewer,
        ?Station $station = null,
        public readonly BenchQuery $look = new BenchQuery(),
    ) {
        $this->job = $analysed->job;
        $this->rig = $analysed->rig;
        $this->print = $viewer->lengthPrinter();
        $this->taped = $analysed->taped;
        $this->heights = $this->taped->stances();
        $this->progress = new StationProgress($analysed);
        $this->station = $station ?? $analysed->progress()->next()->station;
    }

    /** @param  HitchSet  $hitch how the hitch is set, for a drawing that shows it closely */
    public function elevation(HitchSet $hitch = new HitchSet()): Elevation
    {
        return new Elevation($this->rig, $this->heights, $this->look->magnification->factor(), $hitch);
    }

    /**
     * The heights with those that are not taped yet as the plan predicts them; null before alone is taped and after all
     * is.
     */
    public function foreseen(): ?StanceHeights
    {
        if (! $this->heights->holdsBothEndsOf(Stance::Alone) || $this->heights->holdsBothEndsOf(Stance::Carried)) {
            return null;
        }

        return $this->analysed->filledIn($this->heights);
    }

    /** @return list<StanceFigures> the stances that are not taped yet, drawn as they are foreseen */
    public function ghosts(?StanceHeights $foreseen): array
    {
        $taped = array_values(array_filter(Stance::cases(), $this->heights->holdsBothEndsOf(...)));

        return $foreseen === null
            ? []
            : (new Elevation($this->rig, $foreseen, $this->look->magnification->factor()))->stancesBut($taped);
    }

    /** @return list<Stance> that this rig is measured in: on a plain ball it is never carried */
    public function stances(): array
    {
        return $this->progress->stances();
    }

    /** The page that opens after a reading is saved: of the next thing that is not done; null while that is here. */
    public function afterSaving(): ?string
    {
        $line = $this->nextLine();

        return match (true) {
            $this->job->arrived_coupled && ! $line->isToMeasure() => route('take-over', $this->job),
            // What was read with the bars on is judged where it was typed.
            $this->station === Station::BarsUp && ! $line->isToMeasure() => null,
            $line->isHere() => null,
            default => route('bench', [$this->job, $line->station()->value]),
        };
    }

    /** The one thing to do now. */
    public function nextLine(): NextLine
    {
        return new NextLine(
            $this->analysed,
            $this->advice(),
            $this->station,
            $this->planView() === null && ! $this->analysed->described->sheets->isPlainBall(),
        );
    }

    /** What all readings together tell, and the next move. */
    public function advice(): AdvicePage
    {
        return $this->advice ??= new AdvicePage($this->analysed, $this->viewer);
    }

    /** The job's hook-ups; null while the hitch's settings are not known. */
    public function hookUps(): ?HookUpsPage
    {
        return $this->analysed->adjusters === null
            ? null
            : new HookUpsPage(
                $this->analysed,
                $this->advice()->words,
                $this->print,
                $this->look,
                new QuantityWords($this->viewer),
            );
    }

    /** The setting: on, tried, drawn closely; null while the hitch's settings are not known. */
    public function setting(): ?SettingPanel
    {
        return $this->analysed->adjusters === null
            ? null
            : ($this->setting ??= new SettingPanel($this->analysed, $this->advice(), $this->look, $this->viewer));
    }

    /**
     * @return list<StanceFigures> where the setting that somebody tries would stand, drawn; none where none is tried
     */
    public function tried(): array
    {
        $setting = $this->setting()?->tried();
        if ($setting === null) {
            return [];
        }
        $heights = $this->heights;
        foreach (Axle::cases() as $axle) {
            $heights = $heights->with(Stance::Carried, $axle, $this->triedHeight($setting, $axle));
        }

        return [(new Elevation($this->rig, $heights, $this->look->magnification->factor()))->latest()];
    }

    /** How high a fender would stand at the setting that is tried; null where none is. */
    public function triedAt(Axle $axle): ?HeightReading
    {
        $setting = $this->setting()?->tried();

        return $setting === null ? null : $this->triedHeight($setting, $axle);
    }

    private function triedHeight(Setting $setting, Axle $axle): HeightReading
    {
        return HeightReading::exact(Length::ofMillimetres($this->analysed->height($setting, $axle)->mean()));
    }

    /**
     * @return list<LoadArrow> what each axle carries as the readings have it: at the setting that is tried, else in the
     *     latest stance
     */
    public function arrows(Elevation $elevation): array
    {
        $tried = $this->setting()?->tried();
        $stance = $elevation->latest()->stance;
        $attitude = $tried === null ? $this->analysed->attitude($stance) : $this->setting()->attitude($tried);

        return (new DrawnLoads($this->analysed->described))->under(
            $elevation,
            $attitude,
            $tried === null ? $this->analysed->tickets->in($stance) : null,
        );
    }

    /** Whether the carried rig was read and nobody said at which setting. */
    public function isSettingUnsaid(): bool
    {
        return $this->analysed->isSettingUnsaid();
    }

    /** How the bars that are on were put on; null where nobody said. */
    public function setBy(): ?SetBy
    {
        return $this->job->roundBook()->setBy($this->job->roundOf(Stance::Carried));
    }

    /** Whether somebody wrote down which setting is on. */
    public function isSettingKnown(): bool
    {
        return $this->analysed->isSettingKnown();
    }

    /**
     * The vehicle maker's word where it changes the verdict: a range of its own, or none at all. Else an empty text.
     */
    public function makersWord(): string
    {
        $policy = $this->analysed->described->sheets->makersWord();

        return $policy !== null && ($policy->forbids() || $policy->band() !== null)
            ? $this->advice()->says->manufacturer($policy)
            : '';
    }

    public function isForbidden(): bool
    {
        return $this->analysed->described->sheets->makersWord()?->forbids() ?? false;
    }

    /** The view beside the station that says more of it than the verdict, if any. */
    public function planView(): ?string
    {
        return match ($this->station) {
            Station::Brief => 'plan.brief',
            Station::Ground => 'plan.ground',
            Station::Head => 'plan.head',
            Station::Brackets => 'plan.brackets',
            Station::Sway => 'sway.panel',
            Station::Road => 'road.panel',
            default => null,
        };
    }

    public function sway(): SwayPage
    {
        return new SwayPage($this->analysed, $this->viewer);
    }

    /** Taping the bars, at Brackets. */
    public function bars(): BarsPage
    {
        return new BarsPage($this->job, $this->analysed->shop, $this->viewer, $this->job->barTapings->last());
    }

    /** The gauge in the head; null on a hitch without one. */
    public function gauge(): ?GaugePanel
    {
        return $this->analysed->adjusters?->turnedLoaded() === null
            ? null
            : new GaugePanel($this->analysed, $this->viewer, $this->station->stance());
    }

    /** Taping the gap over the bars, at Dropped. */
    public function gap(): GapPage
    {
        return new GapPage($this->job, $this->analysed->shop, $this->viewer);
    }

    public function plan(): PlanPage
    {
        return $this->plan ??= PlanPage::ofJob($this->analysed, $this->viewer);
    }

    public function rule(): ?FrontRule
    {
        return FrontRule::of($this->heights, $this->advice()->verdict()->range ?? $this->analysed->goal->band);
    }

    public function targets(): ?RestorationTargets
    {
        return RestorationTargets::from($this->heights);
    }

    /** The restored share on its scale, as it has to be when it is measured. */
    public function scale(): ShareScale
    {
        $verdict = $this->advice()->verdict();

        return new ShareScale($this->analysed->rangeNow(), $verdict?->share);
    }

    /** Where the front fender is in range, in a sentence; an empty text until alone and dropped are taped. */
    public function tapeTargets(): string
    {
        $targets = $this->targets();
        $range = $this->analysed->rangeNow();

        return $targets === null
            ? ''
            : Text::of('verdict.tape_targets', [
                'low' => $this->print->nearest($targets->at($range->to)),
                'high' => $this->print->nearest($targets->at($range->from)),
            ]);
    }

    /**
     * How much higher the rear stands than the front, in each stance that tells it, in one line: an angle too, so that
     * a nose that points down is above 0 in both. An empty text before two do.
     */
    public function rake(): string
    {
        $said = [];
        foreach (Stance::cases() as $stance) {
            $rake = $this->heights->rake($stance);
            $degrees = $this->job->measure($stance, $this->job->roundOf($stance), MeasureKind::VehicleAngle)?->value;
            $figures = array_filter([
                $rake === null ? '' : $this->print->change($rake),
                $degrees === null ? '' : ($degrees > 0.0 ? '−' : '+').number_format(abs($degrees), 1).'°',
            ]);
            if ($figures !== []) {
                $said[] = Text::of('verdict.rake_at', [
                    'stance' => RigWords::stance($stance),
                    'figures' => implode(', ', $figures),
                ]);
            }
        }

        return count($said) < 2 ? '' : Text::of('verdict.rake', ['stances' => implode('; ', $said)]);
    }

    /** Whether this job is taped at the front fender alone: another stance has the front and no rear. */
    public function isFrontOnly(): bool
    {
        $others = array_filter(
            Stance::cases(),
            fn (Stance $stance): bool => $stance !== $this->station->stance() &&
                $this->reading($stance, Axle::Front) !== null,
        );

        return $others !== [] &&
            array_filter($others, fn (Stance $stance): bool => $this->reading($stance, Axle::Rear) !== null) === [];
    }

    public function reading(Stance $stance, Axle $axle): ?HeightReading
    {
        return $this->heights->at($stance, $axle);
    }

    /** The fields of the stations where heights are typed. */
    /** Coupler and ball, taped where the hand is. */
    public function couplerAndBall(): CouplerAndBall
    {
        return new CouplerAndBall($this->analysed, $this->station, $this->viewer);
    }

    /** What the rig would be handed over without. */
    public function leftOpen(): LeftOpen
    {
        return new LeftOpen($this->analysed, $this->viewer);
    }

    /** What can be seen by eye at a taped station. */
    public function sights(): Sights
    {
        return new Sights($this->job, $this->station->stance() ?? Stance::Carried, $this->job->method);
    }

    /** What else than fenders was read in a stance. */
    public function others(Stance $stance): OtherReadings
    {
        $ballToAxle = $this->analysed->described->sheets->ballToAxle()->millimetres();

        return new OtherReadings($this->job, $stance, new SightWords($this->viewer, $ballToAxle));
    }

    public function tape(): TapeFields
    {
        return new TapeFields($this->job, $this->taped, $this->print);
    }
}
