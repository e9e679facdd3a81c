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
use App\Words\Text;
use Yoke\Drawing\Plot\HeightCurvePlot;
use Yoke\Loading\TongueShare;
use Yoke\Probability\Normal;
use Yoke\Readings\Tongue\TongueCurve;
use Yoke\Units\Length;
use Yoke\Units\Load;
use Yoke\Units\LoadUnit;
use Yoke\Units\Text\Fineness;

/** The tongue weight of a job's trailer: its readings, and the curve through them. */
final readonly class TonguePage
{
    public PlanPage $plan;

    public TongueReadings $readings;

    public ?TongueCurve $curve;

    private Length $ballToAxle;

    public Job $job;

    public function __construct(private AnalysedJob $analysed, private User $person)
    {
        $this->job = $analysed->job;
        $this->plan = PlanPage::ofJob($analysed, $person);
        $this->readings = new TongueReadings($this->job, $this->plan->described);
        $this->ballToAxle = $this->plan->described->ballToAxle();
        $this->curve = $this->readings->curve();
    }

    /** What two tickets make of it, corrected to level; null without them. */
    public function byTickets(): ?Normal
    {
        return (new WeighPage($this->analysed, $this->person))->tongueWeight();
    }

    /** Of the coupler with the rig carried, as planned; level where nobody measured. */
    public function inUse(): Length
    {
        return $this->readings->level()->plus(Length::ofMillimetres($this->plan->plan->carried()->ballRise()));
    }

    public function load(Normal $load): string
    {
        return "{$this->plan->print->load(Load::ofKilograms($load->mean()))} ± {$this->plan->print->load(Load::ofKilograms($load->deviation()))}";
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

        return $read === null ? '' : sprintf('lever %.2f to 1, ± %.1f %%', $read->ratio(), 100 * $read->doubt());
    }

    public function share(): TongueShare
    {
        $gross = $this->job->rigAsWorked()->core()->trailer->grossWeight->kilograms();

        return new TongueShare(($this->curve?->level()->mean() ?? 0.0) / $gross);
    }

    /** What a change of hitch height does, in a sentence. */
    public function slope(): string
    {
        $unit = $this->person->fineness === Fineness::Millimetre ? Length::ofMillimetres(100.0) : Length::ofInches(4.0);
        $slope = $this->curve?->slope() ?? Normal::of(0.0, 0.0);
        $change = Normal::of($slope->mean() * $unit->millimetres(), $slope->deviation() * $unit->millimetres());
        $from = $this->curve?->isFitted() === true ? Text::of('screen.tongue_page.from_readings') : Text::of('screen.tongue_page.from_usual');
        $doubt = $this->plan->print->load(Load::ofKilograms($change->deviation()));

        return Text::of('screen.tongue_page.slope', ['higher' => $this->plan->print->length($unit), 'change' => $this->plan->print->loadChange(Load::ofKilograms($change->mean())), 'doubt' => $doubt, 'from' => $from]);
    }

    /** Where the slope puts the centre of gravity, in a sentence. */
    public function centreOfGravity(): string
    {
        $height = $this->curve?->cgAboveAxle() ?? Normal::of(0.0, 0.0);

        return Text::of('screen.tongue_page.centre_of_gravity', ['height' => $this->plan->print->height($height->mean()), 'doubt' => $this->plan->print->doubt($height)]);
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

        return new HeightCurvePlot(static fn (float $height): Normal => $curve->at(Length::ofMillimetres($height)), $points);
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

    /** @return array{heights: list<array{float, string}>, loads: list<array{float, string}>} round places in this person's units */
    public function gridlines(HeightCurvePlot $plot): array
    {
        $isMetric = $this->person->fineness === Fineness::Millimetre;
        $lines = $plot->gridlines($isMetric ? 1.0 : Length::ofInches(1.0)->millimetres(), $this->person->loadUnit() === LoadUnit::Kilogram ? 1.0 : Load::ofPounds(1.0)->kilograms());

        return [
            'heights' => array_map(fn (float $at): array => [$at, $this->plan->print->height($at)], $lines['heights']),
            'loads' => array_map(fn (float $at): array => [$at, $this->plan->print->load(Load::ofKilograms($at))], $lines['loads']),
        ];
    }
}
