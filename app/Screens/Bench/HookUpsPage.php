<?php

declare(strict_types=1);

namespace App\Screens\Bench;

use App\Models\Job;
use App\Models\MeasureKind;
use App\UseCases\Analysis\AnalysedJob;
use App\UseCases\Tape\TapedHeights;
use App\Words\Figures;
use App\Words\QuantityWords;
use App\Words\SettingWords;
use App\Words\Text;
use App\Words\VerdictWords;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\Text\LengthPrinter;
use Yoke\Job\Analysis\GoverningVerdict;
use Yoke\Judgement\Advice\SettingForecast;
use Yoke\Judgement\Method\Criterion;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Specification\RigPart;
use Yoke\Showing\Drawing\Plot\StancePlot;

/** The hook-ups of a job: as a ladder, on a plot, and the map of every setting. */
final readonly class HookUpsPage
{
    private Job $job;

    private TapedHeights $taped;

    public function __construct(
        private AnalysedJob $analysed,
        private SettingWords $words,
        private LengthPrinter $print,
        private BenchQuery $look,
        private QuantityWords $loads,
    ) {
        $this->job = $analysed->job;
        $this->taped = $analysed->taped;
    }

    /**
     * @return list<array{number: int, setting: string, change: string, cells: array{string, string}, share: string,
     *     verdict: string}> the latest first, its cells as the columns say; rounds that nothing was read in are left
     *     out but for the one that is on
     */
    public function ladder(): array
    {
        $ladder = [];
        [$before, $last] = [null, null];
        for ($round = 1; $round <= $this->job->roundOf(Stance::Carried); $round++) {
            $setting = $this->analysed->setting($round);
            $isRead = $this->analysed->isReadCarried($round);
            $verdict =
                $isRead && ! $this->analysed->measured()->isCarriedAlone() ? $this->verdictOf($setting, $round) : null;
            if ($setting !== null || $isRead) {
                $said =
                    $setting === null
                        ? Text::of('screen.hook_ups_page.not_recorded')
                        : $this->words->of($setting, $this->analysed->reference());
                $ladder[] = [
                    'number' => $round,
                    'setting' => $said === $before
                            ? Text::of('screen.hook_ups_page.again', ['setting' => $said])
                            : $said,
                    'change' => $setting === null || $last === null ? '' : $this->words->change($last, $setting),
                    'cells' => $this->cells($round),
                    'share' => $verdict === null ? '–' : VerdictWords::share($verdict->share),
                    'verdict' => $verdict === null ? '' : VerdictWords::verdict($verdict->verdict),
                ];
                [$before, $last] = [$said, $setting];
            }
        }

        return array_reverse($ladder);
    }

    /** @return array{string, string} what stands in the cells of a hook-up: the figures of the method that governs */
    public function columns(): array
    {
        return match ($this->job->method) {
            Criterion::CouplerHeight => [
                Text::of('screen.hook_ups_page.coupler'),
                Text::of('screen.hook_ups_page.from_level'),
            ],
            Criterion::BallLoad => [
                Text::of('screen.hook_ups_page.gauge'),
                Text::of('screen.hook_ups_page.from_target'),
            ],
            default => [Text::of('screen.hook_ups_page.front'), Text::of('screen.hook_ups_page.rear')],
        };
    }

    /** @return array{string, string} */
    private function cells(int $round): array
    {
        return match ($this->job->method) {
            Criterion::CouplerHeight => $this->coupler($round),
            Criterion::BallLoad => $this->gauge($round),
            default => [$this->fender(Axle::Front, $round), $this->fender(Axle::Rear, $round)],
        };
    }

    private function fender(Axle $axle, int $round): string
    {
        $height = $this->taped->axle(Stance::Carried, $axle, $round);

        return $height === null ? '–' : $this->print->bare($height->height());
    }

    /** @return array{string, string} the coupler as it was typed, and how far it stands over its level height */
    private function coupler(int $round): array
    {
        $read = $this->job->measure(Stance::Carried, $round, MeasureKind::Coupler);
        $level = $this->analysed->worked->values(RigPart::Trailer)->length('coupler_height_mm');

        return match (true) {
            $read?->value === null => ['–', '–'],
            $level === null => [$read->typed, '–'],
            default => [
                $read->typed,
                $this->print->change(Length::ofMillimetres($read->value - $level->millimetres())),
            ],
        };
    }

    /** @return array{string, string} the gauge as it was typed, and how far it is off the target of today */
    private function gauge(int $round): array
    {
        $read = $this->job->measure(Stance::Carried, $round, MeasureKind::BallLoad);
        $target = $this->analysed->analysis()->gauge()->target();

        return $read?->value === null
            ? ['–', '–']
            : [
                $read->typed,
                $this->loads->aboutChange(Load::ofKilograms($read->value - $target->kilograms())),
            ];
    }

    public function plot(): StancePlot
    {
        return new StancePlot(
            $this->analysed->posterior(),
            $this->analysed->goal->band,
            array_map(
                static fn (array $hookUp): array => ['rear' => $hookUp['rear'], 'front' => $hookUp['front']],
                $this->hookUps(),
            ),
            $this->analysed->goal->tolerances,
            $this->analysed->current()->ballOffset ?? 0.0,
        );
    }

    /**
     * @return list<array{number: int, rear: float, front: float, rearDoubt: float, frontDoubt: float}> changes from
     *     alone, mm
     */
    public function hookUps(): array
    {
        $alone = [
            Axle::Front->value => $this->analysed->posterior()->heightAlone(Axle::Front),
            Axle::Rear->value => $this->analysed->posterior()->heightAlone(Axle::Rear),
        ];
        $hookUps = [];
        for ($round = 1; $round <= $this->job->roundOf(Stance::Carried); $round++) {
            $front = $this->taped->axle(Stance::Carried, Axle::Front, $round)?->gaussian();
            $rear = $this->taped->axle(Stance::Carried, Axle::Rear, $round)?->gaussian();
            if ($front !== null && $rear !== null) {
                $hookUps[] = [
                    'number' => $round,
                    'rear' => $rear->mean() - $alone['rear']->mean(),
                    'front' => $front->mean() - $alone['front']->mean(),
                    'rearDoubt' => hypot($rear->deviation(), $alone['rear']->deviation()),
                    'frontDoubt' => hypot($front->deviation(), $alone['front']->deviation()),
                ];
            }
        }

        return $hookUps;
    }

    /**
     * @return non-empty-list<array{more: float, says: string}> the settings of the first adjuster, the others as they
     *     are
     */
    public function ticks(): array
    {
        $adjuster = ($this->analysed->adjusters?->all() ?? [])[0];
        $stays = $this->recommended();

        return array_map(
            fn (float $step): array => [
                'more' => $this->analysed->tensionOffset($stays->with($adjuster->key, $step)),
                'says' => floor($step) === $step ? Figures::short($adjuster->said($step)) : '',
            ],
            $adjuster->range->all(),
        );
    }

    /** None where nobody knows how the head is tilted. */
    private function knownTilt(): ?Adjuster
    {
        $tilt = $this->adjuster(Role::Tilt);

        return $tilt !== null && $this->analysed->current()?->setting?->knows($tilt->key) === false ? null : $tilt;
    }

    /**
     * Tension down, tilt across.
     *
     * @return array{columns: list<string>, across: string, rows: list<array{says: string,
     *     cells: list<array{steps: array<string, float|null>, says: string, percent: int, excluded: string,
     *     on: bool, best: bool, tried: bool}>}>}
     */
    public function map(): array
    {
        $tension = $this->adjuster(Role::Tension) ?? ($this->analysed->adjusters?->all() ?? [])[0];
        $tilt = $this->knownTilt();
        $outlooks = [];
        foreach ($this->analysed->recommendation()->ranking ?? [] as $outlook) {
            $outlooks[$this->key($outlook->setting)] = $outlook;
        }
        $stays = $this->analysed->current()->setting ?? $this->analysed->reference();
        $settings = static fn (float $step): array => array_map(
            static fn (?float $column): Setting => $tilt === null || $column === null
                ? $stays->with($tension->key, $step)
                : $stays->with($tension->key, $step)->with($tilt->key, $column),
            $tilt?->range->all() ?? [null],
        );

        return [
            'columns' => $tilt === null
                    ? []
                    : array_map(
                        static fn (float $column): string => Figures::short($tilt->said($column)),
                        $tilt->range->all(),
                    ),
            'across' => $tilt === null ? '' : $this->words->many($tilt),
            'rows' => array_map(
                fn (float $step): array => [
                    'says' => $this->words->step($tension, $step),
                    'cells' => array_map(
                        fn (Setting $setting): array => $this->cell(
                            $setting,
                            $outlooks[$this->key($setting)] ?? null,
                        ),
                        $settings($step),
                    ),
                ],
                array_reverse($tension->range->all()),
            ),
        ];
    }

    /**
     * @return array{steps: array<string, float|null>, says: string, percent: int, excluded: string, on: bool,
     *     best: bool, tried: bool}
     */
    private function cell(Setting $setting, ?SettingForecast $outlook): array
    {
        return [
            'steps' => $setting->told(),
            'says' => $this->words->of($setting),
            'percent' => (int) round(100 * ($outlook->chance ?? 0.0)),
            'excluded' => $outlook?->excluded === null ? '' : Text::of("exclusion.{$outlook->excluded->value}"),
            'on' => $this->analysed->current()?->setting?->equals($setting) ?? false,
            'best' => $this->recommended()->equals($setting),
            'tried' => $this->tried()?->equals($setting) ?? false,
        ];
    }

    /** The setting that somebody tries on the drawing; null where none, or none of this hitch. */
    public function tried(): ?Setting
    {
        return $this->analysed->tried($this->look->tried);
    }

    /** As it truly is by every story of the readings: of the hook-up that is on the bench's own verdict. */
    /** Of a hook-up whose setting nobody knows, the one that is on alone can be told. */
    private function verdictOf(?Setting $setting, int $round): ?GoverningVerdict
    {
        return match (true) {
            $setting !== null => $this->verdict($setting, $round),
            $round === $this->job->roundOf(Stance::Carried) => $this->analysed->verdict(),
            default => null,
        };
    }

    private function verdict(Setting $setting, int $round): GoverningVerdict
    {
        return $this->analysed
            ->analysis()
            ->verdictOf(
                new CurrentSetting(
                    $setting,
                    $this->analysed->tensionOffset($setting),
                    $this->analysed->ballOffset($setting),
                    1,
                    $this->job->roundBook()->hookUpOf($round),
                ),
            );
    }

    private function recommended(): Setting
    {
        return $this->analysed->recommendation()->forecast->setting ?? $this->analysed->reference();
    }

    private function adjuster(Role $role): ?Adjuster
    {
        foreach ($this->analysed->adjusters?->all() ?? [] as $adjuster) {
            if ($adjuster->role === $role) {
                return $adjuster;
            }
        }

        return null;
    }

    private function key(Setting $setting): string
    {
        return implode(
            ' ',
            array_map(static fn (float $step): string => sprintf('%.1f', $step), $setting->steps()),
        );
    }
}
