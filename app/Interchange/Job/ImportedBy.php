<?php

declare(strict_types=1);

namespace App\Interchange\Job;

use App\Models\User;

/** Which file an import came from, and who took it in; nobody where a command did. */
final readonly class ImportedBy
{
    public const LONGEST_NAME = 120;

    public string $file;

    public function __construct(string $file, public ?User $person)
    {
        $this->file = mb_substr(
            (string) preg_replace('/[<>\p{C}\/\\\\]+/u', '-', mb_scrub($file)),
            0,
            self::LONGEST_NAME,
        );
    }
}
