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
use App\Words\HeadWords;
use App\Words\QuantityWords;
use App\Words\RatingWords;
use App\Words\RigWords;
use App\Words\SettingWords;
use App\Words\SpecificationWords;
use App\Words\TermWords;
use App\Words\Text;
use App\Words\VerdictWords;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\Term;
use Yoke\Job\Planning\ForetoldHeights;
use Yoke\Job\Planning\HeightTerms;
use Yoke\Job\Planning\RigPlan;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\Recommendation;
use Yoke\Judgement\Advice\SettingForecast;
use Yoke\Judgement\Head\ShankPlace;
use Yoke\Judgement\Method\Criterion;
use Yoke\Judgement\Ratings\RatedLoad;
use Yoke\Measuring\Readings\Height\StanceHeights;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Levelling;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Specification\RigPart;
use Yoke\Showing\Drawing\Elevation;
use Yoke\Showing\Drawing\HitchSet;
use Yoke\Showing\Drawing\LoadArrow;
use Yoke\Showing\Drawing\LoadKnown;

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
        $family = $this->described->family();
        $most =
            $this->plan->mostRestored() === null
                ? null
                : $this->firstMove()?->reach()[0] ?? $this->plan->mostRestored();

        return $family === null || $most === null
            ? ''
            : (new FamilyWords($family))->little($this->print->percent($most));
    }

    /** Whether the rig needs weight distribution, on a plain ball. */
    public function need(): NeedPage
    {
        return new NeedPage(
            $this->plan->need(),
            Load::ofKilograms($this->dropped()->rearLoad()),
            $this->makersWord(),
            $this->print,
        );
    }

    /** @return array{vehicle: int, trailer: int} in the garage, for whoever chooses a hitch for them */
    public function pair(): array
    {
        return ['vehicle' => $this->rig->vehicle->id, 'trailer' => $this->rig->trailer->id];
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

    /** The rig in its three stances as predicted. */
    public function elevation(): Elevation
    {
        return new Elevation($this->worked->core(), $this->heights(), 1.0, $this->hitch());
    }

    /** How the hitch is drawn: the bend of the bars as predicted, the brackets, the shank. */
    public function hitch(): HitchSet
    {
        return (new DrawnHitch($this->described, $this->plan))->set($this->carried());
    }

    /** @return list<LoadArrow> what each axle carries in a stance: as weighed, else as the model has it */
    public function arrows(Elevation $elevation, Stance $stance = Stance::Carried): array
    {
        return (new DrawnLoads($this->described))->under(
            $elevation,
            $this->attitude($stance),
            $this->job?->tickets->in($stance),
        );
    }

    /** Null for the vehicle alone. */
    private function attitude(Stance $stance): ?Attitude
    {
        return match ($stance) {
            Stance::Alone => null,
            Stance::Dropped => $this->dropped(),
            Stance::Carried => $this->carried(),
        };
    }

    private function dropped(): Attitude
    {
        return $this->job?->dropped() ?? $this->plan->dropped();
    }

    private function carried(): Attitude
    {
        return $this->job?->carried() ?? $this->plan->carried();
    }

    /** Where the fenders stand, for drawing: from a usual height alone. */
    public function heights(): StanceHeights
    {
        return (new ForetoldHeights($this->dropped(), $this->carried()))->fromUsual();
    }

    /** What an arrow says: the load, or its change where the vehicle was not weighed. */
    public function arrowSays(LoadArrow $arrow): string
    {
        return match (true) {
            $arrow->known === LoadKnown::Weighed => $this->print->load($arrow->load),
            $arrow->known === LoadKnown::InAll => '≈ '.$this->print->about($arrow->load),
            abs($arrow->load->kilograms()) < 0.5 => Text::of('drawing.not_weighed'),
            default => $this->print->aboutChange($arrow->load),
        };
    }

    /** @return non-empty-list<array{Stance, list<LoadArrow>}> for the table behind the drawing */
    public function loads(Elevation $elevation): array
    {
        return array_map(
            fn (Stance $stance): array => [$stance, $this->arrows($elevation, $stance)],
            Stance::cases(),
        );
    }

    /** How far a fender rises from alone, as predicted. */
    public function rise(Stance $stance, Axle $axle): string
    {
        $attitude = $this->attitude($stance);

        return $this->print->change(
            $attitude === null ? 0.0 : ($axle === Axle::Front ? $attitude->frontRise() : $attitude->rearRise()),
        );
    }

    /** @return array<string, list<Term>> where the predicted fender heights come from */
    public function heightTerms(): array
    {
        $groups = [];
        foreach ([[Stance::Dropped, $this->dropped()], [Stance::Carried, $this->carried()]] as [$stance, $attitude]) {
            foreach (Axle::cases() as $axle) {
                $groups[RigWords::head($stance).', '.RigWords::axle($axle)] = HeightTerms::of(
                    $attitude,
                    $axle,
                );
            }
        }

        return $groups;
    }

    /**
     * @param  list<RatedLoad>  $lines
     * @return array<string, list<Term>>
     */
    public function ledgerTerms(array $lines): array
    {
        return array_column(
            array_map(
                static fn (RatedLoad $line): array => [ucfirst(RatingWords::of($line)), $line->terms],
                $lines,
            ),
            1,
            0,
        );
    }

    /**
     * @param  list<ShankPlace>  $places
     * @return array<string, list<Term>>
     */
    public function placeTerms(array $places): array
    {
        return array_column(
            array_map(
                static fn (ShankPlace $place): array => [HeadWords::place($place), $place->terms],
                $places,
            ),
            1,
            0,
        );
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
        return $this->described->levelling() === Levelling::None ? 'air' : 'levelling';
    }

    /** What the vehicle's maker says about distribution, quoted, or an empty text. */
    public function makersWord(): string
    {
        $policy = $this->described->makersWord();

        return $policy === null ? '' : (new AdviceWords($this->words(), $this->person))->manufacturer($policy);
    }

    /** @return list<RatedLoad> */
    private function ledger(): array
    {
        return $this->job?->ledger() ?? $this->plan->ledger();
    }

    /** What the table of ratings is called. */
    public function ratingsCaption(): string
    {
        $weighed = array_filter($this->ledger(), fn (RatedLoad $line): bool => $line->isWeighed());

        return Text::of('screen.plan_page.ratings_as_'.($weighed === [] ? 'predicted' : 'weighed'));
    }

    /**
     * @return list<array{string, bool}> a sentence for each load outside its rating, and whether it is over, and for a
     *     ball that does not fit
     */
    public function complaints(): array
    {
        $complaints = $this->described->ratings()->ballMisfits()
            ? [[Text::of('screen.plan_page.ball_and_coupler_are_of'), true]]
            : [];
        foreach ($this->ledger() as $line) {
            $sentence = RatingWords::complaint($line, $this->print);
            $complaints = $sentence === null ? $complaints : [...$complaints, [$sentence, $line->isOver()]];
        }

        return $complaints;
    }

    /**
     * @return array{list<RatedLoad>, array<string, RatedLoad>} what can be checked, what is outside first; and a line
     *     for each field that is missing
     */
    public function ledgerByKnowledge(): array
    {
        $known = [];
        $unknown = [];
        foreach ($this->ledger() as $line) {
            if ($line->may === null) {
                $unknown[$line->unlockedBy] = $line;
            } else {
                $known[] = $line;
            }
        }
        usort(
            $known,
            static fn (RatedLoad $one, RatedLoad $other): int => [$other->isOver(), $other->isOutside()] <=> [
                $one->isOver(),
                $one->isOutside(),
            ],
        );

        return [$known, $unknown];
    }

    /** The setting in the family's words. The head is chosen with the ball. */
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
        return new SettingWords($this->described);
    }

    /** Where the sheet of a part of this rig is typed. */
    public function sheetOf(RigPart $part): string
    {
        return route('garage.edit', [$part->value, $this->rig->getAttribute("{$part->value}_id")]);
    }

    /** @return array{string, RigPart} the label of a field, and the part on whose sheet it stands */
    public function field(string $key): array
    {
        foreach (RigPart::cases() as $part) {
            $fields = $part->fields();
            $field = $fields[$key] ?? ($fields["{$key}_kg"] ?? null);
            if ($field !== null) {
                return [SpecificationWords::label($part, $field->key), $part];
            }
        }

        return [$key, RigPart::Vehicle];
    }
}
