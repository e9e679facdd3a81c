<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\User;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Analysis\Disagreement;
use Yoke\Job\Analysis\GoverningVerdict;
use Yoke\Job\Analysis\InstrumentEvidence;
use Yoke\Job\Analysis\MethodView;
use Yoke\Job\Analysis\WorthKnowing;
use Yoke\Job\Planning\Assumption;
use Yoke\Judgement\Method\Chances;
use Yoke\Judgement\Method\Criterion;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Judgement\Method\Tolerances;
use Yoke\Judgement\Method\Verdict;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Stories\ReadingError;
use Yoke\Measuring\Estimation\Stories\Suspect;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/**
 * The one verdict and its evidence, as texts in a person's units (lang/, verdict, evidence, method, reading,
 * assumption).
 */
final readonly class VerdictWords
{
    private QuantityWords $print;

    public function __construct(User $person)
    {
        $this->print = new QuantityWords($person);
    }

    public static function verdict(Verdict $verdict): string
    {
        return Text::of("verdict.{$verdict->value}");
    }

    /** `41 % ± 8`, of a share. */
    public static function share(Normal $share): string
    {
        return Text::of('verdict.figure', [
            'mean' => self::percent($share->mean()),
            'doubt' => max(1, (int) ceil(100 * $share->deviation() - 0.05)),
        ]);
    }

    public static function chances(Chances $chances): string
    {
        return Text::of('verdict.chances', array_map(self::chance(...), $chances->percents()));
    }

    /** A chance in whole percent; nothing that was measured is ever certain. */
    public static function chance(int $percent): string
    {
        return match (true) {
            $percent >= 100 => Text::of('verdict.nearly_sure'),
            $percent <= 0 => Text::of('verdict.nearly_never'),
            default => Text::of('verdict.chance', ['percent' => $percent]),
        };
    }

    /**
     * @param  TargetRange  $now  as it has to be when it is measured
     * @param  string|null  $lifter  `levelling` or `air`, which takes load off the front again on the road
     */
    public static function range(TargetRange $shops, TargetRange $now, ?string $lifter): string
    {
        return $lifter === null || $now->from - $shops->from < 0.005
            ? Text::of('verdict.range', [
                'from' => self::percent($shops->from),
                'to' => self::percent($shops->to),
            ])
            : Text::of('verdict.range_raised', [
                'from' => self::percent($now->from),
                'to' => self::percent($now->to),
                'left' => self::percent($shops->from),
                'lifter' => self::lifter($lifter),
            ]);
    }

    /** Both numbers where levelling takes some back; an empty text where nothing does. */
    public static function onTheRoad(GoverningVerdict $verdict, ?string $lifter): string
    {
        return $lifter === null
            ? ''
            : Text::of('verdict.now_and_road', [
                'now' => self::percent($verdict->share->mean()),
                'road' => self::percent($verdict->shareOnTheRoad()->mean()),
                'lifter' => self::lifter($lifter),
            ]);
    }

    /**
     * What a scale found left on the road, against what the model foretold.
     *
     * @param  float  $foretold  share that the model has it take
     */
    public static function weighedOnTheRoad(
        GoverningVerdict $verdict,
        Normal $left,
        float $foretold,
        string $lifter,
    ): string {
        return Text::of('verdict.weighed_on_the_road', [
            'left' => self::percent($left->mean()),
            'doubt' => self::percent($left->deviation()),
            'lifter' => Text::of("verdict.{$lifter}_on"),
            'lost' => self::percent($verdict->lost),
            'foretold' => self::percent($foretold),
        ]);
    }

    /** The same where nothing was read without levelling or air. */
    public static function weighedAlone(GoverningVerdict $verdict, Normal $left, string $lifter): string
    {
        return Text::of('verdict.weighed_alone', [
            'now' => self::percent($verdict->share->mean()),
            'left' => self::percent($left->mean()),
            'doubt' => self::percent($left->deviation()),
            'lifter' => Text::of("verdict.{$lifter}_on"),
        ]);
    }

    private static function lifter(string $lifter): string
    {
        return Text::of("verdict.{$lifter}_is");
    }

    public static function evidence(InstrumentEvidence $evidence): string
    {
        return Text::of("evidence.{$evidence->instrument->value}");
    }

    public static function disagreement(Disagreement $between): string
    {
        return Text::of('evidence.differ', [
            'one' => Text::of("evidence.{$between->one->instrument->value}"),
            'a' => self::percent($between->one->share->mean()),
            'other' => lcfirst(Text::of("evidence.{$between->other->instrument->value}")),
            'b' => self::percent($between->other->share->mean()),
            'why' => Text::of("evidence.{$between->cause->value}"),
        ]);
    }

    /** A method's quantity in the unit that a person reads. */
    public function methodValue(MethodView $view): string
    {
        $value = $view->value;

        return match (true) {
            $value === null => '–',
            $view->criterion->isShare() => self::share($value),
            $view->criterion === Criterion::BallLoad => "{$this->print->about(
                Load::ofKilograms($value->mean()),
            )} ± {$this->print->about(Load::ofKilograms($value->deviation()))}",
            default => "{$this->print->change($value->mean())} {$this->print->doubt($value)}",
        };
    }

    public function methodSays(MethodView $view, Tolerances $tolerances): string
    {
        $isStraight =
            $view->criterion === Criterion::CouplerHeight &&
            $view->verdict === Verdict::TooLittle &&
            $view->bend < $tolerances->bentMm;

        return match (true) {
            $view->verdict === Verdict::Waiting => Text::of('method.waiting'),
            $view->verdict === Verdict::NotSure && $view->chances !== null => Text::of('method.not_sure', [
                'chances' => self::chances($view->chances),
            ]),
            default => Text::of(
                "method.{$view->criterion->value}.{$view->verdict->value}".($isStraight ? '_straight' : ''),
                [
                    'target' => $view->target === null ? '' : $this->print->about($view->target),
                    'tolerance' => $view->criterion === Criterion::EqualSquat
                            ? $this->print->length(Length::ofMillimetres($tolerances->squatMm))
                            : self::percent($tolerances->ballLoadShare),
                ],
            ),
        };
    }

    /** What may be a mistake, with its chance, what the others say, and which mistake fits. */
    public function suspect(Suspect $suspect): string
    {
        $observation = $suspect->observation();
        $chance = self::chance((int) round(100 * $suspect->chance));

        return match (true) {
            $suspect->error === ReadingError::ToldWrong => Text::of('reading.check_told', [
                'chance' => $chance,
            ]),
            $suspect->error->isLasting() => Text::of("reading.lasting.{$suspect->error->value}", [
                'which' => $observation === null ? '' : ucfirst($this->which($observation)),
                'stance' => $observation === null ? '' : RigWords::stance($observation->context->stance),
                'fender' => $observation === null
                    ? ''
                    : RigWords::axle($observation->observed === Observed::FrontHeight ? Axle::Front : Axle::Rear),
                'chance' => $chance,
            ]),
            $observation === null || $suspect->residual === null => Text::of('reading.check_count', [
                'hook_up' => $suspect->hookUp,
                'chance' => $chance,
            ]),
            default => Text::of('reading.check', [
                'which' => $this->which($observation),
                'expected' => $this->quantity($observation, $suspect->residual->predicted()),
                'read' => $this->quantity($observation, $observation->value),
                'error' => Text::of("reading.error.{$suspect->error->value}"),
                'chance' => $chance,
            ]),
        };
    }

    public function which(Observation $observation): string
    {
        $stance = Text::of("reading.stance.{$observation->context->stance->value}", [
            'hook_up' => $observation->identity->hookUp,
        ]);

        return Text::of("reading.observed.{$observation->observed->name}").", {$stance}";
    }

    /** The slip in a few words: `half an inch too high`. */
    public static function slip(Suspect $suspect): string
    {
        $isSized = in_array(
            $suspect->error,
            [
                ReadingError::EighthInch,
                ReadingError::QuarterInch,
                ReadingError::TenMillimetres,
                ReadingError::HalfInch,
                ReadingError::WholeInch,
            ],
            true,
        );

        return Text::of("reading.slip.{$suspect->error->value}").
            ($isSized && $suspect->residual !== null
                ? Text::of($suspect->residual->off > 0.0 ? 'reading.slip.high' : 'reading.slip.low')
                : '');
    }

    public function assumption(Assumption $assumption): string
    {
        $value = $assumption->value;

        return Text::of("assumption.{$assumption->field}", [
            'value' => match (true) {
                is_string($value) => $value,
                $value === null => '',
                $assumption->field === 'tongue_weight_kg' => Figures::short(100 * $value),
                str_ends_with($assumption->field, '_kg') => $this->print->about(Load::ofKilograms($value)),
                default => $this->print->aboutLength(Length::ofMillimetres($value)),
            },
        ]);
    }

    /** What knowing it would do, or an empty text where that is next to nothing. */
    public static function worthKnowing(WorthKnowing $worth): string
    {
        return match (true) {
            $worth->chanceNow !== null && $worth->chanceThen !== null => $worth->chanceThen -
                $worth->chanceNow <
            0.01
                ? ''
                : Text::of('assumption.chance', [
                    'now' => self::percent($worth->chanceNow),
                    'then' => self::percent($worth->chanceThen),
                ]),
            $worth->gain() < 0.005 => '',
            default => Text::of('assumption.doubt', [
                'now' => self::percent($worth->doubtNow),
                'then' => self::percent($worth->doubtThen),
            ]),
        };
    }

    private function quantity(Observation $observation, float $value): string
    {
        return match (true) {
            $observation->observed->isLoad() => $this->print->load(Load::ofKilograms($value)),
            $observation->context->stance === Stance::Alone ||
                $observation->observed->isHeight() => $this->print->height($value),
            default => $this->print->change($value),
        };
    }

    private static function percent(float $share): string
    {
        return ($share < -0.005 ? '−' : '').abs((int) round(100 * $share));
    }
}
