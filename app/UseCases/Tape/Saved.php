<?php

declare(strict_types=1);

namespace App\UseCases\Tape;

/** What became of an entry. */
enum Saved: string
{
    case Saved = 'saved';
    case Unchanged = 'unchanged';
    case TakenBack = 'taken back';
    case Empty = 'empty';
    case Refused = 'refused';
    case Overtaken = 'overtaken';

    /** Whether the typed text is still waiting for its person. */
    public function isOpen(): bool
    {
        return $this === self::Refused || $this === self::Overtaken;
    }
}
