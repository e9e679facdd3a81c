<?php

declare(strict_types=1);

namespace App\Screens\Plan;

use App\Models\Rig;
use App\Models\RigSnapshot;
use App\Models\User;
use App\UseCases\Analysis\AnalysedJob;
use App\UseCases\Analysis\JobAnalyses;
use App\Words\AdviceWords;
use App\Words\FamilyWords;
use App\Words\QuantityWords;
use App\Words\SettingWords;
use App\Words\TermWords;
use App\Words\Text;
use App\Words\VerdictWords;
use Yoke\Foundation\Units\Term;
use Yoke\Job\Planning\RigPlan;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\Recommendation;
use Yoke\Judgement\Advice\SettingForecast;
use Yoke\Judgement\Method\Criterion;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Parts\Levelling;
use Yoke\Rig\Specification\RigPart;

/** The plan of a rig in a person's units. */
final readonly class PlanPage
{
    public SpecifiedRig $described;

    public RigPlan $plan;

    public QuantityWords $print;

    /**
     * @param  array{steps: array<string, float>, left_at: array<string, float>}|null  $start  of a return visit
     * @param  AnalysedJob|null  $job  null for a rig of the garage
     */
    private function __construct(
        private RigSnapshot $worked,
        private Rig $rig,
        SpecifiedRig $described,
        RigPlan $plan,
        private User $person,
        private ?array $start = null,
        public ?AnalysedJob $job = null,
    ) {
        $this->described = $described;
        $this->plan = $plan;
        $this->print = new QuantityWords($person);
    }

    /** As the job keeps its rig, by all that was read of it. */
    public static function ofJob(AnalysedJob $job, User $person): self
    {
        return new self(
            $job->worked,
            $job->job->rig,
            $job->described,
            $job->plan(),
            $person,
            $job->job->start,
            $job,
        );
    }

    /** As the garage has it now, saved or about to be. */
    public static function ofRig(Rig $rig, User $person, JobAnalyses $shop): self
    {
        $worked = new RigSnapshot(RigSnapshot::sheetOf($rig));
        $described = $worked->described($shop->rules->priors);

        return new self(
            $worked,
            $rig,
            $described,
            new RigPlan(
                $described,
                $described->goal($shop->rules->range, Criterion::FrontRestoration, $shop->rules->tolerances),
                $shop->rules->stopping,
            ),
            $person,
        );
    }

    /** The move to begin with; null while the hitch's family is not known. */
    public function firstMove(): ?Recommendation
    {
        return $this->job === null
            ? $this->plan->firstMove()
            : $this->job->recommendation() ?? $this->plan->firstMove();
    }

    /** Whether nothing was hooked up yet: a later move is no first one. */
    public function isBeforeTheFirst(): bool
    {
        return $this->job?->current() === null;
    }

    /** `over 99 %`: no chance is certain. */
    public function chance(float $chance): string
    {
        return VerdictWords::chance((int) round(100 * $chance));
    }

    /** @return list<SettingForecast> the first settings worth looking at, the recommended one first */
    public function firstSettings(): array
    {
        $move = $this->firstMove();

        return $move === null || $move->action === Action::Cannot
            ? []
            : [$move->forecast, ...$move->runnersUp(2, 0.0)];
    }

    /** @return array<string, int> how many settings are ruled out, by why in words */
    public function ruledOut(): array
    {
        $ruledOut = [];
        foreach ($this->firstMove()?->excluded() ?? [] as $why => $many) {
            $ruledOut[Text::of("exclusion.{$why}")] = $many;
        }

        return $ruledOut;
    }

    /** What a hitch without bars can restore, and what would; an empty text of one with bars. */
    public function little(): string
    {
        $family = $this->described->sheets->family();
        $most =
            $this->plan->mostRestored() === null
                ? null
                : $this->firstMove()?->reach()->high ?? $this->plan->mostRestored();

        return $family === null || $most === null
            ? ''
            : (new FamilyWords($family))->little($this->print->percent($most));
    }

    /** Whether the rig needs weight distribution, on a plain ball. */
    public function need(): NeedPage
    {
        return new NeedPage(
            $this->plan->need(),
            ($this->job?->dropped() ?? $this->plan->dropped())->rearLoad(),
            $this->makersWord(),
            $this->print,
        );
    }

    /** @return array{vehicle: int, trailer: int} in the garage, for whoever chooses a hitch for them */
    public function pair(): array
    {
        return ['vehicle' => $this->rig->vehicle->id, 'trailer' => $this->rig->trailer->id];
    }

    /** The rig in its three stances, and what its axles carry. */
    public function drawing(): PlanDrawing
    {
        return new PlanDrawing($this->worked, $this->described, $this->plan, $this->job, $this->print);
    }

    /** What stands against what it may carry. */
    public function ratings(): RatingsPanel
    {
        return new RatingsPanel(
            $this->described,
            $this->job?->ledger() ?? $this->plan->ledger(),
            $this->print,
        );
    }

    public function brackets(): BracketsPlan
    {
        return new BracketsPlan($this->described, $this->plan, $this->print);
    }

    public function head(): HeadPlan
    {
        return new HeadPlan($this->described, $this->plan, $this->print);
    }

    public function termWords(): TermWords
    {
        return new TermWords($this->words(), $this->print);
    }

    /** What of the rig is assumed, the most useful to know first. */
    public function assumed(): AssumedPage
    {
        return new AssumedPage($this->described, $this->job, $this->person, $this->sheetOf(...));
    }

    /**
     * @return list<Term> the planned rig before and after the rear is lifted for the road; none where nothing lifts it
     */
    public function takeBackTerms(): array
    {
        $takeBack = $this->plan->takeBack();

        return $takeBack === null ? [] : TakeBackTerms::of($takeBack, $this->plan->tensionAimedAt());
    }

    public function figures(): SheetFigures
    {
        return new SheetFigures($this->worked, $this->print);
    }

    /** What levelling or helper air springs take from the restored share, and what to aim for before, in a sentence. */
    public function onTheRoad(): string
    {
        $before = $this->plan->rangeBefore();

        return Text::of('load.on_the_road', [
            'lifter' => Text::of('load.lifter.'.$this->lifter()),
            'lost' => $this->print->percent($this->plan->takenBack()),
            'from' => $this->print->percent($before->from),
            'to' => $this->print->percent($before->to),
        ]);
    }

    /** What lifts the rear: levelling, or helper air springs. */
    public function lifter(): string
    {
        return $this->described->sheets->levelling() === Levelling::None ? 'air' : 'levelling';
    }

    /** What the vehicle's maker says about distribution, quoted, or an empty text. */
    public function makersWord(): string
    {
        $policy = $this->described->sheets->makersWord();

        return $policy === null ? '' : (new AdviceWords($this->words(), $this->person))->manufacturer($policy);
    }

    /** The setting in the family's words. The head is chosen with the ball. */
    /** How many steps of the small adjuster are left either way for a load that changes; an empty text without one. */
    public function room(SettingForecast $chance): string
    {
        $family = $this->described->sheets->family();
        foreach ($this->described->sheets->adjusters()?->all() ?? [] as $adjuster) {
            if ($adjuster->role === Role::Tension && $family !== null) {
                $words = new FamilyWords($family);
                $step = $chance->setting->step($adjuster->key);

                return Text::of('move.room', [
                    'looser' => $words->count($adjuster->key, $step - $adjuster->range->from),
                    'tighter' => $words->count($adjuster->key, $adjuster->range->to - $step),
                ]);
            }
        }

        return '';
    }

    public function setting(SettingForecast $chance): string
    {
        return $this->words()->of($chance->setting);
    }

    public function start(): StartSetting
    {
        return new StartSetting($this->described, $this->rig, $this->start);
    }

    private function words(): SettingWords
    {
        return new SettingWords($this->described->sheets);
    }

    /** Where the sheet of a part of this rig is typed. */
    public function sheetOf(RigPart $part): string
    {
        return route('garage.edit', [$part->value, $this->rig->getAttribute("{$part->value}_id")]);
    }
}
