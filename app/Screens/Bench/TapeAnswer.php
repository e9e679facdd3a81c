<?php

declare(strict_types=1);

namespace App\Screens\Bench;

use App\UseCases\Tape\Entry;
use App\UseCases\Tape\Place;
use App\UseCases\Tape\SaveOutcome;
use App\Words\Text;
use App\Words\VerdictWords;
use Illuminate\Support\Facades\Date;

/**
 * The live answer to the tape form: the parts of the bench drawn again, and a sentence for each field.
 *
 * @phpstan-type Field array{tone: string, sentence: string, basedOn: int|null, saved: string|null, back: string,
 *     aloud: string}
 */
final readonly class TapeAnswer
{
    public function __construct(private BenchPage $page)
    {
    }

    /**
     * @param  list<Entry>  $entries
     * @return array<string, mixed>
     */
    public function previewing(array $entries): array
    {
        $fields = [];
        foreach ($entries as $entry) {
            $fields[$entry->place->field()] =
                $entry->refusal === null
                    ? $this->believed($entry->place, $entry->basedOn, null)
                    : $this->field('stop', $entry->refusal, $entry->basedOn, null);
        }

        // What is most worth knowing is worked out when something is saved, not at every key: it stays as it stands.
        return ['fields' => $fields, 'parts' => $this->parts(['isTyping' => true]), 'said' => $this->said()];
    }

    /**
     * @param  array<string, SaveOutcome>  $outcomes
     * @return array<string, mixed>
     */
    public function saved(array $outcomes): array
    {
        $open = array_filter($outcomes, fn (SaveOutcome $outcome): bool => $outcome->saved->isOpen());

        return [
            'fields' => array_map($this->savedField(...), $outcomes),
            'parts' => $this->parts(),
            'said' => $this->said(),
            'savedAt' => $open === []
                    ? Text::of('screen.tape_answer.saved', ['at' => Date::now()->format('H:i')])
                    : Text::of('screen.tape_answer.not_all_of_it_is'),
            'frontOnly' => $this->page->isFrontOnly(),
            'next' => $this->page->afterSaving(),
        ];
    }

    /**
     * What was written down of each field, before anything is drawn.
     *
     * @param  array<string, SaveOutcome>  $outcomes
     * @return array<string, array{sentence: string, basedOn: int|null, saved: string}>
     */
    public static function written(array $outcomes): array
    {
        return array_map(
            static fn (SaveOutcome $outcome): array => [
                'sentence' => $outcome->sentence,
                'basedOn' => $outcome->basedOn,
                'saved' => $outcome->saved->value,
            ],
            $outcomes,
        );
    }

    /** The verdict in one line, for a screen reader. */
    private function said(): string
    {
        $advice = $this->page->advice();
        $verdict = $advice->verdict();
        $says =
            $verdict === null
                ? ''
                : VerdictWords::share($verdict->share).' '.VerdictWords::verdict($verdict->verdict).'. ';

        return trim($says.$advice->move().' '.$advice->chance());
    }

    /** @return Field */
    private function savedField(SaveOutcome $outcome): array
    {
        return $outcome->sentence !== ''
            ? $this->field(
                $outcome->saved->isOpen() ? 'stop' : 'note',
                $outcome->sentence,
                $outcome->basedOn,
                $outcome->saved->value,
            )
            : $this->believed($outcome->entry->place, $outcome->basedOn, $outcome->saved->value);
    }

    /** @return Field */
    private function believed(Place $place, ?int $basedOn, ?string $saved): array
    {
        $caution = $this->page->tape()->cautionAt($place);

        return $caution !== ''
            ? $this->field('caution', $caution, $basedOn, $saved, $place)
            : $this->field('plain', $this->page->tape()->worth($place), $basedOn, $saved, $place);
    }

    /** @return Field */
    private function field(string $tone, string $sentence, ?int $basedOn, ?string $saved, ?Place $reads = null): array
    {
        return [
            'tone' => $tone,
            'sentence' => $sentence,
            'basedOn' => $basedOn,
            'saved' => $saved,
            'back' => $reads === null ? '' : $this->page->tape()->back($reads),
            'aloud' => $reads === null ? '' : $this->page->tape()->aloud($reads),
        ];
    }

    /**
     * @param  array<string, bool>  $with  what the views are told besides
     * @return array<string, string>
     */
    private function parts(array $with = []): array
    {
        return array_map(fn (string $view): string => view($view, ['page' => $this->page] + $with)->render(), [
            'drawing' => 'bench.drawing',
            'next' => 'bench.next',
            'verdict' => 'bench.advice',
            'chain' => 'bench.chain',
            'tried' => 'bench.tried',
        ]);
    }
}
