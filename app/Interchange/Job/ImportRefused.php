<?php

declare(strict_types=1);

namespace App\Interchange\Job;

use App\Words\Text;
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
        return new self(Text::of('expected.import.unreadable', ['name' => $name]));
    }

    public static function tooLarge(int $megabytes): self
    {
        return new self(Text::of('expected.import.too_large', ['megabytes' => $megabytes]));
    }

    public static function noJson(): self
    {
        return new self(Text::of('expected.import.no_json'));
    }

    public static function otherFormat(): self
    {
        return new self(Text::of('expected.import.other_format', ['format' => JobFile::FORMAT]));
    }

    public static function newer(int $version): self
    {
        return new self(Text::of('expected.import.newer', ['version' => $version, 'reads' => JobFile::VERSION]));
    }

    public static function at(string $pointer, string $expected): self
    {
        return new self(Text::of('expected.import.at', ['pointer' => $pointer, 'expected' => $expected]));
    }

    /** @param  list<string>  $what  in words */
    public static function exists(array $what): self
    {
        return new self(Text::of('expected.import.exists', ['what' => implode(', ', $what)]), true);
    }

    public static function jobExists(string $title): self
    {
        return new self(Text::of('expected.import.job_exists', ['title' => $title]), true);
    }
}
