<?php

declare(strict_types=1);

namespace App\Screens\Plan;

use App\Words\QuantityWords;
use App\Words\RatingWords;
use App\Words\SpecificationWords;
use App\Words\Text;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\Term;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Judgement\Ratings\RatedLoad;
use Yoke\Rig\Specification\RigPart;

/** The ledger of a plan in words: what each part carries against its rating. */
final readonly class RatingsPanel
{
    /** @param  list<RatedLoad>  $ledger */
    public function __construct(
        private SpecifiedRig $described,
        private array $ledger,
        private QuantityWords $print,
    ) {
    }

    /** What the table of ratings is called. */
    public function caption(): string
    {
        $weighed = array_filter($this->ledger, fn (RatedLoad $line): bool => $line->isWeighed());

        return Text::of('screen.ratings_panel.ratings_as_'.($weighed === [] ? 'predicted' : 'weighed'));
    }

    /**
     * @return list<array{string, bool}> a sentence for each load outside its rating, and whether it is over, and for a
     *     ball that does not fit
     */
    public function complaints(): array
    {
        $complaints = $this->described->ratings()->ballMisfits()
            ? [[Text::of('screen.ratings_panel.ball_and_coupler_are_of'), true]]
            : [];
        foreach ($this->ledger as $line) {
            $sentence = RatingWords::complaint($line, $this->print);
            $complaints = $sentence === null ? $complaints : [...$complaints, [$sentence, $line->isOver()]];
        }

        return $complaints;
    }

    /**
     * @return array{list<RatedLoad>, array<string, RatedLoad>} what can be checked, what is outside first; and a line
     *     for each field that is missing
     */
    public function byKnowledge(): array
    {
        $known = [];
        $unknown = [];
        foreach ($this->ledger as $line) {
            if ($line->may === null) {
                $unknown[$line->unlockedBy] = $line;
            } else {
                $known[] = $line;
            }
        }
        usort(
            $known,
            static fn (RatedLoad $one, RatedLoad $other): int => [$other->isOver(), $other->isOutside()] <=> [
                $one->isOver(),
                $one->isOutside(),
            ],
        );

        return [$known, $unknown];
    }

    /**
     * @param  list<RatedLoad>  $lines
     * @return array<string, list<Term>>
     */
    public function terms(array $lines): array
    {
        return array_column(
            array_map(
                static fn (RatedLoad $line): array => [ucfirst(RatingWords::of($line)), $line->terms],
                $lines,
            ),
            1,
            0,
        );
    }

    /** @return array{string, RigPart} the label of a field, and the part on whose sheet it stands */
    public function field(string $key): array
    {
        foreach (RigPart::cases() as $part) {
            $fields = $part->fields();
            $field = $fields[$key] ?? ($fields["{$key}_kg"] ?? null);
            if ($field !== null) {
                return [SpecificationWords::label($part, $field->key), $part];
            }
        }

        return [$key, RigPart::Vehicle];
    }
}
