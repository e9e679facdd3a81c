<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\User;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\LoadUnit;
use Yoke\Job\Analysis\GaugeTarget;
use Yoke\Rig\Parts\Rig;

/** What the gauge in a head is to show, in a person's units, and where that comes from. */
final readonly class GaugeWords
{
    private QuantityWords $print;

    public function __construct(private GaugeTarget $target, private Rig $rig, private User $person)
    {
        $this->print = new QuantityWords($person);
    }

    public function target(): string
    {
        return $this->print->about($this->target->target());
    }

    public function range(): string
    {
        return Text::of('gauge.range', [
            'from' => $this->print->about($this->target->least()),
            'to' => $this->print->about($this->target->most()),
        ]);
    }

    /** Of these, what the gauge shows under the load that the card was worked out with. */
    public function usual(): string
    {
        return $this->print->load(Load::ofKilograms($this->usualSteps() * $this->step()));
    }

    private function usualSteps(): float
    {
        return round($this->target->tongueWeight()->mean() / $this->step());
    }

    /** What the figures to choose from step by, kg. */
    private function step(): float
    {
        $unit = $this->person->loadUnit();

        return $unit->load($unit === LoadUnit::Pound ? 20.0 : 10.0)->kilograms();
    }

    /** That the maker's figure was given for another load, and is asked for anew. */
    public function anotherLoad(Load $figure): string
    {
        return Text::of('gauge.another_load', ['figure' => $this->print->load($figure)]);
    }

    /** @return array<string, string> what the gauge may show bars off, and the target with them on, light to heavy */
    public function today(): array
    {
        [$step, $usual] = [$this->step(), $this->usualSteps()];
        $targets = [];
        for ($steps = ceil(0.6 * $usual); $steps <= floor(1.5 * $usual); $steps++) {
            $unloaded = Load::ofKilograms($steps * $step);
            $targets[$this->print->load($unloaded)] = $this->print->about($this->target->under($unloaded));
        }

        return $targets;
    }

    /** What it does, in a sentence. */
    public function restores(): string
    {
        return Text::of($this->target->isMakers() ? 'gauge.makers_restores' : 'gauge.restores', [
            'share' => $this->print->percent($this->target->share()),
        ]);
    }

    /** Where the target comes from, in a sentence. */
    public function from(): string
    {
        return $this->target->isMakers()
            ? Text::of('gauge.makers', ['ours' => $this->print->about($this->target->computed())])
            : Text::of('gauge.computed', [
                'tongue' => $this->tongue(),
                'overhang' => $this->print->length($this->rig->vehicle->overhang),
                'arm' => $this->print->length($this->rig->hitch->barArm),
                'axle' => $this->print->length($this->rig->trailer->ballToAxle),
            ]);
    }

    public function tongue(): string
    {
        return $this->print->about(Load::ofKilograms($this->target->tongueWeight()->mean()));
    }

    /** @return list<string> where the target does not go with the bars or with the tongue weight, a sentence each */
    public function cautions(?Load $rating): array
    {
        $perBar = $this->target->perBar();

        return array_values(
            array_filter([
                $rating !== null && $perBar->isGreaterThan($rating)
                    ? Text::of('gauge.past_the_rating', [
                        'bar' => $this->print->about($perBar),
                        'rating' => $this->print->load($rating),
                    ])
                    : '',
                $this->target->share() > 1.0
                    ? Text::of('gauge.past_full_return', ['share' => $this->print->percent($this->target->share())])
                    : '',
                $perBar->kilograms() < 0.0 ? Text::of('gauge.below_the_tongue', ['target' => $this->target()]) : '',
            ]),
        );
    }
}
