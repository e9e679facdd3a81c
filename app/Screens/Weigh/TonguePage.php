<?php

declare(strict_types=1);

namespace App\Screens\Weigh;

use App\Models\Job;
use App\Models\TongueWay;
use App\Models\TongueWeighing;
use App\Models\User;
use App\Screens\Plan\PlanPage;
use App\UseCases\Analysis\AnalysedJob;
use App\UseCases\Analysis\TongueReadings;
use App\Words\Figures;
use App\Words\LoadWords;
use App\Words\RatingWords;
use App\Words\Text;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\LoadUnit;
use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Measuring\Readings\Tongue\TongueCurve;
use Yoke\Measuring\Readings\Tongue\TonguePair;
use Yoke\Measuring\Readings\Tongue\TongueSeries;
use Yoke\Mechanics\Loading\TongueShare;
use Yoke\Showing\Drawing\Plot\HeightCurvePlot;

/** The tongue weight of a job's trailer: its readings, and the curve through them. */
final readonly class TonguePage
{
    public PlanPage $plan;

    public TongueReadings $readings;

    public ?TongueCurve $curve;

    private ?TongueSeries $series;

    /** @var list<TongueWeighing> that stand apart from all the others */
    private array $apart;

    private Length $ballToAxle;

    public Job $job;

    public function __construct(private AnalysedJob $analysed, private User $person)
    {
        $this->job = $analysed->job;
        $this->plan = PlanPage::ofJob($analysed, $person);
        $this->readings = new TongueReadings($this->job, $this->plan->described);
        $this->ballToAxle = $this->plan->described->sheets->ballToAxle();
        $this->series = $this->readings->series();
        $this->curve = $this->series?->curve;
        $this->apart = array_map(
            fn (int $place): TongueWeighing => $this->readings->counting[$place],
            $this->series->apart ?? [],
        );
    }

    /** What two tickets make of it, corrected to level; null without them. */
    public function byTickets(): ?Normal
    {
        return (new WeighPage($this->analysed, $this->person))->tongueWeight();
    }

    /** Of the coupler with the rig carried, as planned; level where nobody measured. */
    public function inUse(): Length
    {
        return $this->readings->level()->plus($this->analysed->carried()->ballRise());
    }

    public function load(Normal $load): string
    {
        return "{$this->plan->print->load(
            Load::ofKilograms($load->mean()),
        )} ± {$this->plan->print->load(Load::ofKilograms($load->deviation()))}";
    }

    /** What a reading comes to on the ball, at its own height, with its instrument's doubt. */
    public function onBall(TongueWeighing $reading): string
    {
        $read = $reading->core($this->ballToAxle);

        return $this->load(Normal::of($read->onBall()->kilograms(), $read->gainDoubt() * $read->onBall()->kilograms()));
    }

    /** What a reading is taken to in use, along the curve. */
    public function carried(TongueWeighing $reading): string
    {
        return $this->plan->print->load($this->curve?->carriedTo($reading->core($this->ballToAxle), $this->inUse()));
    }

    /** How a lever takes part in a reading, or an empty text. */
    public function lever(TongueWeighing $reading): string
    {
        $read = $reading->way === TongueWay::Lever ? $reading->core($this->ballToAxle)->lever : null;

        return $read === null
            ? ''
            : Text::of('screen.lever', [
                'ratio' => Figures::fixed($read->ratio(), 2),
                'doubt' => Figures::fixed(100 * $read->doubt()),
            ]);
    }

    /** How full the tanks were at a reading, in words; an empty text where nobody looked. */
    public function tanks(TongueWeighing $reading): string
    {
        $fills = $reading->fills();

        return implode(
            ', ',
            array_map(
                static fn (string $tank, float $fill): string => Text::of('load.tank_at', [
                    'tank' => Text::of("load.tank.{$tank}"),
                    'percent' => (int) round(100 * $fill),
                ]),
                array_keys($fills),
                $fills,
            ),
        );
    }

    /** @return list<array{says: string, agrees: bool}> what filling did, measured against computed */
    public function tankEffects(): array
    {
        $print = $this->plan->print;

        return array_map(static function (array $effect) use ($print): array {
            [$found, $filled] = $effect;
            $tanks = implode(
                ', ',
                array_map(
                    static fn (array $one): string => Text::of('load.tank_change', [
                        'tank' => LoadWords::tank($one[0]),
                        'percent' => sprintf('%+d', (int) round(100 * $one[1])),
                    ]),
                    $filled,
                ),
            );

            return [
                'says' => Text::of('load.tank_effect', [
                    'tanks' => ucfirst($tanks),
                    'measured' => $print->loadChange(Load::ofKilograms($found->measured->mean())),
                    'doubt' => $print->load(Load::ofKilograms($found->measured->deviation())),
                    'computed' => $print->loadChange(Load::ofKilograms($found->computed)),
                ]).
                    ' '.
                    ($found->agrees() || $found->ahead === null
                        ? Text::of($found->agrees() ? 'load.tank_agrees' : 'load.tank_differs')
                        : Text::of('load.tank_elsewhere', ['ahead' => $print->height($found->ahead->millimetres())])),
                'agrees' => $found->agrees(),
            ];
        }, $this->readings->tankEffects());
    }

    /** Whether a reading stands apart from all the others: it is kept, and the curve goes without it. */
    public function standsApart(TongueWeighing $reading): bool
    {
        return in_array($reading, $this->apart, true);
    }

    /** @return list<string> readings that cannot both be right, in sentences */
    public function atOdds(): array
    {
        $print = $this->plan->print;

        return array_map(
            static fn (TonguePair $pair): string => Text::of('load.at_odds', [
                'one' => $print->load($pair->one->onBall()),
                'other' => $print->load($pair->other->onBall()),
            ]),
            $this->series?->atOdds() ?? [],
        );
    }

    /** @return list<string> at which coupler heights the curve meets the ends of the range and the ratings */
    public function meets(): array
    {
        $marks = [
            [Text::of('load.meets.least'), $this->gross()->times(TongueShare::LEAST)->kilograms()],
            [Text::of('load.meets.most'), $this->gross()->times(TongueShare::MOST)->kilograms()],
        ];
        foreach ($this->analysed->ledger() as $rated) {
            if ($rated->may !== null && $rated->part->isOfTheTongue()) {
                $marks[] = [RatingWords::part($rated), $rated->may->kilograms()];
            }
        }
        [$met, $nowhere] = [[], []];
        foreach ($marks as [$what, $kilograms]) {
            $height = $this->curve?->heightFor($kilograms);
            if ($height === null) {
                continue;
            }
            $says = ['what' => $what, 'load' => $this->plan->print->load(Load::ofKilograms($kilograms))];
            if (! TongueCurve::isInReach($height->mean())) {
                $nowhere[] = Text::of('load.meets.mark', $says);

                continue;
            }
            $met[] = Text::of('load.meets.at', [
                ...$says,
                'height' => $this->plan->print->height($height->mean()),
                'doubt' => $this->plan->print->doubt($height),
            ]);
        }

        return array_values(
            array_unique([
                ...$met,
                ...$nowhere === [] ? [] : [Text::of('load.meets.nowhere', ['marks' => implode(', ', $nowhere)])],
            ]),
        );
    }

    /** The way that was chosen last stays chosen. */
    public function way(): string
    {
        return ($this->job->tongueReadings->sortBy('id')->last()->way ?? TongueWay::cases()[0])->value;
    }

    public function share(): TongueShare
    {
        return new TongueShare(($this->curve?->level()->mean() ?? 0.0) / $this->gross()->kilograms());
    }

    /** Of gross, at the height in use: `12.4 % of gross`. */
    public function shareInUse(): string
    {
        return Text::of('screen.advice_page.of_gross_short', [
            'share' => Figures::fixed(
                (100 * ($this->curve?->at($this->inUse())->mean() ?? 0.0)) / $this->gross()->kilograms(),
            ),
        ]);
    }

    /** Of the trailer as everything that was read tells it. */
    private function gross(): Load
    {
        return $this->analysed->posterior()->gross();
    }

    /** What a change of hitch height does, in a sentence. */
    public function slope(): string
    {
        $unit = $this->person->fineness === Fineness::Millimetre ? Length::ofMillimetres(100.0) : Length::ofInches(4.0);
        $slope = $this->curve?->slope() ?? Normal::of(0.0, 0.0);
        $change = Normal::of($slope->mean() * $unit->millimetres(), $slope->deviation() * $unit->millimetres());
        $from =
            $this->curve?->isFitted() === true
                ? Text::of('screen.tongue_page.from_readings')
                : Text::of('screen.tongue_page.from_usual');
        $doubt = $this->plan->print->load(Load::ofKilograms($change->deviation()));

        return Text::of('screen.tongue_page.slope', [
            'higher' => $this->plan->print->length($unit),
            'change' => $this->plan->print->loadChange(Load::ofKilograms($change->mean())),
            'doubt' => $doubt,
            'from' => $from,
        ]);
    }

    /** Where the slope puts the centre of gravity, in a sentence. */
    public function centreOfGravity(): string
    {
        $height = $this->curve?->cgAboveAxle() ?? Normal::of(0.0, 0.0);

        return Text::of('screen.tongue_page.centre_of_gravity', [
            'height' => $this->plan->print->height($height->mean()),
            'doubt' => $this->plan->print->doubt($height),
        ]);
    }

    public function plot(): ?HeightCurvePlot
    {
        if ($this->curve === null) {
            return null;
        }
        $curve = $this->curve;
        $points = array_map(static fn (array $point): array => [$point['height'], $point['load']], $this->points());
        $points[] = [$this->inUse()->millimetres(), $curve->at($this->inUse())];
        $points[] = [$this->readings->level()->millimetres(), $curve->level()];

        return new HeightCurvePlot(
            static fn (float $height): Normal => $curve->at(Length::ofMillimetres($height)),
            $points,
        );
    }

    /** @return list<array{height: float, load: Normal, says: string}> the readings on the plot, mm and kg */
    public function points(): array
    {
        return array_map(function (TongueWeighing $reading): array {
            $read = $reading->core($this->ballToAxle);

            return [
                'height' => ($read->height ?? $this->readings->level())->millimetres(),
                'load' => Normal::of($read->onBall()->kilograms(), $read->gainDoubt() * $read->onBall()->kilograms()),
                'says' => $this->plan->print->load($read->onBall()),
            ];
        }, $this->readings->counting);
    }

    /**
     * @return array{heights: list<array{float, string}>, loads: list<array{float, string}>} round places in this
     *     person's units
     */
    public function gridlines(HeightCurvePlot $plot): array
    {
        $isMetric = $this->person->fineness === Fineness::Millimetre;
        $lines = $plot->gridlines(
            $isMetric ? 1.0 : Length::ofInches(1.0)->millimetres(),
            $this->person->loadUnit() === LoadUnit::Kilogram ? 1.0 : Load::ofPounds(1.0)->kilograms(),
        );

        return [
            'heights' => array_map(fn (float $at): array => [$at, $this->plan->print->height($at)], $lines['heights']),
            'loads' => array_map(
                fn (float $at): array => [$at, $this->plan->print->load(Load::ofKilograms($at))],
                $lines['loads'],
            ),
        ];
    }
}
