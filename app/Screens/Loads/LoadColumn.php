<?php

declare(strict_types=1);

namespace App\Screens\Loads;

use App\Models\LoadState;
use App\Models\User;
use App\Screens\Bench\AdvicePage;
use App\Screens\Plan\TakeBackTerms;
use App\UseCases\Analysis\AnalysedJob;
use App\Words\AdviceWords;
use App\Words\Figures;
use App\Words\LoadWords;
use App\Words\QuantityWords;
use App\Words\SettingWords;
use App\Words\Text;
use App\Words\VerdictWords;
use Yoke\CoreException;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\Term;
use Yoke\Job\Planning\LoadedState;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\Recommendation;
use Yoke\Judgement\Ratings\RatedLoad;
use Yoke\Measuring\Readings\Weighing\TicketSet;
use Yoke\Rig\Adjuster\Setting;

/** What one load state comes to, in a person's words and units. */
final class LoadColumn
{
    /** Lines of the ledger, by their keys, that a planner looks at first, besides what is outside. */
    private const WATCHED = [
        'front_axle.dropped',
        'front_axle.carried',
        'rear_axle.carried',
        'trailer_axles.carried',
        'payload.carried',
        'combination',
    ];

    private ?Recommendation $advised = null;

    private readonly AdviceWords $says;

    /** Of the job as it was read. */
    private readonly AdvicePage $advice;

    public function __construct(
        public readonly LoadState $state,
        private readonly LoadedState $loaded,
        public readonly Setting $setting,
        private readonly AnalysedJob $analysed,
        private readonly SettingWords $words,
        private readonly QuantityWords $print,
        User $person,
    ) {
        $this->says = new AdviceWords($words, $person);
        $this->advice = new AdvicePage($analysed, $person);
    }

    /**
     * How much higher the fenders stand carried under this load than alone without it.
     *
     * @return array{front: Length, rear: Length}
     */
    public function rises(): array
    {
        [$alone, $carried] = [$this->loaded->aloneRise(), $this->loaded->carried()];

        return [
            'front' => $alone['front']->plus($carried->frontRise()),
            'rear' => $alone['rear']->plus($carried->rearRise()),
        ];
    }

    /**
     * @return list<array{0: string, 1: string, 2?: string}> what, its value, and its name where other pages say it too
     */
    public function lines(): array
    {
        $carried = $this->loaded->carried();
        $alone = $this->loaded->aloneRise();

        return [
            [
                Text::of('screen.load_column.gross_trailer_weight'),
                $this->print->about($this->loaded->gross()),
                'gross',
            ],
            [
                Text::of('screen.load_column.tongue_weight_level'),
                $this->print->aboutWithDoubt($this->loaded->tongueWeight()),
                'tongue',
            ],
            [
                Text::of('screen.load_column.share_of_gross_on_the'),
                Figures::fixed(100 * $this->loaded->tongueShare()->share).' %',
            ],
            [
                Text::of('verdict.heading'),
                $this->analysed->measured()->isCarriedAlone() ? '–' : VerdictWords::share($this->restored()),
                $this->analysed->measured()->isCarriedAlone() ? '' : 'share',
            ],
            [
                Text::of('screen.load_column.fenders_alone_front_rear'),
                $this->both($alone['front'], $alone['rear']),
            ],
            [
                Text::of('screen.load_column.from_there_to_carried'),
                $this->both($carried->frontRise(), $carried->rearRise()),
            ],
            [
                Text::of('screen.load_column.trailer_carried'),
                Text::of($carried->trailerPitch > 0.0 ? 'screen.load_column.nose_up' : 'screen.load_column.nose_down', [
                    'degrees' => $this->print->degrees($carried->trailerPitchAngle()),
                ]),
            ],
        ];
    }

