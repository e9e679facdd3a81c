<?php

declare(strict_types=1);

namespace App\Screens\Log;

use App\Models\Job;
use App\Models\RoadDrive;
use App\Models\User;
use App\Screens\Bench\BenchPage;
use App\UseCases\Analysis\AnalysedJob;
use App\UseCases\Analysis\JobAnalyses;
use App\Words\Figures;
use App\Words\QuantityWords;
use App\Words\SettingWords;
use App\Words\Text;
use App\Words\VerdictWords;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Analysis\GoverningVerdict;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/** One set-up in the history of a rig. */
final readonly class PastSetUp
{
    public BenchPage $bench;

    public ?AnalysedJob $analysed;

    public QuantityWords $print;

    public function __construct(public Job $job, User $person, JobAnalyses $analyses)
    {
        $analysed = $analyses->of($job);
        $this->bench = new BenchPage($analysed, $person);
        $this->analysed = $analysed->isRead() ? $analysed : null;
        $this->print = new QuantityWords($person);
    }

    /** That was on last; null while nobody read one. */
    public function setting(): ?Setting
    {
        return $this->analysed?->current()?->setting;
    }

    public function settingInWords(): string
    {
        $setting = $this->setting();

        return $setting === null ? '' : (new SettingWords($this->job->rigAsWorked()->specified()))->of($setting);
    }

    /** Null while nothing was read carried. */
    public function verdict(): ?GoverningVerdict
    {
        return $this->bench->advice()->verdict();
    }

    /** Level, as all readings tell it, kg. */
    public function tongueWeight(): ?Normal
    {
        return $this->analysed?->posterior()->tongueWeight();
    }

    /** Share of the front axle load restored, as all readings tell it. */
    public function restored(): ?Normal
    {
        return $this->verdict()?->share;
    }

    /** Both figures where levelling takes some back on the road; else an empty text. */
    private function onTheRoad(): string
    {
        $verdict = $this->verdict();

        return $verdict === null || $this->analysed === null
            ? ''
            : VerdictWords::onTheRoad($verdict, $this->analysed->lifter());
    }

    /** How much more another setting bends the bars than the one that was on, mm. */
    public function tensionTo(Setting $other): float
    {
        $current = $this->analysed?->current();

        return $this->analysed === null || $current === null
            ? 0.0
            : $this->analysed->tensionOffset($other) - $current->tensionOffset;
    }

    public function height(Stance $stance, Axle $axle): string
    {
        $reading = $this->bench->reading($stance, $axle);

        return $reading === null ? '–' : $this->print->length($reading->height());
    }

    /**
     * @return list<array{0: string, 1: string, 2?: string}> what, its value, and its name where other pages say it too
     */
    public function figures(): array
    {
        $tongue = $this->tongueWeight();
        $gross = $this->analysed?->posterior()->gross();
        $kilograms = fn (float $load): string => $this->print->about(Load::ofKilograms($load));

        return [
            [
                Text::of('screen.past_set_up.setting'),
                $this->settingInWords() ?: Text::of('screen.past_set_up.not_recorded'),
            ],
            ...$this->verdict() === null
                ? []
                : [[Text::of('verdict.heading'), VerdictWords::share($this->verdict()->share), 'share']],
            ...$this->onTheRoad() === '' ? [] : [[Text::of('verdict.on_the_road'), $this->onTheRoad()]],
            [
                Text::of('screen.past_set_up.load'),
                $this->job->rigAsWorked()->loadState() ?? Text::of('screen.past_set_up.not_recorded'),
            ],
            ...$tongue === null || $gross === null
                ? []
                : [
                    [Text::of('screen.past_set_up.tongue_weight'), $this->print->aboutWithDoubt($tongue), 'tongue'],
                    [
                        Text::of('screen.past_set_up.of_gross'),
                        Text::of('screen.advice_page.of_gross', [
                            'share' => Figures::fixed((100 * $tongue->mean()) / $gross->kilograms()),
                            'gross' => $this->print->about($gross),
                        ]),
                        'tongue_share',
                    ],
                ],
        ];
    }

    /** How its last road test went, in a sentence, or an empty text. */
    public function roadTest(): string
    {
        $drive = $this->job->roadDrives->last();

        return ! ($drive instanceof RoadDrive)
            ? ''
            : ($drive->core()->swayed()
                ? Text::of('screen.past_set_up.sway_was_felt_on_the')
                : Text::of('screen.past_set_up.driven_on_the_road_no'));
    }
}
