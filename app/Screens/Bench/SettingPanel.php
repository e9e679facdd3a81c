<?php

declare(strict_types=1);

namespace App\Screens\Bench;

use App\Models\User;
use App\UseCases\Analysis\AnalysedJob;
use App\Words\QuantityWords;
use App\Words\SettingWords;
use App\Words\Text;
use App\Words\VerdictWords;
use Yoke\Judgement\Advice\SettingForecast;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Family\TakeUp;
use Yoke\Rig\Parts\Stance;
use Yoke\Showing\Drawing\CloseUp\HitchCloseUp;

/** The setting of a hitch of a known family: as it is on, as it is tried, as it is drawn closely. */
final readonly class SettingPanel
{
    private SettingWords $words;

    private QuantityWords $print;

    public function __construct(
        private AnalysedJob $analysed,
        private AdvicePage $advice,
        private BenchQuery $look,
        User $person,
    ) {
        $this->words = new SettingWords($analysed->described->sheets);
        $this->print = new QuantityWords($person);
    }

    /** The setting that somebody tries; null where none, none of this hitch, or the one that is on. */
    public function tried(): ?Setting
    {
        $tried = $this->analysed->tried($this->look->tried);
        $on = $this->on();

        return $tried === null || ! $this->analysed->isForetold($tried) || ($on !== null && $tried->equals($on))
            ? null
            : $tried;
    }

    /** The setting that the page shows: tried, else on, else the one to begin with. */
    public function shown(): Setting
    {
        return $this->tried() ?? $this->stands();
    }

    /** On, else the one to begin with. */
    private function stands(): Setting
    {
        return $this->on() ?? ($this->advice->recommendation()->forecast->setting ?? $this->analysed->reference());
    }

    public function closeUp(): HitchCloseUp
    {
        $adjusters =
            $this->analysed->adjusters ?? throw new \LogicException('Only a hitch of a known family has settings.');

        return new HitchCloseUp(
            $adjusters,
            $this->shown(),
            $this->analysed->described->sheets->family()?->facts()->takeUp ?? TakeUp::StretchedChains,
        );
    }

    public function number(Adjuster $adjuster, float $step): string
    {
        return $this->words->number($adjuster, $step);
    }

    /** What the close-up shows: which setting, and whether it is on, tried or only planned. */
    public function caption(): string
    {
        $key = match (true) {
            $this->tried() !== null => 'setting.shown_tried',
            $this->on() !== null => 'setting.shown_on',
            default => 'setting.shown_first',
        };

        return Text::of($key, ['setting' => $this->words->whole($this->shown())]);
    }

    /**
     * A stepper an adjuster, its steps in the order of their numbers; none for one that stands nobody knows where.
     *
     * @return list<array{key: string, label: string, less: string, more: string, shown: float, on: float,
     *     options: list<array{float, string}>, unsaid: string}>
     */
    public function steppers(): array
    {
        $stands = $this->stands();
        $known = array_filter(
            $this->words->adjusters(),
            static fn (Adjuster $adjuster): bool => $stands->knows($adjuster->key),
        );

        return array_map(function (Adjuster $adjuster) use ($stands): array {
            $steps = $adjuster->range->all();
            usort(
                $steps,
                static fn (float $one, float $other): int => $adjuster->said($one) <=> $adjuster->said($other),
            );
            [$less, $more] = match (true) {
                $adjuster->role === Role::HeadHeight => ['lower', 'higher'],
                $adjuster->said(0.0) < $adjuster->said(1.0) => ['looser', 'tighter'],
                default => ['tighter', 'looser'],
            };

            return [
                'key' => $adjuster->key,
                'label' => $this->words->label($adjuster),
                'less' => Text::of("setting.stepper.{$less}"),
                'more' => Text::of("setting.stepper.{$more}"),
                'shown' => $this->shown()->step($adjuster->key),
                'on' => $stands->step($adjuster->key),
                'options' => array_map(
                    fn (float $step): array => [$step, $this->words->number($adjuster, $step)],
                    $steps,
                ),
                'unsaid' => $this->mayBeUnsaid($adjuster) ? $this->words->notKnown($adjuster) : '',
            ];
        }, array_values($known));
    }

    /** Whether somebody may record the setting without it: never without what bends the bars by itself. */
    private function mayBeUnsaid(Adjuster $adjuster): bool
    {
        return $adjuster->role !== Role::Tension && $this->on() === null;
    }

    /**
     * What nobody knows of the setting that is on, to be counted.
     *
     * @return list<array{key: string, label: string, says: string, options: list<array{float, string}>}>
     */
    public function unknown(): array
    {
        $unknown = array_filter(
            $this->words->adjusters(),
            fn (Adjuster $adjuster): bool => $this->on()?->knows($adjuster->key) === false,
        );

        return array_map(
            fn (Adjuster $adjuster): array => [
                'key' => $adjuster->key,
                'label' => $this->words->label($adjuster),
                'says' => $this->words->notKnown($adjuster),
                'options' => array_map(
                    fn (float $step): array => [$step, $this->words->number($adjuster, $step)],
                    $adjuster->range->all(),
                ),
            ],
            array_values($unknown),
        );
    }

    /**
     * What can be counted again at the hook-up that is on: whatever bends the bars by itself.
     *
     * @return list<array{key: string, label: string, on: float, isTwice: bool, options: list<array{float, string}>}>
     *     left and right apart, but for a screw
     */
    public function counted(): array
    {
        $stands = $this->stands();
        $small = array_values(
            array_filter(
                $this->words->adjusters(),
                static fn (Adjuster $adjuster): bool => $adjuster->role === Role::Tension,
            ),
        );

        return array_map(
            fn (Adjuster $adjuster): array => [
                'key' => $adjuster->key,
                'label' => $this->words->label($adjuster),
                'on' => $stands->step($adjuster->key),
                'isTwice' => ! $adjuster->isTurnedLoaded,
                'options' => array_map(
                    fn (float $step): array => [$step, $this->words->number($adjuster, $step)],
                    $adjuster->range->all(),
                ),
            ],
            $small,
        );
    }

    /** What the tried setting would do, in sentences; an empty text where none is tried. */
    public function says(): string
    {
        $tried = $this->tried();
        if ($tried === null) {
            return '';
        }
        $forecast = $this->forecast($tried);
        $carried = $this->attitude($tried);
        $heights = $this->advice->says->expect($this->analysed->expectedHeights($tried));
        $loads = Text::of('setting.tried_loads', [
            'front' => $this->print->aboutChange($carried->frontLoad()),
            'rear' => $this->print->aboutChange($carried->rearLoad()),
            'trailer' => $this->print->aboutChange($carried->trailerLoad()),
        ]);
        $share = Text::of('setting.tried_share', [
            'share' => VerdictWords::share(
                $this->advice->analysis
                    ->stances()
                    ->at($this->analysed->tensionOffset($tried), $this->analysed->ballOffset($tried))
                    ->share(),
            ),
        ]);

        return implode(
            ' ',
            array_filter([
                $share,
                $forecast === null ? '' : $this->advice->says->likely($forecast->chance),
                $heights,
                $loads,
                $this->objection($forecast),
            ]),
        );
    }

    /** How the rig stands with the bars on at a setting, as the readings have it. */
    public function attitude(Setting $setting): Attitude
    {
        return $this->advice->analysis
            ->stances()
            ->at($this->analysed->tensionOffset($setting), $this->analysed->ballOffset($setting))->carried;
    }

    /** Why a setting is never advised, in a sentence, or an empty text. */
    private function objection(?SettingForecast $forecast): string
    {
        return $forecast?->excluded === null
            ? ''
            : Text::of('setting.tried_excluded', ['why' => $this->advice->says->excluded($forecast->excluded)]);
    }

    private function forecast(Setting $setting): ?SettingForecast
    {
        foreach ($this->advice->recommendation()->ranking ?? [] as $forecast) {
            if ($forecast->setting->equals($setting)) {
                return $forecast;
            }
        }

        return null;
    }

    private function on(): ?Setting
    {
        return $this->analysed->setting($this->analysed->job->roundOf(Stance::Carried));
    }
}
