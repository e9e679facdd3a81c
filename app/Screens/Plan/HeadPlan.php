<?php

declare(strict_types=1);

namespace App\Screens\Plan;

use App\Words\HeadWords;
use App\Words\QuantityWords;
use App\Words\Text;
use Yoke\Foundation\Units\Angle;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Term;
use Yoke\Job\Planning\RigPlan;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Judgement\Head\ShankPlace;

/** How high the ball is to stand: as the model advises it, within what the hitch's data sheet allows. */
final readonly class HeadPlan
{
    public function __construct(private SpecifiedRig $described, private RigPlan $plan, private QuantityWords $print)
    {
    }

    /** What to do, in a sentence. */
    public function advice(): string
    {
        $advised = $this->plan->ballAdvised();

        return $this->isWithinTheSheet()
            ? Text::of('head.advised', [
                'height' => $this->print->height($advised->mean()),
                'doubt' => $this->print->doubt($advised),
            ])
            : Text::of('head.planned', ['height' => $this->print->length($this->plan->ballPlanned())]);
    }

    /** Why the model's own height is not taken, in a sentence; an empty text where it is. */
    public function why(): string
    {
        $pitch = $this->plan->pitchAsPlanned();

        return $this->isWithinTheSheet()
            ? ''
            : Text::of('head.outside', [
                'height' => $this->print->height($this->plan->ballAdvised()->mean()),
                'angle' => $this->print->degrees(Angle::ofRadians(abs($pitch->radians()))),
                'stands' => Text::of($pitch->radians() < 0.0 ? 'head.nose_down' : 'head.nose_up'),
            ]);
    }

    private function isWithinTheSheet(): bool
    {
        return $this->described
            ->sheetStart()
            ->ball()
            ?->holds(Length::ofMillimetres($this->plan->ballAdvised()->mean())) ?? true;
    }

    /**
     * @param  list<ShankPlace>  $places
     * @return array<string, list<Term>>
     */
    public function placeTerms(array $places): array
    {
        return array_column(
            array_map(
                static fn (ShankPlace $place): array => [HeadWords::place($place), $place->terms],
                $places,
            ),
            1,
            0,
        );
    }
}