    /** @return list<RatedLoad> that are outside, then those a planner watches */
    public function ratings(): array
    {
        $ledger = array_filter(
            $this->isAsRead() ? $this->analysed->ledger() : $this->loaded->ledger(TicketSet::none()),
            static fn (RatedLoad $line): bool => $line->may !== null &&
                ($line->isOutside() || in_array($line->key(), self::WATCHED, true)),
        );
        usort(
            $ledger,
            static fn (RatedLoad $one, RatedLoad $other): int => [$other->isOver(), $other->isOutside()] <=> [
                $one->isOver(),
                $one->isOutside(),
            ],
        );

        return $ledger;
    }

    public function carries(RatedLoad $line): string
    {
        return $this->print->carries($line);
    }

    public function printed(?Load $load): string
    {
        return $this->print->load($load);
    }

    public function share(): string
    {
        return LoadWords::share($this->loaded->tongueShare());
    }

    public function shareIsUsual(): bool
    {
        return $this->loaded->tongueShare()->isUsual();
    }

    /**
     * The next move: the job's own under the load that it was read at, else the small one that brings the rig back to
     * range.
     */
    public function move(): string
    {
        $to = $this->keepable();

        return match (true) {
            $this->loaded->isAsRead() => $this->advice->move(),
            $this->advised() === null => Text::of('load.nothing_yet'),
            $this->advised()->action === Action::Set => Text::of('move.go', [
                'change' => $this->words->change($this->setting, $to),
                'setting' => $this->words->of($to, $this->setting),
            ]),
            $this->advised()->action === Action::Cannot => Text::of('load.beyond_small_steps'),
            default => Text::of('move.stop', ['setting' => $this->words->of($to)]),
        };
    }

    /** Whether it is the load that everything was read under. */
    public function isAsRead(): bool
    {
        return $this->loaded->isAsRead();
    }

    public function isFine(): bool
    {
        return $this->loaded->isAsRead()
            ? $this->advice->isInRange()
            : in_array($this->advised()?->action, [Action::Stop, Action::ReadAgain], true);
    }

    /** What the move promises, or an empty text. */
    public function promise(): string
    {
        $forecast = $this->advised()?->next() ?? $this->advised()?->forecast;

        return $forecast === null
            ? ''
            : Text::of('verdict.heading').': '.VerdictWords::share($forecast->share()).'.';
    }

    /** How likely, in a sentence, or an empty text. */
    public function chance(): string
    {
        $forecast = $this->advised()?->next() ?? $this->advised()?->forecast;

        return match (true) {
            $this->loaded->isAsRead() => $this->advice->chance(),
            $forecast === null => '',
            default => $this->says->likely($forecast->chance),
        };
    }

    /** The setting to keep for this state. */
    public function keepable(): Setting
    {
        return ($this->advised()?->next() ?? $this->advised()?->forecast)->setting ?? $this->setting;
    }

    /** What is kept for it, in words, or an empty text. */
    public function keptSetting(): string
    {
        try {
            $kept =
                $this->state->setting === null ? null : Setting::of(array_map(floatval(...), $this->state->setting));

            return $kept === null ? '' : $this->words->of($kept);
        } catch (CoreException) {
            return '';
        }
    }

    /** @return list<Term> before and after the rear is lifted; none where nothing lifts it */
    public function levelled(): array
    {
        $takeBack = $this->loaded->takeBack();

        return $takeBack === null ? [] : TakeBackTerms::of($takeBack, $this->loaded->tension());
    }

    /** Under the load that everything was read at it is the verdict's own, by every story of the readings. */
    private function both(Length $front, Length $rear): string
    {
        return "{$this->print->change($front->millimetres())}, {$this->print->change($rear->millimetres())}";
    }

    private function restored(): Normal
    {
        $verdict = $this->loaded->isAsRead() ? $this->analysed->verdict() : null;

        return $verdict === null ? $this->loaded->restored() : $verdict->share;
    }

    private function advised(): ?Recommendation
    {
        return $this->advised ??= match (true) {
            // The load that everything was read under has the job's own next move.
            $this->loaded->isAsRead() => $this->analysed->recommendation(),
            $this->analysed->current()?->setting === null => null,
            default => $this->loaded->smallMove($this->analysed->goal, $this->analysed->shop->rules->stopping),
        };
    }
}
