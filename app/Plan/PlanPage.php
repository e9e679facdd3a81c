<?php

declare(strict_types=1);

namespace App\Plan;

use App\Models\Job;
use App\Models\Rig;
use App\Models\RigAsWorked;
use App\Models\User;
use Yoke\Drawing\Elevation;
use Yoke\Limits\RatedLoad;
use Yoke\Measure\Gaussian;
use Yoke\Measure\Length;
use Yoke\Measure\Load;
use Yoke\Method\Band;
use Yoke\Plan\DescribedRig;
use Yoke\Plan\FirstChance;
use Yoke\Plan\RigPlan;
use Yoke\Plan\Term;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Sheet\Part;

/** The plan of a rig in a person's units. */
final readonly class PlanPage
{
    public DescribedRig $described;

    public RigPlan $plan;

    private function __construct(private RigAsWorked $worked, private Rig $rig, Band $band, private User $person)
    {
        $this->described = $worked->described();
        $this->plan = new RigPlan($this->described, $band);
    }

    /** As the job keeps its rig. */
    public static function ofJob(Job $job, User $person): self
    {
        return new self($job->rigAsWorked(), $job->rig, $job->band(), $person);
    }

    /** As the garage has it now, saved or about to be. */
    public static function ofRig(Rig $rig, User $person): self
    {
        return new self(new RigAsWorked(RigAsWorked::sheetOf($rig)), $rig, Band::usual(), $person);
    }

    /** The rig in its three stances as predicted. */
    public function elevation(): Elevation
    {
        return new Elevation($this->worked->core(), $this->plan->heights(), 1.0);
    }

    /** What the vehicle's maker says about distribution, quoted, or an empty text. */
    public function makersWord(): string
    {
        return $this->described->makersWord()?->says($this->person->loadUnit()) ?? '';
    }

    public function load(?Load $load): string
    {
        return $load === null ? '–' : $this->person->loadUnit()->nearest($load);
    }

    public function height(float $millimetres): string
    {
        return $this->person->lengthPrinter()->nearest(Length::ofMillimetres($millimetres));
    }

    public function change(float $millimetres): string
    {
        return $this->person->lengthPrinter()->change(Length::ofMillimetres($millimetres));
    }

    public function doubt(Gaussian $value): string
    {
        return $this->person->lengthPrinter()->doubt(Length::ofMillimetres($value->deviation()));
    }

    public function term(Term $term): string
    {
        return $term->comesTo instanceof Load ? $this->load($term->comesTo) : $this->person->lengthPrinter()->fine($term->comesTo);
    }

    public function percent(float $share): string
    {
        return sprintf('%d %%', round($share * 100));
    }

    /** @return list<string> a sentence for each load outside its rating */
    public function complaints(): array
    {
        $sentences = array_map(fn (RatedLoad $line): string => $line->complaint($this->person->loadUnit()), $this->plan->ledger());

        return array_values(array_filter($sentences, static fn (string $sentence): bool => $sentence !== ''));
    }

    /** @return array{list<RatedLoad>, array<string, RatedLoad>} what can be checked, what is outside first; and a line for each field that is missing */
    public function ledgerByKnowledge(): array
    {
        $known = [];
        $unknown = [];
        foreach ($this->plan->ledger() as $line) {
            if ($line->may === null) {
                $unknown[$line->unlockedBy] = $line;
            } else {
                $known[] = $line;
            }
        }
        usort($known, static fn (RatedLoad $one, RatedLoad $other): int => $other->isOutside() <=> $one->isOutside());

        return [$known, $unknown];
    }

    /** The setting in the family's words, as this shop counts: `link 4, 3 washers`. The head is chosen with the ball. */
    public function setting(FirstChance $chance): string
    {
        $words = $this->described->family()?->wording();
        $said = [];
        foreach ($this->described->adjusters()?->all() ?? [] as $adjuster) {
            $step = $adjuster->said($chance->setting->step($adjuster->key));
            if ($words !== null && $adjuster->role !== Role::HeadHeight) {
                $said[] = $adjuster->role === Role::Tilt ? $words->count($adjuster->key, $step) : sprintf('%s %g', $words->steps[$adjuster->key][0], $step);
            }
        }

        return implode(', ', $said);
    }

    /** Where the sheet of a part of this rig is typed. */
    public function sheetOf(Part $part): string
    {
        return route('garage.edit', [$part->value, $this->rig->getAttribute("{$part->value}_id")]);
    }

    /** @return array{string, Part} the label of a field, and the part on whose sheet it stands */
    public function field(string $key): array
    {
        foreach (Part::cases() as $part) {
            $fields = $part->fields();
            $field = $fields[$key] ?? $fields["{$key}_kg"] ?? null;
            if ($field !== null) {
                return [$field->label, $part];
            }
        }

        return [$key, Part::Vehicle];
    }
}
