<?php

declare(strict_types=1);

namespace App\Screens\Bench;

use App\Models\Job;
use App\Models\Measure;
use App\Models\MeasureKind;
use App\Models\User;
use App\UseCases\Analysis\AnalysedJob;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Forms\TapedBarGap;
use App\Words\QuantityWords;
use App\Words\SettingWords;
use App\Words\Text;
use Yoke\Foundation\Units\Length;
use Yoke\Measuring\Bars\HeightsCaution;
use Yoke\Rig\Family\TakeUp;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Specification\RigPart;

/**
 * Taping the gap over the bars on the dropped rig: the twin of the four heights, and what it does to the first setting.
 */
final readonly class GapPage
{
    private AnalysedJob $with;

    private AnalysedJob $without;

    private QuantityWords $print;

    /**
     * @param  TapedBarGap|null  $typed  as it is being typed; null where it is not
     * @param  list<HeightsCaution>  $cautions
     */
    public function __construct(
        public Job $job,
        JobAnalyses $analyses,
        private User $person,
        private ?TapedBarGap $typed = null,
        private array $cautions = [],
    ) {
        $this->with = $typed === null ? $analyses->of($job) : $analyses->measuringGap($job, $typed);
        $this->without =
            $typed === null && $this->saved()?->value === null ? $this->with : $analyses->measuringGap($job, null);
        $this->print = new QuantityWords($person);
    }

    /** Whether the step is offered: on a hitch with bars, before the first hook-up and wherever it was taken. */
    public function isOffered(): bool
    {
        return $this->isOfUse() && ($this->saved() !== null || $this->with->current() === null);
    }

    /** False until the family is known, too. */
    public function isOfUse(): bool
    {
        return $this->takeUp()->hasBars();
    }

    public function takeUp(): TakeUp
    {
        return $this->with->described->sheets->family()?->facts()->takeUp ?? TakeUp::StretchedChains;
    }

    public function isTaped(): bool
    {
        return $this->typed !== null || $this->saved()?->value !== null;
    }

    /**
     * @return list<array{name: string, label: string, hint: string, value: string, number: int}> in the order in which
     *     they are taped
     */
    public function fields(): array
    {
        $known = $this->job->rigAsWorked()->values(RigPart::Hitch)->length('hang_mm');
        $rest = $this->takeUp()->isChain() ? 'chain' : 'ledge';

        return [
            [
                'name' => 'gap',
                'number' => 1,
                'label' => Text::of('gap.field.gap.label'),
                'hint' => Text::of('gap.field.gap.hint'),
                'value' => $this->saved()->typed ?? '',
            ],
            [
                'name' => 'loosest',
                'number' => 2,
                'label' => Text::of("gap.field.{$rest}.label"),
                'hint' => Text::of("gap.field.{$rest}.hint"),
                'value' => $known === null ? '' : $this->print->length($known),
            ],
        ];
    }

    /** @return list<string> what does not fit together */
    public function cautions(): array
    {
        return array_map(
            static fn (HeightsCaution $caution): string => Text::of("bars.caution.{$caution->value}"),
            $this->cautions,
        );
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

    /**
     * What taping does to the first hook-up's chance; an empty text while it is not taped, or once something is hooked
     * up.
     */
    public function worth(): string
    {
        $without = $this->without->current() === null ? $this->without->recommendation()?->forecast->chance : null;

        return $without === null || ! $this->isTaped()
            ? ''
            : Text::of('bars.was_worth', [
                'without' => $this->print->percent($without),
                'with' => $this->print->percent($this->with->recommendation()->forecast->chance ?? $without),
            ]);
    }

    /** What skipping costs, or that it costs nothing where the bars are taped already. */
    public function cost(): string
    {
        return Text::of($this->job->barTapings->last()?->heights() === null ? 'gap.cost' : 'gap.cost_taped');
    }

    /** What was taped or skipped; an empty text where nobody did. */
    public function state(): string
    {
        $saved = $this->saved();

        return match (true) {
            $saved === null => '',
            $saved->value === null => Text::of('gap.skipped'),
            default => Text::of('gap.taped', ['gap' => $this->print->length(Length::ofMillimetres($saved->value))]),
        };
    }

    /** The latest entry of it in the round that is on, whether a gap or that it was skipped. */
    private function saved(): ?Measure
    {
        $round = $this->job->roundOf(Stance::Dropped);

        return $this->job->measures->last(
            static fn (Measure $measure): bool => $measure->kind === MeasureKind::BarGap && $measure->round === $round,
        );
    }
}
