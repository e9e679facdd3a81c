<?php

declare(strict_types=1);

namespace App\Screens\Bench;

use App\Models\BarTaping;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Analysis\AnalysedJob;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Garage\FreeChain;
use App\Words\QuantityWords;
use App\Words\SettingWords;
use App\Words\Text;
use Yoke\Foundation\Units\Length;
use Yoke\Job\Planning\Assumptions;
use Yoke\Measuring\Bars\HeightsCaution;
use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Family\TakeUp;

/** Taping the bars before anything is coupled: what is taped where, and what it does to the first setting. */
final readonly class BarsPage
{
    private AnalysedJob $with;

    private AnalysedJob $without;

    private QuantityWords $print;

    /** @param  BarTaping|null  $taping  as it is being typed, or as it was saved; null where there is none */
    public function __construct(public Job $job, JobAnalyses $analyses, private User $person, public ?BarTaping $taping)
    {
        $this->with = $analyses->taping($job, $taping);
        $this->without = $analyses->taping($job, null);
        $this->print = new QuantityWords($person);
    }

    /** Whether this hitch has bars that can be taped; false until its family is known, too. */
    public function isOfUse(): bool
    {
        return $this->takeUp()->hasBars();
    }

    /** Whether the step is offered at Brackets: before the first hook-up, and wherever it was taken. */
    public function isOffered(): bool
    {
        return $this->isOfUse() && ($this->taping !== null || $this->with->current() === null);
    }

    public function takeUp(): TakeUp
    {
        return $this->with->described->sheets->family()?->facts()->takeUp ?? TakeUp::StretchedChains;
    }

    public function isTaped(): bool
    {
        return $this->taping?->heights() !== null;
    }

    /**
     * @return list<array{name: string, label: string, hint: string, value: string, number: int|null}> in the order in
     *     which they are taped
     */
    public function fields(): array
    {
        $kept = $this->job->rig->hitch->sheet[FreeChain::FIELD] ?? null;
        $field = fn (string $name, ?int $number): array => [
            'name' => $name,
            'number' => $number,
            'label' => Text::of("bars.field.{$name}.label"),
            'hint' => Text::of("bars.field.{$name}.hint"),
            'value' => $this->taping->typed[$name] ??
                ($name === 'chain' && is_numeric($kept)
                    ? $this->print->length(Length::ofMillimetres((float) $kept))
                    : ''),
        ];
        $rest = $this->takeUp()->isChain() ? 'hook' : 'ledge';

        return [
            $field('ball', 1),
            $field('bar', 2),
            $field('lifted', null),
            $field('seat', 3),
            [
                ...$field('rest', 4),
                'label' => Text::of("bars.field.{$rest}.label"),
                'hint' => Text::of("bars.field.{$rest}.hint"),
            ],
            ...$this->takeUp()->isChain() ? [$field('chain', 5)] : [],
        ];
    }

    /**
     * @return list<array{name: string, label: string, on: float, options: list<array{float, string}>}> how the head is
     *     bolted while the bars are taped
     */
    public function steps(): array
    {
        $words = new SettingWords($this->with->described->sheets);
        $setting =
            $this->with->settingOf($this->taping->setting ?? []) ??
            ($this->without->recommendation()?->forecast->setting ?? $this->with->reference());

        return array_values(
            array_map(
                fn (Adjuster $adjuster): array => [
                    'name' => "step_{$adjuster->key}",
                    'label' => Text::of('bars.head', ['many' => $words->many($adjuster)]),
                    'on' => $setting->step($adjuster->key),
                    'options' => array_map(
                        fn (float $step): array => [$step, $words->step($adjuster, $step)],
                        $adjuster->range->all(),
                    ),
                ],
                array_filter(
                    $words->adjusters(),
                    static fn (Adjuster $adjuster): bool => $adjuster->role === Role::Tilt,
                ),
            ),
        );
    }

    /** @return list<string> what does not fit together */
    public function cautions(): array
    {
        return array_map(
            static fn (HeightsCaution $caution): string => Text::of("bars.caution.{$caution->value}"),
            $this->taping?->heights()?->cautions() ?? [],
        );
    }

    /** What the heights come to. */
    public function comesTo(): string
    {
        $heights = $this->taping?->heights();
        if ($heights === null) {
            return '';
        }
        $ball = $heights->ballOverCoupler()->absolute();

        return Text::of($heights->ballOverCoupler()->isNegative() ? 'bars.ball_under' : 'bars.ball_over', [
            'length' => $this->print->length($ball),
        ]);
    }

    /** How the rest stands against the bar at the vehicle; an empty text until both are taped. */
    public function level(): string
    {
        $over = $this->taping?->heights()?->restOverBar();

        return match (true) {
            $over === null => '',
            abs($over->millimetres()) < 1.0 => Text::of('bars.rest_level'),
            default => Text::of($over->isNegative() ? 'bars.rest_lower' : 'bars.rest_higher', [
                'by' => $this->print->length($over->absolute()),
            ]),
        };
    }

    /** The first setting and its chance as it stands, in a sentence; an empty text once something is hooked up. */
    public function first(): string
    {
        $move = $this->with->current() === null ? $this->with->recommendation() : null;

        return $move === null
            ? ''
            : Text::of('bars.first', [
                'setting' => (new SettingWords($this->with->described->sheets))->of($move->forecast->setting),
                'chance' => $this->print->percent($move->forecast->chance),
            ]);
    }

    /** What taping does to the first hook-up's chance, or would do; an empty text once something is hooked up. */
    public function worth(): string
    {
        $without = $this->without->current() === null ? $this->without->recommendation()?->forecast->chance : null;
        if ($without === null) {
            return '';
        }
        if ($this->isTaped()) {
            return Text::of('bars.was_worth', [
                'without' => $this->print->percent($without),
                'with' => $this->print->percent($this->with->recommendation()->forecast->chance ?? $without),
            ]);
        }
        foreach ($this->without->worthKnowing() as $worth) {
            if (
                $worth->assumption->field === Assumptions::BARS_TAPED &&
                $worth->chanceThen !== null &&
                $worth->chanceThen > $without
            ) {
                return Text::of('bars.would_be_worth', [
                    'without' => $this->print->percent($without),
                    'with' => $this->print->percent($worth->chanceThen),
                ]);
            }
        }

        return '';
    }

    /** Who taped or skipped it, and when; an empty text where nobody did. */
    public function when(): string
    {
        return $this->taping === null || ! $this->taping->exists
            ? ''
            : Text::of($this->taping->isSkipped() ? 'bars.skipped' : 'bars.taped', [
                'who' => $this->taping->user->name,
                'at' => $this->taping->taped_at->isoFormat('D MMM HH:mm'),
            ]);
    }
}
