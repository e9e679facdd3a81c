<?php

declare(strict_types=1);

namespace App\Screens\Bench;

use App\Models\Job;
use App\Models\Reading;
use App\UseCases\Tape\Place;
use App\UseCases\Tape\TapedHeights;
use App\Words\CautionWords;
use App\Words\SpokenLength;
use App\Words\Text;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Foundation\Units\Text\LengthPrinter;
use Yoke\Measuring\Readings\Height\Caution;
use Yoke\Measuring\Readings\Height\Plausibility;
use Yoke\Measuring\Readings\Height\Settling;
use Yoke\Measuring\Readings\Height\Side;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/** What stands in the fields of the tape, what each comes to, and what looks wrong beside it. */
final readonly class TapeFields
{
    public function __construct(private Job $job, private TapedHeights $taped, private LengthPrinter $print)
    {
    }

    /** @return list<Caution> */
    public function cautions(): array
    {
        return (new Plausibility())->cautions($this->taped->stances());
    }

    /** The caution that stands beside a field, or an empty text. */
    public function cautionAt(Place $place): string
    {
        $sides = $place->side === Side::Right ? $this->sidesApart($place) : null;
        if ($sides !== null) {
            return $sides;
        }
        foreach ($this->cautions() as $caution) {
            if ($caution->stance === $place->stance && $caution->axle === $place->axle) {
                return CautionWords::of($caution, $this->print);
            }
        }

        return '';
    }

    private function sidesApart(Place $right): ?string
    {
        $one = $this->taped->at(new Place($right->stance, $right->axle, Side::Left));
        $other = $this->taped->at($right);

        $apart = $one === null || $other === null ? null : (new Plausibility())->sidesApart($one, $other);

        return $apart === null ? null : CautionWords::sides($apart, $this->print);
    }

    /** A word on stances that were not all taped the same way, or an empty text. */
    public function waysOfTaping(): string
    {
        return $this->taped->mixesWays() ? Text::of('screen.bench_page.some_stances_are_taped_with') : '';
    }

    /** The saved reading that stands in a field. */
    private function saved(Place $place): ?Reading
    {
        return $this->job->liveReadings->first(
            fn (Reading $reading): bool => Place::ofReading($reading)->key() === $place->key() &&
                $reading->round === $this->job->roundOf($place->stance),
        );
    }

    /** What a field shows: the text as it was typed, or the same height in this person's unit. */
    public function shown(Place $place): string
    {
        return $this->saved($place)?->typedLength()?->shownTo($this->print) ?? '';
    }

    /** The saved reading that a correction of this field would supersede. */
    public function standing(Place $place): ?int
    {
        return $this->saved($place)?->id;
    }

    /** Whether the stance was last taped after rolling. */
    public function isRolled(Stance $stance): bool
    {
        return $this->job->liveReadings->contains(
            fn (Reading $reading): bool => $reading->stance === $stance &&
                $reading->round === $this->job->roundOf($stance) &&
                $reading->height_mm !== null &&
                $reading->settling === Settling::Rolled,
        );
    }

    /** The field where an axle's dimension is typed: the left one where sides are taped apart. */
    public function fieldOf(Axle $axle): string
    {
        return (new Place(Stance::Alone, $axle, $this->job->each_side ? Side::Left : Side::Both))->field();
    }

    /** A height of this kind, to show how one is typed. */
    public function example(Place $place): string
    {
        return $this->print->nearest(Length::ofInches($place->axle === Axle::Front ? 37.4375 : 38.875));
    }

    /** A field's height, to be shown back large; an empty text where none reads. */
    public function back(Place $place): string
    {
        $reading = $this->taped->at($place);

        return $reading === null ? '' : $this->print->nearest($reading->height());
    }

    /** The same as a voice says it. */
    public function aloud(Place $place): string
    {
        $back = $this->back($place);

        return $back === ''
            ? ''
            : Text::of('calling.said', ['place' => $place->label(), 'value' => SpokenLength::of($back)]);
    }

    /** What a field's reading comes to in both units, and how far it can be trusted. */
    public function worth(Place $place): string
    {
        $reading = $this->taped->at($place);
        if ($reading === null) {
            return '';
        }
        $both = array_map(
            static fn (Fineness $fineness): string => (new LengthPrinter($fineness))->nearest($reading->height()),
            [Fineness::ThirtySecond, Fineness::Millimetre],
        );

        return Text::of('screen.tape_as_read', [
            'fraction' => $both[0],
            'millimetres' => $both[1],
            'doubt' => $this->print->doubt($reading->doubt()),
        ]);
    }
}
