<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\User;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Length;
use Yoke\Job\Experience\Source;
use Yoke\Measuring\Estimation\Prior\LearnedPriors;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Parts\VehicleClass;
use Yoke\Rig\Specification\RigPart;

/** What the shop has learned, in a person's units (lang/, experience). */
final readonly class ExperienceWords
{
    private QuantityWords $print;

    public function __construct(private User $person)
    {
        $this->print = new QuantityWords($person);
    }

    public static function source(Source $source): string
    {
        return Text::of("experience.source.{$source->value}");
    }

    /** A class of vehicles, a family, a body, or all. */
    public static function group(string $group): string
    {
        $family = Families::find($group);

        return match (true) {
            $family !== null => (new FamilyWords($family))->name(),
            VehicleClass::tryFrom($group) !== null => SpecificationWords::option(
                RigPart::Vehicle,
                'vehicle_class',
                $group,
            ),
            default => Text::ifAny("experience.group.{$group}") ?: $group,
        };
    }

    public function learned(Source $source, Normal $learned): string
    {
        return $source === Source::Tension
            ? Text::of('experience.from_usual_mm', [
                'off' => $this->print->change($learned->mean()),
                'doubt' => $this->person->lengthPrinter()->nearest(Length::ofMillimetres($learned->deviation())),
            ])
            : Text::of('experience.from_usual', [
                'off' => self::signed(100 * (exp($learned->mean()) - 1)),
                'doubt' => (int) round(100 * $learned->deviation()),
            ]);
    }

    public function textbook(Source $source, float $doubt): string
    {
        return $source === Source::Tension
            ? Text::of('experience.textbook_mm', [
                'doubt' => $this->person->lengthPrinter()->nearest(Length::ofMillimetres($doubt)),
            ])
            : Text::of('experience.textbook', ['doubt' => (int) round(100 * $doubt)]);
    }

    /** @return list<string> what a job started from, a sentence each */
    public function used(LearnedPriors $learned): array
    {
        $sentences = [];
        foreach ($learned->rows() as $quantity => $row) {
            $source = Source::tryFrom($quantity);
            if ($source !== null) {
                $sentences[] = Text::of('experience.used', [
                    'source' => self::source($source),
                    'says' => $this->learned($source, Normal::of($row['off'], $row['deviation'])),
                    'jobs' => $row['jobs'],
                    'own' => $row['own'],
                ]);
            }
        }

        return $sentences;
    }

    private static function signed(float $percent): string
    {
        return ($percent < 0.0 ? '−' : '+').abs((int) round($percent));
    }
}
