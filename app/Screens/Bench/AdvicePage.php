<?php

declare(strict_types=1);

namespace App\Screens\Bench;

use App\Models\User;
use App\UseCases\Analysis\AnalysedJob;
use App\Words\AdviceWords;
use App\Words\Figures;
use App\Words\NextWords;
use App\Words\QuantityWords;
use App\Words\SettingWords;
use App\Words\SightWords;
use App\Words\Text;
use App\Words\VerdictWords;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\Term;
use Yoke\Job\Analysis\GoverningVerdict;
use Yoke\Job\Analysis\InstrumentEvidence;
use Yoke\Job\Analysis\JobAnalysis;
use Yoke\Job\Planning\Check;
use Yoke\Job\Planning\Proof;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\Recommendation;
use Yoke\Judgement\Advice\SettingForecast;
use Yoke\Judgement\Constraint\Exclusion;
use Yoke\Judgement\Method\Criterion;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Stories\Suspect;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Family\SwayControl;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;
use Yoke\Workshop\Procedure\NextDeed;
use Yoke\Workshop\Procedure\NextThing;

/** The verdict of a job and what to do next, in a person's words and units. */
final readonly class AdvicePage
{
    /** A runner-up below this chance is none. */
    private const WORTH_SAYING = 0.05;

    private const RUNNERS_UP = 3;

    /** From this chance on it is said that something may be a mistake. */
    private const SUSPECT = 0.1;

    private const PROBABLE = 0.5;

    public SettingWords $words;

    public AdviceWords $says;

    public VerdictWords $verdictWords;

    private QuantityWords $print;

    public JobAnalysis $analysis;

    public function __construct(public AnalysedJob $job, private User $person)
    {
        $this->analysis = $job->analysis();
        $this->words = new SettingWords($job->described->sheets);
        $this->says = new AdviceWords($this->words, $person);
        $this->verdictWords = new VerdictWords($person);
        $this->print = new QuantityWords($person);
    }

    public function verdict(): ?GoverningVerdict
    {
        return $this->job->verdict();
    }

    /**
     * What a method that does not go by the share says of the hook-up in its own figure, first; null of the others, and
     * without a verdict.
     *
     * @return array{heading: string, value: string}|null
     */
    public function methodsOwn(): ?array
    {
        $criterion = $this->job->goal->criterion;
        if ($criterion->isShare() || $this->verdict() === null) {
            return null;
        }
        foreach ($this->analysis->methods() as $view) {
            if ($view->criterion === $criterion && $view->value !== null) {
                return [
                    'heading' => Text::of("method.{$criterion->value}.headline"),
                    'value' => $this->verdictWords->methodValue($view),
                ];
            }
        }

        return null;
    }

    /** Why there is no verdict, in a sentence. */
    public function withoutVerdict(): string
    {
        return Text::of(
            match (true) {
                $this->job->unread() !== null => 'verdict.none_at_this_setting',
                $this->job->measured()->isCarriedAlone() => 'verdict.none_of_one_stance',
                default => 'verdict.none_yet',
            },
        );
    }

    /** The target range, as it has to be when it is measured. */
    public function range(): string
    {
        return VerdictWords::range($this->job->goal->band, $this->job->rangeNow(), $this->job->lifter());
    }

    /** Both figures, now and on the road, where levelling takes some back; else an empty text. */
    public function onTheRoad(): string
    {
        $verdict = $this->verdict();

        $road = $this->job->road;
        $lifter = $this->job->lifter();

        return match (true) {
            $verdict === null => '',
            $road === null || $lifter === null => VerdictWords::onTheRoad($verdict, $lifter),
            $road->standsAlone() => VerdictWords::weighedAlone($verdict, $road->left(), $lifter),
            default => VerdictWords::weighedOnTheRoad(
                $verdict,
                $road->left(),
                $road->foretold($this->job->posterior(), $this->job->current()),
                $lifter,
            ),
        };
    }

    public function recommendation(): ?Recommendation
    {
        return $this->job->recommendation();
    }

    /** The one thing to do now, in a sentence. */
    public function next(?NextThing $next = null): string
    {
        $next ??= $this->job->progress()->next();
        $setting = $this->job->unread() ?? $this->recommendation()?->next()?->setting;

        return (new NextWords($this->words))->of(
            $next,
            $setting,
            $next->deed === NextDeed::Move ? $this->move() : '',
            $this->job->current()?->setting,
        );
    }

    /** Whether nothing is said of a move yet: something else has to be done first. */
    public function isBeforeTheFirstMove(): bool
    {
        return $this->job->progress()->next()->deed->isBeforeTheFirstMove();
    }

    /**
     * The next move in one sentence: in the hitch's settings where they are known, else in height; what has to be
     * measured first, where that is so.
     */
    public function move(): string
    {
        if ($this->isBeforeTheFirstMove()) {
            return $this->next();
        }
        $recommendation = $this->recommendation();

        return $recommendation === null
            ? $this->tension()
            : $this->says->move($recommendation, $this->job->current()?->setting);
    }

    /** Whether the setting to go to may be hooked up in the yard alone, until it is read. */
    public function isInTheYardOnly(): bool
    {
        $next = $this->recommendation()?->next();

        return $next !== null && $this->job->shop->rules->stopping->isForTheYardOnly($next);
    }

    private function tension(): string
    {
        $advice = $this->analysis->tension();

        return $this->isTaped(Axle::Front) ? $this->says->tension($advice) : $this->says->tensionUntaped($advice);
    }

    public function isInRange(): bool
    {
        $recommendation = $this->recommendation();
        if ($this->isBeforeTheFirstMove()) {
            return false;
        }

        return $recommendation === null
            ? $this->says->isDone($this->analysis->tension())
            : $recommendation->action === Action::Stop;
    }

    /** What was handed over, in a sentence: the setting as it was left, and when. */
    public function handedOver(): string
    {
        $setting = $this->analysis->current?->setting;

        return Text::of($setting === null ? 'move.handed_over' : 'move.handed_over_at', [
            'day' => $this->job->job->handed_over_at?->isoFormat('D MMM YYYY') ?? '',
            'setting' => $setting === null ? '' : $this->words->of($setting),
        ]);
    }

    /** How likely, in a sentence. */
    public function chance(): string
    {
        $recommendation = $this->recommendation();
        $verdict = $this->verdict();

        return match (true) {
            $this->isBeforeTheFirstMove() || $recommendation?->isToBeRead() === true => '',
            $recommendation !== null => $this->says->likely(
                ($recommendation->next() ?? $recommendation->forecast)->chance,
            ),
            $verdict !== null => $this->says->likely($verdict->chances->inRange),
            default => '',
        };
    }

    /** What the tape is to show, in a sentence; an empty text while no fender was taped. */
    public function expected(): string
    {
        $recommendation = $this->recommendation();

        return match (true) {
            $this->isBeforeTheFirstMove() || $recommendation?->isToBeRead() === true => '',
            $recommendation !== null => $this->says->expect(
                $this->job->expectedHeights(($recommendation->next() ?? $recommendation->forecast)->setting),
            ),
            $this->isTaped(Axle::Front) => $this->says->heightsInRange($this->analysis->tension()),
            default => '',
        };
    }

    /** Whether a fender was taped in any stance, so that its height can be told. */
    private function isTaped(Axle $axle): bool
    {
        return in_array($axle, $this->job->taped->axles(), true);
    }

    /** What the move does to the loads, in a sentence, or an empty text. */
    public function worth(): string
    {
        $worth = $this->recommendation()?->worth();

        return $worth === null ? '' : $this->says->worth($worth);
    }

    /** @return list<string> why, a sentence each */
    public function because(): array
    {
        $recommendation = $this->recommendation();
        $method = $this->job->goal->criterion;
        $sentences = [
            $recommendation === null
                ? Text::of('move.because.tension')
                : $this->says->because($recommendation, $method),
        ];
        if ($method !== Criterion::FrontRestoration) {
            $sentences[] = Text::of('verdict.by_method', ['method' => lcfirst($this->says->method($method))]);
        }
        if (
            $this->verdict() !== null &&
            ! $this->job->taped->isTaped(Stance::Dropped) &&
            $this->job->taped->isTaped(Stance::Carried)
        ) {
            $sentences[] = Text::of('verdict.dropped_missing');
        }
        if ($this->isTurnedLoaded()) {
            $sentences[] = Text::of('move.turned_loaded');
        }
        if ($this->movesTheHeadOfCams()) {
            $sentences[] = Text::of('sway.cams.together');
        }
        $most = $this->job->described->sheets->makersMostRestored();

        return $most === null
            ? $sentences
            : [...$sentences, Text::of('move.makers_more', ['percent' => (int) round(100 * $most)])];
    }

    /** Whether the move turns a screw under load. */
    private function isTurnedLoaded(): bool
    {
        $recommendation = $this->recommendation();
        $from = $recommendation?->present?->setting;
        foreach (
            $recommendation === null || $from === null
                ? []
                : $from->changesTo($recommendation->forecast->setting) as $key
        ) {
            if ($this->job->adjusters?->get($key)->isTurnedLoaded === true) {
                return true;
            }
        }

        return false;
    }

    /** Whether the move tilts or lifts the head over bars that run on cams. */
    private function movesTheHeadOfCams(): bool
    {
        $recommendation = $this->recommendation();
        $from = $recommendation?->present?->setting;
        $isCam = $this->job->described->sheets->family()?->facts()->control === SwayControl::Cam;
        $changed =
            ! $isCam || $recommendation === null || $from === null
                ? []
                : $from->changesTo(($recommendation->next() ?? $recommendation->forecast)->setting);

        return array_filter(
            $changed,
            fn (string $key): bool => $this->job->adjusters?->get($key)->role !== Role::Tension,
        ) !== [];
    }

    /** @return list<SettingForecast> */
    public function runnersUp(): array
    {
        return $this->recommendation()?->runnersUp(self::RUNNERS_UP, self::WORTH_SAYING) ?? [];
    }

    /** @return array<string, int> how many settings are ruled out, by why in words */
    public function ruledOut(): array
    {
        $ruledOut = [];
        foreach ($this->recommendation()?->excluded() ?? [] as $why => $many) {
            $ruledOut[$this->says->excluded(Exclusion::from($why))] = $many;
        }

        return $ruledOut;
    }

    /** @return list<Suspect> what may be a mistake, the likeliest first */
    public function suspects(): array
    {
        return array_values(
            array_filter(
                $this->analysis->suspects(),
                static fn (Suspect $suspect): bool => $suspect->chance >= self::SUSPECT,
            ),
        );
    }

    /** Whether it is rather a mistake than not. */
    public function isProbable(Suspect $suspect): bool
    {
        return $suspect->chance >= self::PROBABLE;
    }

    /** @return list<InstrumentEvidence> what each instrument says for itself, where more than one was read */
    public function evidence(): array
    {
        return $this->analysis->evidence();
    }

    /** @return list<string> */
    public function disagreements(): array
    {
        $sights = new SightWords($this->person, $this->job->described->sheets->ballToAxle()->millimetres());

        return [
            ...array_map(VerdictWords::disagreement(...), $this->analysis->disagreements()),
            ...array_map($sights->contradicted(...), $this->analysis->contradictedSights()),
        ];
    }

    public function name(SettingForecast $forecast): string
    {
        return $this->words->of($forecast->setting, $this->job->reference());
    }

    /**
     * @return list<array{0: string, 1: string, 2: string, 3?: string}> what, its value with doubt, what it is worth,
     *     and its name where other pages say it too
     */
    public function rig(): array
    {
        $posterior = $this->analysis->posterior();
        $load = fn (float $kilograms): string => $this->print->about(Load::ofKilograms($kilograms));
        $springs = fn (string $which, int $parameter): array => [
            $which,
            $this->print->rate($posterior->value($parameter)),
            $this->print->squat($posterior->value($parameter)->mean()),
        ];
        $tongue = $posterior->tongueWeight();
        $tension = $posterior->tensionTold();
        $gross = $posterior->gross();

        return [
            $springs(Text::of('screen.advice_page.front_springs'), RigParameter::FrontRate->value),
            $springs(Text::of('screen.advice_page.rear_springs'), RigParameter::RearRate->value),
            [
                Text::of('screen.advice_page.tongue_weight'),
                $this->print->aboutWithDoubt($tongue),
                Text::of('screen.advice_page.of_gross', [
                    'share' => Figures::fixed((100 * $tongue->mean()) / $gross->kilograms()),
                    'gross' => $this->print->about($gross),
                ]),
                'tongue',
            ],
            [
                Text::of('screen.advice_page.one_spring_bar'),
                $this->print->rate($posterior->value(RigParameter::BarRate->value)),
                Text::of('screen.advice_page.at_hook_up'),
            ],
            [
                $this->job->adjusters === null
                    ? Text::of('screen.advice_page.tension')
                    : Text::of('screen.advice_page.tension_of', [
                        'setting' => $this->words->of($this->job->reference()),
                    ]),
                "{$this->print->change($tension->mean())} {$this->print->doubt($tension)}",
                Text::of('screen.advice_page.bends'),
            ],
            ...array_map(
                fn (Axle $axle): array => [
                    Text::of("screen.advice_page.{$axle->value}_fender_alone"),
                    $this->print->height($posterior->heightAlone($axle)->mean()),
                    $this->print->doubt($posterior->heightAlone($axle)),
                ],
                $this->job->taped->axles(),
            ),
        ];
    }

    /** @return list<array{Check, string}>|null what is looked at before the setting is left alone, and how it stands */
    public function checks(): ?array
    {
        $current = $this->analysis->current;
        $inPlace = $this->job->described->inPlace();

        return $current === null
            ? null
            : array_map(
                fn (Check $check): array => [
                    $this->analysis->isRead($check) ? $check->asMeasured() : $check,
                    $check->stands instanceof Length
                        ? $this->print->length($check->stands)
                        : $this->print->term(new Term('', $check->stands)),
                ],
                (new Proof(
                    $this->analysis->posterior(),
                    $current,
                    $inPlace->barRating(),
                    $inPlace->barHang(),
                    $this->job->goal->tolerances,
                    $this->job->described->sheets->family(),
                ))->checks(),
            );
    }

    /** A tick is for what was measured and is good; what only the model says is about so. */
    public function mark(Check $check): string
    {
        return match (true) {
            ! $check->holds() => '✕',
            $check->isTicked() => '✓',
            $check->kind->isCaution() => '△',
            default => '≈',
        };
    }
}
