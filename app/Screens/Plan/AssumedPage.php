<?php

declare(strict_types=1);

namespace App\Screens\Plan;

use App\Models\User;
use App\UseCases\Analysis\AnalysedJob;
use App\Words\ExperienceWords;
use App\Words\SpecificationWords;
use App\Words\Text;
use App\Words\VerdictWords;
use Closure;
use Yoke\Job\Analysis\WorthKnowing;
use Yoke\Job\Planning\Assumption;
use Yoke\Job\Planning\Assumptions;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Rig\Specification\FieldKind;
use Yoke\Rig\Specification\RigPart;

/** What of a rig is assumed, the most useful to know first, and where it is typed. */
final readonly class AssumedPage
{
    private VerdictWords $words;

    /**
     * @param  AnalysedJob|null  $job  null for a rig of the garage: nothing is ranked there
     * @param  Closure(RigPart): string  $sheetOf  the address of a part's specification
     */
    public function __construct(
        private SpecifiedRig $described,
        private ?AnalysedJob $job,
        private User $person,
        private Closure $sheetOf,
    ) {
        $this->words = new VerdictWords($person);
    }

    /** @return list<string> what of the shop's experience the job started from, a sentence each */
    public function experience(): array
    {
        return $this->job === null ? [] : (new ExperienceWords($this->person))->used($this->job->worked->experience());
    }

    /**
     * @return list<array{says: string, worth: string, at: string, tells: string}> what is assumed, what knowing it
     *     would do, the address where, and the field's label
     */
    public function lines(): array
    {
        return array_map(
            fn (array $one): array => [
                'says' => $this->words->assumption($one[0]),
                'worth' => $one[1],
                'at' => $this->isTaped($one[0]) && $this->job !== null
                        ? route('bars', $this->job->job)
                        : ($this->sheetOf)($one[0]->part),
                'tells' => $this->wouldTell($one[0]),
            ],
            $this->ranked(),
        );
    }

    /**
     * What would help most where it is no field, but the bars taped on the job; null otherwise.
     *
     * @return array{says: string, worth: string, at: string}|null
     */
    public function tapedFirst(): ?array
    {
        [$assumption, $worth] = $this->ranked()[0] ?? [null, ''];

        return $this->job === null || $assumption === null || ! $this->isTaped($assumption)
            ? null
            : [
                'says' => $this->words->assumption($assumption),
                'worth' => $worth,
                'at' => route('bars', $this->job->job),
            ];
    }

    /**
     * The one field that would help most, to be typed right there; null where no field of a specification would.
     *
     * @return array{part: RigPart, key: string, label: string, says: string, worth: string, options: array<string,
     *     string>, isLength: bool}|null
     */
    public function mostUseful(): ?array
    {
        foreach ($this->ranked() as [$assumption, $worth]) {
            if (! $this->isTaped($assumption)) {
                $field = $assumption->part->fields()[$assumption->field];

                return [
                    'part' => $assumption->part,
                    'key' => $field->key,
                    'label' => SpecificationWords::label($assumption->part, $field->key),
                    'says' => $this->words->assumption($assumption),
                    'worth' => $worth,
                    'options' => $field->kind === FieldKind::Choice
                            ? SpecificationWords::options($assumption->part, $field->key)
                            : [],
                    'isLength' => $field->kind === FieldKind::Length,
                ];
            }
        }

        return null;
    }

    /** @return list<array{Assumption, string}> each with what knowing it would do, in words */
    private function ranked(): array
    {
        $ranked =
            $this->job === null || $this->described->sheets->isPlainBall()
                ? array_map(
                    static fn (Assumption $assumption): array => [$assumption, ''],
                    $this->described->assumptions(),
                )
                : array_map(
                    static fn (WorthKnowing $worth): array => [$worth->assumption, VerdictWords::worthKnowing($worth)],
                    $this->job->worthKnowing(),
                );

        // Bars are taped before anything is coupled: once they are on, it is too late.
        return $this->job?->current() === null
            ? $ranked
            : array_values(array_filter($ranked, fn (array $one): bool => ! $this->isTaped($one[0])));
    }

    /** Whether it is no field of a specification, but taped on the job. */
    private function isTaped(Assumption $assumption): bool
    {
        return $assumption->field === Assumptions::BARS_TAPED;
    }

    /** What would tell it, in words. */
    private function wouldTell(Assumption $assumption): string
    {
        return $this->isTaped($assumption)
            ? Text::of('assumption.tape_the_bars')
            : Text::of('assumption.would_tell', [
                'part' => SpecificationWords::part($assumption->part),
                'label' => SpecificationWords::label($assumption->part, $assumption->field),
            ]);
    }
}
