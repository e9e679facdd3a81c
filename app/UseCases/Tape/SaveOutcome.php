<?php

declare(strict_types=1);

namespace App\UseCases\Tape;

use App\Words\ExpectedWords;
use App\Words\Text;
use Yoke\Foundation\Units\Exception\UnreadableLength;

/** What became of an entry, with the sentence to stand beside its field. */
final readonly class SaveOutcome
{
    private function __construct(
        public Entry $entry,
        public Saved $saved,
        public string $sentence,
        public ?int $basedOn,
    ) {
    }

    public static function saved(Entry $entry, int $reading): self
    {
        return new self($entry, Saved::Saved, '', $reading);
    }

    public static function takenBack(Entry $entry, int $reading): self
    {
        return new self(
            $entry,
            Saved::TakenBack,
            Text::of('screen.save_outcome.the_earlier_reading_is_deleted'),
            $reading,
        );
    }

    public static function unchanged(Entry $entry, ?int $reading): self
    {
        return new self($entry, Saved::Unchanged, '', $reading);
    }

    public static function empty(Entry $entry, ?int $reading): self
    {
        return new self(
            $entry,
            Saved::Empty,
            ExpectedWords::of(UnreadableLength::empty()->expected()).' '.Text::of('tape.go_on_without'),
            $reading,
        );
    }

    public static function refused(Entry $entry): self
    {
        return new self($entry, Saved::Refused, (string) $entry->refusal, $entry->basedOn);
    }

    /** Somebody else saved into this field first. The next save, knowing that, goes through. */
    public static function overtaken(Entry $entry, int $reading, string $who, string $when, string $theirs): self
    {
        $sentence = Text::of($theirs === '' ? 'screen.save_outcome.deleted_by' : 'screen.save_outcome.saved_by', [
            'who' => $who,
            'when' => $when,
            'theirs' => $theirs,
        ]);

        return new self($entry, Saved::Overtaken, $sentence, $reading);
    }
}
