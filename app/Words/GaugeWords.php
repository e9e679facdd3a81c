<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\User;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Analysis\GaugeTarget;
use Yoke\Rig\Parts\Rig;

/** What the gauge in a head is to show, in a person's units, and where that comes from. */
final readonly class GaugeWords
{
    private QuantityWords $print;

    public function __construct(private GaugeTarget $target, private Rig $rig, User $person)
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
                $perBar->kilograms() < 0.0 ? Text::of('gauge.below_the_tongue', ['target' => $this->target()]) : '',
            ]),
        );
    }
}
