<?php

declare(strict_types=1);

namespace App\Interchange\Job;

use RuntimeException;

/** A file that is not taken in; nothing of it was. */
final class ImportRefused extends RuntimeException
{
    private function __construct(string $sentence, public readonly bool $asksWhatToDo = false)
    {
        parent::__construct($sentence);
    }

    public static function unreadable(string $name): self
    {
        return new self("Expected a file that can be read, and {$name} is none.");
    }

    public static function tooLarge(int $megabytes): self
    {
        return new self("Expected a file of at most {$megabytes} MB. Nothing was imported.");
    }

    public static function noJson(string $why): self
    {
        return new self("Expected a job as JSON, and this file breaks off or is not JSON ({$why}). Nothing was imported.");
    }

    public static function otherFormat(): self
    {
        return new self('Expected a job file of this program: one that says format "'.JobFile::FORMAT.'". Nothing was imported.');
    }

    public static function newer(int $version): self
    {
        return new self("This file is of version {$version}, and this program reads up to version ".JobFile::VERSION.'. Bring the program up to date. Nothing was imported.');
    }

    public static function at(string $pointer, string $expected): self
    {
        return new self("{$pointer}: {$expected} Nothing was imported.");
    }

    /** @param  list<string>  $what  in words */
    public static function exists(array $what): self
    {
        return new self('Here already: '.implode(', ', $what).'. Choose whether to merge it, to take it in as a copy, or to stop. Nothing was taken in yet.', true);
    }

    public static function jobExists(string $title): self
    {
        return new self("The job {$title} is here already, so that there is nothing to merge. Import as a copy, or stop. Nothing was imported.", true);
    }
}
